package openbloom.core.verdict;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import openbloom.core.Days;
import openbloom.core.evidence.Published;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Birth;

/**
 * What a check may ask of her on a day (common practice, no source).
 *
 * @see Published
 * @see Condition
 */
public final class CheckWindow {
    private CheckWindow() {}

    /** How far the pelvic floor may be tried. */
    public enum PelvicFloorWindow {
        OPEN("Everything may be tried."),
        GENTLE(Published.said(
                "The first six weeks after a birth: gentle only. Lifts of at most {} s, at most {}, and only if comfortable.",
                Published.EARLY_HOLD,
                Published.EARLY_REPETITIONS)),
        CLINICIAN_FIRST(
                "A third- or fourth-degree tear without a clearance: her clinician looks at her pelvic floor first. Ask only.");

        private final String words;

        PelvicFloorWindow(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Gentle only before six weeks; after a deep tear her clinician first. */
    public static PelvicFloorWindow floor(Facts facts) {
        Optional<Birth> birth = facts.recentBirth();
        boolean deepTear = birth.filter(last -> last.tear().reachesSphincter()).isPresent();
        if (deepTear && facts.client().medical().clearance().isEmpty()) {
            return PelvicFloorWindow.CLINICIAN_FIRST;
        }
        return facts.isWithinOfBirth(Published.FULL_CHECK_AFTER_BIRTH)
                ? PelvicFloorWindow.GENTLE
                : PelvicFloorWindow.OPEN;
    }

    /** Whether a check asked more than the day allows. */
    public static boolean isTooMuch(PelvicFloorWindow window, PelvicFloorCheck check) {
        return switch (window) {
            case OPEN -> false;
            case GENTLE ->
                check.holdSeconds() > Published.EARLY_HOLD.amount()
                        || check.holdRepetitions() > Published.EARLY_REPETITIONS.amount()
                        || check.flicks() > Published.EARLY_REPETITIONS.amount();
            case CLINICIAN_FIRST -> check.holdSeconds() > 0 || check.holdRepetitions() > 0 || check.flicks() > 0;
        };
    }

    /** Why the head is not lifted today; empty when it may be. */
    public static Optional<String> noHeadLift(Facts facts) {
        LocalDate day = facts.day();
        if (facts.has(Condition.OSTEOPOROSIS) || facts.has(Condition.VERTEBRAL_FRACTURE)) {
            return Optional.of("fragile bones: read at rest and with one foot floating only");
        }
        if (facts.isPregnantFrom(Published.THIRD_TRIMESTER.amount())) {
            return Optional.of(Published.said(
                    "from {} weeks the head is not lifted: look for doming in what she does",
                    Published.THIRD_TRIMESTER));
        }
        if (facts.has(Symptom.DIZZY_LYING_DOWN)) {
            return Optional.of("dizzy when lying: look for doming in what she does");
        }
        return facts.recentBirth()
                .map(CheckSchedule::headLiftFrom)
                .filter(day::isBefore)
                .map(from -> "after this birth the head is not lifted before " + Days.words(from));
    }

    /** The highest rung to try today: at most one above what passes. */
    public static int highestTry(Judgement judgement, ExerciseGroup strand) {
        return judgement.catalogue().ladder(strand).stream()
                .filter(move -> judgement.of(move).passes())
                .map(Move::rung)
                .max(Comparator.naturalOrder())
                .map(rung -> rung + 1)
                .orElse(1);
    }
}
