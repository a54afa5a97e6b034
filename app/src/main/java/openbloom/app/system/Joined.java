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

    public static String lines(List<String> lines) {
        return String.join("\n", lines);
    }

    public static List<String> lines(String column) {
        return column.lines().map(String::strip).filter(line -> !line.isEmpty()).toList();
    }
}
