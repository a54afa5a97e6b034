package openbloom.app.checks;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.app.system.FormReader;
import openbloom.core.YesNoUnknown;

/**
 * What stands in a sheet: field and answer. Reading never fails; whatever makes no sense is told to {@link #problems()}
 * and counts as not answered.
 */
public final class SheetAnswers {
    private final Map<String, String> fields;
    private final FormReader problems = new FormReader();

    public SheetAnswers(Map<String, String> fields) {
        this.fields = Map.copyOf(fields);
    }

    FormReader problems() {
        return problems;
    }

    /** What was typed, or nothing. */
    public String text(String field) {
        return fields.getOrDefault(field, "");
    }

    public boolean is(String field, String answer) {
        return Arrays.asList(text(field).split(",")).contains(answer);
    }

    <E extends Enum<E>> Optional<E> choice(String field, Class<E> type) {
        return problems.choice(field, text(field), type);
    }

    YesNoUnknown told(String field) {
        return choice(field, YesNoUnknown.class).orElse(YesNoUnknown.UNKNOWN);
    }

    Optional<Integer> whole(String field, int least, int most) {
        return problems.whole(field, text(field), least, most);
    }

    <E extends Enum<E>> Set<E> choices(String field, Class<E> type) {
        List<String> typed = Arrays.stream(text(field).split(","))
                .filter(one -> !one.isBlank())
                .toList();
        return problems.choices(field, typed, type);
    }

    /** One answer for each constant, under names such as {@code zone-BELLY}; what was not answered is absent. */
    <K extends Enum<K>, V extends Enum<V>> Map<K, V> each(String prefix, Class<K> keys, Class<V> values) {
        Map<K, V> answers = new EnumMap<>(keys);
        for (K key : keys.getEnumConstants()) {
            choice(prefix + "-" + key, values).ifPresent(value -> answers.put(key, value));
        }
        return answers;
    }

    /** Yes or no for each constant; not answered is absent. */
    <K extends Enum<K>> Map<K, Boolean> yesOrNo(String prefix, Class<K> keys) {
        Map<K, Boolean> answers = new EnumMap<>(keys);
        each(prefix, keys, YesNoUnknown.class).forEach((key, told) -> {
            if (told != YesNoUnknown.UNKNOWN) {
                answers.put(key, told == YesNoUnknown.YES);
            }
        });
        return answers;
    }
}
