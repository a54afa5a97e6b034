/** The catalogue as pages. */
@NullMarked
package openbloom.app.moves;

import org.jspecify.annotations.NullMarked;
