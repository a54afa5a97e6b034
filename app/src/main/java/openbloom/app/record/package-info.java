/** Gathers what is kept of a woman into what the rules read. */
@NullMarked
package openbloom.app.record;

import org.jspecify.annotations.NullMarked;
