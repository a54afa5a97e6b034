package openbloom.core;

import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Constants by name, and unchanging copies of sets and maps of them: in the order they are declared, and found without a hash. */
public final class Enums {
    private Enums() {}

    public static <E extends Enum<E>> Set<E> copyOf(Collection<E> constants) {
        return constants.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(constants));
    }

    /** The constant of a name; empty where there is none. */
    public static <E extends Enum<E>> Optional<E> named(Class<E> type, String name) {
        return Arrays.stream(type.getEnumConstants())
                .filter(one -> one.name().equals(name))
                .findFirst();
    }

    public static <K extends Enum<K>, V> Map<K, V> copyOf(Map<K, V> byConstant) {
        return byConstant.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(byConstant));
    }
}
