package openbloom.core.pelvicfloor;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;

/**
 * When release moves on: full letting-go felt on 8 of 10 on two days, and nothing hurts.
 *
 * @see PelvicFloorCheck
 * @see Published
 */
public final class Release {
    private static final int DAYS_TO_MOVE_ON = 2;

    private Release() {}

    /**
     * What one practice of release showed.
     *
     * @param letGoOfTen on how many of ten in-breaths full letting-go was felt; empty when it was not counted
     */
    public record ReleasePractice(LocalDate on, OptionalInt letGoOfTen, boolean hurt) {
        private boolean isFelt() {
            return letGoOfTen.orElse(0) >= Published.LETTING_GO_NEEDED.amount();
        }
    }

    /** Days on which it was felt, since anything last hurt. */
    static long days(List<ReleasePractice> practices) {
        LocalDate lastHurt = practices.stream()
                .filter(ReleasePractice::hurt)
                .map(ReleasePractice::on)
                .max(LocalDate::compareTo)
                .orElse(LocalDate.MIN);
        return practices.stream()
                .filter(practice -> practice.isFelt() && practice.on().isAfter(lastHurt))
                .map(ReleasePractice::on)
                .distinct()
                .count();
    }

    /**
     * What the checks say together: a floor that was found tight stays so until full letting-go was felt on two days since,
     * in checks or in practice.
     *
     * @param checks oldest first
     * @return the latest, still tight where the two days are missing; empty without a check
     */
    public static Optional<PelvicFloorCheck> settled(List<DatedCheck> checks, List<ReleasePractice> practices) {
        Optional<LocalDate> tight = checks.stream()
                .filter(dated -> dated.check().isTight())
                .map(DatedCheck::on)
                .reduce((before, latest) -> latest);
        Optional<PelvicFloorCheck> latest =
                checks.stream().map(DatedCheck::check).reduce((before, last) -> last);
        if (tight.isEmpty() || latest.filter(PelvicFloorCheck::isTight).isPresent()) {
            return latest;
        }
        Stream<ReleasePractice> seen = checks.stream()
                .filter(dated -> dated.check().lettingGo() == LettingGo.FULL)
                .map(dated -> new ReleasePractice(
                        dated.on(), OptionalInt.of(LettingGo.TEN), dated.check().pain() == YesNoUnknown.YES));
        List<ReleasePractice> since = Stream.concat(seen, practices.stream())
                .filter(practice -> practice.on().isAfter(tight.get()))
                .toList();
        return days(since) >= DAYS_TO_MOVE_ON ? latest : latest.map(PelvicFloorCheck::stillTight);
    }

    /** @param practices since the latest check, in any order */
    public static String words(List<ReleasePractice> practices) {
        int needed = Published.LETTING_GO_NEEDED.amount();
        long days = days(practices);
        return days >= DAYS_TO_MOVE_ON
                ? "Full letting-go on " + needed + " of 10 on " + DAYS_TO_MOVE_ON
                        + " days, nothing hurt: check her again, she may move on."
                : "Full letting-go on " + needed + " of 10 without pain: " + days + " of " + DAYS_TO_MOVE_ON
                        + " days so far.";
    }
}
