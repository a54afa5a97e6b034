package openbloom.app.program;

import java.util.List;
import openbloom.core.picture.ChangeBar;
import openbloom.core.picture.LadderBeads;
import openbloom.core.review.Measure;
import openbloom.core.review.ProgramReview;

/** A review as it is looked at: a bar for each thing measured on a scale, a row of beads for each ladder. */
final class ReviewPicture {
    private ReviewPicture() {}

    /** @param isReal whether the difference is more than measuring twice explains */
    record MeasuredBar(String what, String before, String after, boolean isReal, String picture) {}

    /** @param isHeld whether doming holds it */
    record LadderRow(String name, boolean isHeld, String picture) {}

    /** Levels have beads of their own. */
    static List<MeasuredBar> bars(ProgramReview review) {
        List<String> ladders = review.levels().stream()
                .map(level -> level.group().words() + ", level")
                .toList();
        return review.measures().stream()
                .filter(measure -> !ladders.contains(measure.what()))
                .flatMap(measure -> measure.scale().map(scale -> bar(measure, scale)).stream())
                .toList();
    }

    private static MeasuredBar bar(Measure measure, Measure.MeasureScale scale) {
        boolean real = measure.verdict() == Measure.MeasureVerdict.REAL_CHANGE;
        String name = measure.what() + ": " + measure.before() + " before, " + measure.after() + " now, "
                + measure.verdict().words();
        return new MeasuredBar(
                measure.what(),
                measure.before(),
                measure.after(),
                real,
                ChangeBar.of(name, scale.before(), scale.after(), scale.repeatability(), real));
    }

    static List<LadderRow> ladders(ProgramReview review) {
        return review.levels().stream()
                .map(level -> new LadderRow(
                        level.group().words(),
                        level.held(),
                        LadderBeads.gained(level.group(), level.before(), level.after(), level.top())))
                .toList();
    }
}
