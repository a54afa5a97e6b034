package openbloom.core.record;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.Enums;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.screening.Condition;

/**
 * What her clinician has said.
 *
 * @param by who said it
 * @param answers the conditions it was expressly given for; empty when nobody said
 * @param limits codes of {@link ClinicalRestriction}, ids of moves or names of strands expressly allowed, or free words
 */
public record Clearance(LocalDate date, String by, List<String> limits, Set<Condition> answers) {
    public Clearance {
        limits = List.copyOf(limits);
        answers = Enums.copyOf(answers);
    }

    /** A clearance of which nobody said what it is for. */
    public static Clearance of(LocalDate date, String by, List<String> limits) {
        return new Clearance(date, by, limits, Set.of());
    }

    /** Limits the rules can read. */
    public Set<ClinicalRestriction> readable() {
        return limits.stream()
                .flatMap(limit -> ClinicalRestriction.parse(limit).stream())
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Whether the clinician expressly named this move or its strand. */
    public boolean names(Move move) {
        return limits.stream()
                .anyMatch(limit ->
                        limit.equals(move.id()) || limit.equals(move.strand().name()));
    }

    /** Whether the instructor has said what the clinician's own words mean. */
    public boolean isUnderstood() {
        return readable().contains(ClinicalRestriction.WORDS_UNDERSTOOD);
    }

    /** “Not yet” to exercise: nothing but breath until the next word. */
    public boolean isBreathOnly() {
        return readable().contains(ClinicalRestriction.BREATH_ONLY);
    }

    /** Limits only a person can read. */
    public List<String> words() {
        return limits.stream()
                .filter(limit -> ClinicalRestriction.parse(limit).isEmpty() && !isName(limit))
                .toList();
    }

    private static boolean isName(String limit) {
        return isStrand(limit) || limit.matches("[a-z0-9]+(-[a-z0-9]+)+");
    }

    private static boolean isStrand(String limit) {
        return Arrays.stream(ExerciseGroup.values())
                .anyMatch(strand -> strand.name().equals(limit));
    }

    /** Whether it is written like a code and is none: neither a limit nor a ladder. */
    public static boolean isUnknownCode(String limit) {
        return limit.matches("[A-Z][A-Z0-9]*(_[A-Z0-9]+)+")
                && ClinicalRestriction.parse(limit).isEmpty()
                && !isStrand(limit);
    }
}
