package openbloom.core.letter;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.core.gap.Measured;
import openbloom.core.gap.RepeatabilityInUse;
import openbloom.core.pelvicfloor.DatedCheck;
import openbloom.core.record.Goal;
import openbloom.core.review.GoalOutcome;
import openbloom.core.review.ProgramReview;
import openbloom.core.verdict.Judgement;

/**
 * What a letter is drafted from.
 *
 * @param from who writes it, as it stands under it
 * @param name hers, in full
 * @param bornIn year of her birth; empty where nobody told it
 * @param now her record as it is judged today
 * @param done what she has done since the first look at her
 * @see Letter
 */
public record LetterFacts(
        String from, String name, Optional<Integer> bornIn, Judgement now, GapFound gap, FloorFound floor, Done done) {
    /**
     * Her gap as it was read first and last, by the same person and method where there are two such.
     *
     * @param ofSite how far two readings of one site may differ, by the method of the later one
     */
    public record GapFound(Optional<Measured> first, Optional<Measured> now, RepeatabilityInUse ofSite) {}

    /** Her pelvic floor as it was checked first and last. */
    public record FloorFound(Optional<DatedCheck> first, Optional<DatedCheck> now) {}

    /**
     * What was done.
     *
     * @param since the first day anything is known of her in this pregnancy or since the latest birth
     * @param sessions that were taught or practised since then
     * @param minutes of those
     * @param levels of ladders then and now
     * @param aims what she came for, and what became of each
     */
    public record Done(
            LocalDate since,
            int sessions,
            int minutes,
            List<ProgramReview.LevelChange> levels,
            List<GoalOutcome> aims) {
        public Done {
            levels = List.copyOf(levels);
            aims = List.copyOf(aims);
        }

        List<Goal> goals() {
            return aims.stream().map(GoalOutcome::aim).toList();
        }
    }

    LocalDate today() {
        return now.facts().day();
    }
}
