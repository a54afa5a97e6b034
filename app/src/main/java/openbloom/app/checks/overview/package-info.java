/** The check room as a whole: what was found last, what is due, and everything in the order of its days. */
@NullMarked
package openbloom.app.checks.overview;

import org.jspecify.annotations.NullMarked;
