package openbloom.app.system;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Several values in one column: JSON with a version, {@code {"version":1,"values":["TWINS"]}}; nothing kept is an empty column. A
 * word this version does not know is passed over and can be asked for, so that it hurts nothing else and is never lost.
 */
public final class ColumnCodec {
    private static final int VERSION = 1;
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private ColumnCodec() {}

    /** A list as it is kept. */
    record KeptValues(int version, List<String> values) {}

    /** Days by name as they are kept. */
    record KeptDays(int version, Map<String, String> days) {}

    /** Constants in the order of their type. */
    public static String constants(Collection<? extends Enum<?>> constants) {
        return lines(constants.stream().sorted().map(Enum::name).toList());
    }

    /** @throws IllegalArgumentException if a word is no constant of the type */
    public static <E extends Enum<E>> Set<E> constants(String column, Class<E> type) {
        Set<E> constants = EnumSet.noneOf(type);
        lines(column).forEach(name -> constants.add(Enum.valueOf(type, name)));
        return constants;
    }

    /** The words of a column that are constants of a type; others are passed over, see {@link #unknown}. */
    public static <E extends Enum<E>> Set<E> known(String column, Class<E> type) {
        if (column.isEmpty()) {
            return EnumSet.noneOf(type);
        }
        Set<String> words = Set.copyOf(lines(column));
        return Arrays.stream(type.getEnumConstants())
                .filter(constant -> words.contains(constant.name()))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(type)));
    }

    /** The words of a column that are no constant of a type, as they stand; all of a column that cannot be read. */
    public static <E extends Enum<E>> List<String> unknown(String column, Class<E> type) {
        if (column.isEmpty()) {
            return List.of();
        }
        Set<String> names =
                Arrays.stream(type.getEnumConstants()).map(Enum::name).collect(Collectors.toSet());
        return lines(column).stream().filter(word -> !names.contains(word)).toList();
    }

    /** Constants with a day each. */
    public static String days(Map<? extends Enum<?>, LocalDate> days) {
        if (days.isEmpty()) {
            return "";
        }
        Map<String, String> words = new TreeMap<>();
        days.forEach((constant, day) -> words.put(constant.name(), day.toString()));
        return JSON.writeValueAsString(new KeptDays(VERSION, words));
    }

    /** The days of a column; what is no day or no constant is passed over, see {@link #areDays}. */
    public static <E extends Enum<E>> Map<E, LocalDate> days(String column, Class<E> type) {
        Map<E, LocalDate> days = new EnumMap<>(type);
        Map<String, String> kept = keptDays(column).orElse(Map.of());
        for (E constant : type.getEnumConstants()) {
            day(kept.get(constant.name())).ifPresent(day -> days.put(constant, day));
        }
        return days;
    }

    /** Whether every word of a column is a constant with its day. */
    public static <E extends Enum<E>> boolean areDays(String column, Class<E> type) {
        return keptDays(column)
                .filter(kept -> kept.size() == days(column, type).size())
                .isPresent();
    }

    /** Words in their order; empty for none. */
    public static String lines(List<String> words) {
        return words.isEmpty() ? "" : JSON.writeValueAsString(new KeptValues(VERSION, words));
    }

    /** The words of a column in their order; all of it as one word where it cannot be read, so that nothing is lost. */
    public static List<String> lines(String column) {
        return values(column).orElseGet(() -> List.of(column));
    }

    private static Optional<List<String>> values(String column) {
        if (column.isEmpty()) {
            return Optional.of(List.of());
        }
        try {
            KeptValues kept = JSON.readValue(column, KeptValues.class);
            return kept.version() == VERSION && kept.values() != null ? Optional.of(kept.values()) : Optional.empty();
        } catch (JacksonException unreadable) {
            return Optional.empty();
        }
    }

    private static Optional<Map<String, String>> keptDays(String column) {
        if (column.isEmpty()) {
            return Optional.of(Map.of());
        }
        try {
            KeptDays kept = JSON.readValue(column, KeptDays.class);
            return kept.version() == VERSION && kept.days() != null ? Optional.of(kept.days()) : Optional.empty();
        } catch (JacksonException unreadable) {
            return Optional.empty();
        }
    }

    private static Optional<LocalDate> day(String words) {
        try {
            return Optional.ofNullable(words).map(LocalDate::parse);
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }
}
