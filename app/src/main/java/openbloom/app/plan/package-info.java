/** What she may do, and why. */
@NullMarked
package openbloom.app.plan;

import org.jspecify.annotations.NullMarked;
