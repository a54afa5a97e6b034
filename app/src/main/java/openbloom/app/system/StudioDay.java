package openbloom.app.system;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.springframework.stereotype.Component;

/** What day and time it is where the studio is. */
@Component
public class StudioDay {
    private final Clock clock;

    public StudioDay(Clock clock) {
        this.clock = clock;
    }

    public LocalDate today(ZoneId zone) {
        return LocalDate.now(clock.withZone(zone));
    }

    public LocalDate today(HasZone there) {
        return today(there.zone());
    }

    public LocalDateTime now(ZoneId zone) {
        return LocalDateTime.now(clock.withZone(zone));
    }

    public Instant instant() {
        return clock.instant();
    }
}
