/** Studios, the people who work in them, and signing in. */
@NullMarked
package openbloom.app.studio;

import org.jspecify.annotations.NullMarked;
