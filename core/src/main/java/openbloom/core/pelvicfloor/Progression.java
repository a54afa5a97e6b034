package openbloom.core.pelvicfloor;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import openbloom.core.pelvicfloor.Prescription.Holds;

/**
 * Moves a dose of holds on: one second or one repetition more once the full set with full letting-go was done on two
 * days; one back on fading, pain or heaviness.
 */
public final class Progression {
    private static final int DAYS_TO_MOVE_ON = 2;
    private static final int LONGEST = 10;
    private static final int MOST = 10;

    private Progression() {}

    /** What one practice showed. */
    public record Practice(
            LocalDate on, boolean fullSet, boolean fullLettingGo, boolean faded, boolean hurt, boolean heavy) {
        boolean isAgainst() {
            return faded || hurt || heavy;
        }

        boolean isGood() {
            return fullSet && fullLettingGo && !isAgainst();
        }
    }

    /** The next dose, and why. */
    public record Step(Holds holds, String why) {}

    /**
     * @param practices with the present dose, in any order; the latest day decides
     */
    public static Step after(Holds holds, List<Practice> practices) {
        if (holds.repetitions() == 0 || practices.isEmpty()) {
            return new Step(holds, "No practice with this dose yet.");
        }
        Practice latest =
                practices.stream().max(Comparator.comparing(Practice::on)).orElseThrow();
        if (latest.isAgainst()) {
            return back(holds, latest);
        }
        long goodDays = practices.stream()
                .filter(Practice::isGood)
                .map(Practice::on)
                .distinct()
                .count();
        return goodDays >= DAYS_TO_MOVE_ON
                ? on(holds)
                : new Step(holds, "Full set with full letting-go on " + goodDays + " of 2 days.");
    }

    /**
     * Where a dose has come to: practices are taken day by day, and begin anew with every change.
     *
     * @param practices oldest first
     */
    public static Step through(Holds start, List<Practice> practices) {
        Step step = after(start, List.of());
        List<Practice> withThisDose = new ArrayList<>();
        for (Practice practice : practices) {
            withThisDose.add(practice);
            Step next = after(step.holds(), withThisDose);
            if (!next.holds().equals(step.holds())) {
                withThisDose.clear();
            }
            step = next;
        }
        return step;
    }

    private static Step back(Holds holds, Practice latest) {
        String why = String.join(
                " and ",
                Stream.of(
                                latest.faded() ? "it faded" : "",
                                latest.hurt() ? "it hurt" : "",
                                latest.heavy() ? "heaviness came on" : "")
                        .filter(word -> !word.isEmpty())
                        .toList());
        Holds less = holds.seconds() > 1
                ? with(holds, holds.seconds() - 1, holds.repetitions())
                : with(holds, holds.seconds(), Math.max(1, holds.repetitions() - 1));
        return new Step(less, "One back: " + why + ".");
    }

    /** Seconds first while they are no more than the repetitions, so that both grow together. */
    private static Step on(Holds holds) {
        boolean longer =
                holds.seconds() < LONGEST && (holds.seconds() <= holds.repetitions() || holds.repetitions() >= MOST);
        if (longer) {
            return new Step(
                    with(holds, holds.seconds() + 1, holds.repetitions()), "One second more: done fully on two days.");
        }
        if (holds.repetitions() < MOST) {
            return new Step(
                    with(holds, holds.seconds(), holds.repetitions() + 1), "One hold more: done fully on two days.");
        }
        return new Step(holds, "10 holds of 10 s are reached: take them upright and into tasks.");
    }

    /** Letting go stays at least as long as the hold. */
    private static Holds with(Holds holds, int seconds, int repetitions) {
        int times = holds.seconds() > 0 && holds.restSeconds() >= 2 * holds.seconds() && holds.seconds() > 2 ? 2 : 1;
        return new Holds(seconds, repetitions, Math.max(4, times * seconds));
    }
}
