/** SVG drawings made from values of the core. */
@NullMarked
package openbloom.core.picture;

import org.jspecify.annotations.NullMarked;
