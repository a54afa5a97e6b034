/** How she breathes, as the breath check showed. */
@NullMarked
package openbloom.core.breath;

import org.jspecify.annotations.NullMarked;
