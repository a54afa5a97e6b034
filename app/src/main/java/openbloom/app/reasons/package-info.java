/** Every rule and source as a page. */
@NullMarked
package openbloom.app.reasons;

import org.jspecify.annotations.NullMarked;
