package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.core.gap.ConnectedGain;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Repeatability;
import openbloom.core.gap.School;
import openbloom.core.gap.SchoolAnswer;
import openbloom.core.gap.SchoolAnswer.SchoolVerdict;
import openbloom.core.gap.SideBySide;
import openbloom.core.gap.Site;
import openbloom.core.gap.Trend;
import openbloom.core.gap.Width;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What readings of the gap say: school by school, how far two readings lie apart, and whether anything changed. */
@RestController
@RequestMapping("/api/v1/gap")
class GapApi {
    private static final int MOST_READINGS = 2_000;
    private static final double WIDEST = 10_000;
    private static final int UNKNOWN_AGE = 0;

    /** What {@code interpretation} takes. */
    record InterpretationRequest(
            @Nullable List<ClientRequest.GapReadingTold> readings,
            @Nullable List<Integer> fingerWidthsMm,
            @Nullable Integer ageYears,
            @Nullable Boolean pregnant) {}

    /** The widest reading. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Worst(
            Site site,
            GapState state,
            @Nullable Integer widthMm,
            @Nullable Double widthFingers) {}

    /** How one school reads it. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record ReadingAnswer(
            School school,
            SchoolVerdict verdict,
            @Nullable String grade,
            @Nullable Site site,
            String detail,
            String source) {
        static ReadingAnswer of(SchoolAnswer answer) {
            return new ReadingAnswer(
                    answer.school(),
                    answer.verdict(),
                    answer.grade().orElse(null),
                    answer.site().orElse(null),
                    answer.detail(),
                    answer.source().key());
        }
    }

    /** What connecting changes; positive is narrower, shallower, firmer. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Gain(@Nullable Integer widthMm, @Nullable Double widthFingers, int depthSteps, int firmnessSteps) {}

    /** What {@code interpretation} answers; {@code recovered} is null where a site was not read, and absent while pregnant. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record InterpretationResponse(
            @Nullable Worst worst,
            List<ReadingAnswer> bySchool,
            @Nullable Gain connectedGain,

            @JsonInclude(value = JsonInclude.Include.NON_NULL, content = JsonInclude.Include.ALWAYS) @Nullable
            Map<String, @Nullable Boolean> recovered) {}

    @PostMapping("/interpretation")
    InterpretationResponse interpretation(@RequestBody InterpretationRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        int age = reading.numberOr("ageYears", request.ageYears(), UNKNOWN_AGE, 10, 120);
        Optional<FingerWidths> fingers = fingers(request.fingerWidthsMm(), reading);
        List<GapReading> readings = readings(request.readings(), reading);
        reading.orRefuse();
        GapCheck check = new GapCheck(LocalDate.EPOCH, readings);
        boolean pregnant = Boolean.TRUE.equals(request.pregnant());
        List<SchoolAnswer> read = pregnant ? SideBySide.whilePregnant(check) : SideBySide.of(check, fingers, age);
        List<ReadingAnswer> answers = read.stream().map(ReadingAnswer::of).toList();
        return new InterpretationResponse(
                worst(check, fingers).orElse(null),
                answers,
                ConnectedGain.of(check).map(gain -> gain(gain, check, fingers)).orElse(null),
                pregnant ? null : recovered(answers, check.isOfEverySite()));
    }

    private static Optional<FingerWidths> fingers(@Nullable List<Integer> told, JsonFieldReader reading) {
        if (told == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(FingerWidths.told(told));
        } catch (IllegalArgumentException | NullPointerException wrong) {
            reading.refuse("fingerWidthsMm", "api.fingerWidths");
            return Optional.empty();
        }
    }

    private static List<GapReading> readings(
            @Nullable List<ClientRequest.GapReadingTold> told, JsonFieldReader reading) {
        if (told == null || told.isEmpty() || told.size() > MOST_READINGS) {
            reading.refuse("readings", "api.readings", 1, MOST_READINGS);
            return List.of();
        }
        ClientReader reader = new ClientReader(reading, LocalDate.EPOCH);
        List<GapReading> readings = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            reader.reading("readings[" + i + "]", told.get(i)).ifPresent(readings::add);
        }
        return readings;
    }

    private static Optional<Worst> worst(GapCheck check, Optional<FingerWidths> fingers) {
        return check.readings().stream()
                .max(Comparator.comparingDouble(reading -> mm(reading, fingers)
                        .map(Integer::doubleValue)
                        .orElse(reading.width().roughMm())))
                .map(widest -> new Worst(
                        widest.site(),
                        widest.state(),
                        mm(widest, fingers).orElse(null),
                        widest.width() instanceof Width.Fingers width ? Double.valueOf(width.fingers()) : null));
    }

    private static Optional<Integer> mm(GapReading reading, Optional<FingerWidths> fingers) {
        return reading.width() instanceof Width.Fingers width
                ? fingers.map(own -> own.mmOf(width))
                : Optional.of(((Width.Millimetres) reading.width()).mm());
    }

    private static Gain gain(ConnectedGain gain, GapCheck check, Optional<FingerWidths> fingers) {
        Optional<Integer> lift = check.at(gain.spot(), GapState.LIFT).flatMap(reading -> mm(reading, fingers));
        Optional<Integer> connected =
                check.at(gain.spot(), GapState.CONNECTED).flatMap(reading -> mm(reading, fingers));
        return new Gain(
                lift.flatMap(before -> connected.map(after -> before - after)).orElse(null),
                gain.halfFingers().map(halves -> halves / 2.0).orElse(null),
                gain.depthSteps().orElse(0),
                gain.firmnessSteps().orElse(0));
    }

    /** By each choice of A1; the lenient four fingers never count as recovered. */
    private static Map<String, @Nullable Boolean> recovered(List<ReadingAnswer> answers, boolean everySite) {
        Map<String, @Nullable Boolean> recovered = new LinkedHashMap<>();
        recovered.put("TWO_FINGERS", within(answers, everySite, School.TWO_FINGERS));
        recovered.put("FUNCTIONAL", within(answers, everySite, School.FUNCTIONAL));
        recovered.put("MILLIMETRE_NORMS", within(answers, everySite, School.RATH_1996));
        recovered.put("FOUR_FINGERS", false);
        return recovered;
    }

