package openbloom.core.program;

import openbloom.core.evidence.Published;
import openbloom.core.record.Training;
import openbloom.core.stage.Birth;
import openbloom.core.verdict.Facts;

/**
 * Minutes of walking a week beside the sessions. Weekly targets after E-ACOG804 and E-PP2025; where she begins is common practice, no
 * source.
 *
 * @param facts hers, on the first day of the block
 */
record Walking(Facts facts, Rhythm rhythm) {
    private static final int TARGET = Published.WEEKLY_MINUTES.amount();
    private static final int TARGET_AFTER_BIRTH = Published.WEEKLY_MINUTES_AFTER_BIRTH.amount();
    private static final int MORE_EACH_WEEK = Published.MORE_EACH_WEEK.amount();
    private static final int LEAST = 30;
    private static final int DAYS = 7;
    private static final int MORE_A_DAY = 5;
    private static final int WEEKS_OF_MORE = 5;

    /** Minutes of moving a week that are aimed at, sessions included. */
    int target() {
        return facts.recentBirth().isPresent() ? TARGET_AFTER_BIRTH : TARGET;
    }

    /**
     * From what she walks now, or might, by at most 20 minutes a week more to what the sessions leave of the target.
     *
     * @param week of the block, from 0
     */
    int minutes(int week) {
        int sessions = rhythm.homeDays().size() * rhythm.homeMinutes()
                + (rhythm.visits().isEmpty() ? rhythm.visitsPerWeek() * Rhythm.USUAL_VISIT_MINUTES : 0);
        int room = Math.max(LEAST, target() - sessions);
        int now = rhythm.walksNow().orElse(0);
        int start = rhythm.walksNow()
                .orElseGet(() -> facts.recentBirth().map(this::afterBirth).orElseGet(this::byTraining));
        return Math.max(now, Math.min(start + week * MORE_EACH_WEEK, room));
    }

    /** Five minutes a day in the first week after a birth, five more each week. */
    private int afterBirth(Birth birth) {
        int weeks = (int) Math.min(WEEKS_OF_MORE, birth.daysOn(facts.day()) / DAYS);
        return Math.min(target(), DAYS * MORE_A_DAY * (weeks + 1));
    }

    private int byTraining() {
        Training before = facts.client().background().training().orElse(Training.NONE);
        return switch (before) {
            case NONE -> 40;
            case LIGHT -> 60;
            case REGULAR -> 90;
            case SPORT -> 120;
        };
    }
}
