package openbloom.app.system;

import java.time.ZoneId;

/** Somebody or something whose day begins at midnight of a zone. */
public interface HasZone {
    ZoneId zone();
}
