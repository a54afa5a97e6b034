/** From a woman, a day and a move to a verdict with its reasons. */
@NullMarked
package openbloom.core.verdict;

import org.jspecify.annotations.NullMarked;
