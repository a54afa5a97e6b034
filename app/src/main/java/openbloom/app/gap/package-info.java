/** The gap check: measuring, keeping, comparing, carrying in and out. */
@NullMarked
package openbloom.app.gap;

import org.jspecify.annotations.NullMarked;
