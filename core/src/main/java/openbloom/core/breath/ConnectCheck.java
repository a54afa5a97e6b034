package openbloom.core.breath;

import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.Enums;

/**
 * Which cue firms the deep abdominal layer under a finger, in which positions, and the faults seen.
 *
 * @param cues whether a family worked; a family that is absent was not tried
 * @param positions whether the layer was felt there; a position that is absent was not tried
 * @see ConnectPosition
 * @see ConnectFault
 */
public record ConnectCheck(
        Map<CueFamily, Boolean> cues, Map<ConnectPosition, Boolean> positions, Set<ConnectFault> faults) {
    public static final ConnectCheck NOT_CHECKED = new ConnectCheck(Map.of(), Map.of(), Set.of());

    public ConnectCheck {
        cues = cues.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(cues));
        positions = positions.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(positions));
        faults = Enums.copyOf(faults);
    }

    public boolean isEmpty() {
        return cues.isEmpty() && positions.isEmpty() && faults.isEmpty();
    }

    /** The first family that works. */
    public Optional<CueFamily> works() {
        return cues.entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** How many positions it was felt in; empty when no position was tried. */
    public Optional<Integer> positionsFelt() {
        return positions.isEmpty()
                ? Optional.empty()
                : Optional.of(Math.toIntExact(
                        positions.values().stream().filter(felt -> felt).count()));
    }

    /** The hardest position it was felt in; empty where it was felt in none. */
    public Optional<ConnectPosition> highestFelt() {
        return positions.entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(Map.Entry::getKey)
                .max(Comparator.naturalOrder());
    }

    /** The next position to look in: the first that was not tried. */
    public Optional<ConnectPosition> next() {
        return Arrays.stream(ConnectPosition.values())
                .filter(position -> !positions.containsKey(position))
                .findFirst();
    }

    public boolean has(ConnectFault fault) {
        return faults.contains(fault);
    }
}
