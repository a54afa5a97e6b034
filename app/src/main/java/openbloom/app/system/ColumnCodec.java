package openbloom.app.system;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Sets of constants and lists of lines as they stand in one column. */
public final class ColumnCodec {
    private ColumnCodec() {}

    public static String constants(Collection<? extends Enum<?>> constants) {
        return constants.stream().sorted().map(Enum::name).collect(Collectors.joining(","));
    }

    public static <E extends Enum<E>> Set<E> constants(String column, Class<E> type) {
        Set<E> constants = EnumSet.noneOf(type);
        Arrays.stream(column.split(","))
                .filter(name -> !name.isEmpty())
                .forEach(name -> constants.add(Enum.valueOf(type, name)));
        return constants;
    }

    /** The words of a column that are constants of a type; others are passed over, see {@link #unknown}. */
    public static <E extends Enum<E>> Set<E> known(String column, Class<E> type) {
        Set<E> constants = EnumSet.noneOf(type);
        Arrays.stream(type.getEnumConstants())
                .filter(constant -> Arrays.asList(column.split(",")).contains(constant.name()))
                .forEach(constants::add);
        return constants;
    }

    /** The words of a column that are no constant of a type, as they stand. */
    public static <E extends Enum<E>> List<String> unknown(String column, Class<E> type) {
        Set<String> names =
                Arrays.stream(type.getEnumConstants()).map(Enum::name).collect(Collectors.toSet());
        return Arrays.stream(column.split(","))
                .filter(word -> !word.isEmpty() && !names.contains(word))
                .toList();
    }

    /** Constants with a day each, as {@code NAME=2026-11-25,…}. */
    public static String days(Map<? extends Enum<?>, LocalDate> days) {
        return days.entrySet().stream()
                .map(entry -> entry.getKey().name() + "=" + entry.getValue())
                .sorted()
                .collect(Collectors.joining(","));
    }

    /** The days of a column; what is no day or no constant is passed over, see {@link #areDays}. */
    public static <E extends Enum<E>> Map<E, LocalDate> days(String column, Class<E> type) {
        Map<E, LocalDate> days = new EnumMap<>(type);
        for (E constant : type.getEnumConstants()) {
            Matcher found = Pattern.compile("(?:^|,)" + constant.name() + "=(\\d{4}-\\d\\d-\\d\\d)(?:,|$)")
                    .matcher(column);
            if (found.find()) {
                days.put(constant, LocalDate.parse(found.group(1)));
            }
        }
        return days;
    }

    /** Whether every word of a column is a constant with its day. */
    public static <E extends Enum<E>> boolean areDays(String column, Class<E> type) {
        try {
            return days(days(column, type)).length() == column.length();
        } catch (DateTimeException broken) {
            return false;
        }
    }

    public static String lines(List<String> lines) {
        return String.join("\n", lines);
    }

    public static List<String> lines(String column) {
        return column.lines().map(String::strip).filter(line -> !line.isEmpty()).toList();
    }
}
