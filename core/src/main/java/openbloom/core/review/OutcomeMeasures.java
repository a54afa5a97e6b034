package openbloom.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import openbloom.core.Days;
import openbloom.core.evidence.Published;
import openbloom.core.gap.GapChange;
import openbloom.core.gap.GapChange.Significance;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Measured;
import openbloom.core.gap.RepeatabilityInUse;
import openbloom.core.gap.Series;
import openbloom.core.gap.Spot;
import openbloom.core.gap.WholeMidline;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.record.Checks;
import openbloom.core.record.LadderStatus;

/** Before and after for each thing measured; a difference counts where it is larger than what repeating it would differ by. */
final class OutcomeMeasures {
    private static final String MORE = ": more than measuring twice would explain.";

    private final ReviewPeriod look;
    private final List<Measure> measures = new ArrayList<>();
    private final List<GapChange> changes = new ArrayList<>();
    private final List<ProgramReview.LevelChange> levels = new ArrayList<>();
    private Optional<String> gapSentence = Optional.empty();
    private boolean narrowedAsAWhole;

    private OutcomeMeasures(ReviewPeriod look) {
        this.look = look;
    }

    static OutcomeMeasures of(ReviewPeriod look) {
        OutcomeMeasures all = new OutcomeMeasures(look);
        all.gap();
        all.pelvicFloor();
        all.raise();
        all.rungs();
        all.done();
        return all;
    }

    List<Measure> all() {
        return List.copyOf(measures);
    }

    List<ProgramReview.LevelChange> levels() {
        return List.copyOf(levels);
    }

    /** What became of the gap, for her; empty while she is pregnant or where nobody ever read it. */
    Optional<String> gapSentence() {
        return gapSentence;
    }

    private Checks before() {
        return look.before().facts().client().checks();
    }

    private Checks after() {
        return look.after().facts().client().checks();
    }

    /** Only {@link GapChange} and {@link WholeMidline} say what a difference of widths is worth. */
    private void gap() {
        Optional<Measured> then = look.gap().then();
        Optional<Measured> now = look.gap().now();
        if (then.isEmpty() && now.isEmpty()) {
            return;
        }
        boolean pregnant =
                look.before().facts().isPregnant() || look.after().facts().isPregnant();
        boolean newer = then.isPresent()
                && now.isPresent()
                && now.get().check().date().isAfter(then.get().check().date());
        if (pregnant || !newer) {
            measures.add(new Measure(
                    "Gap",
                    then.map(OutcomeMeasures::day).orElse("not read"),
                    now.map(OutcomeMeasures::day).orElse("not read"),
                    Measure.MeasureVerdict.NOT_COMPARABLE,
                    pregnant ? "in pregnancy a width is neither better nor worse" : "not read both times"));
            gapSentence = pregnant
                    ? Optional.empty()
                    : Optional.of("The gap was not read both times, so nothing can be said of it.");
            return;
        }
        int first = measures.size();
        then.get().check().in(GapState.LIFT).forEach(reading -> site(reading.spot(), then.get(), now.get()));
        if (measures.size() == first) {
            measures.add(new Measure(
                    "Gap",
                    day(then.get()),
                    day(now.get()),
                    Measure.MeasureVerdict.NOT_COMPARABLE,
                    "no site was read on the small lift both times"));
        }
        sitesSentence();
        whole(List.of(then.get(), now.get()));
    }

    private void sitesSentence() {
        List<GapChange> compared = changes.stream()
                .filter(change -> change.worth() != Significance.NOT_COMPARABLE)
                .toList();
        Optional<GapChange> real = compared.stream()
                .filter(change -> change.worth() == Significance.REAL_CHANGE)
                .findFirst();
        gapSentence = Optional.of(real.map(change -> "The gap is " + change.words() + " at a site" + MORE)
                .orElse(
                        compared.isEmpty()
                                ? "The gap was not read the same way both times, so nothing can be said of it."
                                : "The gap has not changed by more than measuring it twice would."));
    }

    private static String day(Measured measured) {
        return Days.words(measured.check().date());
    }

