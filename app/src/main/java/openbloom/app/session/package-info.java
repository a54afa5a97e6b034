/** Composed sessions: shown, taught, printed, answered. */
@NullMarked
package openbloom.app.session;

import org.jspecify.annotations.NullMarked;
