package openbloom.app.studio;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Moments as the studio reads them. */
record Moments(ZoneId zone) {
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);

    public String words(Instant at) {
        return MOMENT.format(at.atZone(zone));
    }
}
