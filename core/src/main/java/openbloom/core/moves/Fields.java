package openbloom.core.moves;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import openbloom.core.Outcome;
import openbloom.core.Problems;
import org.jspecify.annotations.Nullable;

/** Reads the fields of one entry, keeping every problem with the field it stands in. */
final class Fields {
    private final String owner;
    private final Problems problems = new Problems();

    Fields(String owner) {
        this.owner = owner;
    }

    <T> Outcome<T> outcome(T read) {
        return problems.outcome(read);
    }

    void refuse(String field, String key, Object... args) {
        problems.refuse(owner + "." + field, key, args);
    }

    /** One word of a fixed list, written as in the file ({@code hands-and-knees}); the first if refused. */
    <E extends Enum<E>> E word(String field, @Nullable String text, Class<E> type) {
        E[] all = type.getEnumConstants();
        for (E constant : all) {
            if (asWritten(constant).equals(text)) {
                return constant;
            }
        }
        String expected = Arrays.stream(all).map(Fields::asWritten).collect(Collectors.joining(", "));
        refuse(field, "move.word", expected, text == null ? "nothing" : text);
        return all[0];
    }

    <E extends Enum<E>> E word(String field, @Nullable String text, E ifMissing) {
        return text == null ? ifMissing : word(field, text, ifMissing.getDeclaringClass());
    }

    int number(String field, @Nullable Integer value, int least, int most) {
        if (value == null || value < least || value > most) {
            refuse(field, "move.number", least, most, value == null ? "nothing" : value);
            return least;
        }
        return value;
    }

    String text(String field, @Nullable String value, int most) {
        if (value == null || value.isBlank() || value.length() > most) {
            refuse(field, "move.text", most, value == null ? 0 : value.length());
            return "";
        }
        return value.strip();
    }

    static String asWritten(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
