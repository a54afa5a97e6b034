package openbloom.core.breath;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.Enums;

/**
 * What hands round the lower ribs felt, the faults seen, and the positions tried.
 *
 * @param zones how much each zone moves; a zone that is absent was not felt
 * @param positions whether the breath spread evenly there; a position that is absent was not tried
 * @see Breathing
 */
public record BreathCheck(
        Map<BreathZone, Movement> zones, Set<BreathFault> faults, Map<BreathPosition, Boolean> positions) {
    public BreathCheck {
        zones = zones.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(zones));
        faults = Enums.copyOf(faults);
        positions = positions.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(positions));
    }

    public boolean isEmpty() {
        return zones.isEmpty() && faults.isEmpty() && positions.isEmpty();
    }

    /** The gravest fault; even only when all six zones were felt and move freely. */
    public BreathFinding finding() {
        Optional<BreathFault> gravest = faults.stream().findFirst();
        if (gravest.isPresent()) {
            return gravest.get().finding();
        }
        if (zones.isEmpty()) {
            return BreathFinding.UNKNOWN;
        }
        boolean even = zones.size() == BreathZone.values().length
                && zones.values().stream().allMatch(movement -> movement == Movement.FULL);
        return even ? BreathFinding.EVEN : BreathFinding.UNEVEN;
    }

    /** Zones that were felt and do not move freely. */
    public List<BreathZone> lacking() {
        return zones.entrySet().stream()
                .filter(zone -> zone.getValue() != Movement.FULL)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** Left and right ribs were both felt and differ. */
    public boolean isLopsided() {
        Movement left = zones.get(BreathZone.LEFT_RIBS);
        Movement right = zones.get(BreathZone.RIGHT_RIBS);
        return left != null && right != null && left != right;
    }

    /** The first position in which the breath spread evenly. */
    public Optional<BreathPosition> works() {
        return positions.entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** The next position to try: none once one works. */
    public Optional<BreathPosition> next() {
        return works().isPresent()
                ? Optional.empty()
                : Arrays.stream(BreathPosition.values())
                        .filter(position -> !positions.containsKey(position))
                        .findFirst();
    }
}