    private static @Nullable Boolean within(List<ReadingAnswer> answers, boolean everySite, School school) {
        return answers.stream()
                .filter(answer -> answer.school() == school)
                .filter(answer -> answer.verdict() == SchoolVerdict.WIDER
                        || everySite && answer.verdict() == SchoolVerdict.WITHIN)
                .findFirst()
                .map(answer -> answer.verdict() == SchoolVerdict.WITHIN)
                .orElse(null);
    }

    /** What {@code repeatability} takes: first and second reading of each. */
    record RepeatabilityRequest(@Nullable List<List<Double>> pairs) {}

    /** What it answers, in the unit of the readings. */
    record RepeatabilityResponse(
            int n, double withinSubjectSd, double repeatabilityCoefficient, double sdOfDifferences) {}

    @PostMapping("/repeatability")
    RepeatabilityResponse repeatability(@RequestBody RepeatabilityRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        List<Repeatability.ReadingPair> pairs = new ArrayList<>();
        List<List<Double>> told = request.pairs() == null ? List.of() : request.pairs();
        if (told.isEmpty() || told.size() > MOST_READINGS) {
            reading.refuse("pairs", "api.readings", 1, MOST_READINGS);
        }
        for (int i = 0; i < told.size(); i++) {
            List<Double> pair = told.get(i);
            if (pair == null || pair.size() != 2 || !pair.stream().allMatch(GapApi::isWidth)) {
                reading.refuse("pairs[" + i + "]", "api.pair");
            } else {
                pairs.add(new Repeatability.ReadingPair(pair.get(0), pair.get(1)));
            }
        }
        reading.orRefuse();
        Repeatability found = Repeatability.of(pairs);
        return new RepeatabilityResponse(
                found.n(), found.withinSubjectSd(), found.coefficient(), found.sdOfDifferences());
    }

    private static boolean isWidth(@Nullable Double value) {
        return value != null && Double.isFinite(value) && value >= 0 && value <= WIDEST;
    }

    /** What {@code change} takes. */
    record ChangeRequest(
            @Nullable List<DatedWidth> readings, @Nullable Double repeatabilityMm) {}

    /** A width on a day. */
    record DatedWidth(@Nullable LocalDate date, @Nullable Double widthMm) {}

    /** What {@code change} answers; a forecast only when there is ground for one. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record ChangeResponse(
            double slopeMmPerWeek,
            boolean realChange,
            double changeMm,
            @Nullable ForecastResponse forecast) {}

    /** When a width would be reached. */
    record ForecastResponse(double reachesMm, LocalDate earliest, LocalDate expected, LocalDate latest) {
        static ForecastResponse of(Trend.Forecast forecast) {
            return new ForecastResponse(
                    forecast.reaches(), forecast.earliest(), forecast.expected(), forecast.latest());
        }
    }

    @PostMapping("/change")
    ChangeResponse change(@RequestBody ChangeRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        double repeatability = width("repeatabilityMm", request.repeatabilityMm(), reading);
        List<DatedWidth> told = request.readings() == null ? List.of() : request.readings();
        List<Trend.TrendPoint> readings = new ArrayList<>();
        for (int i = 0; i < told.size() && i < MOST_READINGS; i++) {
            DatedWidth one = told.get(i) == null ? new DatedWidth(null, null) : told.get(i);
            String path = "readings[" + i + "]";
            double mm = width(path + ".widthMm", one.widthMm(), reading);
            reading.required(path + ".date", one.date())
                    .ifPresent(date -> readings.add(new Trend.TrendPoint(date, mm)));
        }
        if (told.size() > MOST_READINGS
                || readings.stream().map(Trend.TrendPoint::date).distinct().count() < 2) {
            reading.refuse("readings", "api.twoDays", MOST_READINGS);
        }
        reading.orRefuse();
        Trend trend = Trend.of(readings);
        return new ChangeResponse(
                trend.slopePerWeek(),
                trend.isRealChange(repeatability),
                trend.change(),
                trend.forecast().map(ForecastResponse::of).orElse(null));
    }

    private static double width(String field, @Nullable Double value, JsonFieldReader reading) {
        if (!isWidth(value)) {
            reading.refuse(field, "api.width");
            return 0;
        }
        return value;
    }
}
