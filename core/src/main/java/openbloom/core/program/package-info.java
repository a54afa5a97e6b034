/** Dose and time: sessions composed from what a woman may do. */
@NullMarked
package openbloom.core.program;

import org.jspecify.annotations.NullMarked;
