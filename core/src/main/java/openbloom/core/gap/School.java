package openbloom.core.gap;

import static openbloom.core.gap.SchoolAnswer.SchoolVerdict.NO_READING;
import static openbloom.core.gap.SchoolAnswer.SchoolVerdict.WIDER;
import static openbloom.core.gap.SchoolAnswer.SchoolVerdict.WITHIN;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;

/**
 * Schools of reading a gap. Finger schools read the small head lift at every site.
 *
 * @see SideBySide
 * @see MillimetreSchools
 */
public enum School {
    TWO_FINGERS("two fingers", Source.E_BOISS) {
        @Override
        public SchoolAnswer read(GapCheck check, int ageYears) {
            return wholeOnly(check, byFingers(check, 2 * Published.BOISSONNAULT_FINGERS.amount()));
        }

        @Override
        public OptionalInt limitAt(Spot spot, GapState state, Method method, int ageYears) {
            return onTheLiftWithFingers(state, method, Published.BOISSONNAULT_FINGERS.amount());
        }
    },
    FOUR_FINGERS("four fingers (never unlocks)", Source.COMMON_PRACTICE) {
        @Override
        public SchoolAnswer read(GapCheck check, int ageYears) {
            return byFingers(check, 2 * LENIENT_FINGERS);
        }

        @Override
        public OptionalInt limitAt(Spot spot, GapState state, Method method, int ageYears) {
            return onTheLiftWithFingers(state, method, LENIENT_FINGERS);
        }
    },
    FUNCTIONAL("width with depth and firmness", Source.E_DUFOUR) {
        @Override
        public SchoolAnswer read(GapCheck check, int ageYears) {
            List<GapReading> connected = check.in(GapState.CONNECTED).toList();
            Optional<GapReading> worst = connected.stream()
                    .filter(GapReading::isWhole)
                    .max(Comparator.comparing(
                                    (GapReading reading) -> reading.depth().orElseThrow())
                            .thenComparing(
                                    reading -> -reading.firmness().orElseThrow().grade()));
            return tooWide(check)
                    .or(() -> worst.map(reading -> functional(check, connected, reading)))
                    .orElseGet(this::nothingRead);
        }
    },
    RATH_1996("millimetres by age and site", Source.E_RATH) {
        @Override
        public SchoolAnswer read(GapCheck check, int ageYears) {
            return RathLimits.read(check, ageYears);
        }

        @Override
        public OptionalInt limitAt(Spot spot, GapState state, Method method, int ageYears) {
            return state == GapState.REST && !method.readsFingers() && RathLimits.isNearItsSite(spot)
                    ? OptionalInt.of(RathLimits.limit(spot.site(), ageYears).amount())
                    : OptionalInt.empty();
        }
    },
    BEER_2009("women who have not given birth", Source.E_BEER) {
        @Override
        public List<Spot> spots() {
            return List.of(
                    Spot.usual(Site.XIPHOID),
                    new Spot(Site.ABOVE, Published.BEER_ABOVE_SITE.amount()),
                    new Spot(Site.BELOW, Published.BEER_BELOW_SITE.amount()));
        }

        @Override
        public SchoolAnswer read(GapCheck check, int ageYears) {
            return MillimetreSchools.beer(check);
        }
    },
    SPERSTAD_2016("from two fingers, graded", Source.E_SPER) {
        @Override
        public SchoolAnswer read(GapCheck check, int ageYears) {
            return widestInFingers(check).map(School::sperstad).orElseGet(this::nothingRead);
        }
    },
    EHS_2021("hernia surgeons, graded", Source.E_EHS) {
        @Override
        public List<Spot> spots() {
            return List.of(
                    Spot.usual(Site.XIPHOID), Spot.usual(Site.ABOVE), Spot.usual(Site.NAVEL), Spot.usual(Site.BELOW));
        }

        @Override
        public SchoolAnswer read(GapCheck check, int ageYears) {
            return MillimetreSchools.ehs(check);
        }
    };

    private static final int LENIENT_FINGERS = 4;

    private final String words;
    private final Source source;

    School(String words, Source source) {
        this.words = words;
        this.source = source;
    }

    /**
     * How this school reads a check.
     *
     * @param ageYears her age in completed years, 0 where it was not told: the narrower row; only schools with age rows look at it
     */
    public abstract SchoolAnswer read(GapCheck check, int ageYears);

    /**
     * The widest this school allows at a spot in a state, in the unit of the method; empty where it names no width.
     *
     * @param ageYears her age in completed years, 0 where it was not told
     */
    public OptionalInt limitAt(Spot spot, GapState state, Method method, int ageYears) {
        return OptionalInt.empty();
    }

    private static OptionalInt onTheLiftWithFingers(GapState state, Method method, int fingers) {
        return state == GapState.LIFT && method.readsFingers() ? OptionalInt.of(fingers) : OptionalInt.empty();
    }

    /** Where this school reads; a check at these spots answers it. */
    public List<Spot> spots() {
        return Spot.everyday();
    }

    public String words() {
        return words;
    }

    public Source source() {
        return source;
    }

    SchoolAnswer byFingers(GapCheck check, int limitHalves) {
        return widestInFingers(check)
                .map(widest -> byWidest(widest, limitHalves))
                .orElseGet(this::nothingRead);
    }

