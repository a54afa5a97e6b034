package openbloom.app.home;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import openbloom.app.system.CompositeForm;
import org.jspecify.annotations.Nullable;

/** One answer as her page sends it, by its script or by a form. */
@CompositeForm
record AnswerForm(SentFrom sent, OfPractice practice, SaidSo said, CountedSo counted) {
    /**
     * How it was sent.
     *
     * @param formKey under which it is kept once
     * @param day the day of the page it stood on
     * @param at when she gave it, by her phone
     */
    record SentFrom(
            @Nullable String kind,
            @Nullable String formKey,
            @Nullable String day,
            @Nullable String at) {}

    /** Which practice, and which line of it. */
    record OfPractice(@Nullable String session, @Nullable String line) {}

    /**
     * What she said.
     *
     * @param instead key of what it takes the place of
     */
    record SaidSo(
            @Nullable String told,
            @Nullable String place,
            @Nullable String pain,
            @Nullable String text,
            @Nullable List<String> days,
            @Nullable String instead,
            @Nullable String takenBack) {}

    /** What was counted. */
    record CountedSo(
            @Nullable String counted,
            @Nullable String holds,
            @Nullable String flicks,
            @Nullable String hurt,
            @Nullable String heavy) {}

    /** Her fields as they are kept: whatever she filled in, in a fixed order. */
    Map<String, String> fields() {
        Map<String, String> fields = new LinkedHashMap<>();
        put(fields, "line", practice.line());
        put(fields, "told", said.told());
        put(fields, "place", said.place());
        put(fields, "pain", said.pain());
        put(fields, "text", said.text());
        put(fields, "days", said.days() == null ? null : String.join(",", said.days()));
        put(fields, "instead", said.instead());
        put(fields, "takenBack", said.takenBack());
        put(fields, "counted", counted.counted());
        put(fields, "holds", counted.holds());
        put(fields, "flicks", counted.flicks());
        put(fields, "hurt", counted.hurt());
        put(fields, "heavy", counted.heavy());
        return fields;
    }

    private static void put(Map<String, String> fields, String name, @Nullable String typed) {
        if (typed != null && !typed.isBlank()) {
            fields.put(name, typed.strip());
        }
    }
}
