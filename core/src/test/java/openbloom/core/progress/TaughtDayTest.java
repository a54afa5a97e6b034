package openbloom.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import openbloom.core.progress.LineDay.Against;
import openbloom.core.record.HurtAt;
import openbloom.core.record.Noted;
import org.junit.jupiter.api.Test;

class TaughtDayTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 20);

    private static TaughtDay.Note note(int rung, Noted noted) {
        return new TaughtDay.Note(rung, 2, noted, Optional.empty(), OptionalInt.empty(), Optional.empty());
    }

    private static TaughtDay.Note counted(int rung, int done, int asked) {
        return new TaughtDay.Note(
                rung, 1, Noted.DONE, Optional.empty(), OptionalInt.empty(), Optional.of(new LineDay.Done(done, asked)));
    }

    private static LineDay day(boolean finished, TaughtDay.Note... notes) {
        return new TaughtDay(DAY, List.of(notes), finished, TaughtDay.Before.NOT_ASKED, Optional.empty()).lineDay();
    }

    @Test
    void theHardestRungCountsWithItsStepAndTheSideThatManagedLeast() {
        LineDay both = day(true, counted(3, 10, 10), counted(4, 10, 10), counted(4, 7, 10));
        assertThat(both.rung()).isEqualTo(4);
        assertThat(both.step()).isEqualTo(1);
        assertThat(both.done()).isEqualTo(new LineDay.Done(7, 10));
        assertThat(day(true, note(4, Noted.DONE)).isGood()).isTrue();
    }

    @Test
    void isNeverWholeWhenStoppedSkippedOrPartlyDone() {
        assertThat(day(false, counted(4, 10, 10)).done().isAll()).isFalse();
        assertThat(day(true, note(4, Noted.DONE), note(4, Noted.PARTLY)).done().isAll())
                .isFalse();
        assertThat(day(true, note(4, Noted.SKIPPED)).done().isAll()).isFalse();
        assertThat(day(true, note(4, Noted.DOMED)).done().isAll())
                .as("not done")
                .isFalse();
    }

    @Test
    void effortAndWhatIsAgainstKeepADayFromBeingGood() {
        assertThat(day(true, note(4, Noted.DONE), note(4, Noted.TOO_HARD)).isGood())
                .isFalse();
        assertThat(day(true, note(4, Noted.DONE), note(4, Noted.RIGHT)).isGood())
                .isTrue();
        LineDay against = day(true, note(4, Noted.DONE), note(4, Noted.FLAT_ONCE_CUED), note(4, Noted.TOOK_OVER));
        assertThat(against.noted()).isEqualTo(Set.of(Against.DOMED_UNTIL_CUED, Against.TOOK_OVER));
        assertThat(against.isGood()).isFalse();
    }

    @Test
    void painStandsBesideWhatSheToldBeforeAtThatPlace() {
        TaughtDay.Note hurt =
                new TaughtDay.Note(4, 2, Noted.HURT, Optional.of(HurtAt.SCAR), OptionalInt.of(4), Optional.empty());
        TaughtDay.Before before = new TaughtDay.Before(OptionalInt.of(1), OptionalInt.of(3), OptionalInt.empty());
        Pain pain = new TaughtDay(DAY, List.of(note(4, Noted.DONE), hurt), true, before, Optional.of(3))
                .lineDay()
                .pain();
        assertThat(pain).isEqualTo(new Pain(4, 3, Optional.of(Pain.Place.SCAR), Optional.of(3)));
        assertThat(day(true, note(4, Noted.HURT)).pain())
                .as("no number is three of ten, nobody asked is none before")
                .isEqualTo(new Pain(3, 0, Optional.of(Pain.Place.ELSEWHERE), Optional.empty()));
    }
}
