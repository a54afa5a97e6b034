package openbloom.core.stage;

import static openbloom.core.stage.GateKind.*;
import static openbloom.core.stage.RecoveryStage.*;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.evidence.Published;

/**
 * Where a woman is in her recovery and what the next stage still needs. The shown stage is the highest for which its
 * time floor and its criteria, and those of every stage below it, all hold. Without a birth in the last two years there
 * are no time floors.
 *
 * @param missing the unmet gates of the next stage; empty at the last
 *
 * @see Gate
 * @see RecoveryStage
 */
public record Recovery(RecoveryStage stage, List<Gate> missing) {
    /**
     * The criteria as gates, made by whoever knows the readings.
     *
     * @param gates by kind, each met or open, see {@link Gate}
     */
    public record Criteria(Map<GateKind, Gate> gates) {
        private static final Set<GateKind> ALL = EnumSet.of(
                NO_WARNING_SIGN,
                CLEARANCE,
                WOUND_CLOSED,
                CONNECT,
                NO_HEAVINESS,
                NO_DOMING,
                IMPACT_TESTS,
                SYMPTOM_FREE,
                GAP_RECOVERED);

        /** @throws IllegalArgumentException unless every kind a stage asks for is there */
        public Criteria {
            if (!gates.keySet().equals(ALL)) {
                throw new IllegalArgumentException("Expected " + ALL + ", but was " + gates.keySet());
            }
            gates = Map.copyOf(gates);
        }

        public static Criteria of(Gate... gates) {
            return new Criteria(Stream.of(gates).collect(Collectors.toMap(Gate::kind, Function.identity())));
        }

        private Gate[] of(GateKind... kinds) {
            return Stream.of(kinds).map(gates::get).toArray(Gate[]::new);
        }
    }

    public static Recovery on(LocalDate day, Optional<Birth> birth, Criteria criteria) {
        Map<RecoveryStage, List<Gate>> gates = gates(day, birth.filter(b -> b.isRecentOn(day)), criteria);
        RecoveryStage reached = HEAL;
        for (RecoveryStage next : List.of(RECONNECT, REBUILD, STRENGTHEN, RETURN)) {
            List<Gate> missing =
                    gates.get(next).stream().filter(gate -> !gate.met()).toList();
            if (!missing.isEmpty()) {
                return new Recovery(reached, missing);
            }
            reached = next;
        }
        return new Recovery(RETURN, List.of());
    }

    private static Map<RecoveryStage, List<Gate>> gates(LocalDate day, Optional<Birth> birth, Criteria criteria) {
        Map<RecoveryStage, List<Gate>> gates = new EnumMap<>(RecoveryStage.class);
        gates.put(RECONNECT, with(floor(day, birth, Published.EARLIEST_RECONNECT), criteria.of(NO_WARNING_SIGN)));
        Gate[] rebuild = birth.isPresent() ? criteria.of(CLEARANCE, WOUND_CLOSED) : new Gate[0];
        gates.put(REBUILD, with(floor(day, birth, Published.EARLIEST_REBUILD), rebuild));
        gates.put(
                STRENGTHEN,
                with(floor(day, birth, Published.EARLIEST_STRENGTHEN), criteria.of(CONNECT, NO_HEAVINESS, NO_DOMING)));
        gates.put(RETURN, with(returnFloor(day, birth), criteria.of(IMPACT_TESTS, SYMPTOM_FREE, GAP_RECOVERED)));
        return gates;
    }

    private static List<Gate> with(Optional<Gate> floor, Gate... criteria) {
        return Stream.concat(floor.stream(), Stream.of(criteria)).toList();
    }

    private static Optional<Gate> floor(LocalDate day, Optional<Birth> birth, Published floor) {
        return birth.map(b -> Gate.since(TIME, b.date(), b.date().plusDays(floor.days()), day));
    }

    private static Optional<Gate> returnFloor(LocalDate day, Optional<Birth> birth) {
        return birth.map(b -> Gate.since(TIME, b.date(), b.earliestReturn(), day));
    }
}
