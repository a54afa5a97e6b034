package openbloom.app.studio;

import java.io.Serializable;
import java.time.ZoneId;

/**
 * A studio; its women are seen by its own instructors only.
 *
 * @param approach choices its women begin with, where they differ from the usual ones
 * @param version counts changes of the approach
 */
public record Studio(long id, String name, String zoneId, String approach, int version) implements Serializable {
    public ZoneId zone() {
        return ZoneId.of(zoneId);
    }
}
