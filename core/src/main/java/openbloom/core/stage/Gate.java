package openbloom.core.stage;

import java.time.LocalDate;
import java.util.Optional;

/**
 * One condition, whether it is met, and what says so.
 *
 * @param detail the reading and its date in words, or what is missing
 * @param earliestDate the first day on which a time-based condition is met
 */
public record Gate(GateKind kind, boolean met, String detail, Optional<LocalDate> earliestDate) {
    /** {@code needs a closed wound; has: not known}. */
    public String words() {
        return "needs " + kind.words() + "; has: " + detail;
    }

    public static Gate of(GateKind gate, boolean met, String detail) {
        return new Gate(gate, met, detail, Optional.empty());
    }

    public static Gate from(GateKind gate, LocalDate earliest, LocalDate day, String detail) {
        return new Gate(gate, !day.isBefore(earliest), detail, Optional.of(earliest));
    }
}
