package openbloom.app.session;

import java.time.LocalDate;
import openbloom.core.session.Place;
import org.jspecify.annotations.Nullable;

/** A session as it was planned; the plan and the facts it was made from are never changed. */
public record StoredSession(
        long id,
        long womanId,
        LocalDate plannedOn,
        String plannedBy,
        int minutes,
        Place place,
        SessionMade made,
        @Nullable LocalDate taughtOn) {
    /**
     * What it was made from.
     *
     * @param facts what was known of her, as JSON
     * @param plan the plan, as JSON
     */
    public record SessionMade(String rulesVersion, String facts, String plan) {}

    /** The same with a place that can be shown, when the kept word is none. */
    StoredSession inTheStudio() {
        return new StoredSession(id, womanId, plannedOn, plannedBy, minutes, Place.STUDIO, made, taughtOn);
    }
}