    private void site(Spot spot, Measured then, Measured now) {
        GapChange.between(then, now, spot, GapState.LIFT, look.gap().ofSite()).ifPresent(change -> {
            changes.add(change);
            measures.add(new Measure(
                    "Gap " + spot.words(),
                    width(then, spot),
                    width(now, spot),
                    verdict(change.worth()),
                    change.words().equals(change.worth().words()) ? change.sum() : change.words() + ": " + change.sum(),
                    scale(change, then, spot)));
        });
    }

    private Optional<Measure.MeasureScale> scale(GapChange change, Measured then, Spot spot) {
        return then.amount(spot, GapState.LIFT)
                .filter(width -> change.worth() != Significance.NOT_COMPARABLE)
                .map(width -> new Measure.MeasureScale(
                        width, width + change.amount(), look.gap().ofSite().coefficient()));
    }

    private static String width(Measured measured, Spot spot) {
        return measured.method().words(measured.amount(spot, GapState.LIFT).orElseThrow());
    }

    private static Measure.MeasureVerdict verdict(Significance worth) {
        return switch (worth) {
            case REAL_CHANGE -> Measure.MeasureVerdict.REAL_CHANGE;
            case WITHIN_REPEATABILITY -> Measure.MeasureVerdict.WITHIN_REPEATABILITY;
            case NOT_COMPARABLE -> Measure.MeasureVerdict.NOT_COMPARABLE;
        };
    }

    /** The mean over the sites read each time has more power than one site; only of one person and method. */
    private void whole(List<Measured> both) {
        WholeMidline.of(GapState.LIFT, both)
                .filter(midline -> midline.means().readings().size() == both.size())
                .ifPresent(midline -> {
                    RepeatabilityInUse inUse =
                            look.gap().ofMeans().apply(midline.spots().size());
                    Series means = midline.means();
                    double first = means.readings().get(0).amount();
                    double second = means.readings().get(1).amount();
                    boolean real = midline.hasChanged(inUse);
                    narrowedAsAWhole = real && second < first;
                    measures.add(new Measure(
                            "Average of " + midline.spots().size() + " sites",
                            means.method().meanWords(first),
                            means.method().meanWords(second),
                            real ? Measure.MeasureVerdict.REAL_CHANGE : Measure.MeasureVerdict.WITHIN_REPEATABILITY,
                            midline.words(inUse) + "; " + inUse.words(),
                            Optional.of(new Measure.MeasureScale(first, second, inUse.coefficient()))));
                    if (real) {
                        gapSentence = Optional.of("The gap, averaged over "
                                + midline.spots().size() + " sites, is "
                                + means.method().meanWords(Math.abs(second - first))
                                + (second < first ? " narrower" : " wider") + MORE);
                    }
                });
    }

    /** Whether the gap is really narrower than it was, at a site or as a whole. */
    static boolean isNarrower(ReviewPeriod look) {
        OutcomeMeasures all = new OutcomeMeasures(look);
        all.gap();
        return all.narrowedAsAWhole
                || all.changes.stream()
                        .anyMatch(change -> change.worth() == Significance.REAL_CHANGE && change.amount() < 0);
    }

    private void pelvicFloor() {
        PelvicFloorCheck then = before().pelvicFloor();
        PelvicFloorCheck now = after().pelvicFloor();
        if (then.equals(PelvicFloorCheck.NOT_CHECKED) && now.equals(PelvicFloorCheck.NOT_CHECKED)) {
            return;
        }
        boolean both = !then.equals(PelvicFloorCheck.NOT_CHECKED) && !now.equals(PelvicFloorCheck.NOT_CHECKED);
        if (!both) {
            measures.add(new Measure(
                    "Pelvic floor",
                    then.equals(PelvicFloorCheck.NOT_CHECKED)
                            ? "not checked"
                            : then.tone().words(),
                    now.equals(PelvicFloorCheck.NOT_CHECKED)
                            ? "not checked"
                            : now.tone().words(),
                    Measure.MeasureVerdict.NOT_COMPARABLE,
                    "not checked both times"));
            return;
        }
        int hold = Published.HOLD_REPEATABILITY.amount();
        int count = Published.COUNT_REPEATABILITY.amount();
        add("Best hold", then.holdSeconds(), now.holdSeconds(), "s", hold);
        add("Holds of that length", then.holdRepetitions(), now.holdRepetitions(), "times", count);
        add("Flicks", then.flicks(), now.flicks(), "flicks", count);
        kinds("Letting go", then.lettingGo(), now.lettingGo());
    }

