package openbloom.core.moves;

import java.util.Optional;

/** One thing a move needs and what may stand in for it. */
public record Kit(Equipment needs, Optional<String> substitute) {}
