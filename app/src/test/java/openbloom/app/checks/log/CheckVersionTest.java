package openbloom.app.checks.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;

/** Half an hour before midnight in Greenwich it is the next day in Berlin and still the same in New York. */
class CheckVersionTest {
    @Test
    void isKeptOnTheDayOfTheStudio() {
        CheckVersion version = new CheckVersion(1, 1, null, "Ines", Instant.parse("2026-11-24T23:30:00Z"), "");
        assertThat(version.keptWords(ZoneId.of("Europe/Berlin"))).isEqualTo("25 Nov 2026 by Ines");
        assertThat(version.keptWords(ZoneId.of("America/New_York"))).isEqualTo("24 Nov 2026 by Ines");
    }
}
