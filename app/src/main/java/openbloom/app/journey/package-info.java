/** Her record through time. */
@NullMarked
package openbloom.app.journey;

import org.jspecify.annotations.NullMarked;
