package openbloom.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import openbloom.core.Days;
import openbloom.core.evidence.Published;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Width;
import openbloom.core.moves.Strand;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.record.Checks;
import openbloom.core.record.Standing;

/** Before and after for each thing measured; a difference counts where it is larger than what repeating it would differ by. */
final class Measures {
    private final Look look;
    private final List<Measure> measures = new ArrayList<>();

    private Measures(Look look) {
        this.look = look;
    }

    static List<Measure> of(Look look) {
        Measures all = new Measures(look);
        all.gap();
        all.pelvicFloor();
        all.raise();
        all.rungs();
        all.done();
        return List.copyOf(all.measures);
    }

    private Checks before() {
        return look.before().facts().client().checks();
    }

    private Checks after() {
        return look.after().facts().client().checks();
    }

    private void gap() {
        Optional<GapCheck> then = before().gap();
        Optional<GapCheck> now = after().gap();
        if (then.isEmpty() && now.isEmpty()) {
            return;
        }
        boolean pregnant =
                look.before().facts().isPregnant() || look.after().facts().isPregnant();
        boolean newer = then.isPresent()
                && now.isPresent()
                && now.get().date().isAfter(then.get().date());
        if (pregnant || !newer) {
            measures.add(new Measure(
                    "Gap",
                    then.map(check -> Days.words(check.date())).orElse("not read"),
                    now.map(check -> Days.words(check.date())).orElse("not read"),
                    Measure.Verdict.NOT_COMPARABLE,
                    pregnant ? "in pregnancy a width is neither better nor worse" : "not read both times"));
            return;
        }
        List<double[]> both = new ArrayList<>();
        boolean fingers = true;
        for (GapReading reading : then.get().in(GapState.LIFT).toList()) {
            Optional<GapReading> again = now.get().at(reading.spot(), GapState.LIFT);
            boolean alike = again.filter(
                            other -> other.width().getClass() == reading.width().getClass())
                    .isPresent();
            if (!alike) {
                continue;
            }
            fingers = reading.width() instanceof Width.Fingers;
            double first = amount(reading.width());
            double second = amount(again.get().width());
            both.add(new double[] {first, second});
            add("Gap " + reading.spot().words(), first, second, unit(fingers), repeatability(fingers));
        }
        whole(both, fingers);
    }

    /** The mean over the sites read each time has more power than one site. */
    private void whole(List<double[]> both, boolean fingers) {
        if (both.size() > 1) {
            double first = both.stream().mapToDouble(pair -> pair[0]).average().orElse(0);
            double second = both.stream().mapToDouble(pair -> pair[1]).average().orElse(0);
            add(
                    "Midline as a whole, mean of " + both.size() + " sites",
                    first,
                    second,
                    unit(fingers),
                    repeatability(fingers) / Math.sqrt(both.size()));
        }
    }

    private static double amount(Width width) {
        return width instanceof Width.Fingers fingers ? fingers.fingers() : width.roughMm();
    }

    private static String unit(boolean fingers) {
        return fingers ? "fingers" : "mm";
    }

    private static double repeatability(boolean fingers) {
        return fingers ? 1 : Published.NOMINAL_FINGER.amount() / 2.0;
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
                    Measure.Verdict.NOT_COMPARABLE,
                    "not checked both times"));
            return;
        }
        int hold = Published.HOLD_REPEATABILITY.amount();
        int count = Published.COUNT_REPEATABILITY.amount();
        add("Best hold", then.holdSeconds(), now.holdSeconds(), "s", hold);
        add("Such holds", then.holdRepetitions(), now.holdRepetitions(), "times", count);
        add("Flicks", then.flicks(), now.flicks(), "flicks", count);
        kinds("Letting go", then.lettingGo(), now.lettingGo());
    }

    private void kinds(String what, LettingGo then, LettingGo now) {
        boolean known = then != LettingGo.UNKNOWN && now != LettingGo.UNKNOWN;
        Measure.Verdict verdict = !known
                ? Measure.Verdict.NOT_COMPARABLE
                : then == now ? Measure.Verdict.WITHIN_REPEATABILITY : Measure.Verdict.REAL_CHANGE;
        measures.add(new Measure(
                what, then.words(), now.words(), verdict, known ? "told in three steps" : "not checked both times"));
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
        Standing then = look.before().facts().client().standing();
        Standing now = look.after().facts().client().standing();
        for (Strand strand : Strand.values()) {
            if (strand == Strand.BREATH || strand == Strand.RELEASE || strand == Strand.MOBILITY) {
                continue;
            }
            OptionalInt first = rung(then, strand);
            OptionalInt second = rung(now, strand);
            if (first.isPresent() && second.isPresent()) {
                add(strand.words() + ", rung", first.getAsInt(), second.getAsInt(), "", 0.5);
            }
        }
    }

    private static OptionalInt rung(Standing standing, Strand strand) {
        Standing.Working working = standing.working().get(strand);
        Integer done = standing.rungs().get(strand);
        if (working != null) {
            return OptionalInt.of(working.rung());
        }
        return done == null ? OptionalInt.empty() : OptionalInt.of(done);
    }

    private void done() {
        Look.Done done = look.done();
        if (done.plannedSessions() > 0 || done.doneSessions() > 0) {
            measures.add(new Measure(
                    "Sessions",
                    done.plannedSessions() + " planned",
                    done.doneSessions() + " done",
                    Measure.Verdict.NOT_COMPARABLE,
                    done.doneMinutes() + " of " + done.plannedMinutes() + " minutes"));
        }
    }

    private void add(String what, double then, double now, String unit, double repeatability) {
        double difference = now - then;
        boolean real = Math.abs(difference) > repeatability;
        String sign = difference < 0 ? "−" : "+";
        String sum = number(now) + " − " + number(then) + " = "
                + (difference == 0 ? "0" : sign + number(Math.abs(difference))) + (unit.isEmpty() ? "" : " " + unit)
                + "; repeating it may differ by " + number(repeatability);
        measures.add(new Measure(
                what,
                told(then, unit),
                told(now, unit),
                real ? Measure.Verdict.REAL_CHANGE : Measure.Verdict.WITHIN_REPEATABILITY,
                sum));
    }

    private static String told(double value, String unit) {
        String one = unit.equals("fingers") && value == 1 ? "finger" : unit;
        return number(value) + (unit.isEmpty() ? "" : " " + one);
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.format(Locale.ENGLISH, "%.1f", value);
    }
}
