package openbloom.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import openbloom.core.record.Noted;
import openbloom.core.record.Occasion;
import openbloom.core.record.PainSite;
import openbloom.core.record.SessionObservation;
import org.junit.jupiter.api.Test;

class TaughtDayTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 20);

    private static TaughtDay.Note note(int rung, Noted noted) {
        return new TaughtDay.Note(rung, 2, noted, Optional.empty(), OptionalInt.empty(), Optional.empty());
    }

    private static TaughtDay.Note counted(int rung, int done, int asked) {
        return new TaughtDay.Note(
                rung,
                1,
                Noted.DONE,
                Optional.empty(),
                OptionalInt.empty(),
                Optional.of(new LadderDay.DoseDone(done, asked)));
    }

    private static LadderDay day(boolean finished, TaughtDay.Note... notes) {
        return day(new SessionObservation.In(1, finished, Optional.of(Noted.RIGHT)), notes);
    }

    private static LadderDay day(SessionObservation.In in, TaughtDay.Note... notes) {
        return new TaughtDay(DAY, List.of(notes), in, TaughtDay.Before.NOT_ASKED, Optional.empty()).lineDay();
    }

    @Test
    void howHardItFeltIsWhatWasToldAndNothingElse() {
        SessionObservation.In notAsked = new SessionObservation.In(1, true, Optional.empty());
        assertThat(day(notAsked, note(4, Noted.DONE)).report().felt()).isEmpty();
        assertThat(day(notAsked, note(4, Noted.DONE)).isGood())
                .as("done is not done well")
                .isFalse();
        SessionObservation.In athome = new SessionObservation.In(1, true, Optional.of(Noted.RIGHT), Occasion.HOME);
        assertThat(day(athome, note(4, Noted.DONE)).isGood())
                .as("nobody watched")
                .isFalse();
        assertThat(day(athome, note(4, Noted.DONE), note(4, Noted.TOO_HARD))
                        .report()
                        .felt())
                .contains(PerceivedEffort.TOO_HARD);
        SessionObservation.In hard = new SessionObservation.In(1, true, Optional.of(Noted.TOO_HARD));
        assertThat(day(hard, note(4, Noted.DONE)).report().felt()).contains(PerceivedEffort.TOO_HARD);
        assertThat(day(hard, note(4, Noted.DONE), note(4, Noted.RIGHT)).report().felt())
                .as("told of the exercise")
                .contains(PerceivedEffort.RIGHT);
    }

    @Test
    void theDayIsAboutTheRungOnWhichItWentWrong() {
        LadderDay domed = day(true, counted(7, 10, 10), note(3, Noted.DOMED), counted(3, 10, 10));
        assertThat(domed.rung()).isEqualTo(3);
        assertThat(domed.noted()).isEqualTo(Set.of(LadderDay.PlannedAgainst.DOMED));
        assertThat(day(true, note(7, Noted.DOMED), note(3, Noted.HURT)).rung()).isEqualTo(3);
        assertThat(day(true, note(7, Noted.DONE), note(3, Noted.BREATH_HELD)).rung())
                .isEqualTo(7);
    }

    @Test
    void theHardestRungCountsWithItsStepAndTheSideThatManagedLeast() {
        LadderDay both = day(true, counted(3, 10, 10), counted(4, 10, 10), counted(4, 7, 10));
        assertThat(both.rung()).isEqualTo(4);
        assertThat(both.step()).isEqualTo(1);
        assertThat(both.done()).isEqualTo(new LadderDay.DoseDone(7, 10));
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
        LadderDay against = day(true, note(4, Noted.DONE), note(4, Noted.FLAT_ONCE_CUED), note(4, Noted.TOOK_OVER));
        assertThat(against.noted())
                .isEqualTo(Set.of(LadderDay.PlannedAgainst.DOMED_UNTIL_CUED, LadderDay.PlannedAgainst.TOOK_OVER));
        assertThat(against.isGood()).isFalse();
    }

    @Test
    void painStandsBesideWhatSheToldBeforeAtThatPlace() {
        TaughtDay.Note hurt =
                new TaughtDay.Note(4, 2, Noted.HURT, Optional.of(PainSite.SCAR), OptionalInt.of(4), Optional.empty());
        TaughtDay.Before before = new TaughtDay.Before(OptionalInt.of(1), OptionalInt.of(3), OptionalInt.empty());
        Pain pain = new TaughtDay(
                        DAY,
                        List.of(note(4, Noted.DONE), hurt),
                        new SessionObservation.In(1, true, Optional.empty()),
                        before,
                        Optional.of(3))
                .lineDay()
                .pain();
        assertThat(pain).isEqualTo(new Pain(4, 3, Optional.of(Pain.PainRegion.SCAR), Optional.of(3)));
        assertThat(day(true, note(4, Noted.HURT)).pain())
                .as("no number is three of ten, nobody asked is none before")
                .isEqualTo(new Pain(3, 0, Optional.of(Pain.PainRegion.ELSEWHERE), Optional.empty()));
    }
}
