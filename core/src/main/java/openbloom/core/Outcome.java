package openbloom.core;

import java.util.List;
import java.util.function.Function;

/**
 * What came of reading somebody's input: the value, or everything that was wrong with it.
 *
 * @see Problems
 */
public sealed interface Outcome<T> {
    /** The input made sense. */
    record Accepted<T>(T value) implements Outcome<T> {}

    /** The input did not make sense; at least one problem says why. */
    record Refused<T>(List<Problem> problems) implements Outcome<T> {
        public Refused {
            problems = List.copyOf(problems);
            if (problems.isEmpty()) {
                throw new IllegalArgumentException("A refusal names at least one problem, but there was none");
            }
        }
    }

    static <T> Outcome<T> accepted(T value) {
        return new Accepted<>(value);
    }

    static <T> Outcome<T> refused(Problem... problems) {
        return new Refused<>(List.of(problems));
    }

    /** Every problem found; empty when the input was accepted. */
    default List<Problem> problems() {
        return this instanceof Refused<T> refused ? refused.problems() : List.of();
    }

    /**
     * The value.
     *
     * @throws IllegalStateException if the input was refused
     */
    default T value() {
        if (this instanceof Accepted<T> accepted) {
            return accepted.value();
        }
        throw new IllegalStateException("Expected an accepted value, but it was refused: " + problems());
    }

    default <R> Outcome<R> map(Function<T, R> change) {
        return this instanceof Accepted<T> accepted
                ? new Accepted<>(change.apply(accepted.value()))
                : new Refused<>(problems());
    }
}
