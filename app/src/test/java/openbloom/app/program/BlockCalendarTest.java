package openbloom.app.program;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.app.program.BlockCalendar.DayState;
import openbloom.app.session.SessionDocument;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredSession;
import openbloom.core.record.Occasion;
import openbloom.core.session.Place;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Two weeks of a block on its tenth day: what became of each day that was planned, and of what was not planned. */
class BlockCalendarTest {
    private static final LocalDate FROM = LocalDate.of(2026, 11, 16);
    private static final LocalDate TODAY = FROM.plusDays(9);

    private static ProgramDocument.SessionTold planned(int day, String place, @Nullable String letter) {
        return new ProgramDocument.SessionTold(
                FROM.plusDays(day),
                place,
                place.equals("home") ? 10 : 40,
                List.of("breath", "bridge"),
                List.of("Breath", "Bridge"),
                List.of("Bridge, if the gap check still shows it"),
                letter,
                List.of(new ProgramDocument.PortionTold("breath", 10), new ProgramDocument.PortionTold("bridge", 30)));
    }

    private static ProgramDocument.WeekTold week(int day, ProgramDocument.SessionTold... sessions) {
        return new ProgramDocument.WeekTold(
                FROM.plusDays(day), List.of(sessions), 3, 60, List.of(), List.of(), "BUILD", "Build.");
    }

    private static Sessions.ComposedFor made(long id, int day, boolean taught) {
        return new Sessions.ComposedFor(
                new StoredSession(
                        id,
                        7,
                        FROM.plusDays(day),
                        "Ines",
                        40,
                        Place.STUDIO,
                        new StoredSession.SessionMade("", "", ""),
                        new StoredSession.TaughtOn(id, Occasion.STUDIO, taught ? FROM.plusDays(day) : null)),
                new SessionDocument(List.of(), 0, false, List.of(), "", null, null));
    }

    @Test
    void saysWhatBecameOfEachDay() {
        ProgramDocument block = new ProgramDocument(
                FROM,
                FROM.plusDays(13),
                List.of(),
                List.of(),
                List.of(
                        week(0, planned(0, "studio", "A"), planned(1, "home", null), planned(3, "studio", "B")),
                        week(7, planned(7, "studio", "A"), planned(9, "studio", "B"), planned(12, "home", null))),
                List.of(),
                List.of(),
                new ProgramDocument.MinutesTold(90, 120));
        List<BlockCalendar.WeekRow> rows = BlockCalendar.of(
                block,
                List.of(made(4, 7, false), made(3, 5, true), made(2, 0, true), made(1, -3, true)),
                Set.of(4L),
                TODAY);

        assertThat(rows).extracting(BlockCalendar.WeekRow::isNow).containsExactly(false, true);
        assertThat(state(rows, 0)).contains(DayState.TAUGHT);
        assertThat(state(rows, 1)).contains(DayState.AT_HOME);
        assertThat(state(rows, 2)).isEmpty();
        assertThat(state(rows, 3)).contains(DayState.MISSED);
        assertThat(state(rows, 5)).contains(DayState.TAUGHT);
        assertThat(state(rows, 7)).contains(DayState.BEGUN);
        assertThat(state(rows, 9)).contains(DayState.TODAY);
        assertThat(state(rows, 12)).contains(DayState.PLANNED);
        BlockCalendar.SessionCell ahead = cell(rows, 9).orElseThrow();
        assertThat(ahead.letter()).isEqualTo("B");
        assertThat(ahead.conditions()).isNotEmpty();
        assertThat(ahead.ribbon()).contains("Breath, 10 min", "Bridge, 30 min", "width=\"28.4\"", "width=\"88.4\"");
        assertThat(cell(rows, 3).orElseThrow().conditions()).isEmpty();
        assertThat(cell(rows, 0).orElseThrow().sessionId()).isEqualTo(2);
    }

    /** The last day of a block is in it, the day after is not. */
    @Test
    void whatWasTaughtOnItsLastDayIsOfTheBlock() {
        ProgramDocument block = new ProgramDocument(
                FROM,
                FROM.plusDays(13),
                List.of(),
                List.of(),
                List.of(week(0, planned(0, "studio", "A")), week(7, planned(13, "studio", "A"))),
                List.of(),
                List.of(),
                new ProgramDocument.MinutesTold(90, 120));
        List<BlockCalendar.WeekRow> rows =
                BlockCalendar.of(block, List.of(made(5, 13, true), made(6, 14, true)), Set.of(), FROM.plusDays(20));
        assertThat(state(rows, 13)).contains(DayState.TAUGHT);
        assertThat(cell(rows, 13).orElseThrow().sessionId()).isEqualTo(5);
        assertThat(cell(rows, 14)).isEmpty();
    }

    /** Thirteen days away are a fortnight without its last day; fourteen are a pause; what was not taught does not count. */
    @Test
    void tellsAPauseOfAFortnight() {
        assertThat(BlockCalendar.pause(List.of(made(1, 0, true)), FROM.plusDays(13)))
                .isEmpty();
        assertThat(BlockCalendar.pause(List.of(made(2, 9, false), made(1, 0, true)), FROM.plusDays(14)))
                .hasValueSatisfying(
                        said -> assertThat(said).startsWith("Nothing was taught since 16 Nov 2026, 14 days"));
        assertThat(BlockCalendar.pause(List.of(), TODAY)).isEmpty();
    }

    private static Optional<DayState> state(List<BlockCalendar.WeekRow> rows, int day) {
        return cell(rows, day).map(BlockCalendar.SessionCell::state);
    }

    private static Optional<BlockCalendar.SessionCell> cell(List<BlockCalendar.WeekRow> rows, int day) {
        return rows.stream()
                .flatMap(row -> row.days().stream())
                .filter(cell -> cell.date().equals(FROM.plusDays(day)))
                .flatMap(cell -> cell.sessions().stream())
                .findFirst();
    }
}
