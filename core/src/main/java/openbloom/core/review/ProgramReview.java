package openbloom.core.review;

import java.time.LocalDate;
import java.util.List;
import openbloom.core.moves.ExerciseGroup;

/**
 * The look back at a block, or at any two days.
 *
 * @param sentences at most three that say the most important, for her
 * @param levels ladders that stood somewhere both times
 * @see ReviewSentences
 * @see OutcomeMeasures
 */
public record ProgramReview(
        LocalDate from,
        LocalDate to,
        List<String> sentences,
        List<Measure> measures,
        List<LevelChange> levels,
        List<GoalOutcome> aims,
        List<Recommendation> proposals) {
    public ProgramReview {
        sentences = List.copyOf(sentences);
        measures = List.copyOf(measures);
        levels = List.copyOf(levels);
        aims = List.copyOf(aims);
        proposals = List.copyOf(proposals);
    }

    /**
     * The level of a ladder then and now.
     *
     * @param before level then, from 0
     * @param after level now, from 0
     * @param top the highest there is
     * @param held whether doming holds it
     */
    public record LevelChange(ExerciseGroup group, int before, int after, int top, boolean held) {}

    public static ProgramReview of(ReviewPeriod look) {
        List<GoalOutcome> aims = look.aims().stream()
                .distinct()
                .map(aim -> GoalOutcome.of(aim, look))
                .toList();
        OutcomeMeasures measures = OutcomeMeasures.of(look);
        return new ProgramReview(
                look.from(),
                look.to(),
                ReviewSentences.of(measures, aims, look.done()),
                measures.all(),
                measures.levels(),
                aims,
                Recommendation.of(look, aims));
    }
}
