package openbloom.core.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import openbloom.core.moves.BreathPattern;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Steps, totals and seconds worked out by hand from a breath of 6 s, a quick repetition of 4 s (common practice, no source). */
class CountingTest {
    private static Counting of(
            int sets,
            int repetitions,
            int hold,
            int breaths,
            int rest,
            BreathPattern breath,
            Side side,
            ExerciseGroup strand) {
        return Counting.of(new Dose(sets, repetitions, hold, breaths, rest, false), breath, side, strand);
    }

    private static String steps(Counting counting) {
        return counting.repetition().stream()
                .map(step -> step.kind() + " " + step.seconds())
                .collect(Collectors.joining(", "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2|8|0|0|30|OUT  |BOTH       |BRIDGE                |BREATHE_IN 3, MOVE 3|REPETITIONS|16|126",
                "2|8|0|0|30|OUT  |ALTERNATING|LIMB_LOAD             |BREATHE_IN 3, MOVE 3|REPETITIONS|32|222",
                "1|6|0|0|20|EVEN |BOTH       |MOBILITY              |BREATHE_IN 3, BREATHE_OUT 3|REPETITIONS|6|36",
                "3|10|0|0|60|COUNT|LEFT      |STRENGTH_LEGS         |GO 2, AND_BACK 2|REPETITIONS|30|240",
                "1|10|0|0|0|COUNT|BOTH       |PELVIC_FLOOR_QUICK    |LIFT 2, LET_GO 2|REPETITIONS|10|40",
                "1|5|5|0|0|COUNT|BOTH        |PELVIC_FLOOR_ENDURANCE|LIFT_AND_HOLD 5, LET_GO 3|REPETITIONS|5|40",
                "2|4|10|0|30|EVEN|BOTH       |FRONT_SUPPORT         |HOLD 10, LET_GO 3|REPETITIONS|8|134",
                "2|1|10|0|20|EVEN|BOTH       |FRONT_SUPPORT|BREATHE_IN 3, BREATHE_OUT 3, BREATHE_IN 3, BREATHE_OUT 1|SECONDS|20|40",
                "1|2|0|2|0|EVEN|BOTH         |RELEASE|BREATHE_IN 3, BREATHE_OUT 3, BREATHE_IN 3, BREATHE_OUT 3|BREATHS|4|24"
            })
    void countsADose(
            int sets,
            int repetitions,
            int hold,
            int breaths,
            int rest,
            BreathPattern breath,
            Side side,
            ExerciseGroup strand,
            String steps,
            Counting.CountedBy by,
            int total,
            int seconds) {
        Counting counting = of(sets, repetitions, hold, breaths, rest, breath, side, strand);
        assertThat(steps(counting)).isEqualTo(steps);
        assertThat(counting.by()).isEqualTo(by);
        assertThat(counting.total()).isEqualTo(total);
        assertThat(counting.seconds()).isEqualTo(seconds);
    }

    /** Nothing of a count tells a floor to lift that is only to let go. */
    @Test
    void neverSaysLiftWhereNothingIsLifted() {
        assertThat(steps(of(1, 5, 0, 0, 0, BreathPattern.COUNT, Side.BOTH, ExerciseGroup.PELVIC_FLOOR_AREAS)))
                .doesNotContain("LIFT");
        assertThat(steps(of(1, 5, 5, 0, 0, BreathPattern.COUNT, Side.BOTH, ExerciseGroup.PELVIC_FLOOR_AREAS)))
                .doesNotContain("LIFT");
    }

    @Test
    void goesOnByTheClockHoweverManyThatMakes() {
        Counting counting = of(2, 8, 0, 0, 30, BreathPattern.OUT, Side.BOTH, ExerciseGroup.BRIDGE)
                .in(Part.WORK, Format.of(Format.FormatKind.INTERVALS), 50);
        assertThat(counting.seconds()).isEqualTo(50);
        assertThat(counting.total()).isEqualTo(50);
        assertThat(steps(counting)).isEqualTo("BREATHE_IN 3, MOVE 3");
    }
}
