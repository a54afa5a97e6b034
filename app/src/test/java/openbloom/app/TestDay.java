package openbloom.app;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/**
 * The one clock of all tests: half past midnight of a first of July in London, when it is still June at Greenwich. What asks
 * for the wrong zone is a day behind.
 */
@TestConfiguration(proxyBeanMethods = false)
public class TestDay {
    /** The day it is in the studio. */
    public static final LocalDate TODAY = LocalDate.of(2027, 7, 1);

    private static final Instant NOW = Instant.parse("2027-06-30T23:30:00Z");

    @Bean
    @Primary
    Clock fixedClock() {
        return Clock.fixed(NOW, ZoneOffset.UTC);
    }
}
