package openbloom.core;

import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/** Unchanging copies of sets and maps of constants: in the order they are declared, and found without a hash. */
public final class Enums {
    private Enums() {}

    public static <E extends Enum<E>> Set<E> copyOf(Collection<E> constants) {
        return constants.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(constants));
    }

    public static <K extends Enum<K>, V> Map<K, V> copyOf(Map<K, V> byConstant) {
        return byConstant.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(byConstant));
    }
}
