package openbloom.core.gap;

import static openbloom.core.evidence.Published.BEER_ABOVE;
import static openbloom.core.evidence.Published.BEER_ABOVE_SITE;
import static openbloom.core.evidence.Published.BEER_BELOW;
import static openbloom.core.evidence.Published.BEER_BELOW_SITE;
import static openbloom.core.evidence.Published.BEER_XIPHOID;
import static openbloom.core.evidence.Published.EHS_LIMIT;
import static openbloom.core.evidence.Published.EHS_MODERATE;
import static openbloom.core.evidence.Published.EHS_SEVERE;
import static openbloom.core.evidence.Published.SITE_TOLERANCE;

import java.util.Comparator;
import java.util.Optional;
import openbloom.core.evidence.Published;

/** Schools that read millimetres at rest: E-BEER by site, E-EHS at the widest site with its grades. */
final class MillimetreSchools {
    private MillimetreSchools() {}

    static SchoolAnswer beer(GapCheck check) {
        return check.in(GapState.REST)
                .filter(reading -> reading.width() instanceof Width.Millimetres
                        && beerLimit(reading).isPresent())
                .max(Comparator.comparingInt(
                        reading -> mm(reading) - beerLimit(reading).orElseThrow()))
                .map(worst -> answer(School.BEER_2009, worst, beerLimit(worst).orElseThrow(), Optional.empty()))
                .orElseGet(School.BEER_2009::nothingRead);
    }

    /** The limit of the school's site a reading lies at, if it lies within the tolerance of one. */
    private static Optional<Integer> beerLimit(GapReading reading) {
        return switch (reading.site()) {
            case XIPHOID -> Optional.of(BEER_XIPHOID.amount());
            case ABOVE -> near(reading, BEER_ABOVE_SITE.amount(), BEER_ABOVE.amount());
            case BELOW -> near(reading, BEER_BELOW_SITE.amount(), BEER_BELOW.amount());
            case NAVEL -> Optional.empty();
        };
    }

    private static Optional<Integer> near(GapReading reading, int siteMm, int limit) {
        boolean near = Math.abs(reading.offsetMm() - siteMm) <= SITE_TOLERANCE.amount();
        return near ? Optional.of(limit) : Optional.empty();
    }

    static SchoolAnswer ehs(GapCheck check) {
        return check.in(GapState.REST)
                .filter(reading -> reading.width() instanceof Width.Millimetres)
                .max(Comparator.comparingInt(MillimetreSchools::mm))
                .map(worst -> answer(School.EHS_2021, worst, EHS_LIMIT.amount(), ehsGrade(mm(worst))))
                .orElseGet(School.EHS_2021::nothingRead);
    }

    private static Optional<String> ehsGrade(int mm) {
        if (mm <= EHS_LIMIT.amount()) {
            return Optional.empty();
        }
        if (mm <= EHS_MODERATE.amount()) {
            return Optional.of("over " + cm(EHS_LIMIT) + " to " + cm(EHS_MODERATE) + " cm");
        }
        return Optional.of(
                mm <= EHS_SEVERE.amount()
                        ? "over " + cm(EHS_MODERATE) + " to " + cm(EHS_SEVERE) + " cm"
                        : "over " + cm(EHS_SEVERE) + " cm");
    }

    private static int cm(Published limit) {
        return limit.amount() / 10;
    }

    private static SchoolAnswer answer(School school, GapReading worst, int limit, Optional<String> grade) {
        boolean wider = mm(worst) > limit;
        String detail = (wider ? "wider than " : "within ") + limit + " mm: " + worst.words() + " at rest";
        SchoolAnswer.SchoolVerdict verdict =
                wider ? SchoolAnswer.SchoolVerdict.WIDER : SchoolAnswer.SchoolVerdict.WITHIN;
        return new SchoolAnswer(school, verdict, grade, Optional.of(worst.site()), detail, school.source());
    }

    private static int mm(GapReading reading) {
        return ((Width.Millimetres) reading.width()).mm();
    }
}
