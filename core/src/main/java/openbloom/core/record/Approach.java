package openbloom.core.record;

import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import openbloom.core.gap.School;

/**
 * One choice for each question of approach.
 *
 * @param choices one {@link ApproachChoice} for each {@link Question}, none missing
 */
public record Approach(Map<Question, ApproachChoice> choices) {
    public static final Approach USUAL = Approach.of(Set.of());

    public Approach {
        choices = Collections.unmodifiableMap(new EnumMap<>(choices));
    }

    /** The defaults with some choices of her own; of two for one question the later in the list of choices counts. */
    public static Approach of(Collection<ApproachChoice> own) {
        Map<Question, ApproachChoice> choices = Arrays.stream(Question.values())
                .collect(Collectors.toMap(
                        Function.identity(), Question::usual, (a, b) -> b, () -> new EnumMap<>(Question.class)));
        own.stream().sorted().forEach(choice -> choices.put(choice.question(), choice));
        return new Approach(choices);
    }

    /** The school her gap is read by (A1). */
    public School school() {
        return switch (at(Question.A1)) {
            case FUNCTIONAL -> School.FUNCTIONAL;
            case MILLIMETRE_NORMS -> School.RATH_1996;
            case FOUR_FINGERS -> School.FOUR_FINGERS;
            default -> School.TWO_FINGERS;
        };
    }

    public boolean is(ApproachChoice choice) {
        return choices.get(choice.question()) == choice;
    }

    public ApproachChoice at(Question question) {
        return choices.getOrDefault(question, question.usual());
    }
}
