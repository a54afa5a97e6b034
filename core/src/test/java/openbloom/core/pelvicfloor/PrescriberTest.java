package openbloom.core.pelvicfloor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import openbloom.core.YesNoUnknown;
import openbloom.core.pelvicfloor.Prescription.Holds;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PrescriberTest {
    private static final Progression TRAINING = Progression.of(Track.ENDURANCE, Allowance.FULL, YesNoUnknown.NO);
    private static final LocalDate DAY = LocalDate.of(2026, 6, 1);

    /** The PERFECT worked case 4/6/4//7: value from memory of Laycock & Jerwood 2001. */
    @Test
    void theCheckIsThePrescription() {
        Prescription given = Prescriber.of(check(6, 4, 7, "TYPICAL", "FULL", "NO"), Effort.GENTLE, Allowance.FULL);
        assertThat(given.track()).isEqualTo(Track.ENDURANCE);
        assertThat(given.holds()).isEqualTo(new Holds(6, 4, 6));
        assertThat(given.flicks()).isEqualTo(new Prescription.Flicks(7, 1, 60));
        assertThat(given.shortHolds()).isEqualTo(Holds.NONE);
        assertThat(given.contractionsPerDay()).isEqualTo(33);
        assertThat(given.reviewAfterDays()).isEqualTo(14);
        assertThat(given.reasons()).extracting(Prescription.Why::words).anyMatch(why -> why.contains("6 s × 4"));
        Prescription short4 = Prescriber.of(check(4, 6, 7, "TYPICAL", "FULL", "NO"), Effort.GENTLE, Allowance.FULL);
        assertThat(short4.holds().restSeconds()).isEqualTo(4);
    }

    @ParameterizedTest
    @CsvSource({
        // hold s, repetitions, flicks, tone, letting go, pain, allowance: track and dose (seconds x repetitions /
        // flicks)
        "6, 4, 7, TIGHT, FULL, NO, FULL, RELEASE, 0x0/0",
        "6, 4, 7, TYPICAL, ABSENT, NO, FULL, RELEASE, 0x0/0",
        "6, 4, 7, TYPICAL, FULL, YES, FULL, RELEASE, 0x0/0",
        "6, 4, 7, TYPICAL, FULL, NO, ONE_BREATH, COORDINATE, 3x5/0",
        "6, 4, 7, TYPICAL, PARTIAL, NO, FULL, COORDINATE, 6x4/5",
        "6, 4, 7, TYPICAL, UNKNOWN, NO, FULL, COORDINATE, 6x4/5",
        "12, 9, 9, UNCOORDINATED, FULL, NO, FULL, COORDINATE, 10x5/5",
        "0, 0, 0, NONE_FELT, FULL, NO, FULL, COORDINATE, 0x0/0",
        "1, 4, 7, WEAK, FULL, NO, FULL, COORDINATE, 1x4/5",
        "2, 2, 7, WEAK, FULL, NO, FULL, COORDINATE, 2x2/5",
        "2, 3, 7, WEAK, FULL, NO, FULL, ENDURANCE, 2x3/7",
        "9, 10, 10, TYPICAL, FULL, NO, FULL, ENDURANCE, 9x10/10",
        "10, 9, 10, TYPICAL, FULL, NO, FULL, ENDURANCE, 10x9/10",
        "10, 10, 9, TYPICAL, FULL, NO, FULL, ENDURANCE, 10x10/9",
        "10, 10, 10, TYPICAL, FULL, NO, FULL, FUNCTION, 10x10/10",
        "30, 20, 20, TYPICAL, FULL, UNKNOWN, FULL, FUNCTION, 10x10/10",
        "10, 10, 10, TYPICAL, FULL, NO, EARLY, ENDURANCE, 3x5/5",
        "2, 3, 2, TYPICAL, FULL, NO, EARLY, ENDURANCE, 2x3/2"
    })
    void goesByItsTableAtEveryBoundary(
            int seconds,
            int repetitions,
            int flicks,
            String tone,
            String go,
            String pain,
            Allowance allowance,
            Track track,
            String dose) {
        Prescription given =
                Prescriber.of(check(seconds, repetitions, flicks, tone, go, pain), Effort.GENTLE, allowance);
        assertThat(given.track()).isEqualTo(track);
        assertThat(given.holds().seconds() + "x" + given.holds().repetitions() + "/"
                        + given.flicks().repetitions())
                .isEqualTo(dose);
    }

    /** From memory of NICE NG123: at least 8 contractions, 3 times a day. */
    @ParameterizedTest
    @CsvSource({"2, 3, 2, 3", "2, 3, 0, 5", "2, 4, 4, 0", "2, 3, 4, 1"})
    void fillsASetToEightWithShortHolds(int seconds, int repetitions, int flicks, int shortHolds) {
        Prescription given =
                Prescriber.of(check(seconds, repetitions, flicks, "WEAK", "FULL", "NO"), Effort.GENTLE, Allowance.FULL);
        assertThat(given.shortHolds().repetitions()).isEqualTo(shortHolds);
        assertThat(given.contractionsPerDay()).isGreaterThanOrEqualTo(24);
        assertThat(given.reasons().stream().anyMatch(why -> why.words().contains("E-NICE")))
                .isEqualTo(shortHolds > 0);
    }

    @ParameterizedTest
    @CsvSource({
        "STRONG, NO, FULL, STRONG",
        "STRONG, UNKNOWN, FULL, GENTLE",
        "STRONG, NO, EARLY, GENTLE",
        "GENTLE, NO, FULL, GENTLE"
    })
    void isStrongOnlyWithNoPainAndClearance(Effort wished, String pain, Allowance allowance, Effort given) {
        assertThat(Prescriber.of(check(6, 6, 6, "TYPICAL", "FULL", pain), wished, allowance)
                        .effort())
                .isEqualTo(given);
    }

    /** For every check: never more than it showed, no squeeze in release, letting go at least as long as the lift. */
    @Property(seed = "20261129")
    void neverAsksMoreThanTheCheckShowed(
            @ForAll @IntRange(max = 60) int seconds,
            @ForAll @IntRange(max = 30) int repetitions,
            @ForAll @IntRange(max = 50) int flicks,
            @ForAll LettingGo lettingGo,
            @ForAll Tone tone,
            @ForAll YesNoUnknown pain,
            @ForAll YesNoUnknown fades,
            @ForAll Effort effort,
            @ForAll Allowance allowance) {
        PelvicFloorCheck check = new PelvicFloorCheck(seconds, repetitions, flicks, lettingGo, tone, pain, fades);
        Prescription given = Prescriber.of(check, effort, allowance);
        boolean oneBreath = allowance == Allowance.ONE_BREATH;
        assertThat(given.holds().seconds()).isLessThanOrEqualTo(oneBreath ? 3 : seconds);
        assertThat(given.holds().repetitions()).isLessThanOrEqualTo(oneBreath ? 5 : repetitions);
        assertThat(given.flicks().repetitions()).isLessThanOrEqualTo(flicks);
        assertThat(given.shortHolds().seconds()).isLessThanOrEqualTo(seconds);
        assertThat(given.holds().restSeconds())
                .isGreaterThanOrEqualTo(given.holds().seconds());
        assertThat(given.shortHolds().restSeconds())
                .isGreaterThanOrEqualTo(given.shortHolds().seconds());
        assertThat(given.track() == Track.RELEASE && given.isSqueeze()).isFalse();
        assertThat(given.reasons()).isNotEmpty();
        if (given.track() == Track.ENDURANCE && allowance == Allowance.FULL) {
            assertThat(given.contractionsPerDay()).isGreaterThanOrEqualTo(24);
        }
        if (lettingGo != LettingGo.FULL || pain == YesNoUnknown.YES || allowance == Allowance.EARLY) {
            assertThat(given.effort()).isEqualTo(Effort.GENTLE);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "ABSENT, NO, NO, NO, YES, 8, 8, TIGHT",
        "PARTIAL, YES, NO, NO, YES, 8, 8, TIGHT",
        "PARTIAL, NO, YES, NO, YES, 8, 8, TIGHT",
        "PARTIAL, NO, NO, YES, YES, 8, 8, UNCOORDINATED",
        "FULL, NO, NO, YES, YES, 8, 8, UNCOORDINATED",
        "FULL, NO, NO, NO, NO, 0, 0, NONE_FELT",
        "UNKNOWN, NO, NO, NO, YES, 8, 8, UNKNOWN",
        "FULL, NO, NO, NO, YES, 0, 8, UNKNOWN",
        "FULL, NO, NO, NO, YES, 4, 8, WEAK",
        "FULL, NO, NO, NO, YES, 5, 4, WEAK",
        "FULL, NO, NO, NO, YES, 5, 5, TYPICAL"
    })
    void namesTheToneByItsRule(
            LettingGo go,
            YesNoUnknown pain,
            YesNoUnknown strains,
            YesNoUnknown bears,
            YesNoUnknown felt,
            int seconds,
            int flicks,
            Tone tone) {
        ToneRule.ToneFound found =
                ToneRule.of(new ToneRule.ToneAnswers(felt, bears, strains, pain, go, seconds, flicks));
        assertThat(found.tone()).isEqualTo(tone);
        assertThat(found.because()).isNotBlank();
    }

    @ParameterizedTest
    @CsvSource({
        // dose, practices a day: G done fully, P partly, F faded, H hurt: next dose
        "6x4, G, 6x4",
        "6x4, GG, 6x5",
        "4x6, GG, 5x6",
        "6x6, GG, 7x6",
        "6x4, GF, 5x4",
        "6x4, GGH, 5x4",
        "6x4, PP, 6x4",
        "10x10, GG, 10x10",
        "10x4, GG, 10x5",
        "1x3, F, 1x2",
        "1x1, F, 1x1"
    })
    void movesOnAfterTwoFullDaysAndBackOnFadingOrPain(String dose, String days, String next) {
        List<Progression.FloorPracticeDay> practices = new ArrayList<>();
        for (int i = 0; i < days.length(); i++) {
            char day = days.charAt(i);
            practices.add(
                    new Progression.FloorPracticeDay(DAY.plusDays(i), day == 'G', true, day == 'F', day == 'H', false));
        }
        String[] parts = dose.split("x");
        Holds holds = new Holds(Integer.parseInt(parts[0]), Integer.parseInt(parts[1]), 10);
        Holds after = TRAINING.after(holds, practices).holds();
        assertThat(after.seconds() + "x" + after.repetitions()).isEqualTo(next);
        assertThat(after.restSeconds()).isGreaterThanOrEqualTo(after.seconds());
    }

    @Test
    void beginsAnewWithEveryChangeOfTheDose() {
        List<Progression.FloorPracticeDay> practices = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            practices.add(new Progression.FloorPracticeDay(DAY.plusDays(i), true, true, false, false, false));
        }
        assertThat(TRAINING.through(new Holds(4, 6, 4), practices).holds()).isEqualTo(new Holds(6, 6, 6));
        practices.add(new Progression.FloorPracticeDay(DAY.plusDays(5), true, true, true, false, false));
        assertThat(TRAINING.through(new Holds(4, 6, 4), practices).holds()).isEqualTo(new Holds(5, 6, 5));
        assertThat(TRAINING.through(Holds.NONE, practices).holds()).isEqualTo(Holds.NONE);
    }

    /** From memory of Klovning 2009. */
    @ParameterizedTest
    @CsvSource({
        "0, NONE",
        "1, SLIGHT",
        "5, SLIGHT",
        "6, MODERATE",
        "12, MODERATE",
        "13, SEVERE",
        "18, SEVERE",
        "19, VERY_SEVERE",
        "21, VERY_SEVERE"
    })
    void bandsALeakageTotal(int total, LeakageBand band) {
        assertThat(LeakageBand.of(total)).isEqualTo(band);
        assertThatIllegalArgumentException().isThrownBy(() -> LeakageBand.of(22));
    }

    private static PelvicFloorCheck check(
            int seconds, int repetitions, int flicks, String tone, String go, String pain) {
        return new PelvicFloorCheck(
                seconds,
                repetitions,
                flicks,
                LettingGo.valueOf(go),
                Tone.valueOf(tone),
                YesNoUnknown.valueOf(pain),
                YesNoUnknown.NO);
    }
}
