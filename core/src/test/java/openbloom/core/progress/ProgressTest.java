package openbloom.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.record.Client;
import openbloom.core.record.LadderDecision;
import openbloom.core.record.LadderStatus;
import openbloom.core.record.Training;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.Judgement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Each row of the decision table at its borders; the expected decisions were written from the table before anything ran.
 * Pauses, two good days and 48 hours are common practice, no source; pain above 5 of 10 stops (E-PAIN).
 */
class ProgressTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    private static Client.Builder well() {
        return Client.of(0, 0, 34).trained(Training.REGULAR);
    }

    private static Judgement judged(Client.Builder woman) {
        return Judgement.of(CATALOGUE, woman.build(), DAY);
    }

    private static Proposal bridge(LadderDay... days) {
        return Progress.of(judged(well()), ExerciseGroup.BRIDGE, Arrays.asList(days));
    }

    private static LadderDay good(int daysAgo, int rung, int step) {
        return day(daysAgo, rung, step, Set.of(), Pain.NONE, PerceivedEffort.RIGHT, 8);
    }

    private static LadderDay against(int daysAgo, LadderDay.PlannedAgainst... what) {
        return day(daysAgo, 2, 2, Set.of(what), Pain.NONE, PerceivedEffort.RIGHT, 8);
    }

    private static LadderDay hurting(int now, int before, Pain.PainRegion place, Optional<Integer> morning) {
        return day(1, 2, 2, Set.of(), new Pain(now, before, Optional.of(place), morning), PerceivedEffort.RIGHT, 8);
    }

    private static LadderDay day(
            int daysAgo,
            int rung,
            int step,
            Set<LadderDay.PlannedAgainst> noted,
            Pain pain,
            PerceivedEffort felt,
            int repetitionsDone) {
        return new LadderDay(
                DAY.minusDays(daysAgo),
                rung,
                step,
                new LadderDay.DoseDone(repetitionsDone, 8),
                noted,
                pain,
                new LadderDay.Report(Optional.of(felt), false, true));
    }

    /** All done and nothing seen; told as the report says. */
    private static LadderDay told(int daysAgo, int rung, LadderDay.Report report) {
        return new LadderDay(
                DAY.minusDays(daysAgo), rung, 2, new LadderDay.DoseDone(8, 8), Set.of(), Pain.NONE, report);
    }

    private static LadderDay fromHome(int daysAgo) {
        return told(daysAgo, 2, new LadderDay.Report(Optional.of(PerceivedEffort.EASY), true, true));
    }

    private static void is(Proposal proposal, Decision decision, int rung, int step) {
        assertThat(List.of(proposal.decision(), proposal.rung(), proposal.step()))
                .as(proposal.reasons().toString())
                .isEqualTo(List.of(decision, rung, step));
        assertThat(proposal.reasons()).isNotEmpty().doesNotHaveDuplicates();
    }

    @Test
    void stopsForAWarningSignWhateverElseWentWell() {
        Judgement bleeding = judged(well().warningSigns(DAY, Set.of(WarningSign.BLEEDING_AFTER_EXERCISE)));
        is(Progress.of(bleeding, ExerciseGroup.BRIDGE, List.of(good(3, 2, 2), good(1, 2, 2))), Decision.STOP, 2, 2);
    }

    @Test
    void stopsAbovePainFiveAndForPainWithFloorLifts() {
        is(bridge(hurting(6, 6, Pain.PainRegion.ELSEWHERE, Optional.of(0))), Decision.STOP, 2, 2);
        assertThat(bridge(hurting(5, 5, Pain.PainRegion.ELSEWHERE, Optional.of(0)))
                        .decision())
                .isNotEqualTo(Decision.STOP);
        Pain little = new Pain(1, 0, Optional.empty(), Optional.of(0));
        LadderDay lift = day(1, 3, 2, Set.of(), little, PerceivedEffort.RIGHT, 8);
        is(Progress.of(judged(well()), ExerciseGroup.PELVIC_FLOOR_ENDURANCE, List.of(lift)), Decision.STOP, 3, 2);
    }

    @Test
    void goesDownForDomingLeakAndHeavinessOnTheLatestDayOnly() {
        for (LadderDay.PlannedAgainst what : List.of(
                LadderDay.PlannedAgainst.DOMED, LadderDay.PlannedAgainst.LEAKED, LadderDay.PlannedAgainst.HEAVY)) {
            is(bridge(good(5, 2, 2), against(1, what)), Decision.DOWN, 1, 1);
            assertThat(bridge(against(5, what), good(1, 2, 2)).decision()).isNotEqualTo(Decision.DOWN);
        }
        is(bridge(good(5, 2, 2), against(1, LadderDay.PlannedAgainst.DOMED_UNTIL_CUED)), Decision.STAY, 2, 2);
    }

    @ParameterizedTest
    @CsvSource({
        "3, 2, SCAR, , DOWN",
        "3, 3, SCAR, , STAY",
        "2, 0, SCAR, , STAY",
        "3, 0, FLOOR, 0, DOWN",
        "2, 0, ELSEWHERE, , DOWN",
        "2, 0, ELSEWHERE, 1, DOWN",
        "2, 0, ELSEWHERE, 0, STAY",
        "1, 0, ELSEWHERE, , STAY",
        "4, 3, ELSEWHERE, , STAY",
        "4, 2, ELSEWHERE, 3, DOWN"
    })
    void weighsPainByItsPlaceAndWhatThereWasBefore(
            int now, int before, Pain.PainRegion place, Integer morning, Decision expected) {
        Proposal proposal = bridge(good(4, 2, 2), hurting(now, before, place, Optional.ofNullable(morning)));
        assertThat(proposal.decision()).isEqualTo(expected);
    }

    /** Pain that was there before, on both days: up to 3 elsewhere and 2 at floor or scar it keeps nothing back. */
    @ParameterizedTest
    @CsvSource({
        "3, ELSEWHERE, UP",
        "4, ELSEWHERE, STAY",
        "5, ELSEWHERE, STAY",
        "2, SCAR, UP",
        "3, SCAR, STAY",
        "4, SCAR, STAY",
        "2, FLOOR, UP",
        "4, FLOOR, STAY"
    })
    void constantPainOfFourNeverRaisesARung(int pain, Pain.PainRegion place, Decision expected) {
        Pain same = new Pain(pain, pain, Optional.of(place), Optional.of(pain));
        LadderDay first = day(5, 2, 2, Set.of(), same, PerceivedEffort.RIGHT, 8);
        LadderDay second = day(2, 2, 2, Set.of(), same, PerceivedEffort.RIGHT, 8);
        assertThat(bridge(first, second).decision()).isEqualTo(expected);
        assertThat(bridge(first, good(2, 2, 2)).decision())
                .as("one of two good days")
                .isEqualTo(expected);
    }

    @Test
    void staysWhereNobodyAskedHowHardItFelt() {
        LadderDay done = told(1, 2, new LadderDay.Report(Optional.empty(), false, true));
        Proposal proposal = bridge(good(4, 2, 2), done);
        is(proposal, Decision.STAY, 2, 2);
        assertThat(proposal.reasons()).containsExactly("done; how hard it felt was not asked");
    }

    @Test
    void goesDownForStrainOnTwoDaysRunningButNotOnce() {
        is(
                bridge(
                        against(3, LadderDay.PlannedAgainst.TOOK_OVER),
                        against(1, LadderDay.PlannedAgainst.BREATH_HELD)),
                Decision.DOWN,
                1,
                1);
        is(bridge(good(3, 2, 2), against(1, LadderDay.PlannedAgainst.BREATH_HELD)), Decision.STAY, 2, 2);
    }

    @Test
    void offersASwapWhereThereIsNoRungBelow() {
        LadderDay domed = day(1, 1, 2, Set.of(LadderDay.PlannedAgainst.DOMED), Pain.NONE, PerceivedEffort.RIGHT, 8);
        Proposal proposal = bridge(domed);
        is(proposal, Decision.DOWN, 1, 1);
        assertThat(proposal.swap()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"13, STAY, 4, 2", "14, DOWN, 3, 2", "41, DOWN, 3, 2", "42, DOWN, 2, 1", "400, DOWN, 2, 1"})
    void goesDownAfterAPause(int daysAgo, Decision decision, int rung, int step) {
        is(bridge(good(daysAgo, 4, 2)), decision, rung, step);
    }

    /** A pause is one without any session at all; other ladders were practised meanwhile. */
    @Test
    void isNoPauseWhileOtherLaddersArePractised() {
        Proposal proposal =
                Progress.of(judged(well()), ExerciseGroup.BRIDGE, List.of(good(20, 4, 2)), DAY.minusDays(3));
        is(proposal, Decision.STAY, 4, 2);
        is(
                Progress.of(judged(well()), ExerciseGroup.BRIDGE, List.of(good(20, 4, 2)), DAY.minusDays(14)),
                Decision.DOWN,
                3,
                2);
    }

    @Test
    void takesTheWholeDoseAfterOneGoodDayAndTheNextRungAfterTwo() {
        is(bridge(good(1, 2, 1)), Decision.UP, 2, 2);
        is(bridge(good(1, 2, 2)), Decision.STAY, 2, 2);
        is(bridge(good(1, 2, 2), good(1, 2, 2)), Decision.STAY, 2, 2);
        is(bridge(good(2, 2, 2), good(1, 2, 2)), Decision.UP, 3, 1);
        is(bridge(good(4, 1, 2), good(1, 2, 2)), Decision.STAY, 2, 2);
    }

    @Test
    void entersTheNextRungWithTheWholeDoseWhenBothFeltTooEasy() {
        LadderDay easy = day(3, 2, 2, Set.of(), Pain.NONE, PerceivedEffort.TOO_EASY, 8);
        LadderDay easyToo = day(1, 2, 2, Set.of(), Pain.NONE, PerceivedEffort.TOO_EASY, 8);
        is(bridge(easy, easyToo), Decision.UP, 3, 2);
        is(bridge(easy, good(1, 2, 2)), Decision.UP, 3, 1);
    }

    private static Proposal decidedBridge(LadderDecision decision, LadderDay... days) {
        return decidedBridge(List.of(decision), days);
    }

    private static Proposal decidedBridge(List<LadderDecision> decisions, LadderDay... days) {
        LadderStatus decided =
                LadderStatus.after(List.of(), List.of(), new LadderStatus.DecidedRung(decisions, List.of()));
        return Progress.of(judged(well().standing(decided)), ExerciseGroup.BRIDGE, Arrays.asList(days));
    }

    /** A class or a gentler session takes no level back; only what spoke against it does (common sense, no source). */
    @Test
    void aGoodDayBelowHerLevelTakesNothingBack() {
        LadderDecision four = new LadderDecision(DAY.minusDays(10), ExerciseGroup.BRIDGE, 4, 2);
        is(decidedBridge(four, good(1, 3, 2)), Decision.STAY, 4, 2);
        is(decidedBridge(four, good(3, 2, 2), good(1, 2, 2)), Decision.STAY, 4, 2);
        assertThat(decidedBridge(four, good(1, 3, 2)).reasons())
                .containsExactly("a good day, but on a level below hers: she stays on hers");
        LadderDay unasked = told(1, 3, new LadderDay.Report(Optional.empty(), false, true));
        is(decidedBridge(four, unasked), Decision.STAY, 4, 2);
        LadderDay tooHard = day(1, 3, 2, Set.of(), Pain.NONE, PerceivedEffort.TOO_HARD, 8);
        is(decidedBridge(four, tooHard), Decision.STAY, 3, 2);
        is(decidedBridge(four, day(1, 3, 2, Set.of(), Pain.NONE, PerceivedEffort.RIGHT, 7)), Decision.STAY, 3, 2);
        is(decidedBridge(four, against(1, LadderDay.PlannedAgainst.DOMED)), Decision.DOWN, 1, 1);
        is(decidedBridge(four, against(1, LadderDay.PlannedAgainst.TOOK_OVER)), Decision.STAY, 2, 2);
        is(decidedBridge(four, hurting(2, 1, Pain.PainRegion.ELSEWHERE, Optional.empty())), Decision.STAY, 2, 2);
        is(decidedBridge(four, hurting(4, 4, Pain.PainRegion.ELSEWHERE, Optional.empty())), Decision.STAY, 2, 2);
    }

    /** Between two good days on her level a good one below it does not begin the count anew; days before she came to it do. */
    @Test
    void passesOverAGentlerDayBetweenTwoGoodOnes() {
        LadderDecision two = new LadderDecision(DAY.minusDays(10), ExerciseGroup.BRIDGE, 2, 2);
        is(decidedBridge(two, good(5, 2, 2), good(3, 1, 2), good(1, 2, 2)), Decision.UP, 3, 1);
        LadderDay hard = day(3, 1, 2, Set.of(), Pain.NONE, PerceivedEffort.TOO_HARD, 8);
        is(decidedBridge(two, good(5, 2, 2), hard, good(1, 2, 2)), Decision.STAY, 2, 2);
        List<LadderDecision> stays = List.of(
                new LadderDecision(DAY.minusDays(20), ExerciseGroup.BRIDGE, 2, 2),
                new LadderDecision(DAY.minusDays(5), ExerciseGroup.BRIDGE, 2, 2));
        is(decidedBridge(stays, good(12, 2, 2), good(8, 1, 2), good(1, 2, 2)), Decision.UP, 3, 1);
        is(decidedBridge(two, good(20, 2, 2), good(12, 1, 2), good(1, 2, 2)), Decision.STAY, 2, 2);
        is(decidedBridge(two, good(20, 2, 2), good(10, 1, 2), good(1, 2, 2)), Decision.STAY, 2, 2);
    }

    @Test
    void waitsFortyEightHoursAfterDoming() {
        LadderDay cued = against(3, LadderDay.PlannedAgainst.DOMED_UNTIL_CUED);
        is(bridge(good(5, 2, 2), cued, good(2, 2, 2)), Decision.STAY, 2, 2);
        is(bridge(good(5, 2, 2), cued, good(1, 2, 2)), Decision.UP, 3, 1);
    }

    @Test
    void countsAtMostOneGoodDayFromHome() {
        is(bridge(fromHome(3), fromHome(1)), Decision.STAY, 2, 2);
        is(bridge(fromHome(3), good(1, 2, 2)), Decision.UP, 3, 1);
    }

    @Test
    void staysWhenItWasTooHardOrLessWasDoneOrNotAllWasAsked() {
        is(bridge(good(3, 2, 2), day(1, 2, 2, Set.of(), Pain.NONE, PerceivedEffort.TOO_HARD, 8)), Decision.STAY, 2, 2);
        is(bridge(good(3, 2, 2), day(1, 2, 2, Set.of(), Pain.NONE, PerceivedEffort.RIGHT, 7)), Decision.STAY, 2, 2);
        LadderDay unasked = told(1, 2, new LadderDay.Report(Optional.of(PerceivedEffort.EASY), false, false));
        is(bridge(good(3, 2, 2), unasked), Decision.STAY, 2, 2);
        assertThat(bridge().decision()).isEqualTo(Decision.STAY);
    }

    /** Pregnant at 20 weeks curls wait, so the rung above the head nod is earned and held; at 34 weeks nothing rises. */
    @Test
    void holdsWhatIsEarnedAndDoesNotPass() {
        Client.Builder pregnant = well().pregnant(Dating.stated(DAY.plusDays(280 - 20 * 7)));
        Proposal held = Progress.of(judged(pregnant), ExerciseGroup.FLEXION, List.of(good(3, 2, 2), good(1, 2, 2)));
        is(held, Decision.HELD, 2, 3);
        Client.Builder late = well().pregnant(Dating.stated(DAY.plusDays(280 - 34 * 7)));
        is(Progress.of(judged(late), ExerciseGroup.BREATH, List.of(good(3, 2, 2), good(1, 2, 2))), Decision.HELD, 2, 2);
        Client.Builder before = well().pregnant(Dating.stated(DAY.plusDays(281 - 34 * 7)));
        is(Progress.of(judged(before), ExerciseGroup.BREATH, List.of(good(3, 2, 2), good(1, 2, 2))), Decision.UP, 3, 1);
    }

    @Test
    void namesTheGatesThatHold() {
        Client.Builder wide = Client.of(1, 1, 34).gaveBirth(birth(DAY.minusWeeks(9)));
        Proposal held = Progress.of(judged(wide), ExerciseGroup.FLEXION, List.of(good(3, 2, 2), good(1, 2, 2)));
        assertThat(held.decision()).isEqualTo(Decision.HELD);
        assertThat(held.heldBy()).isNotEmpty().noneMatch(gate -> gate.met());
    }

    @Test
    void aBirthClosesWhatWasBefore() {
        Client.Builder newly = Client.of(1, 1, 34).gaveBirth(birth(DAY.minusDays(5)));
        Proposal anew = Progress.of(judged(newly), ExerciseGroup.BREATH, List.of(good(9, 4, 2), good(7, 4, 2)));
        assertThat(anew.decision()).isEqualTo(Decision.STAY);
        assertThat(anew.step()).isEqualTo(1);
    }

    private static Birth birth(LocalDate on) {
        return new Birth(on, BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES);
    }

    @Test
    void staysAtTheTopWithOneSetMore() {
        int top = CATALOGUE.topRung(ExerciseGroup.BRIDGE);
        is(bridge(good(3, top, 2), good(1, top, 2)), Decision.STAY, top, 3);
    }

    /** Two thirds rounded up, at most three sets: common practice, no source. */
    @Test
    void changesTheDoseByItsStep() {
        Dose written = new Dose(2, 8, 0, 0, 30, false);
        assertThat(DoseStep.of(written, 1)).isEqualTo(new Dose(2, 6, 0, 0, 30, false));
        assertThat(DoseStep.of(written, 2)).isEqualTo(written);
        assertThat(DoseStep.of(written, 3)).isEqualTo(new Dose(3, 8, 0, 0, 30, false));
        assertThat(DoseStep.of(written.withSets(3), 3).sets()).isEqualTo(3);
        assertThat(DoseStep.of(new Dose(1, 1, 20, 0, 0, false), 1).holdSeconds())
                .isEqualTo(14);
        assertThat(DoseStep.of(new Dose(1, 1, 0, 10, 0, false), 1).breaths()).isEqualTo(7);
        assertThat(DoseStep.of(new Dose(1, 5, 10, 0, 0, false), 1)).isEqualTo(new Dose(1, 4, 10, 0, 0, false));
    }

    @Test
    void beginsAtWhatIsHersOrAtALoadHerTrainingAllows() {
        assertThat(StartingLevel.of(judged(well().rungs(Map.of(ExerciseGroup.BRIDGE, 5))), ExerciseGroup.BRIDGE))
                .isEqualTo(5);
        assertThat(StartingLevel.of(judged(asked(Training.NONE)), ExerciseGroup.STRENGTH_LEGS))
                .isLessThan(StartingLevel.of(judged(asked(Training.SPORT)), ExerciseGroup.STRENGTH_LEGS));
    }

    private static Client.Builder asked(Training before) {
        return Client.of(0, 0, 34)
                .trained(before)
                .warningSigns(DAY, Set.of())
                .conditions(DAY, Set.of())
                .symptoms(SymptomReport.none(DAY));
    }

    /** 1,000 women over 12 weeks with noisy answers: nobody moves up within 48 hours of doming, and every rung exists. */
    @Test
    void neverMovesUpWithinTwoDaysOfDoming() {
        for (int woman = 0; woman < 1_000; woman++) {
            Random chance = new Random(woman);
            List<LadderDay> days = new ArrayList<>();
            int rung = 1;
            int step = 1;
            LocalDate domed = LocalDate.MIN;
            for (int ago = 84; ago > 0; ago -= 1 + chance.nextInt(4)) {
                LocalDate on = DAY.minusDays(ago);
                Set<LadderDay.PlannedAgainst> noted = chance.nextInt(6) == 0
                        ? Set.of(
                                chance.nextBoolean()
                                        ? LadderDay.PlannedAgainst.DOMED
                                        : LadderDay.PlannedAgainst.DOMED_UNTIL_CUED)
                        : Set.of();
                domed = noted.isEmpty() ? domed : on;
                days.add(new LadderDay(
                        on,
                        rung,
                        step,
                        new LadderDay.DoseDone(chance.nextInt(8) == 0 ? 5 : 8, 8),
                        noted,
                        Pain.NONE,
                        new LadderDay.Report(
                                Optional.of(PerceivedEffort.values()[chance.nextInt(4)]),
                                chance.nextInt(4) == 0,
                                true)));
                Judgement then = Judgement.of(CATALOGUE, well().build(), on);
                Proposal proposal = Progress.of(then, ExerciseGroup.BRIDGE, days);
                boolean risen = proposal.rung() > rung;
                assertThat(risen && on.isBefore(domed.plusDays(2)))
                        .as("woman " + woman)
                        .isFalse();
                assertThat(proposal.rung()).isBetween(1, CATALOGUE.topRung(ExerciseGroup.BRIDGE));
                rung = proposal.rung();
                step = proposal.step();
            }
        }
    }

    /** Each row of what keeps a level, said in its own words. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "DOMED_UNTIL_CUED |0|0|8|RIGHT   |domed, corrected with a cue",
                "BREATH_HELD      |0|0|8|RIGHT   |breath held or another part compensated, once",
                "TOOK_OVER        |0|0|8|RIGHT   |breath held or another part compensated, once",
                "                 |1|0|8|RIGHT   |a little more pain than before",
                "                 |4|4|8|RIGHT   |pain 4 of 10, as before: no level rises with it",
                "                 |0|0|7|RIGHT   |less done than asked",
                "                 |0|0|8|TOO_HARD|too hard"
            })
    void saysWhatKeepsALevel(
            LadderDay.PlannedAgainst against, int now, int before, int done, PerceivedEffort felt, String why) {
        Pain pain = new Pain(now, before, Optional.of(Pain.PainRegion.ELSEWHERE), Optional.of(0));
        LadderDay day = day(1, 2, 2, against == null ? Set.of() : Set.of(against), pain, felt, done);
        Proposal proposal = bridge(day);
        is(proposal, Decision.STAY, 2, 2);
        assertThat(proposal.reasons()).containsExactly(why);
    }

    /** P-PAUSE-1: 14 days one level down with the whole dose, 42 days two down with the least and a look first. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "13|3|STAY|3|2|a good day: one more on another day earns the next level",
                "14|3|DOWN|2|2|14 days without a session",
                "41|3|DOWN|2|2|41 days without a session",
                "42|4|DOWN|2|1|42 days without a session: look again first",
                "14|1|DOWN|1|1|14 days without a session",
                "42|2|DOWN|1|1|42 days without a session: look again first"
            })
    void aPauseIsSaidInDays(int daysAgo, int rung, Decision decision, int to, int step, String why) {
        Proposal proposal = bridge(good(daysAgo, rung, 2));
        is(proposal, decision, to, step);
        assertThat(proposal.reasons()).containsExactly(why);
    }

    @Test
    void saysWhyItGoesDown() {
        assertThat(bridge(hurting(3, 0, Pain.PainRegion.SCAR, Optional.of(0))).reasons())
                .containsExactly("scar pain 3 of 10, before 0");
        assertThat(bridge(hurting(3, 0, Pain.PainRegion.FLOOR, Optional.of(0))).reasons())
                .containsExactly("pelvic floor pain 3 of 10, before 0");
        assertThat(bridge(hurting(3, 3, Pain.PainRegion.SCAR, Optional.of(0))).decision())
                .as("no more than before")
                .isEqualTo(Decision.STAY);
        assertThat(bridge(hurting(3, 1, Pain.PainRegion.ELSEWHERE, Optional.empty()))
                        .reasons())
                .containsExactly("pain 3 of 10, before 1, next morning not asked");
        assertThat(bridge(hurting(3, 1, Pain.PainRegion.ELSEWHERE, Optional.of(2)))
                        .reasons())
                .containsExactly("pain 3 of 10, before 1, not gone next morning");
        assertThat(bridge(against(1, LadderDay.PlannedAgainst.DOMED)).reasons()).containsExactly("domed");
        Proposal bottom =
                bridge(day(1, 1, 2, Set.of(LadderDay.PlannedAgainst.LEAKED), Pain.NONE, PerceivedEffort.RIGHT, 8));
        assertThat(bottom.reasons())
                .containsExactly("leaked", "there is no level below: another exercise of the same purpose is offered");
        assertThat(bottom.swap()).isTrue();
        assertThat(bridge(against(1, LadderDay.PlannedAgainst.LEAKED)).swap()).isFalse();
    }

    @Test
    void namesAWarningSign() {
        Judgement bleeding = judged(well().warningSigns(DAY, Set.of(WarningSign.BLEEDING_AFTER_EXERCISE)));
        assertThat(Progress.of(bleeding, ExerciseGroup.BRIDGE, List.of(good(1, 2, 2)))
                        .reasons())
                .containsExactly("warning sign: " + WarningSign.BLEEDING_AFTER_EXERCISE.words());
        LadderDay cued = day(1, 2, 2, Set.of(), Pain.NONE, PerceivedEffort.RIGHT, 8);
        LadderDay domed =
                day(2, 1, 2, Set.of(LadderDay.PlannedAgainst.DOMED_UNTIL_CUED), Pain.NONE, PerceivedEffort.RIGHT, 8);
        assertThat(bridge(good(9, 2, 2), domed, cued).reasons())
                .as("two days are 48 hours")
                .noneMatch(why -> why.contains("hours"));
        assertThat(bridge(good(9, 2, 2), good(4, 2, 2), day(1, 2, 2, Set.of(), Pain.NONE, PerceivedEffort.RIGHT, 8))
                        .decision())
                .isEqualTo(Decision.UP);
    }

    @Test
    void twoThatFeltTooEasySaySo() {
        LadderDay first = day(4, 2, 2, Set.of(), Pain.NONE, PerceivedEffort.TOO_EASY, 8);
        LadderDay second = day(1, 2, 2, Set.of(), Pain.NONE, PerceivedEffort.TOO_EASY, 8);
        assertThat(bridge(first, second).reasons())
                .containsExactly(
                        "two good days with the whole dose",
                        "both felt too easy: the next level begins with the whole dose");
        assertThat(bridge(good(4, 2, 2), second).reasons()).containsExactly("two good days with the whole dose");
    }
}
