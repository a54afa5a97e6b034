package openbloom.app.home;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import openbloom.core.Enums;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * What she sent, as it is kept.
 *
 * @param kind null where it stands in a word this version does not know
 * @param key under which it was sent
 * @param said her fields as JSON
 */
record AnswerRow(
        long id,
        long womanId,
        String key,
        @Nullable AnswerKind kind,
        LocalDate forDay,
        Instant givenAt,
        @Nullable Long sessionId,
        String said) {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final TypeReference<Map<String, String>> FIELDS = new TypeReference<>() {};

    boolean is(AnswerKind one) {
        return kind == one;
    }

    /** A field of it; empty where she did not say, or the row cannot be read. */
    String field(String name) {
        try {
            return JSON.readValue(said, FIELDS).getOrDefault(name, "");
        } catch (JacksonException unreadable) {
            return "";
        }
    }

    /** A field that is a constant. */
    <E extends Enum<E>> Optional<E> field(String name, Class<E> type) {
        return Enums.named(type, field(name));
    }

    /** A field that is a number. */
    OptionalInt number(String name) {
        String typed = field(name);
        return typed.matches("\\d{1,4}") ? OptionalInt.of(Integer.parseInt(typed)) : OptionalInt.empty();
    }

    /** As it is kept: the fields she sent, in their order. */
    static String written(Map<String, String> fields) {
        return JSON.writeValueAsString(fields);
    }
}
