/** Safe today and the gap check. */
@NullMarked
package openbloom.app.checks;

import org.jspecify.annotations.NullMarked;
