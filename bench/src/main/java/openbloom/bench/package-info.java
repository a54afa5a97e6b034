/** Measurements; not part of the default build. */
@NullMarked
package openbloom.bench;

import org.jspecify.annotations.NullMarked;
