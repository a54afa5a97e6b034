package openbloom.app.session;

import java.time.LocalDate;
import openbloom.core.record.Occasion;
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
        TaughtOn taught) {
    /**
     * What it was made from.
     *
     * @param facts what was known of her, as JSON
     * @param plan the plan, as JSON
     */
    public record SessionMade(String rulesVersion, String facts, String plan) {}

    /**
     * The teaching it is her part of.
     *
     * @param on the day she finished it; null until then
     */
    public record TaughtOn(
            long teachingId, Occasion occasion, @Nullable LocalDate on) {}

    /** The day she finished it; null until then. */
    public @Nullable LocalDate taughtOn() {
        return taught.on();
    }

    public Occasion occasion() {
        return taught.occasion();
    }

    /** The same with a place that can be shown, when the kept word is none. */
    StoredSession inTheStudio() {
        return new StoredSession(id, womanId, plannedOn, plannedBy, minutes, Place.STUDIO, made, taught);
    }
}
