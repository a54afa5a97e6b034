package openbloom.core.moves;

/**
 * Where a move stands: among the others and in the room.
 *
 * @param rung its place in its strand, from 1; versions share a rung
 *
 * @see Move
 * @see MoveReader
 */
public record Placing(ExerciseGroup strand, int rung, Purpose purpose, Position position, Surface surface) {}
