package openbloom.app.checks.gap;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Stream;
import openbloom.app.people.Woman;
import openbloom.core.Days;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Outlook;
import openbloom.core.gap.RepeatabilityInUse;
import openbloom.core.gap.School;
import openbloom.core.gap.Series;
import openbloom.core.picture.TrendChart;
import openbloom.core.stage.Birth;

/** The trend of one woman's readings, by her approach. */
final class GapTrendView {
    private final Woman woman;
    private final School school;
    private final boolean pregnant;
    private final Function<Series, RepeatabilityInUse> repeatabilityOf;

    GapTrendView(Woman woman, School school, boolean pregnant, Function<Series, RepeatabilityInUse> repeatabilityOf) {
        this.woman = woman;
        this.school = school;
        this.pregnant = pregnant;
        this.repeatabilityOf = repeatabilityOf;
    }

    Optional<GapView.TrendView> view(
            Measured now, List<Measured> earlier, Optional<GapAssessmentView.SpotAndState> chosen) {
        List<Measured> all = Stream.concat(earlier.stream(), Stream.of(now)).toList();
        List<GapAssessmentView.SpotAndState> places = placesWithReadings(all);
        return chosen.filter(places::contains)
                .or(() -> widest(now))
                .or(() -> earlier.stream().findFirst().flatMap(this::widest))
                .map(at -> at(at, now, all, places));
    }

    private static List<GapAssessmentView.SpotAndState> placesWithReadings(List<Measured> all) {
        return Arrays.stream(GapState.values())
                .flatMap(state -> all.stream()
                        .flatMap(measured -> measured.check().in(state))
                        .map(GapReading::spot)
                        .distinct()
                        .sorted()
                        .map(spot -> new GapAssessmentView.SpotAndState(spot, state)))
                .toList();
    }

    private Optional<GapAssessmentView.SpotAndState> widest(Measured now) {
        boolean restFirst = school == School.RATH_1996 || !now.method().readsFingers();
        List<GapState> order = restFirst
                ? List.of(GapState.REST, GapState.LIFT, GapState.CONNECTED)
                : List.of(GapState.LIFT, GapState.REST, GapState.CONNECTED);
        return order.stream()
                .flatMap(state -> now.check().widest(state).stream())
                .findFirst()
                .map(reading -> new GapAssessmentView.SpotAndState(reading.spot(), reading.state()));
    }

    private GapView.TrendView at(
            GapAssessmentView.SpotAndState at,
            Measured now,
            List<Measured> all,
            List<GapAssessmentView.SpotAndState> places) {
        List<Series> series = Series.at(at.spot(), at.state(), all);
        Series whole = series.stream()
                .filter(one -> one.method() == now.method()
                        && one.by().id() == now.by().id())
                .findFirst()
                .orElseGet(() -> series.get(series.size() - 1));
        Optional<LocalDate> since = sinceWhen();
        Series shown = since.map(whole::from).orElse(whole);
        List<Series> apart = new ArrayList<>(series);
        apart.remove(whole);
        since.ifPresent(day -> apart.add(whole.before(day)));
        RepeatabilityInUse repeatability = repeatabilityOf.apply(shown);
        Outlook outlook = Outlook.of(shown, aim(at, shown), repeatability);
        TrendChart.Data data = new TrendChart.Data(
                shown, apart, repeatability.coefficient(), limit(at, shown), outlook.trend(), outlook.forecast());
        List<GapView.ViewChoice> choices = places.stream()
                .map(place -> new GapView.ViewChoice(place.spot(), place.state(), place.equals(at)))
                .toList();
        List<String> sentences = new ArrayList<>(outlook.sentences());
        sentences.add("Measurement error: " + repeatability.words() + ".");
        apartWords(apart, since).ifPresent(sentences::add);
        return new GapView.TrendView(at.spot(), at.state(), TrendChart.of(data), sentences, choices, outlook.stalled());
    }

    /** What was read before this pregnancy or before the latest birth belongs to another time. */
    private Optional<LocalDate> sinceWhen() {
        return pregnant
                ? woman.dating().map(dating -> dating.firstDay())
                : woman.birth().map(Birth::date);
    }

    private Outlook.GapTarget aim(GapAssessmentView.SpotAndState at, Series shown) {
        if (pregnant) {
            return new Outlook.GapTarget.Support();
        }
        OptionalInt limit = limitAt(at, shown);
        if (limit.isPresent() && school != School.FOUR_FINGERS) {
            return new Outlook.GapTarget.TargetReach(
                    limit.getAsInt(), limit.getAsInt() + " " + shown.method().unit());
        }
        return new Outlook.GapTarget.NoWidth(
                switch (school) {
                    case FUNCTIONAL ->
                        "Her approach looks at depth and firmness when connected, so no width is aimed at.";
                    case FOUR_FINGERS -> "Four fingers is for reading others' notes; nothing is aimed at.";
                    default -> "Her approach names no width for this spot, state and method, so nothing is forecast.";
                });
    }

    private Optional<TrendChart.Limit> limit(GapAssessmentView.SpotAndState at, Series shown) {
        OptionalInt limit = limitAt(at, shown);
        return pregnant || limit.isEmpty()
                ? Optional.empty()
                : Optional.of(new TrendChart.Limit(
                        limit.getAsInt(),
                        school.words() + ": " + limit.getAsInt() + " "
                                + shown.method().unit()));
    }

    private OptionalInt limitAt(GapAssessmentView.SpotAndState at, Series shown) {
        return school.limitAt(
                at.spot(),
                at.state(),
                shown.method(),
                woman.ageYears(shown.latestOr(LocalDate.EPOCH)).orElse(0));
    }

    private static Optional<String> apartWords(List<Series> apart, Optional<LocalDate> since) {
        long readings = apart.stream().mapToLong(one -> one.readings().size()).sum();
        return readings == 0
                ? Optional.empty()
                : Optional.of(readings + " readings by another person or method"
                        + since.map(day -> ", or from before " + Days.words(day))
                                .orElse("")
                        + " stand apart and are never joined.");
    }
}
