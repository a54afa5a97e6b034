package openbloom.core.pelvicfloor;

import static openbloom.core.evidence.Published.BREATH;
import static openbloom.core.evidence.Published.CONTRACTIONS_A_SET;
import static openbloom.core.evidence.Published.EARLY_HOLD;
import static openbloom.core.evidence.Published.EARLY_REPETITIONS;
import static openbloom.core.evidence.Published.FULL_HOLD;
import static openbloom.core.evidence.Published.FULL_REPETITIONS;
import static openbloom.core.evidence.Published.LEAST_REST;
import static openbloom.core.evidence.Published.PAUSE_BEFORE_FLICKS;
import static openbloom.core.evidence.Published.PELVIC_REVIEW;
import static openbloom.core.evidence.Published.SETS_A_DAY;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.pelvicfloor.Prescription.Flicks;
import openbloom.core.pelvicfloor.Prescription.Holds;
import openbloom.core.pelvicfloor.Prescription.Why;

/**
 * Turns a check into practice: release or train, and how much. The check is the prescription (E-PERFECT).
 *
 * @see Progression
 */
public final class Prescriber {
    private static final int SHORTEST_HOLD = 2;
    private static final int FEWEST_HOLDS = 3;
    /** Two easy breaths, no longer than a full hold. */
    static final int GENTLE_SECONDS = Math.min(2 * BREATH.amount(), FULL_HOLD.amount());

    static final int GENTLE_REPETITIONS = 5;
    private static final int AREA_ROUNDS = 3;

    private final PelvicFloorCheck check;
    private final Effort wished;
    private final Allowance allowance;
    private final Habit habit;
    private final List<Why> reasons = new ArrayList<>();

    private Prescriber(PelvicFloorCheck check, Effort wished, Allowance allowance, Habit habit) {
        this.habit = habit;
        this.check = check;
        this.wished = wished;
        this.allowance = allowance;
    }

    /** @param wished by her approach (A6); strong counts only with reliable letting go and no pain */
    public static Prescription of(PelvicFloorCheck check, Effort wished, Allowance allowance) {
        return of(check, wished, allowance, Habit.USUAL);
    }

    /** @param habit how her approach practises: whom it trains, and how often */
    public static Prescription of(PelvicFloorCheck check, Effort wished, Allowance allowance, Habit habit) {
        return new Prescriber(check, wished, allowance, habit).prescribe();
    }

    private Prescription prescribe() {
        Track track = track();
        if (allowance == Allowance.ONE_BREATH && track != Track.RELEASE) {
            return oneBreath();
        }
        return switch (track) {
            case RELEASE -> release();
            case COORDINATE -> coordinate();
            case ENDURANCE -> endurance();
            case FUNCTION -> function();
        };
    }

    private Track track() {
        if (check.isTight()) {
            String tight = check.tone() == Tone.TIGHT
                    ? check.tone().words()
                    : check.lettingGo().words();
            why("Release first: " + tight, Source.E_DOWN);
            return Track.RELEASE;
        }
        if (check.pain() == YesNoUnknown.YES) {
            why("Release first: lifts hurt; refer her to a pelvic health clinician", Source.E_DOWN);
            return Track.RELEASE;
        }
        return isReliable() ? byNumbers() : Track.COORDINATE;
    }

    private boolean isReliable() {
        boolean trained = habit.trainsEveryone() && check.lettingGo() == LettingGo.FULL;
        if (check.tone() == Tone.UNCOORDINATED && !trained || check.tone() == Tone.NONE_FELT) {
            why("Gently first: " + check.tone().words(), Source.E_ICS);
            return false;
        }
        if (check.lettingGo() != LettingGo.FULL) {
            why("Gently first: " + check.lettingGo().words(), Source.E_ICS);
            return false;
        }
        boolean holds = check.holdSeconds() >= SHORTEST_HOLD && check.holdRepetitions() >= FEWEST_HOLDS;
        if (!holds) {
            why(
                    "Gently first: a lift of " + SHORTEST_HOLD + " s cannot be repeated " + FEWEST_HOLDS + " times yet",
                    Source.COMMON_PRACTICE);
        }
        return holds;
    }

