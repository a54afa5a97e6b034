package openbloom.core.review;

import java.time.LocalDate;
import java.util.List;

/** The look back at a block, or at any two days. */
public record ProgramReview(
        LocalDate from, LocalDate to, List<Measure> measures, List<GoalOutcome> aims, List<Recommendation> proposals) {
    public ProgramReview {
        measures = List.copyOf(measures);
        aims = List.copyOf(aims);
        proposals = List.copyOf(proposals);
    }

    public static ProgramReview of(ReviewPeriod look) {
        List<GoalOutcome> aims = look.aims().stream()
                .distinct()
                .map(aim -> GoalOutcome.of(aim, look))
                .toList();
        return new ProgramReview(look.from(), look.to(), OutcomeMeasures.of(look), aims, Recommendation.of(look, aims));
    }
}
