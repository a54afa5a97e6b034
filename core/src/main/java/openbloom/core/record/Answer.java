package openbloom.core.record;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What she said when she was asked on a day, or that nobody asked. Not asked is never "none".
 *
 * @param <T> what an answer holds
 *
 * @see Client
 * @see Medical
 */
public sealed interface Answer<T> {
    /** She was asked on a day. */
    record Given<T>(LocalDate on, T value) implements Answer<T> {}

    /** Nobody asked. */
    record NoAnswer<T>() implements Answer<T> {}

    static <T> Answer<T> given(LocalDate on, T value) {
        return new Given<>(on, value);
    }

    static <T> Answer<T> notAsked() {
        return new NoAnswer<>();
    }

    default boolean isGiven() {
        return this instanceof Given<T>;
    }

    default Optional<T> known() {
        return this instanceof Given<T> given ? Optional.of(given.value()) : Optional.empty();
    }

    default Optional<LocalDate> askedOn() {
        return this instanceof Given<T> given ? Optional.of(given.on()) : Optional.empty();
    }
}
