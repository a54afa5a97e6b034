package openbloom.core.pelvicfloor;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import net.jqwik.api.constraints.IntRange;
import openbloom.core.YesNoUnknown;
import openbloom.core.pelvicfloor.Prescription.Holds;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A dose moved by whatever practices came. */
class ProgressionPropertyTest {
    private static final LocalDate DAY = LocalDate.of(2026, 6, 1);

    @Provide
    Arbitrary<List<Progression.FloorPracticeDay>> practices() {
        Arbitrary<Boolean> often =
                Arbitraries.frequencyOf(Tuple.of(4, Arbitraries.just(true)), Tuple.of(1, Arbitraries.just(false)));
        Arbitrary<Boolean> seldom = often.map(one -> !one);
        return Combinators.combine(Arbitraries.integers().between(0, 2), often, often, seldom, seldom, seldom)
                .as((days, full, letGo, faded, hurt, heavy) ->
                        new Progression.FloorPracticeDay(DAY.plusDays(days), full, letGo, faded, hurt, heavy))
                .list()
                .ofMaxSize(30)
                .map(ProgressionPropertyTest::oneAfterTheOther);
    }

    private static List<Progression.FloorPracticeDay> oneAfterTheOther(List<Progression.FloorPracticeDay> apart) {
        List<Progression.FloorPracticeDay> dated = new ArrayList<>();
        LocalDate day = DAY;
        for (Progression.FloorPracticeDay one : apart) {
            day = day.plusDays(one.on().toEpochDay() - DAY.toEpochDay());
            dated.add(new Progression.FloorPracticeDay(
                    day, one.fullSet(), one.fullLettingGo(), one.faded(), one.hurt(), one.heavy()));
        }
        return dated;
    }

    @Property(tries = 2_000, seed = "20261125")
    void staysWithinItsBoundsAndMovesAStepAtATime(
            @ForAll("practices") List<Progression.FloorPracticeDay> practices,
            @ForAll Allowance allowance,
            @ForAll Track track,
            @ForAll @IntRange(min = 2, max = 10) int seconds,
            @ForAll @IntRange(min = 3, max = 10) int repetitions) {
        Progression progression = Progression.of(track, allowance, YesNoUnknown.NO);
        Holds start = new Holds(
                Math.min(seconds, progression.longest()),
                Math.min(repetitions, progression.most()),
                progression.restTimes() * 10);
        Holds before = start;
        for (int count = 1; count <= practices.size(); count++) {
            Holds now = progression.through(start, practices.subList(0, count)).holds();
            assertThat(now.seconds()).isBetween(1, progression.longest());
            assertThat(now.repetitions()).isBetween(1, progression.most());
            assertThat(now.restSeconds()).isGreaterThanOrEqualTo(Math.max(4, progression.restTimes() * now.seconds()));
            int grown = now.seconds() + now.repetitions() - before.seconds() - before.repetitions();
            assertThat(grown).isBetween(-1, 1);
            Progression.FloorPracticeDay latest = practices.get(count - 1);
            if (latest.isAgainst() && before.seconds() + before.repetitions() > 2) {
                assertThat(grown).isEqualTo(-1);
            } else if (!latest.isGood()) {
                assertThat(grown).isLessThanOrEqualTo(0);
            }
            before = now;
        }
    }

    /** At most 3 s × 5 before clearance, and two breaths × 5 while a lift is still being found, no longer than 10 s. */
    @ParameterizedTest
    @CsvSource({
        "ENDURANCE, EARLY, NO, 3, 5, 1",
        "ENDURANCE, FULL, NO, 10, 10, 1",
        "ENDURANCE, FULL, YES, 10, 10, 2",
        "ENDURANCE, FULL, UNKNOWN, 10, 10, 1",
        "COORDINATE, FULL, NO, 10, 5, 2",
        "COORDINATE, EARLY, NO, 3, 5, 2",
        "FUNCTION, FULL, NO, 10, 10, 1"
    })
    void growsNoFurtherThanIsAskedThere(
            Track track, Allowance allowance, YesNoUnknown fades, int longest, int most, int restTimes) {
        Progression progression = Progression.of(track, allowance, fades);
        assertThat(progression).isEqualTo(new Progression(restTimes, longest, most));
        List<Progression.FloorPracticeDay> good = IntStream.range(0, 60)
                .mapToObj(day -> new Progression.FloorPracticeDay(DAY.plusDays(day), true, true, false, false, false))
                .toList();
        assertThat(progression.through(new Holds(2, 3, 4), good).holds())
                .isEqualTo(new Holds(longest, most, Math.max(4, restTimes * longest)));
    }

    /** The second practice of a day counts as much as the first. */
    @Test
    void stepsBackWhicheverPracticeOfTheDayHurt() {
        Progression progression = Progression.of(Track.ENDURANCE, Allowance.FULL, YesNoUnknown.NO);
        Progression.FloorPracticeDay good = new Progression.FloorPracticeDay(DAY, true, true, false, false, false);
        Progression.FloorPracticeDay hurt = new Progression.FloorPracticeDay(DAY, true, true, false, true, false);
        assertThat(progression.through(new Holds(5, 5, 5), List.of(good, hurt)))
                .isEqualTo(new Progression.ProgressionStep(new Holds(4, 5, 4), "One back: it hurt."));
        assertThat(progression.after(new Holds(5, 5, 5), List.of(hurt, good)).holds())
                .isEqualTo(new Holds(4, 5, 4));
    }

    @Property(tries = 500, seed = "20261125")
    void saysWhyWhateverCame(@ForAll("practices") List<Progression.FloorPracticeDay> practices) {
        Progression.ProgressionStep step =
                Progression.of(Track.ENDURANCE, Allowance.FULL, YesNoUnknown.NO).through(new Holds(5, 5, 5), practices);
        assertThat(step.why()).endsWith(".");
        boolean untouched = practices.stream().noneMatch(Progression.FloorPracticeDay::isAgainst)
                && practices.stream()
                                .filter(Progression.FloorPracticeDay::isGood)
                                .map(Progression.FloorPracticeDay::on)
                                .distinct()
                                .count()
                        < 2;
        if (untouched) {
            assertThat(step.holds()).isEqualTo(new Holds(5, 5, 5));
        }
    }
}
