/** Cards for between the sessions, without a count. */
@NullMarked
package openbloom.core.care;

import org.jspecify.annotations.NullMarked;
