package openbloom.core.gap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import openbloom.core.YesNoUnknown;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An examiner's own fingers, and what connecting changes. */
class FingersAndGainTest {
    private static final LocalDate DAY = LocalDate.of(2026, 6, 1);

    /** However broad the fingers are: told one by one or laid together they are the same, and never mistaken. */
    @Property(tries = 2_000, seed = "20261125")
    void fingerByFingerAndLaidTogetherAreTheSame(
            @ForAll @IntRange(min = 8, max = 30) int index,
            @ForAll @IntRange(min = 8, max = 30) int middle,
            @ForAll @IntRange(min = 8, max = 30) int ring,
            @ForAll @IntRange(min = 8, max = 30) int little) {
        List<Integer> together = List.of(index, index + middle, index + middle + ring, index + middle + ring + little);
        FingerWidths fingers = FingerWidths.told(List.of(index, middle, ring, little));
        assertThat(fingers).isEqualTo(FingerWidths.told(together)).isEqualTo(new FingerWidths(together));
        assertThat(FingerWidths.parse(fingers.toString())).isEqualTo(fingers);
        int before = 0;
        for (int halves = 1; halves <= Width.WIDEST_HALF_FINGERS; halves++) {
            int mm = fingers.mmOf(new Width.Fingers(halves));
            assertThat(mm).isGreaterThan(before);
            before = mm;
        }
        assertThat(fingers.mmOf(new Width.Fingers(0))).isZero();
        assertThat(fingers.mmOf(new Width.Fingers(4))).isEqualTo(index + middle);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "15,16,16|there were 3",
                "7,16,16,15|finger 1 was 7",
                "15,46,62,77|finger 2 was 31",
                "15,31,31,47|finger 3 was 0",
                "40,31,47,62|finger 1 was 40"
            })
    void refusesWhatIsNoHand(String told, String named) {
        List<Integer> mm = Arrays.stream(told.split(",")).map(Integer::valueOf).toList();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> FingerWidths.told(mm))
                .withMessageContaining(named);
    }

    /** Half fingers or mm, depth and firmness on the small lift and connected, and what is said of it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "f6 SECOND_KNUCKLE 1|f5 FIRST_KNUCKLE 2|½ finger narrower, 1 knuckle less deep, floor 1 firmer|true",
                "f6 DEEPER 0|f2 SURFACE 3|2 fingers narrower, 3 knuckle less deep, floor 3 firmer|true",
                "f4 SURFACE 2|f4 SURFACE 2|same width, same depth, floor as firm as before|false",
                "f4 FIRST_KNUCKLE 2|f5 SECOND_KNUCKLE 1|½ finger wider, 1 knuckle deeper, floor 1 softer|false",
                "m30 FIRST_KNUCKLE 2|m24 FIRST_KNUCKLE 2|6 mm narrower, same depth, floor as firm as before|true",
                "m24 SURFACE 2|m30 SURFACE 3|6 mm wider, same depth, floor 1 firmer|true",
                "f4 SURFACE 2|m30 SURFACE 2|width not comparable, same depth, floor as firm as before|false"
            })
    void saysWhatConnectingChanges(String lift, String connected, String words, boolean helps) {
        ConnectedGain gain = ConnectedGain.of(
                        new GapCheck(DAY, List.of(at(GapState.LIFT, lift), at(GapState.CONNECTED, connected))))
                .orElseThrow();
        assertThat(gain.words()).isEqualTo(words);
        assertThat(gain.helps()).isEqualTo(helps);
    }

    @Test
    void takesTheWidestSpotThatWasReadBothWays() {
        GapReading widest = reading(new Spot(Site.ABOVE, 45), GapState.LIFT, "f8 SURFACE 2");
        GapReading both = reading(new Spot(Site.BELOW, 45), GapState.LIFT, "f5 SURFACE 2");
        GapReading connected = reading(new Spot(Site.BELOW, 45), GapState.CONNECTED, "f4 SURFACE 2");
        assertThat(ConnectedGain.of(new GapCheck(DAY, List.of(widest, both, connected))))
                .map(ConnectedGain::spot)
                .contains(new Spot(Site.BELOW, 45));
        assertThat(ConnectedGain.of(new GapCheck(DAY, List.of(widest)))).isEmpty();
    }

    private static GapReading at(GapState state, String written) {
        return reading(Spot.usual(Site.NAVEL), state, written);
    }

    /** {@code f6 SECOND_KNUCKLE 1}: six half fingers; {@code m30 …}: 30 mm. */
    private static GapReading reading(Spot spot, GapState state, String written) {
        String[] parts = written.split(" ");
        int amount = Integer.parseInt(parts[0].substring(1));
        Width width = parts[0].startsWith("f") ? Width.ofHalfFingers(amount) : new Width.Millimetres(amount);
        return new GapReading(
                spot,
                state,
                width,
                Optional.of(Depth.valueOf(parts[1])),
                Optional.of(Firmness.of(Integer.parseInt(parts[2]))),
                YesNoUnknown.UNKNOWN,
                false);
    }
}
