/** What the pelvic floor check showed, told without an internal examination. */
@NullMarked
package openbloom.core.pelvicfloor;

import org.jspecify.annotations.NullMarked;
