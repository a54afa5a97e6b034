/** Readings of the abdominal midline and how each school reads them. */
@NullMarked
package openbloom.core.gap;

import org.jspecify.annotations.NullMarked;
