package openbloom.app.store;

import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** Which backups stay: the last of each of 7 days, of 4 weeks and of 12 months in which one was made. */
final class Retention {
    static final int DAYS = 7;
    static final int WEEKS = 4;
    static final int MONTHS = 12;

    private Retention() {}

    /** @param made when each was made, in any order */
    static Set<LocalDateTime> kept(List<LocalDateTime> made) {
        List<LocalDateTime> latestFirst =
                made.stream().sorted(Comparator.reverseOrder()).toList();
        Set<LocalDateTime> kept = new HashSet<>();
        kept.addAll(lastOfEach(latestFirst, LocalDateTime::toLocalDate, DAYS));
        kept.addAll(lastOfEach(latestFirst, Retention::week, WEEKS));
        kept.addAll(lastOfEach(latestFirst, YearMonth::from, MONTHS));
        return kept;
    }

    private static List<Integer> week(LocalDateTime at) {
        return List.of(at.get(IsoFields.WEEK_BASED_YEAR), at.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
    }

    private static List<LocalDateTime> lastOfEach(
            List<LocalDateTime> latestFirst, Function<LocalDateTime, ?> span, int most) {
        Set<Object> spans = new LinkedHashSet<>();
        return latestFirst.stream()
                .filter(at -> spans.size() < most && spans.add(span.apply(at)))
                .toList();
    }
}
