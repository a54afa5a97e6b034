package openbloom.core.record;

import java.util.List;

/**
 * What she told, whoever asked.
 *
 * @param safety the signs that stand, and the symptoms as she answered last in the studio
 * @param fromHome what she told from home besides, oldest first
 * @see CaseNotes
 */
public record SafetyNotes(Safety safety, List<HomeReport> fromHome) {
    public SafetyNotes {
        fromHome = List.copyOf(fromHome);
    }

    /** Asked in the studio alone. */
    public static SafetyNotes asked(Safety safety) {
        return new SafetyNotes(safety, List.of());
    }
}
