package openbloom.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.core.moves.ExerciseGroup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What her taught sessions say of her ladders. A line is a session: rung, then what was noted. */
class LadderStatusTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 DONE|0|none",
                "1 DONE; 1 DONE|1|none",
                "1 DONE; 2 DONE|1|none",
                "3 DONE; 2 DONE|2|none",
                "1 DONE; 2 DONE; 2 DONE|2|none",
                "2 DONE; 2 DONE TOO_EASY|2|none",
                "2 DONE; 2 DONE LEAKED|0|none",
                "2 DONE; 2 DONE HEAVY; 2 DONE|0|none",
                "2 DONE HURT; 2 DONE|0|none",
                "4 DONE; 4 DONE; 4 DONE HURT|2|none",
                "3 HURT|1|none",
                "2 DONE; 2 DONE BREATH_HELD|0|none",
                "2 DOMED|0|1",
                "3 DONE; 3 DONE; 3 DONE DOMED|2|2",
                "3 DONE DOMED; 2 DONE; 2 DONE|2|2",
                "3 DONE DOMED; 3 DONE|0|2",
                "3 DONE DOMED; 3 DONE; 3 DONE|3|none",
                "3 DONE DOMED; 4 DONE; 3 DONE|3|none",
                "1 DOMED|0|0",
                "5 DONE; 5 DONE; 3 DOMED|2|2",
                "2 LEAKED|0|none"
            })
    void countsWhatWasDoneWellAndSetsACeilingWhereItDomed(String sessions, int rung, String ceiling) {
        LadderStatus standing = after(responses(sessions));
        assertThat(standing.rungs().getOrDefault(ExerciseGroup.LIMB_LOAD, 0)).isEqualTo(rung);
        assertThat(String.valueOf(standing.ceilings().getOrDefault(ExerciseGroup.LIMB_LOAD, -1)))
                .isEqualTo(ceiling.equals("none") ? "-1" : ceiling);
    }

    @Test
    void keepsStrandsApart() {
        List<SessionObservation> responses = new ArrayList<>(responses("3 DONE DOMED"));
        responses.add(noted(8, LocalDate.EPOCH, "bridge", ExerciseGroup.BRIDGE, 4, Noted.DONE));
        responses.add(noted(9, LocalDate.EPOCH.plusDays(1), "bridge", ExerciseGroup.BRIDGE, 4, Noted.DONE));
        LadderStatus standing = after(responses);
        assertThat(standing.rungs()).containsEntry(ExerciseGroup.BRIDGE, 4).doesNotContainKey(ExerciseGroup.LIMB_LOAD);
        assertThat(standing.ceilings()).containsOnlyKeys(ExerciseGroup.LIMB_LOAD);
    }

    /** The session of day 5 domed on rung 3; a load check before or after it. */
    @ParameterizedTest
    @CsvSource({"4, 2, 2", "5, 2, 2", "6, 4, none"})
    void aLoadCheckCountsFromItsDayOnAndSessionsMoveItOn(int loadOn, int rung, String ceiling) {
        LocalDate day = LocalDate.EPOCH;
        List<SessionObservation> domed = List.of(
                noted(1, day.plusDays(5), "move", ExerciseGroup.LIMB_LOAD, 3, Noted.DONE),
                noted(1, day.plusDays(5), "move", ExerciseGroup.LIMB_LOAD, 3, Noted.DOMED));
        LoadCheck flatToFour = new LoadCheck(
                Map.of(ExerciseGroup.LIMB_LOAD, new LoadCheck.LadderClimb(4, LoadCheck.EndedBy.NOT_TRIED_FURTHER)));
        LadderStatus standing = LadderStatus.after(
                domed, List.of(new DatedLoad(day.plusDays(loadOn), flatToFour)), LadderStatus.DecidedRung.NOTHING);
        assertThat(standing.rungs()).containsEntry(ExerciseGroup.LIMB_LOAD, rung);
        assertThat(String.valueOf(standing.ceilings().getOrDefault(ExerciseGroup.LIMB_LOAD, -1)))
                .isEqualTo(ceiling.equals("none") ? "-1" : ceiling);
    }

    /** Two moves of one rung on one day are one good day. */
    @Test
    void twoMovesOnOneDayAreOneGoodDay() {
        List<SessionObservation> oneDay = List.of(
                noted(1, LocalDate.EPOCH, "one", ExerciseGroup.LIMB_LOAD, 3, Noted.DONE),
                noted(1, LocalDate.EPOCH, "other", ExerciseGroup.LIMB_LOAD, 3, Noted.DONE));
        assertThat(after(oneDay).rungs()).isEmpty();
    }

    /** 48 hours after doming nothing rises yet, however well it went. */
    @ParameterizedTest
    @CsvSource({"1, 0, 2", "2, 3, none"})
    void waitsTwoDaysAfterDoming(int daysAfter, int rung, String ceiling) {
        LocalDate day = LocalDate.EPOCH;
        List<SessionObservation> responses = List.of(
                noted(1, day, "move", ExerciseGroup.LIMB_LOAD, 3, Noted.DOMED),
                noted(2, day.plusDays(daysAfter - 1), "other", ExerciseGroup.LIMB_LOAD, 3, Noted.DONE),
                noted(3, day.plusDays(daysAfter), "move", ExerciseGroup.LIMB_LOAD, 3, Noted.DONE));
        LadderStatus standing = after(responses);
        assertThat(standing.rungs().getOrDefault(ExerciseGroup.LIMB_LOAD, 0)).isEqualTo(rung);
        assertThat(String.valueOf(standing.ceilings().getOrDefault(ExerciseGroup.LIMB_LOAD, -1)))
                .isEqualTo(ceiling.equals("none") ? "-1" : ceiling);
    }

    /** A decision counts after the sessions of its day; two good days after it move on. */
    @ParameterizedTest
    @CsvSource({"1 DONE; 1 DONE, 4, 3, 3", "4 DONE; 4 DONE, 2, 3, 1", "4 DONE; 4 DONE; 2 DONE; 2 DONE, 2, 3, 2"})
    void aDecisionSetsTheRungSheWorksOn(String sessions, int decided, int onDay, int rung) {
        LadderDecision made = new LadderDecision(LocalDate.EPOCH.plusDays(onDay), ExerciseGroup.LIMB_LOAD, decided, 1);
        LadderStatus standing = LadderStatus.after(
                responses(sessions), List.of(), new LadderStatus.DecidedRung(List.of(made), List.of()));
        assertThat(standing.rungs()).containsEntry(ExerciseGroup.LIMB_LOAD, rung);
    }

    @Test
    void knowsNothingOfAWomanWithoutSessions() {
        assertThat(after(List.of()).rungs()).isEmpty();
        assertThat(after(List.of()).ceilings()).isEmpty();
    }

    private static List<SessionObservation> responses(String sessions) {
        List<SessionObservation> responses = new ArrayList<>();
        String[] lines = sessions.split("; ");
        for (int session = 0; session < lines.length; session++) {
            String[] words = lines[session].split(" ");
            int rung = Integer.parseInt(words[0]);
            long id = session;
            Arrays.stream(words)
                    .skip(1)
                    .map(Noted::valueOf)
                    .forEach(told -> responses.add(
                            noted(id, LocalDate.EPOCH.plusDays(3 * id), "move", ExerciseGroup.LIMB_LOAD, rung, told)));
        }
        return responses;
    }

    private static LadderStatus after(List<SessionObservation> responses) {
        return LadderStatus.after(responses, List.of(), LadderStatus.DecidedRung.NOTHING);
    }

    /** In a session that felt right all in all. */
    private static SessionObservation noted(
            long session, LocalDate on, String move, ExerciseGroup strand, int rung, Noted told) {
        SessionObservation.In in = new SessionObservation.In(session, true, Optional.of(Noted.RIGHT));
        return new SessionObservation(session, on, in, move, strand, rung, told, SessionObservation.Hurt.NOT_TOLD);
    }

    /** Done claims no more than done: how hard it felt is asked, of the move or of all in all. */
    @ParameterizedTest
    @CsvSource({
        "NOTE, , 0",
        "RIGHT, , 3",
        "TOO_HARD, RIGHT, 0",
        "NOTE, RIGHT, 3",
        "NOTE, TOO_HARD, 0",
        "TOO_EASY, TOO_HARD, 3"
    })
    void doneAloneIsNotDoneWell(Noted ofTheMove, Noted allInAll, int rung) {
        List<SessionObservation> two = new ArrayList<>();
        for (int session = 1; session <= 2; session++) {
            SessionObservation.In in = new SessionObservation.In(session, true, Optional.ofNullable(allInAll));
            for (Noted told : List.of(Noted.DONE, ofTheMove)) {
                LocalDate on = LocalDate.EPOCH.plusDays(3L * session);
                two.add(new SessionObservation(
                        session, on, in, "move", ExerciseGroup.LIMB_LOAD, 3, told, SessionObservation.Hurt.NOT_TOLD));
            }
        }
        assertThat(after(two).rungs().getOrDefault(ExerciseGroup.LIMB_LOAD, 0)).isEqualTo(rung);
    }

    /** What goes well at home moves nothing on; what goes wrong there counts as anywhere. */
    @ParameterizedTest
    @CsvSource({"STUDIO, DONE, 3, 0", "CLASS, DONE, 3, 0", "HOME, DONE, 0, 0", "HOME, DOMED, 0, 2", "CLASS, DOMED, 0, 2"
    })
    void whereItWasDoneMatters(Occasion occasion, Noted told, int rung, int ceiling) {
        List<SessionObservation> two = new ArrayList<>();
        for (int session = 1; session <= 2; session++) {
            SessionObservation.In in = new SessionObservation.In(session, true, Optional.of(Noted.RIGHT), occasion);
            two.add(new SessionObservation(
                    session,
                    LocalDate.EPOCH.plusDays(3L * session),
                    in,
                    "move",
                    ExerciseGroup.LIMB_LOAD,
                    3,
                    told,
                    SessionObservation.Hurt.NOT_TOLD));
        }
        assertThat(after(two).rungs().getOrDefault(ExerciseGroup.LIMB_LOAD, 0)).isEqualTo(rung);
        assertThat(after(two).ceilings().getOrDefault(ExerciseGroup.LIMB_LOAD, 0))
                .isEqualTo(ceiling);
    }

    /** Decided: rung 7. It domed, leaked or got heavy on the rung in the table; it is that rung she is set down from. */
    @ParameterizedTest
    @CsvSource({"DOMED, 3, 2", "LEAKED, 3, 2", "HEAVY, 7, 6", "DOMED, 1, 1", "HURT, 3, 7", "BREATH_HELD, 3, 7"})
    void isSetDownFromTheRungSheDid(Noted told, int rung, int works) {
        LadderDecision seven = new LadderDecision(LocalDate.EPOCH, ExerciseGroup.LIMB_LOAD, 7, 2);
        LadderStatus standing = LadderStatus.after(
                List.of(noted(1, LocalDate.EPOCH.plusDays(2), "move", ExerciseGroup.LIMB_LOAD, rung, told)),
                List.of(),
                new LadderStatus.DecidedRung(List.of(seven), List.of()));
        assertThat(standing.working().get(ExerciseGroup.LIMB_LOAD).rung()).isEqualTo(works);
    }

    /** Domed on the left, went well on the right: one move, and the worst answer counts. */
    @Test
    void theWorstAnswerOfEitherSideCounts() {
        LocalDate day = LocalDate.EPOCH;
        List<SessionObservation> both = List.of(
                noted(1, day, "side", ExerciseGroup.SIDE_SUPPORT, 3, Noted.DONE),
                noted(1, day, "side", ExerciseGroup.SIDE_SUPPORT, 3, Noted.DOMED),
                noted(1, day, "side", ExerciseGroup.SIDE_SUPPORT, 3, Noted.DONE));
        LadderStatus standing = after(both);
        assertThat(standing.ceilings()).containsEntry(ExerciseGroup.SIDE_SUPPORT, 2);
        assertThat(standing.rungs()).doesNotContainKey(ExerciseGroup.SIDE_SUPPORT);
    }

    /** A session that was begun and not finished earns nothing, but what went wrong in it counts at once. */
    @Test
    void anUnfinishedSessionEarnsNothingAndWarnsAtOnce() {
        SessionObservation.In in = new SessionObservation.In(1, false, Optional.of(Noted.RIGHT));
        List<SessionObservation> begun = List.of(
                new SessionObservation(
                        1,
                        LocalDate.EPOCH,
                        in,
                        "a",
                        ExerciseGroup.BRIDGE,
                        3,
                        Noted.DONE,
                        SessionObservation.Hurt.NOT_TOLD),
                new SessionObservation(
                        2,
                        LocalDate.EPOCH,
                        in,
                        "b",
                        ExerciseGroup.LIMB_LOAD,
                        3,
                        Noted.DOMED,
                        SessionObservation.Hurt.NOT_TOLD));
        LadderStatus standing = after(begun);
        assertThat(standing.rungs()).isEmpty();
        assertThat(standing.ceilings()).containsEntry(ExerciseGroup.LIMB_LOAD, 2);
    }
}
