package openbloom.app.checks.gap;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** The columns of readings carried in and out, in their order. Widths have a column for each unit. */
enum CsvColumns {
    DATE,
    EXAMINER,
    METHOD,
    SITE,
    OFFSET_MM,
    STATE,
    WIDTH_FINGERS,
    WIDTH_MM,
    DEPTH,
    FIRMNESS,
    DOMED,
    SORE,
    /** 1 for the first reading, 2 for a blind second one. */
    READING;

    String header() {
        return name().toLowerCase(Locale.ROOT);
    }

    static List<String> headers() {
        return Arrays.stream(values()).map(CsvColumns::header).toList();
    }
}