    /** A school that reads every site does not answer for one that was left out; a site that is too wide decides. */
    SchoolAnswer wholeOnly(GapCheck check, SchoolAnswer answer) {
        List<Site> missing = missing(check);
        if (answer.verdict() != WITHIN || missing.isEmpty()) {
            return answer;
        }
        String left = missing.stream().map(Site::words).collect(Collectors.joining(", "));
        return new SchoolAnswer(
                this, NO_READING, Optional.empty(), answer.site(), answer.detail() + "; not read: " + left, source);
    }

    /** The everyday sites that a check left out on the small lift. */
    private static List<Site> missing(GapCheck check) {
        Set<Site> read = check.in(GapState.LIFT).map(GapReading::site).collect(Collectors.toSet());
        return Site.EVERYDAY.stream().filter(site -> !read.contains(site)).toList();
    }

    private static Optional<GapReading> widestInFingers(GapCheck check) {
        return check.in(GapState.LIFT)
                .filter(reading -> reading.width() instanceof Width.Fingers)
                .max(Comparator.comparingInt(School::halves));
    }

    private static int halves(GapReading reading) {
        return ((Width.Fingers) reading.width()).halves();
    }

    private static SchoolAnswer sperstad(GapReading widest) {
        int halves = halves(widest);
        boolean wider = halves >= 2 * Published.SPERSTAD_SEPARATION.amount();
        String grade = halves >= 2 * Published.SPERSTAD_SEVERE.amount()
                ? "severe"
                : halves >= 2 * Published.SPERSTAD_MODERATE.amount() ? "moderate" : "mild";
        return new SchoolAnswer(
                SPERSTAD_2016,
                wider ? WIDER : WITHIN,
                wider ? Optional.of(grade) : Optional.empty(),
                Optional.of(widest.site()),
                Published.said(wider ? "{} fingers or more: " : "under {} fingers: ", Published.SPERSTAD_SEPARATION)
                        + widest.words() + " on the small lift",
                Source.E_SPER);
    }

    private SchoolAnswer byWidest(GapReading widest, int limitHalves) {
        boolean wider = halves(widest) > limitHalves;
        String limit = limitHalves / 2 + " fingers";
        String detail =
                (wider ? "wider than " + limit : limit + " or fewer") + ": " + widest.words() + " on the small lift";
        return new SchoolAnswer(
                this, wider ? WIDER : WITHIN, Optional.empty(), Optional.of(widest.site()), detail, source);
    }

    /** More than three fingers at any site is never recovered, however firm the floor (practice). */
    Optional<SchoolAnswer> tooWide(GapCheck check) {
        int most = 2 * Published.FUNCTIONAL_WIDEST.amount();
        return check.readings().stream()
                .filter(reading -> reading.state() != GapState.REST)
                .filter(reading -> reading.width() instanceof Width.Fingers fingers && fingers.halves() > most)
                .findFirst()
                .map(reading -> new SchoolAnswer(
                        this,
                        WIDER,
                        Optional.empty(),
                        Optional.of(reading.site()),
                        "wider than " + Published.FUNCTIONAL_WIDEST.amount() + " fingers: " + reading.words(),
                        source));
    }

    /** One spot that does not hold decides; that all hold is only said when none of the spots read was left out. */
    SchoolAnswer functional(GapCheck check, List<GapReading> connected, GapReading worst) {
        Optional<GapReading> failing =
                connected.stream().filter(School::failsToHold).findFirst();
        Optional<GapReading> unread =
                connected.stream().filter(reading -> !reading.isWhole()).findFirst();
        if (failing.isEmpty() && unread.isPresent()) {
            String detail = "depth and floor not read when connected "
                    + unread.get().spot().words();
            return new SchoolAnswer(this, NO_READING, Optional.empty(), Optional.empty(), detail, source);
        }
        Optional<Spot> leftOut = check.in(GapState.LIFT)
                .map(GapReading::spot)
                .filter(spot -> check.at(spot, GapState.CONNECTED).isEmpty())
                .findFirst();
        if (failing.isEmpty() && leftOut.isPresent()) {
            String detail = "not read when connected " + leftOut.get().words();
            return new SchoolAnswer(this, NO_READING, Optional.empty(), Optional.empty(), detail, source);
        }
        GapReading deciding = failing.orElse(worst);
        String detail = (failing.isEmpty() ? "the floor holds" : "the floor does not hold yet") + " "
                + deciding.site().words() + " when connected: "
                + deciding.depthWords() + ", "
                + deciding.firmness().map(Firmness::words).orElse("floor not read");
        SchoolAnswer.SchoolVerdict verdict = failing.isEmpty() ? WITHIN : WIDER;
        return new SchoolAnswer(this, verdict, Optional.empty(), Optional.of(deciding.site()), detail, source);
    }

    /** Domed, deep or soft by what was read; what was not read is no failing, but holds up the answer. */
    private static boolean failsToHold(GapReading reading) {
        return reading.domed() == YesNoUnknown.YES
                || reading.depth()
                        .filter(deep -> deep.compareTo(Depth.FIRST_KNUCKLE) > 0)
                        .isPresent()
                || reading.firmness()
                        .filter(floor -> floor.compareTo(Firmness.SPRINGS) < 0)
                        .isPresent();
    }

    SchoolAnswer nothingRead() {
        return new SchoolAnswer(
                this, NO_READING, Optional.empty(), Optional.empty(), "no reading this school can use", source);
    }
}
