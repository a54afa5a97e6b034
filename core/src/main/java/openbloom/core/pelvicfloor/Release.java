package openbloom.core.pelvicfloor;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;
import openbloom.core.evidence.Published;

/** When release moves on: full letting-go felt on 8 of 10 on two days, and nothing hurts. */
public final class Release {
    private static final int DAYS_TO_MOVE_ON = 2;

    private Release() {}

    /**
     * What one practice of release showed.
     *
     * @param letGoOfTen on how many of ten in-breaths full letting-go was felt; empty when it was not counted
     */
    public record Practice(LocalDate on, OptionalInt letGoOfTen, boolean hurt) {
        private boolean isFelt() {
            return letGoOfTen.orElse(0) >= Published.LETTING_GO_NEEDED.amount();
        }
    }

    /** Days on which it was felt, since anything last hurt. */
    static long days(List<Practice> practices) {
        LocalDate lastHurt = practices.stream()
                .filter(Practice::hurt)
                .map(Practice::on)
                .max(LocalDate::compareTo)
                .orElse(LocalDate.MIN);
        return practices.stream()
                .filter(practice -> practice.isFelt() && practice.on().isAfter(lastHurt))
                .map(Practice::on)
                .distinct()
                .count();
    }

    /** @param practices since the latest check, in any order */
    public static String words(List<Practice> practices) {
        int needed = Published.LETTING_GO_NEEDED.amount();
        long days = days(practices);
        return days >= DAYS_TO_MOVE_ON
                ? "Full letting-go on " + needed + " of 10 on two days, nothing hurt: check her again, she may move on."
                : "Full letting-go on " + needed + " of 10 without pain: " + days + " of 2 days so far.";
    }
}
