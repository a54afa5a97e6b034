package openbloom.core;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Reads the fields of one entry, keeping every problem with the field it stands in.
 *
 * @see Problems
 * @see Problem
 */
public final class YamlFieldReader {
    private final String owner;
    private final Problems problems = new Problems();

    public YamlFieldReader(String owner) {
        this.owner = owner;
    }

    public <T> Outcome<T> outcome(T read) {
        return problems.outcome(read);
    }

    public void refuse(String field, String key, Object... args) {
        problems.refuse(owner + "." + field, key, args);
    }

    /** Problems of a part, under the owner's name. */
    public void refuseAll(List<Problem> more) {
        more.forEach(
                problem -> refuse(problem.field(), problem.key(), problem.args().toArray()));
    }

    /** One word of a fixed list, written as in the file ({@code hands-and-knees}); the first if refused. */
    public <E extends Enum<E>> E word(String field, @Nullable String text, Class<E> type) {
        E[] all = type.getEnumConstants();
        for (E constant : all) {
            if (asWritten(constant).equals(text)) {
                return constant;
            }
        }
        String expected = Arrays.stream(all).map(YamlFieldReader::asWritten).collect(Collectors.joining(", "));
        refuse(field, "move.word", expected, text == null ? "nothing" : text);
        return all[0];
    }

    public <E extends Enum<E>> E word(String field, @Nullable String text, E ifMissing) {
        return text == null ? ifMissing : word(field, text, ifMissing.getDeclaringClass());
    }

    public int number(String field, @Nullable Integer value, int least, int most) {
        if (value == null || value < least || value > most) {
            refuse(field, "move.number", least, most, value == null ? "nothing" : value);
            return least;
        }
        return value;
    }

    public String text(String field, @Nullable String value, int most) {
        if (value == null || value.isBlank() || value.length() > most) {
            refuse(field, "move.text", most, value == null ? 0 : value.length());
            return "";
        }
        return value.strip();
    }

    public static String asWritten(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
