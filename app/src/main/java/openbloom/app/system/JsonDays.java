package openbloom.app.system;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.regex.Pattern;
import org.springframework.boot.jackson.JacksonComponent;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;

/** Days in JSON as {@code 2026-11-24}, of the years 1900 to 2200: beyond them nothing here makes sense. */
@JacksonComponent
class JsonDays extends ValueDeserializer<LocalDate> {
    private static final Pattern DAY = Pattern.compile("(19|20|21)\\d\\d-\\d\\d-\\d\\d");

    @Override
    public LocalDate deserialize(JsonParser json, DeserializationContext context) {
        if (json.currentToken() != JsonToken.VALUE_STRING) {
            return (LocalDate) context.handleUnexpectedToken(context.constructType(LocalDate.class), json);
        }
        String written = json.getString();
        try {
            if (DAY.matcher(written).matches()) {
                return LocalDate.parse(written);
            }
        } catch (DateTimeParseException noDay) {
            // told below, with every other day that makes no sense
        }
        return (LocalDate) context.handleWeirdStringValue(LocalDate.class, written, "a day was expected");
    }
}
