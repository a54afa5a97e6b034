package openbloom.core.program;

import static java.time.DayOfWeek.FRIDAY;
import static java.time.DayOfWeek.MONDAY;
import static java.time.DayOfWeek.TUESDAY;
import static openbloom.core.session.Place.HOME;
import static openbloom.core.session.Place.STUDIO;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Days of a week from a Tuesday, counted on a calendar of November 2026. */
class RhythmTest {
    private static final LocalDate TUESDAY_24 = LocalDate.of(2026, 11, 24);

    private static List<Rhythm.SessionSlot> slots(Rhythm rhythm, LocalDate last) {
        return rhythm.slots(TUESDAY_24, last);
    }

    @Test
    void theLastDayOfABlockStillCounts() {
        Rhythm home = new Rhythm(0, Set.of(FRIDAY, MONDAY), 10, List.of());
        LocalDate friday = TUESDAY_24.plusDays(3);
        LocalDate monday = TUESDAY_24.plusDays(6);
        assertThat(slots(home, friday)).containsExactly(new Rhythm.SessionSlot(friday, HOME, 10));
        assertThat(slots(home, monday)).extracting(Rhythm.SessionSlot::date).containsExactly(friday, monday);
        assertThat(slots(home, friday.minusDays(1))).isEmpty();
    }

    @Test
    void aWeekEndsBeforeItsFirstDayComesAgain() {
        Rhythm home = new Rhythm(0, Set.of(TUESDAY), 10, List.of());
        assertThat(slots(home, TUESDAY_24.plusDays(30)))
                .extracting(Rhythm.SessionSlot::date)
                .containsExactly(TUESDAY_24);
    }

    @Test
    void whoComesOnAHomeDayDoesNothingAtHome() {
        Rhythm.PlannedVisit visit = new Rhythm.PlannedVisit(TUESDAY_24.plusDays(3), 30);
        Rhythm both = new Rhythm(1, Set.of(FRIDAY, MONDAY), 10, List.of(visit));
        assertThat(slots(both, TUESDAY_24.plusDays(6)))
                .containsExactly(
                        new Rhythm.SessionSlot(visit.date(), STUDIO, 30),
                        new Rhythm.SessionSlot(TUESDAY_24.plusDays(6), HOME, 10));
    }
}
