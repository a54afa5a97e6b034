package openbloom.app.checks.gap;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.core.Days;
import openbloom.core.gap.ConnectedGain;
import openbloom.core.gap.FingerWidths;
import openbloom.core.gap.GapChange;
import openbloom.core.gap.GapChange.Significance;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Measured;
import openbloom.core.gap.RepeatabilityInUse;
import openbloom.core.gap.School;
import openbloom.core.gap.SchoolAnswer;
import openbloom.core.gap.SideBySide;
import openbloom.core.gap.Spot;
import openbloom.core.gap.WholeMidline;
import openbloom.core.picture.MidlineMap;
import openbloom.core.stage.Birth;
import openbloom.core.verdict.CheckWindow;
import openbloom.core.verdict.Facts;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts a check beside the others of the woman: how the schools read it, what changed, where it is going. */
@Component
public class GapAssessmentView {
    private final GapChecks checks;
    private final RecordReader records;

    GapAssessmentView(GapChecks checks, RecordReader records) {
        this.checks = checks;
        this.records = records;
    }

    /**
     * What is looked at.
     *
     * @param typing the state being typed, which is drawn on the left
     * @param trendAt spot and state of the trend; the widest of the check if empty
     * @param blind whether everything read before stays hidden
     * @param replaces number of the kept check that this is or corrects; 0 for a new one
     */
    public record GapViewRequest(
            Measured measured,
            Optional<FingerWidths> fingers,
            GapState typing,
            Optional<SpotAndState> trendAt,
            boolean blind,
            long replaces) {
        /** A kept check. */
        public static GapViewRequest at(GapChecks.KeptCheck kept, Optional<SpotAndState> trendAt) {
            boolean lifted = kept.check().in(GapState.LIFT).findAny().isPresent();
            GapState first = lifted ? GapState.LIFT : GapState.REST;
            return new GapViewRequest(kept.measured(), kept.fingers(), first, trendAt, false, kept.id());
        }
    }

    /** A spot in a state. */
    public record SpotAndState(Spot spot, GapState state) {}

    /** One transaction: what several parts of the view ask of the store is read once. */
    @Transactional(readOnly = true)
    public GapView view(SignedIn me, Woman woman, GapViewRequest look) {
        LocalDate day = look.measured().check().date();
        List<Measured> earlier = checks.of(woman.id()).stream()
                .filter(other -> other.id() != look.replaces())
                .map(GapChecks.KeptCheck::measured)
                .filter(other -> !other.check().date().isAfter(day))
                .toList();
        RepeatabilityInUse repeatability = checks.repeatability(
                me.studioId(), look.measured().by().id(), look.measured().method());
        School school = records.approachOf(woman).school();
        List<GapView.GapLine> lines = new ArrayList<>();
        if (!look.measured().check().readings().isEmpty()) {
            lines.addAll(said(woman, look, school));
        }
        if (!look.blind()) {
            lines.addAll(since(look.measured(), earlier, repeatability));
            whole(me, woman, look.measured(), earlier).ifPresent(lines::add);
        }
        if (pregnantOn(woman, day)) {
            lines.add(GapView.GapLine.of("While pregnant", "shown, never scored: the aim now is support"));
        }
        List<GapReading> readings = look.measured().check().readings();
        List<SchoolAnswer> schools = readings.isEmpty() ? List.of() : schools(woman, look);
        Optional<GapView.TrendView> trend = look.blind()
                ? Optional.empty()
                : new GapTrendView(
                                woman,
                                school,
                                pregnantOn(woman, day),
                                series -> checks.repeatability(
                                        me.studioId(), series.by().id(), series.method()))
                        .view(look.measured(), earlier, look.trendAt());
        return new GapView(MidlineMap.of(readings, look.fingers(), beside(look.typing())), lines, schools, trend);
    }

