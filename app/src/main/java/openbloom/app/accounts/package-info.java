/** Studios, the people who work in them, and signing in. */
@NullMarked
package openbloom.app.accounts;

import org.jspecify.annotations.NullMarked;
