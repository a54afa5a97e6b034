package openbloom.app.accounts;

import java.time.ZoneId;

/**
 * A studio; its women are seen by its own instructors only.
 *
 * @param approach choices its women begin with, where they differ from the usual ones
 */
public record Studio(long id, String name, String zoneId, String approach) {
    public ZoneId zone() {
        return ZoneId.of(zoneId);
    }
}
