/** The JSON interface for other programs. */
@NullMarked
package openbloom.app.api;

import org.jspecify.annotations.NullMarked;
