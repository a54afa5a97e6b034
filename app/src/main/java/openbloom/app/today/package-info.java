/** Who is coming, whose check is due, what changes this week. */
@NullMarked
package openbloom.app.today;

import org.jspecify.annotations.NullMarked;
