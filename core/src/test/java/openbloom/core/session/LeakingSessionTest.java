package openbloom.core.session;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.program.Goals;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.record.Training;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.KnownWomen;
import org.junit.jupiter.api.Test;

/** An hour for a woman who leaks, and one for a woman who lifts (practice values of the studio's design page, no source). */
class LeakingSessionTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Pattern LIFTS = Pattern.compile("just before the first (?:(\\d+) repetitions|repetition)");

    /** Holds of 5 s, 6 times, and 6 quick lifts were shown, and her floor lets go. */
    private static Client leaking() {
        return KnownWomen.well()
                .symptoms(new SymptomReport.Asked(TODAY, Set.of(Symptom.LEAK_WITH_EFFORT)))
                .pelvicFloor(floor())
                .build();
    }

    private static Session session(int minutes, Client woman, Goal goal, History history, List<String> usual) {
        Map<ExerciseGroup, Integer> worth = Goals.worth(List.of(goal));
        return Composer.compose(
                Judgement.of(CATALOGUE, woman, TODAY),
                SessionRequest.of(minutes, Place.STUDIO, 3, history)
                        .in(Format.of(Format.FormatKind.SETS))
                        .wanting(new Wishes(
                                List.of(goal), worth, worth.keySet(), Set.of(), Set.of(), usual, PlannedDay.NONE)));
    }

    private static List<SessionItem> holds(Session session) {
        return session.items().stream()
                .filter(item -> item.move().strand() == ExerciseGroup.PELVIC_FLOOR_ENDURANCE)
                .toList();
    }

    @Test
    void theSetStandsInTwoPositionsFromHalfAnHourOn() {
        List<SessionItem> holds = holds(session(45, leaking(), Goal.STOP_LEAKING, History.NONE, List.of()));
        assertThat(holds).extracting(item -> item.dose().repetitions()).containsExactlyInAnyOrder(3, 3);
        assertThat(holds).extracting(item -> Family.of(item.move())).doesNotHaveDuplicates();
    }

    /** A floor that must let go, or that nobody has felt lift, has no set: the session says why. With one it says nothing. */
    @Test
    void whereNoSetIsInItTheSessionSaysWhy() {
        Client tight = leaking()
                .but()
                .pelvicFloor(
                        new PelvicFloorCheck(6, 6, 6, LettingGo.FULL, Tone.TIGHT, YesNoUnknown.NO, YesNoUnknown.NO))
                .build();
        Client unfelt = leaking()
                .but()
                .pelvicFloor(
                        new PelvicFloorCheck(0, 0, 0, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO))
                .build();
        for (Client woman : List.of(tight, unfelt)) {
            Session session = session(45, woman, Goal.STOP_LEAKING, History.NONE, List.of());
            assertThat(holds(session)).isEmpty();
            assertThat(session.note()).matches(".*No set of pelvic floor lifts in it: [^.]{10,}\\.");
        }
        assertThat(session(45, leaking(), Goal.STOP_LEAKING, History.NONE, List.of())
                        .note())
                .doesNotContain("No set");
        assertThat(session(45, tight, Goal.KEEP_ACTIVE, History.NONE, List.of()).note())
                .doesNotContain("No set");
    }

    /** An athlete who never told of a clean or a swing is given none before a birth, whatever she wants; running she is given neither. */
    @Test
    void noFastLiftIsBegunThatNobodyAskedFor() {
        Client pregnant = KnownWomen.well()
                .rungs(Map.of())
                .trained(Training.SPORT)
                .equipment(Set.of(Equipment.values()))
                .pregnant(Dating.stated(TODAY.minusWeeks(28).plusDays(280)))
                .build();
        Client runner = KnownWomen.well()
                .rungs(Map.of())
                .trained(Training.SPORT)
                .equipment(Set.of(Equipment.values()))
                .build();
        for (Session session : List.of(
                session(60, pregnant, Goal.LIFT, History.NONE, List.of()),
                session(45, runner, Goal.RUN, History.NONE, List.of()))) {
            assertThat(session.items())
                    .extracting(SessionItem::moveId)
                    .isNotEmpty()
                    .doesNotContain(
                            "dumbbell-clean", "barbell-clean", "kettlebell-swing", "dumbbell-snatch", "barbell-snatch");
        }
    }

    /** A back that hurts is moved and loaded: twenty minutes have both (the design page: three easy movements, and strength). */
    @Test
    void aBackIsMovedAndLoaded() {
        Session session = session(20, KnownWomen.well().build(), Goal.EASE_BACK, History.NONE, List.of());
        assertThat(session.items())
                .filteredOn(item -> item.move().strand() == ExerciseGroup.MOBILITY)
                .hasSizeGreaterThanOrEqualTo(3);
        assertThat(session.items())
                .anyMatch(item -> item.move().strand() == ExerciseGroup.STRENGTH_LEGS
                        || item.move().strand() == ExerciseGroup.BRIDGE);
    }

    /** Twenty minutes: whole, in one position, and the next time in the other. */
    @Test
    void shorterItTurnsFromSessionToSession() {
        List<SessionItem> first = holds(session(20, leaking(), Goal.STOP_LEAKING, History.NONE, List.of()));
        assertThat(first).extracting(item -> item.dose().repetitions()).containsExactly(6);
        String had = first.get(0).moveId();
        List<SessionItem> second =
                holds(session(20, leaking(), Goal.STOP_LEAKING, History.of(List.of(List.of(had))), List.of()));
        assertThat(second).extracting(item -> item.dose().repetitions()).containsExactly(6);
        assertThat(Family.of(second.get(0).move()))
                .isNotEqualTo(Family.of(first.get(0).move()));
    }

    /** At most ten in all, both sides counted, none of them in the prescribed set. */
    @Test
    void liftsBeforeEffortsAreTenAtMost() {
        Session session = session(60, leaking(), Goal.STOP_LEAKING, History.NONE, List.of());
        int lifts = 0;
        for (int at = 0; at < session.items().size(); at++) {
            Matcher said = LIFTS.matcher(session.remarks().get(at));
            lifts += !said.find() ? 0 : said.group(1) == null ? 1 : Integer.parseInt(said.group(1));
            boolean floor = session.items().get(at).move().strand().isPelvicFloorLift();
            assertThat(floor && !session.remarks().get(at).isEmpty()).isFalse();
        }
        assertThat(lifts).isBetween(4, 10);
        Client tight = leaking().but().pelvicFloor(tight()).build();
        assertThat(session(60, tight, Goal.STOP_LEAKING, History.NONE, List.of())
                        .remarks())
                .noneMatch(remark -> remark.contains("Lift the pelvic floor"));
    }

    @Test
    void tenAreSharedOutEvenlyAndNeverMoreThanAreDone() {
        Map<Move, Integer> most = new LinkedHashMap<>();
        most.put(CATALOGUE.get("squat"), 20);
        most.put(CATALOGUE.get("split-squat"), 32);
        most.put(CATALOGUE.get("two-hand-carry"), 2);
        Map<String, Integer> shared = Remarks.shared(most).entrySet().stream()
                .collect(Collectors.toMap(one -> one.getKey().id(), Map.Entry::getValue));
        assertThat(shared)
                .containsOnly(Map.entry("squat", 4), Map.entry("split-squat", 4), Map.entry("two-hand-carry", 2));
    }

    /** What she lifts anyway begins with a lighter set of the same; what is new to her has none. */
    @Test
    void herOwnLiftsBeginLighter() {
        Session session = session(45, KnownWomen.well().build(), Goal.LIFT, History.NONE, List.of("goblet-squat"));
        for (int at = 0; at < session.items().size(); at++) {
            assertThat(session.remarks().get(at).contains("First set lighter"))
                    .as(session.items().get(at).moveId())
                    .isEqualTo(session.items().get(at).moveId().equals("goblet-squat"));
        }
    }

    private static PelvicFloorCheck floor() {
        return new PelvicFloorCheck(5, 6, 6, LettingGo.FULL, Tone.WEAK, YesNoUnknown.NO, YesNoUnknown.NO);
    }

    private static PelvicFloorCheck tight() {
        return new PelvicFloorCheck(5, 6, 6, LettingGo.PARTIAL, Tone.TIGHT, YesNoUnknown.NO, YesNoUnknown.NO);
    }
}
