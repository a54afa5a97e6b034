package openbloom.core.pelvicfloor;

import static openbloom.core.evidence.Published.EARLY_HOLD;
import static openbloom.core.evidence.Published.EARLY_REPETITIONS;
import static openbloom.core.evidence.Published.FULL_HOLD;
import static openbloom.core.evidence.Published.FULL_REPETITIONS;
import static openbloom.core.evidence.Published.LEAST_REST;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.pelvicfloor.Prescription.Holds;

/**
 * Moves a dose of holds on: one second or one repetition more once the full set with full letting-go was done on two
 * days; one back on fading, pain or heaviness. Before clearance, and while a lift is still being found, it never grows past
 * what is asked there at most.
 *
 * @param restTimes letting go lasts so many times the hold, and never under 4 s
 * @param longest seconds
 * @param most repetitions
 * @see YesNoUnknown
 * @see Allowance
 */
public record Progression(int restTimes, int longest, int most) {
    private static final int DAYS_TO_MOVE_ON = 2;

    /** @param fades whether her holds fade, which doubles letting go */
    public static Progression of(Track track, Allowance allowance, YesNoUnknown fades) {
        boolean finding = track == Track.COORDINATE;
        int restTimes = finding || fades == YesNoUnknown.YES ? 2 : 1;
        if (allowance != Allowance.FULL) {
            return new Progression(restTimes, EARLY_HOLD.amount(), EARLY_REPETITIONS.amount());
        }
        return finding
                ? new Progression(restTimes, Prescriber.GENTLE_SECONDS, Prescriber.GENTLE_REPETITIONS)
                : new Progression(restTimes, FULL_HOLD.amount(), FULL_REPETITIONS.amount());
    }

    /**
     * What one practice showed.
     *
     * @param on the day of the practice
     * @param fullSet every hold asked for was done for its whole time
     * @param fullLettingGo each was followed by letting go entirely
     * @param faded a hold fell off before its end
     * @param hurt pain during it
     * @param heavy heaviness during it or after
     */
    public record FloorPracticeDay(
            LocalDate on, boolean fullSet, boolean fullLettingGo, boolean faded, boolean hurt, boolean heavy) {
        boolean isAgainst() {
            return faded || hurt || heavy;
        }

        boolean isGood() {
            return fullSet && fullLettingGo && !isAgainst();
        }
    }

    /**
     * The next dose, and why.
     *
     * @param holds the next dose, see {@link Holds}
     * @param why what moved it or kept it
     */
    public record ProgressionStep(Holds holds, String why) {}

    /**
     * @param practices with the present dose, in any order; whatever went against it on the latest day decides,
     *     and good days count only after the last one that was not
     */
    public ProgressionStep after(Holds holds, List<FloorPracticeDay> practices) {
        if (holds.repetitions() == 0 || practices.isEmpty()) {
            return new ProgressionStep(holds, "No practice with this dose yet.");
        }
        LocalDate latest = practices.stream()
                .map(FloorPracticeDay::on)
                .max(LocalDate::compareTo)
                .orElseThrow();
        List<FloorPracticeDay> against = practices.stream()
                .filter(practice -> practice.on().equals(latest) && practice.isAgainst())
                .toList();
        if (!against.isEmpty()) {
            return back(holds, against);
        }
        LocalDate lastAgainst = practices.stream()
                .filter(FloorPracticeDay::isAgainst)
                .map(FloorPracticeDay::on)
                .max(LocalDate::compareTo)
                .orElse(LocalDate.MIN);
        long goodDays = practices.stream()
                .filter(practice -> practice.isGood() && practice.on().isAfter(lastAgainst))
                .map(FloorPracticeDay::on)
                .distinct()
                .count();
        return goodDays >= DAYS_TO_MOVE_ON
                ? on(holds)
                : new ProgressionStep(
                        holds, "Full set with full letting-go on " + goodDays + " of " + DAYS_TO_MOVE_ON + " days.");
    }

    /**
     * Where a dose has come to: practices are taken one by one, and begin anew with every change.
     *
     * @param practices oldest first
     */
    public ProgressionStep through(Holds start, List<FloorPracticeDay> practices) {
        ProgressionStep step = after(start, List.of());
        List<FloorPracticeDay> withThisDose = new ArrayList<>();
        for (FloorPracticeDay practice : practices) {
            withThisDose.add(practice);
            ProgressionStep next = after(step.holds(), withThisDose);
            if (!next.holds().equals(step.holds())) {
                withThisDose.clear();
            }
            step = next;
        }
        return step;
    }

    private ProgressionStep back(Holds holds, List<FloorPracticeDay> against) {
        String why = String.join(
                " and ",
                Stream.of(
                                against.stream().anyMatch(FloorPracticeDay::faded) ? "it faded" : "",
                                against.stream().anyMatch(FloorPracticeDay::hurt) ? "it hurt" : "",
                                against.stream().anyMatch(FloorPracticeDay::heavy) ? "heaviness came on" : "")
                        .filter(word -> !word.isEmpty())
                        .toList());
        Holds less = holds.seconds() > 1
                ? dose(holds.seconds() - 1, holds.repetitions())
                : dose(holds.seconds(), Math.max(1, holds.repetitions() - 1));
        return new ProgressionStep(less, "One back: " + why + ".");
    }

    /** Seconds first while they are no more than the repetitions, so that both grow together. */
    private ProgressionStep on(Holds holds) {
        boolean longer =
                holds.seconds() < longest && (holds.seconds() <= holds.repetitions() || holds.repetitions() >= most);
        if (longer) {
            return new ProgressionStep(
                    dose(holds.seconds() + 1, holds.repetitions()), "One second more: done fully on two days.");
        }
        if (holds.repetitions() < most) {
            return new ProgressionStep(
                    dose(holds.seconds(), holds.repetitions() + 1), "One hold more: done fully on two days.");
        }
        boolean full = longest == FULL_HOLD.amount() && most == FULL_REPETITIONS.amount();
        return new ProgressionStep(
                holds,
                full
                        ? FULL_REPETITIONS.amount() + " holds of " + FULL_HOLD.amount()
                                + " s are reached: take them upright and into tasks."
                        : "As far as it goes for now: check her again.");
    }

    private Holds dose(int seconds, int repetitions) {
        return new Holds(seconds, repetitions, Math.max(LEAST_REST.amount(), restTimes * seconds));
    }
}
