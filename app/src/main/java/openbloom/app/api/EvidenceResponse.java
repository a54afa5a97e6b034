package openbloom.app.api;

import java.lang.reflect.RecordComponent;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import openbloom.core.dating.GestationalAge;
import openbloom.core.gap.SchoolAnswer;
import openbloom.core.words.Evidence;

/** What made a rule speak: its kind, its values under their names, and the day it is of. */
final class EvidenceResponse {
    private EvidenceResponse() {}

    static Map<String, Object> of(Evidence evidence) {
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("kind", kind(evidence));
        for (RecordComponent part : evidence.getClass().getRecordComponents()) {
            put(told, part.getName(), valueOf(part, evidence));
        }
        evidence.on().ifPresent(on -> told.put("on", on));
        return told;
    }

    private static String kind(Evidence evidence) {
        return evidence.getClass()
                .getSimpleName()
                .replaceAll("(?<!^)([A-Z])", "_$1")
                .toUpperCase(Locale.ROOT);
    }

    /** Days stand once, under {@code on}. */
    private static void put(Map<String, Object> told, String name, Object value) {
        if (value instanceof Optional<?> maybe) {
            maybe.ifPresent(present -> put(told, name, present));
        } else if (value instanceof Evidence nested) {
            told.put(name, of(nested));
        } else if (value instanceof GestationalAge age) {
            told.put("weeks", age.weeks());
            told.put("days", age.daysBeyond());
        } else if (value instanceof SchoolAnswer answer) {
            told.put("school", answer.school());
            told.put("verdict", answer.verdict());
            answer.site().ifPresent(site -> told.put("site", site));
        } else if (!(value instanceof LocalDate)) {
            told.put(name, value);
        }
    }

    private static Object valueOf(RecordComponent part, Evidence evidence) {
        try {
            return part.getAccessor().invoke(evidence);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException("Evidence should be readable, but was not: " + part, impossible);
        }
    }
}
