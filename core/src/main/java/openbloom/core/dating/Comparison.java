package openbloom.core.dating;

import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import openbloom.core.evidence.Published;

/**
 * An ultrasound held against the date it might replace.
 *
 * @param differenceDays how far apart the two are, never negative
 * @param thresholdDays the scan replaces the date only if it differs by more than this
 * @see Dating
 */
public record Comparison(int differenceDays, int thresholdDays) {
    /** The rows of E-REDATE, chosen by how far she was on the day of the scan by the date it might replace. */
    private enum ComparisonRow {
        TO_8W6D(0, Published.REDATE_TO_8W6D),
        TO_15W6D(9, Published.REDATE_TO_15W6D),
        TO_21W6D(16, Published.REDATE_TO_21W6D),
        TO_27W6D(22, Published.REDATE_TO_27W6D),
        FROM_28W0D(28, Published.REDATE_FROM_28W0D);

        private final int firstWeek;
        private final Published threshold;

        ComparisonRow(int firstWeek, Published threshold) {
            this.firstWeek = firstWeek;
            this.threshold = threshold;
        }

        static ComparisonRow at(GestationalAge age) {
            return Arrays.stream(values())
                    .filter(row -> age.isAtLeastWeeks(row.firstWeek))
                    .reduce((earlier, later) -> later)
                    .orElseThrow();
        }
    }

    static Comparison between(Dating dating, Ultrasound scan) {
        GestationalAge byDates = dating.ageOn(scan.date()).orElseThrow();
        long difference = Math.abs(ChronoUnit.DAYS.between(dating.firstDay(), scan.firstDay()));
        return new Comparison(
                Math.toIntExact(difference), ComparisonRow.at(byDates).threshold.days());
    }

    public boolean isBeyondThreshold() {
        return differenceDays > thresholdDays;
    }
}