    /** The mean over the sites read each time, beside single sites; while she is pregnant only what it is. */
    private Optional<GapView.GapLine> whole(SignedIn me, Woman woman, Measured now, List<Measured> earlier) {
        LocalDate day = now.check().date();
        LocalDate since = woman.birth()
                .map(Birth::date)
                .filter(born -> !born.isAfter(day))
                .orElse(LocalDate.MIN);
        List<Measured> all = Stream.concat(
                        earlier.stream().filter(one -> !one.check().date().isBefore(since)), Stream.of(now))
                .toList();
        return WholeMidline.of(GapState.LIFT, all)
                .filter(whole -> whole.means().by().equals(now.by()) && !pregnantOn(woman, day))
                .map(whole -> {
                    RepeatabilityInUse inUse = checks.repeatabilityOfMeans(
                            me.studioId(),
                            now.by().id(),
                            now.method(),
                            whole.spots().size());
                    return new GapView.GapLine(
                            "Average of the sites measured", whole.words(inUse), false, inUse.words());
                });
    }

    /** The latest check her approach can read; the latest of all if it can read none. */
    public Optional<GapChecks.KeptCheck> latest(Woman woman) {
        return GapChecks.latest(checks.of(woman.id()), records.approachOf(woman).school());
    }

    static boolean pregnantOn(Woman woman, LocalDate day) {
        return woman.dating().flatMap(dating -> dating.ageOn(day)).isPresent();
    }

    /** The state being typed beside what connecting makes of it; connected itself stands beside the small lift. */
    private static List<GapState> beside(GapState typing) {
        return List.of(typing == GapState.REST ? GapState.REST : GapState.LIFT, GapState.CONNECTED);
    }

    private static List<SchoolAnswer> schools(Woman woman, GapViewRequest look) {
        LocalDate day = look.measured().check().date();
        return pregnantOn(woman, day)
                ? SideBySide.whilePregnant(look.measured().check())
                : SideBySide.of(
                        look.measured().check(),
                        look.fingers(),
                        woman.ageYears(day).orElse(0));
    }

    private static List<GapView.GapLine> said(Woman woman, GapViewRequest look, School school) {
        List<GapView.GapLine> lines = new ArrayList<>();
        SchoolAnswer answer = schools(woman, look).stream()
                .filter(one -> one.school() == school)
                .findFirst()
                .orElseThrow();
        lines.add(GapView.GapLine.of(school.words(), answer.detail()));
        ConnectedGain.of(look.measured().check()).ifPresent(gain -> {
            String better = gain.helps() ? ". The better sign of progress" : "";
            lines.add(new GapView.GapLine(
                    "Connected changes it", gain.spot().words() + ": " + gain.words() + better, gain.helps(), ""));
        });
        List<String> sore = look.measured().check().readings().stream()
                .filter(GapReading::sore)
                .map(reading -> reading.spot().words())
                .distinct()
                .toList();
        if (!sore.isEmpty()) {
            lines.add(GapView.GapLine.of(
                    "Sore", String.join(", ", sore) + ": press lightly; if it stays sore, ask her clinician"));
        }
        return lines;
    }

    /** Against the last check, and, where that cannot be compared, against the last that can. */
    private static List<GapView.GapLine> since(Measured now, List<Measured> earlier, RepeatabilityInUse repeatability) {
        Optional<GapReading> widest =
                now.check().widest(GapState.LIFT).or(() -> now.check().widest(GapState.REST));
        if (widest.isEmpty()) {
            return List.of();
        }
        Spot spot = widest.get().spot();
        GapState state = widest.get().state();
        List<Measured> there = earlier.stream()
                .filter(other -> other.amount(spot, state).isPresent())
                .toList();
        Optional<Measured> last = there.stream().findFirst();
        Optional<Measured> comparable = there.stream()
                .filter(other -> other.method() == now.method()
                        && other.by().id() == now.by().id())
                .findFirst();
        return Stream.of(last, comparable)
                .flatMap(Optional::stream)
                .distinct()
                .flatMap(before -> GapChange.between(before, now, spot, state, repeatability).stream()
                        .map(change -> since(before, spot, change)))
                .toList();
    }

    private static GapView.GapLine since(Measured before, Spot spot, GapChange change) {
        String heading = "Since " + Days.words(before.check().date());
        boolean compared = change.worth() != Significance.NOT_COMPARABLE;
        String text = spot.words() + ": " + (compared ? change.words() + ", " : "")
                + change.worth().words();
        return new GapView.GapLine(heading, text, false, change.sum());
    }

    /** Why the head is not lifted today, or nothing. */
    String noHeadLift(Woman woman, LocalDate today) {
        return CheckWindow.noHeadLift(new Facts(records.clientOn(woman, today), today))
                .orElse("");
    }
}
