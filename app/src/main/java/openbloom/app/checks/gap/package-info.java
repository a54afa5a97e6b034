/** The gap check: measuring, keeping, comparing, carrying in and out. */
@NullMarked
package openbloom.app.checks.gap;

import org.jspecify.annotations.NullMarked;
