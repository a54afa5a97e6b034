/** When a ladder moves on: from what was done and noted to a decision with its reasons. */
@NullMarked
package openbloom.core.progress;

import org.jspecify.annotations.NullMarked;
