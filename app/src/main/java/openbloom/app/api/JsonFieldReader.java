package openbloom.app.api;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import openbloom.core.Problem;
import openbloom.core.Problems;
import org.jspecify.annotations.Nullable;

/** Collects what makes no sense in a request, each with the path of its field. */
final class JsonFieldReader {
    private final Problems problems = new Problems();

    void refuse(String field, String key, Object... args) {
        problems.refuse(field, key, args);
    }

    void refuseAll(List<Problem> more) {
        problems.refuseAll(more);
    }

    boolean isClean() {
        return problems.isClean();
    }

    /** @throws Refusal if anything was refused */
    void orRefuse() {
        if (!problems.isClean()) {
            throw new Refusal(problems.all());
        }
    }

    <T> Optional<T> required(String field, @Nullable T value) {
        if (value == null) {
            refuse(field, "api.missing");
        }
        return Optional.ofNullable(value);
    }

    int number(String field, @Nullable Integer value, int least, int most) {
        if (value == null) {
            refuse(field, "api.missing");
            return least;
        }
        return within(field, value, least, most);
    }

    int numberOr(String field, @Nullable Integer value, int ifAbsent, int least, int most) {
        return value == null ? ifAbsent : within(field, value, least, most);
    }

    /** A number nobody needs to have asked for; absent is not asked. */
    OptionalInt asked(String field, @Nullable Integer value, int least, int most) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(within(field, value, least, most));
    }

    private int within(String field, int value, int least, int most) {
        if (value < least || value > most) {
            refuse(field, "api.number", least, most, value);
            return least;
        }
        return value;
    }

    /** One word of a list. */
    <E extends Enum<E>> Optional<E> oneOf(String field, @Nullable String word, Class<E> type) {
        List<E> all = List.of(type.getEnumConstants());
        Optional<E> found = all.stream().filter(one -> one.name().equals(word)).findFirst();
        if (found.isEmpty()) {
            refuse(
                    field,
                    "api.oneOf",
                    all.stream().map(Enum::name).collect(Collectors.joining(", ")),
                    String.valueOf(word));
        }
        return found;
    }

    /** A day up to {@code onDate}. */
    Optional<LocalDate> past(String field, @Nullable LocalDate day, LocalDate onDate) {
        Optional<LocalDate> given = required(field, day);
        if (given.isPresent() && given.get().isAfter(onDate)) {
            refuse(field, "api.future", given.get(), onDate);
            return Optional.empty();
        }
        return given;
    }
}