    private Track byNumbers() {
        boolean all = check.holdSeconds() >= FULL_HOLD.amount()
                && check.holdRepetitions() >= FULL_REPETITIONS.amount()
                && check.flicks() >= FULL_REPETITIONS.amount();
        return all && allowance == Allowance.FULL ? Track.FUNCTION : Track.ENDURANCE;
    }

    private Prescription oneBreath() {
        why(
                "A third- or fourth-degree tear, not cleared yet: gentle lifts of one breath, once any catheter is out and while"
                        + " comfortable; no flicks, and the strength check after her clinician",
                Source.E_RCOG29);
        Holds holds = new Holds(EARLY_HOLD.amount(), EARLY_REPETITIONS.amount(), 2 * EARLY_HOLD.amount());
        return built(Track.COORDINATE, Effort.GENTLE, holds, Flicks.NONE, SETS_A_DAY.amount(), 0);
    }

    private Prescription release() {
        why(
                "No holds, no flicks, no squeeze: release positions of 1–2 minutes, 2–3 times a day, lengthening on the"
                        + " in-breath",
                Source.E_DOWN);
        why(
                Published.said(
                        "Moves on when full letting-go is felt on {} of 10 on two days and nothing hurts",
                        Published.LETTING_GO_NEEDED),
                Source.COMMON_PRACTICE);
        return built(Track.RELEASE, Effort.GENTLE, Holds.NONE, Flicks.NONE, Published.RELEASES_A_DAY.amount(), 0);
    }

    private Prescription coordinate() {
        int seconds = hold(Math.min(check.holdSeconds(), GENTLE_SECONDS));
        int repetitions = repetitions(Math.min(check.holdRepetitions(), GENTLE_REPETITIONS));
        Holds holds = seconds == 0 || repetitions == 0
                ? Holds.NONE
                : new Holds(seconds, repetitions, Math.max(LEAST_REST.amount(), 2 * seconds));
        Flicks flicks = flicks(Math.min(check.flicks(), GENTLE_REPETITIONS));
        why(
                Published.said(
                        "Gently, {}–{} % of her strength, two easy breaths at most, letting go twice as long",
                        Published.GENTLE_FROM, Published.GENTLE_TO),
                Source.COMMON_PRACTICE);
        why(AREA_ROUNDS + " area rounds: right, left, back, middle, front, letting go between", Source.COMMON_PRACTICE);
        if (holds == Holds.NONE) {
            why(
                    "No hold is asked before a lift is felt: search with the area rounds; felt in no position with any cue,"
                            + " refer",
                    Source.E_ICS);
        }
        return built(Track.COORDINATE, Effort.GENTLE, holds, flicks, SETS_A_DAY.amount(), AREA_ROUNDS);
    }

    private Prescription endurance() {
        int seconds = hold(Math.min(check.holdSeconds(), FULL_HOLD.amount()));
        int repetitions = repetitions(Math.min(check.holdRepetitions(), habit.mostRepetitions()));
        why(
                "Holds of " + seconds + " s × " + repetitions + ": the check showed " + check.holdSeconds() + " s × "
                        + check.holdRepetitions(),
                Source.E_PERFECT);
        Holds holds = new Holds(seconds, repetitions, rest(seconds));
        Flicks flicks = flicks(Math.min(check.flicks(), FULL_REPETITIONS.amount()));
        return built(Track.ENDURANCE, effort(), holds, flicks, setsADay(), 0);
    }

