package openbloom.app.system;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Sets of constants and lists of lines as they stand in one column. */
public final class Joined {
    private Joined() {}

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

    public static String lines(List<String> lines) {
        return String.join("\n", lines);
    }

    public static List<String> lines(String column) {
        return column.lines().map(String::strip).filter(line -> !line.isEmpty()).toList();
    }
}
