/** The catalogue of moves: strands, ladders, doses, loader and checker. */
@NullMarked
package openbloom.core.moves;

import org.jspecify.annotations.NullMarked;