    private Prescription function() {
        why(
                Published.said(
                        "{} holds of {} s and {} flicks are there: take them upright, into exercises, and before a cough or a lift",
                        FULL_REPETITIONS,
                        FULL_HOLD,
                        FULL_REPETITIONS),
                Source.E_KNACK);
        why("One set a day keeps it", Source.COMMON_PRACTICE);
        int seconds = hold(FULL_HOLD.amount());
        int repetitions = repetitions(FULL_REPETITIONS.amount());
        Holds holds = new Holds(seconds, repetitions, rest(seconds));
        return built(Track.FUNCTION, effort(), holds, flicks(FULL_REPETITIONS.amount()), 1, 0);
    }

    private int setsADay() {
        if (habit.setsADay() < SETS_A_DAY.amount()) {
            why(
                    habit.setsADay() + " sets a day by her approach; the trials had " + SETS_A_DAY.amount(),
                    Source.COMMON_PRACTICE);
        }
        return habit.setsADay();
    }

    /** At least 4 s and at least the hold; twice the hold if it fades. */
    private int rest(int seconds) {
        boolean fades = check.fades() == YesNoUnknown.YES;
        int rest = Math.max(LEAST_REST.amount(), fades ? 2 * seconds : seconds);
        why(
                "Let go " + rest + " s after each hold: at least " + LEAST_REST.amount() + " s and at least the hold"
                        + (fades ? ", twice the hold because it fades" : ""),
                Source.COMMON_PRACTICE);
        return rest;
    }

    private int hold(int seconds) {
        if (allowance == Allowance.EARLY && seconds > EARLY_HOLD.amount()) {
            why(
                    "Not cleared yet after the birth: " + EARLY_HOLD.amount() + " s × " + EARLY_REPETITIONS.amount()
                            + " at most, gently, only while comfortable",
                    Source.COMMON_PRACTICE);
            return EARLY_HOLD.amount();
        }
        return seconds;
    }

    private int repetitions(int repetitions) {
        return allowance == Allowance.EARLY ? Math.min(repetitions, EARLY_REPETITIONS.amount()) : repetitions;
    }

    private Flicks flicks(int asked) {
        int repetitions = repetitions(asked);
        if (repetitions == 0) {
            return Flicks.NONE;
        }
        why(
                repetitions + " flicks after a pause of " + PAUSE_BEFORE_FLICKS.amount() + " s: the check showed "
                        + check.flicks(),
                Source.E_PERFECT);
        return new Flicks(repetitions, 1, PAUSE_BEFORE_FLICKS.amount());
    }

    private Effort effort() {
        boolean may = wished == Effort.STRONG && check.pain() == YesNoUnknown.NO && allowance == Allowance.FULL;
        if (wished == Effort.STRONG && !may) {
            String why = allowance == Allowance.FULL ? "that nothing hurts is not known" : "she is not cleared yet";
            why("Gently for now, though her approach is strong: " + why, Source.COMMON_PRACTICE);
        }
        return may ? Effort.STRONG : Effort.GENTLE;
    }

    private Prescription built(Track track, Effort effort, Holds holds, Flicks flicks, int sets, int areaRounds) {
        Holds fill = track == Track.ENDURANCE ? fill(holds, flicks) : Holds.NONE;
        why("Checked again after " + PELVIC_REVIEW.amount() + " days", Source.COMMON_PRACTICE);
        return new Prescription(track, effort, holds, fill, flicks, sets, areaRounds, reasons);
    }

    /** Short holds up to eight lifts a set; none before clearance, when little is the point. */
    private Holds fill(Holds holds, Flicks flicks) {
        int missing = CONTRACTIONS_A_SET.amount() - holds.repetitions() - flicks.repetitions();
        if (missing <= 0 || allowance == Allowance.EARLY) {
            return Holds.NONE;
        }
        why(
                missing + " short holds of " + SHORTEST_HOLD + " s fill the set to " + CONTRACTIONS_A_SET.amount()
                        + ", so that the day comes to " + SETS_A_DAY.amount() * CONTRACTIONS_A_SET.amount(),
                Source.E_NICE);
        return new Holds(SHORTEST_HOLD, missing, LEAST_REST.amount());
    }

    private void why(String sentence, Source source) {
        reasons.add(new Why(sentence, source));
    }
}
