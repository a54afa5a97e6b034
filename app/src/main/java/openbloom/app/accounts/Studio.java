package openbloom.app.accounts;

import java.time.ZoneId;

/** A studio; its women are seen by its own instructors only. */
public record Studio(long id, String name, String zoneId) {
    public ZoneId zone() {
        return ZoneId.of(zoneId);
    }
}
