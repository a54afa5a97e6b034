/** Everything that is kept of one woman: handed to her, or erased. */
@NullMarked
package openbloom.app.export;

import org.jspecify.annotations.NullMarked;
