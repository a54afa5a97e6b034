package openbloom.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** The three sentences that stand on top of a review: the gap, what she came for, and the levels. */
final class ReviewSentences {
    private ReviewSentences() {}

    static List<String> of(OutcomeMeasures measures, List<GoalOutcome> aims, ReviewPeriod.SessionsDone done) {
        List<String> sentences = new ArrayList<>();
        measures.gapSentence().ifPresent(sentences::add);
        aims.stream().limit(1).map(ReviewSentences::aim).forEach(sentences::add);
        levels(measures.levels(), done, sentences);
        return sentences;
    }

    private static String aim(GoalOutcome aim) {
        String words = "“" + aim.aim().words() + "”";
        return switch (aim.state()) {
            case REACHED -> "Reached: " + words + " (" + aim.why() + ").";
            case ON_THE_WAY -> "On the way: " + words + " (" + aim.why() + ").";
            case NO_CHANGE_SINCE -> "No change yet: " + words + " (" + aim.why() + ").";
            case NOT_READ -> "Nobody can say yet: " + words + " (" + aim.why() + ").";
            case CLOSED -> words + " is closed (" + aim.why() + ").";
        };
    }

    private static void levels(
            List<ProgramReview.LevelChange> levels, ReviewPeriod.SessionsDone done, List<String> sentences) {
        String higher = names(levels, level -> level.after() > level.before());
        String held = names(levels, ProgramReview.LevelChange::held);
        String went = higher.isEmpty() ? "" : "A level up: " + higher + ". ";
        String waits = held.isEmpty() ? "" : "Waits until it stays flat: " + held + ".";
        if (!went.isEmpty() || !waits.isEmpty()) {
            sentences.add((went + waits).strip());
        } else if (!levels.isEmpty()) {
            sentences.add("Every level stands where it stood; " + done.doneSessions() + " of " + done.plannedSessions()
                    + " sessions were done.");
        }
    }

    private static String names(List<ProgramReview.LevelChange> levels, Predicate<ProgramReview.LevelChange> which) {
        return levels.stream()
                .filter(which)
                .map(level -> level.group().wordsWithin())
                .collect(Collectors.joining("; "));
    }
}
