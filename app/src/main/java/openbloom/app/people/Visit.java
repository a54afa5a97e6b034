package openbloom.app.people;

import java.time.LocalDateTime;

/** A visit that is expected, in the studio's local time. */
public record Visit(long id, long womanId, LocalDateTime startsAt) {}
