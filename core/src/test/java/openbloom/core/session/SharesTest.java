package openbloom.core.session;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.Problem;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Position;
import openbloom.core.program.Goals;
import openbloom.core.record.Goal;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.KnownWomen;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How the work is divided, and that it can be divided otherwise. */
class SharesTest {
    private static final Judgement WELL =
            Judgement.of(new CatalogueLoader().shipped(), KnownWomen.well().build(), TODAY);
    private static final List<Goal> TWO = List.of(Goal.STRONG_BONES, Goal.EASE_BACK);

    private static Session composed(Wishes wishes) {
        return Composer.compose(
                WELL,
                SessionRequest.of(45, Place.STUDIO, 1, History.NONE)
                        .in(Format.of(Format.FormatKind.SETS))
                        .wanting(wishes));
    }

    private static Wishes wishes() {
        Map<ExerciseGroup, Integer> worth = Goals.worth(TWO);
        return new Wishes(TWO, worth, worth.keySet(), Set.of(), Set.of(), List.of(), PlannedDay.NONE);
    }

    private static int secondsFor(Session session, Goal goal) {
        int seconds = 0;
        for (int i = 0; i < session.parts().size(); i++) {
            seconds += session.parts().get(i).goal().filter(goal::equals).isPresent()
                    ? session.secondsOfParts().get(i)
                    : 0;
        }
        return seconds;
    }

    /** Two goals have 45 and 25 % (common practice, no source); turned round, the second has more time than the first. */
    @Test
    void givesAGoalAsMuchAsIsWantedForIt() {
        Session usual = composed(wishes());
        Session turned = composed(wishes().divided(new Shares(List.of(20, 60))));
        assertThat(usual.parts().stream()
                        .filter(part -> part.kind() == SessionPart.PartKind.GOAL)
                        .map(SessionPart::percent))
                .containsExactly(45, 25);
        assertThat(turned.parts().stream()
                        .filter(part -> part.kind() == SessionPart.PartKind.GOAL)
                        .map(SessionPart::percent))
                .containsExactly(20, 60);
        assertThat(secondsFor(usual, Goal.STRONG_BONES)).isGreaterThan(secondsFor(usual, Goal.EASE_BACK));
        assertThat(secondsFor(turned, Goal.EASE_BACK)).isGreaterThan(secondsFor(turned, Goal.STRONG_BONES));
        assertThat(turned.secondsOfParts().stream().mapToInt(Integer::intValue).sum())
                .isEqualTo(turned.seconds());
    }

    /** A share for the first goal alone leaves the second to the whole body. */
    @Test
    void dividesByWhatIsTypedAlone() {
        Session one = composed(wishes().divided(new Shares(List.of(30))));
        assertThat(one.parts()).extracting(SessionPart::kind).containsOnlyOnce(SessionPart.PartKind.GOAL);
        assertThat(one.parts()).extracting(SessionPart::kind).startsWith(SessionPart.PartKind.ARRIVE);
        assertThat(one.parts()).extracting(SessionPart::kind).endsWith(SessionPart.PartKind.LET_GO);
    }

    /** Towards a birth: legs worked standing up or squatting with support, and hands and knees, beside what opens the hips. */
    @ParameterizedTest
    @CsvSource({"20, 45", "30, 30", "37, 30", "39, 20"})
    void aSessionTowardsABirthHasASquatAndHandsAndKnees(int weeks, int minutes) {
        Judgement judgement = Judgement.of(
                new CatalogueLoader().shipped(),
                KnownWomen.at(weeks).rungs(Map.of()).build(),
                TODAY);
        List<Goal> goals = List.of(Goal.READY_FOR_BIRTH);
        Map<ExerciseGroup, Integer> worth = Goals.worth(goals);
        Session session = Composer.compose(
                judgement,
                SessionRequest.of(minutes, Place.STUDIO, 1, History.NONE)
                        .in(Format.of(Format.FormatKind.SETS))
                        .wanting(new Wishes(
                                goals, worth, worth.keySet(), Set.of(), Set.of(), List.of(), PlannedDay.NONE)));
        assertThat(session.items())
                .as(weeks + " weeks")
                .anyMatch(item -> item.move().strand() == ExerciseGroup.STRENGTH_LEGS)
                .anyMatch(item -> item.move().strand() == ExerciseGroup.HANDS_AND_KNEES
                        || item.part() == Part.OPENING && item.move().position() == Position.HANDS_AND_KNEES);
    }

    @ParameterizedTest
    @CsvSource({
        "10, ''",
        "80, ''",
        "9, shares[0]",
        "81, shares[0]",
        "40 9, shares[1]",
        "45 45, ''",
        "46 45, shares[0]",
        "60 20 20, shares[0]"
    })
    void refusesSharesThatLeaveNothing(String percent, String field) {
        List<Integer> typed =
                Arrays.stream(percent.split(" ")).map(Integer::valueOf).toList();
        assertThat(new Shares(typed).problems().stream().map(Problem::field).collect(Collectors.joining(",")))
                .isEqualTo(field);
    }
}
