/** Weeks and days, due dates, trimesters and four-week blocks. */
@NullMarked
package openbloom.core.dating;

import org.jspecify.annotations.NullMarked;
