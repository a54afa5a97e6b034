/** Everything that is kept of one woman, to be handed to her. */
@NullMarked
package openbloom.app.export;

import org.jspecify.annotations.NullMarked;
