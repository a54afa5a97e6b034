package openbloom.core.gap;

import static openbloom.core.evidence.Published.*;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import openbloom.core.evidence.Published;

/** The millimetre limits of E-RATH: read at rest, by site and age; 45 exactly uses the younger row. */
final class RathLimits {
    private RathLimits() {}

    static SchoolAnswer read(GapCheck check, int ageYears) {
        List<GapReading> usable =
                check.in(GapState.REST).filter(RathLimits::isUsable).toList();
        return usable.stream()
                .max(Comparator.comparingInt(reading -> excess(reading, ageYears)))
                .map(worst -> answer(worst, ageYears))
                .orElseGet(School.RATH_1996::nothingRead);
    }

    private static boolean isUsable(GapReading reading) {
        return reading.width() instanceof Width.Millimetres && isNearItsSite(reading.spot());
    }

    static boolean isNearItsSite(Spot spot) {
        boolean near = Math.abs(spot.offsetMm() - spot.site().usualOffsetMm()) <= SITE_TOLERANCE.amount();
        return spot.site() != Site.XIPHOID && near;
    }

    private static SchoolAnswer answer(GapReading worst, int ageYears) {
        boolean wider = excess(worst, ageYears) > 0;
        String detail = (wider ? "wider than " : "within ")
                + limit(worst.site(), ageYears).amount() + " mm: " + worst.words() + " at rest";
        SchoolAnswer.SchoolVerdict verdict =
                wider ? SchoolAnswer.SchoolVerdict.WIDER : SchoolAnswer.SchoolVerdict.WITHIN;
        return new SchoolAnswer(
                School.RATH_1996,
                verdict,
                Optional.empty(),
                Optional.of(worst.site()),
                detail,
                School.RATH_1996.source());
    }

    private static int excess(GapReading reading, int ageYears) {
        return ((Width.Millimetres) reading.width()).mm()
                - limit(reading.site(), ageYears).amount();
    }

    static Published limit(Site site, int ageYears) {
        boolean older = ageYears > RATH_OLDER_THAN.amount();
        return switch (site) {
            case ABOVE, XIPHOID -> older ? RATH_ABOVE_OLDER : RATH_ABOVE;
            case NAVEL -> RATH_NAVEL;
            case BELOW -> older ? RATH_BELOW_OLDER : RATH_BELOW;
        };
    }
}
