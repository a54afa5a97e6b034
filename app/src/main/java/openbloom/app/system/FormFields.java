package openbloom.app.system;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The fields of a {@link CompositeForm}, side by side as the page has them. */
public final class FormFields {
    private FormFields() {}

    /** Every field in the order of the form. */
    public static List<RecordComponent> fields(Class<? extends Record> form) {
        List<RecordComponent> fields = new ArrayList<>();
        for (RecordComponent part : form.getRecordComponents()) {
            fields.addAll(List.of(part.getType().getRecordComponents()));
        }
        return List.copyOf(fields);
    }

    /** What stands in each field; nothing where nothing was sent. */
    public static Map<String, Optional<Object>> values(Record form) {
        Map<String, Optional<Object>> values = new LinkedHashMap<>();
        for (RecordComponent part : form.getClass().getRecordComponents()) {
            Object group = read(part, form);
            for (RecordComponent field : part.getType().getRecordComponents()) {
                values.put(field.getName(), Optional.ofNullable(group).map(owner -> read(field, owner)));
            }
        }
        return values;
    }

    private static @Nullable Object read(RecordComponent component, Object owner) {
        try {
            return component.getAccessor().invoke(owner);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException("A form field should be readable, but was not: " + component, impossible);
        }
    }
}
