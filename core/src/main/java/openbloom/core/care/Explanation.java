package openbloom.core.care;

import java.util.List;
import java.util.Locale;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.record.Client;
import openbloom.core.screening.Symptom;
import openbloom.core.verdict.Facts;

/**
 * A card that explains to her what she does and why, with a drawn view of the same name.
 *
 * @param id as in the file: {@code breath-and-floor}
 * @param words at most 90, read by somebody of twelve
 * @param groups exercise groups it explains
 * @param moves ids of moves it explains before their group does
 * @see Explanations
 */
public record Explanation(
        String id, String title, String words, ForWhom when, List<ExerciseGroup> groups, List<String> moves) {
    public static final int MOST_WORDS = 90;
    private static final int YEARS_AFTER_BIRTH = 2;

    public Explanation {
        groups = List.copyOf(groups);
        moves = List.copyOf(moves);
    }

    /** Whom it is offered to. */
    public enum ForWhom {
        ALWAYS,
        /** Pregnant, within two years of a birth, or with a gap somebody read. */
        MIDLINE,
        /** With a check or a symptom of the pelvic floor. */
        FLOOR,
        HEAVINESS,
        LEAKING,
        AFTER_BIRTH;

        boolean isMet(Facts facts) {
            Client her = facts.client();
            return switch (this) {
                case ALWAYS -> true;
                case MIDLINE ->
                    facts.isPregnant()
                            || isAfterBirth(facts)
                            || her.checks().gap().isPresent();
                case FLOOR ->
                    !her.checks().pelvicFloor().equals(PelvicFloorCheck.NOT_CHECKED)
                            || LEAKING.isMet(facts)
                            || HEAVINESS.isMet(facts);
                case HEAVINESS -> her.has(Symptom.HEAVINESS);
                case LEAKING -> her.has(Symptom.LEAK_WITH_EFFORT) || her.has(Symptom.LEAK_WITH_URGE);
                case AFTER_BIRTH -> isAfterBirth(facts);
            };
        }

        private static boolean isAfterBirth(Facts facts) {
            return !facts.isPregnant()
                    && facts.client()
                            .situation()
                            .birth()
                            .filter(born ->
                                    !born.date().plusYears(YEARS_AFTER_BIRTH).isBefore(facts.day()))
                            .isPresent();
        }
    }

    /** The drawn view that goes with it, as a constant is written. */
    public String view() {
        return id.toUpperCase(Locale.ROOT).replace('-', '_');
    }

    boolean explains(Move move) {
        return moves.contains(move.id()) || groups.contains(move.strand());
    }

    boolean explainsItself(Move move) {
        return moves.contains(move.id());
    }
}
