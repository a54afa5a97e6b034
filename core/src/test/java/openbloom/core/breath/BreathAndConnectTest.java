package openbloom.core.breath;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BreathAndConnectTest {
    /** Six zones as letters F freely, S a little, N still, - not felt; faults; what that is called. Common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "FFFFFF, '', EVEN",
        "FFFFFS, '', UNEVEN",
        "FFFFF-, '', UNEVEN",
        "NNNNNN, '', UNEVEN",
        "------, '', UNKNOWN",
        "FFFFFF, HELD, HELD",
        "FFFFFF, BEARING_DOWN;HELD, BEARING_DOWN",
        "------, UPPER_CHEST, UPPER_CHEST",
        "NNNNFN, BELLY_ONLY, BELLY_ONLY",
        "FFFFFF, UPPER_CHEST;BELLY_ONLY, UPPER_CHEST"
    })
    void namesTheGravestFaultAndEvenOnlyWhenAllSixMoveFreely(String zones, String faults, BreathFinding finding) {
        BreathCheck check = new BreathCheck(zones(zones), faults(faults), Map.of());
        assertThat(check.finding()).isEqualTo(finding);
        assertThat(check.isEmpty()).isEqualTo(finding == BreathFinding.UNKNOWN);
    }

    @ParameterizedTest
    @CsvSource({"FFSFFF, true", "FFFFFF, false", "FF-FFF, false", "FNNFFF, false", "FSFFFF, true"})
    void seesWhenLeftAndRightDiffer(String zones, boolean lopsided) {
        assertThat(new BreathCheck(zones(zones), Set.of(), Map.of()).isLopsided())
                .isEqualTo(lopsided);
    }

    @Test
    void triesPositionsInTurnUntilOneWorks() {
        assertThat(tried().next()).contains(BreathPosition.ON_THE_BACK);
        assertThat(tried("ON_THE_BACK=no").next()).contains(BreathPosition.ON_THE_SIDE);
        assertThat(tried("ON_THE_BACK=no", "ROUNDED_ON_HEELS=no").next()).contains(BreathPosition.ON_THE_SIDE);
        BreathCheck works = tried("ON_THE_BACK=no", "ON_THE_SIDE=yes", "STANDING=yes");
        assertThat(works.works()).contains(BreathPosition.ON_THE_SIDE);
        assertThat(works.next()).isEmpty();
        BreathCheck nowhere = tried(Arrays.stream(BreathPosition.values())
                .map(position -> position + "=no")
                .toArray(String[]::new));
        assertThat(nowhere.next()).isEmpty();
        assertThat(nowhere.works()).isEmpty();
    }

    @Test
    void tellsWhichZonesToReach() {
        BreathCheck check = new BreathCheck(zones("FSNF-F"), Set.of(), Map.of());
        assertThat(check.lacking()).containsExactly(BreathZone.LEFT_RIBS, BreathZone.RIGHT_RIBS);
    }

    @Test
    void countsOnlyPositionsThatWereTried() {
        assertThat(ConnectCheck.NOT_CHECKED.positionsFelt()).isEmpty();
        assertThat(ConnectCheck.NOT_CHECKED.next()).contains(ConnectPosition.LYING);
        ConnectCheck check = new ConnectCheck(
                Map.of(CueFamily.DRAW_IN, false, CueFamily.UPWARD_SWEEP, true, CueFamily.WHOLE_HUG, true),
                Map.of(ConnectPosition.LYING, true, ConnectPosition.SITTING, false),
                Set.of(ConnectFault.BACK_TENSES));
        assertThat(check.positionsFelt()).contains(1);
        assertThat(check.works()).contains(CueFamily.UPWARD_SWEEP);
        assertThat(check.next()).contains(ConnectPosition.HANDS_AND_KNEES);
        assertThat(check.has(ConnectFault.BACK_TENSES)).isTrue();
        assertThat(check.has(ConnectFault.BREATH_HELD)).isFalse();
        assertThat(CueFamily.TRIED).hasSize(6).doesNotContain(CueFamily.PLAIN);
    }

    private static BreathCheck tried(String... positions) {
        Map<BreathPosition, Boolean> tried = Arrays.stream(positions)
                .map(one -> one.split("="))
                .collect(Collectors.toMap(parts -> BreathPosition.valueOf(parts[0]), parts -> parts[1].equals("yes")));
        return new BreathCheck(Map.of(), Set.of(), tried);
    }

    private static Map<BreathZone, Movement> zones(String letters) {
        Map<BreathZone, Movement> zones = new EnumMap<>(BreathZone.class);
        for (BreathZone zone : BreathZone.values()) {
            switch (letters.charAt(zone.ordinal())) {
                case 'F' -> zones.put(zone, Movement.FULL);
                case 'S' -> zones.put(zone, Movement.SOME);
                case 'N' -> zones.put(zone, Movement.NONE);
                default -> {
                    // not felt
                }
            }
        }
        return zones;
    }

    private static Set<BreathFault> faults(String names) {
        Set<BreathFault> faults = EnumSet.noneOf(BreathFault.class);
        Arrays.stream(names.split(";"))
                .filter(name -> !name.isEmpty())
                .map(BreathFault::valueOf)
                .forEach(faults::add);
        return faults;
    }
}
