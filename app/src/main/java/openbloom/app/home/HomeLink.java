package openbloom.app.home;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A link of hers. Its token is nowhere but in the address she was given.
 *
 * @param endsOn the last day on which it opens
 * @param madeBy who gave it to her
 */
public record HomeLink(
        long id,
        long womanId,
        LinkPurpose purpose,
        LocalDate madeOn,
        LocalDate endsOn,
        long madeBy,
        @Nullable Instant takenBackAt,
        @Nullable Instant usedAt) {
    /** What a link opens. */
    public enum LinkPurpose {
        HOME,
        CALENDAR;

        /** Where its address begins. */
        public String path() {
            return "/" + name().toLowerCase(Locale.ROOT) + "/";
        }
    }

    public boolean isOpenOn(LocalDate day) {
        return takenBackAt == null && !day.isAfter(endsOn);
    }
}
