package openbloom.core.verdict;

import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import openbloom.core.moves.Move;
import openbloom.core.stage.Gate;

/** What one rule found in one woman: which moves it touches and what it does to them. */
record Finding(Reason reason, Predicate<Move> touches, Kind kind, Set<Adjustment> adjustments, List<Gate> gates) {}
