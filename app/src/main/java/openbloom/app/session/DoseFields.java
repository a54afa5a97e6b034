package openbloom.app.session;

import java.util.Optional;
import openbloom.app.system.FormReader;
import openbloom.core.moves.Dose;
import org.jspecify.annotations.Nullable;

/** A dose as it is changed in two fields: sets, and repetitions, seconds of a single hold or breaths, whatever it is counted in. */
public final class DoseFields {
    private static final int MOST_SETS = 10;
    private static final int MOST_REPETITIONS = 60;
    private static final int MOST_SECONDS = 600;

    private DoseFields() {}

    private static boolean isHeld(Dose dose) {
        return dose.holdSeconds() > 0 && dose.repetitions() == 1;
    }

    private static boolean isBreathed(Dose dose) {
        return dose.breaths() > 0 && dose.repetitions() == 1;
    }

    /** What stands in the second field. */
    public static int amount(Dose dose) {
        if (isHeld(dose)) {
            return dose.holdSeconds();
        }
        return isBreathed(dose) ? dose.breaths() : dose.repetitions();
    }

    /** What the second field is counted in. */
    public static String unit(Dose dose) {
        if (isHeld(dose)) {
            return "s";
        }
        return isBreathed(dose) ? "breaths" : "times";
    }

    /** The dose as typed; empty with a problem beside {@code sets} or {@code amount} where it makes no sense. */
    public static Optional<Dose> read(FormReader typed, @Nullable String sets, @Nullable String amount, Dose now) {
        Optional<Integer> newSets = typed.requiredWhole("sets", sets, 1, MOST_SETS);
        Optional<Integer> newAmount =
                typed.requiredWhole("amount", amount, 1, isHeld(now) ? MOST_SECONDS : MOST_REPETITIONS);
        if (newSets.isEmpty() || newAmount.isEmpty()) {
            return Optional.empty();
        }
        Dose inSets = now.withSets(newSets.get());
        if (isHeld(now)) {
            return Optional.of(inSets.withHoldSeconds(newAmount.get()));
        }
        return Optional.of(
                isBreathed(now) ? inSets.withBreaths(newAmount.get()) : inSets.withRepetitions(newAmount.get()));
    }
}