    private void kinds(String what, LettingGo then, LettingGo now) {
        boolean known = then != LettingGo.UNKNOWN && now != LettingGo.UNKNOWN;
        Measure.MeasureVerdict verdict = !known
                ? Measure.MeasureVerdict.NOT_COMPARABLE
                : then == now ? Measure.MeasureVerdict.WITHIN_REPEATABILITY : Measure.MeasureVerdict.REAL_CHANGE;
        measures.add(new Measure(
                what,
                then.words(),
                now.words(),
                verdict,
                known ? "reported in three steps" : "not checked both times"));
    }

    private void raise() {
        Optional<Integer> then = before().straightLegRaise();
        Optional<Integer> now = after().straightLegRaise();
        if (then.isPresent() && now.isPresent()) {
            add("Straight leg raise", then.get(), now.get(), "of 10", Published.RAISE_REPEATABILITY.amount());
        }
    }

    /** A rung was earned on two days, so one more is a change. */
    private void rungs() {
        LadderStatus then = look.before().facts().client().standing();
        LadderStatus now = look.after().facts().client().standing();
        for (ExerciseGroup strand : ExerciseGroup.values()) {
            if (strand == ExerciseGroup.BREATH || strand == ExerciseGroup.RELEASE || strand == ExerciseGroup.MOBILITY) {
                continue;
            }
            OptionalInt first = rung(then, strand);
            OptionalInt second = rung(now, strand);
            if (first.isPresent() && second.isPresent()) {
                add(
                        strand.words() + ", level",
                        first.getAsInt(),
                        second.getAsInt(),
                        "",
                        0.5,
                        "a level is earned on two days");
                levels.add(new ProgramReview.LevelChange(
                        strand,
                        first.getAsInt(),
                        second.getAsInt(),
                        look.after().catalogue().topRung(strand),
                        now.ceilings().containsKey(strand)));
            }
        }
    }

    private static OptionalInt rung(LadderStatus standing, ExerciseGroup strand) {
        LadderStatus.Working working = standing.working().get(strand);
        Integer done = standing.rungs().get(strand);
        if (working != null) {
            return OptionalInt.of(working.rung());
        }
        return done == null ? OptionalInt.empty() : OptionalInt.of(done);
    }

    private void done() {
        ReviewPeriod.SessionsDone done = look.done();
        if (done.plannedSessions() > 0 || done.doneSessions() > 0) {
            measures.add(new Measure(
                    "Sessions",
                    done.plannedSessions() + " planned",
                    done.doneSessions() + " done",
                    Measure.MeasureVerdict.COUNTED,
                    done.doneMinutes() + " of " + done.plannedMinutes() + " minutes"));
        }
    }

    private void add(String what, double then, double now, String unit, double repeatability) {
        add(what, then, now, unit, repeatability, "measurement error " + told(repeatability, unit));
    }

    private void add(String what, double then, double now, String unit, double repeatability, String basis) {
        double difference = now - then;
        boolean real = Math.abs(difference) > repeatability;
        String sign = difference < 0 ? "−" : "+";
        String sum = number(now) + " − " + number(then) + " = "
                + (difference == 0 ? "0" : sign + number(Math.abs(difference))) + (unit.isEmpty() ? "" : " " + unit)
                + "; " + basis;
        measures.add(new Measure(
                what,
                told(then, unit),
                told(now, unit),
                real ? Measure.MeasureVerdict.REAL_CHANGE : Measure.MeasureVerdict.WITHIN_REPEATABILITY,
                sum,
                Optional.of(new Measure.MeasureScale(then, now, repeatability))));
    }

    private static String told(double value, String unit) {
        return number(value) + (unit.isEmpty() ? "" : " " + unit);
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.format(Locale.ENGLISH, "%.1f", value);
    }
}
