package openbloom.core.program;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** The ways that fit a woman, dated by hand; after E-RUN and E-NICE (values from memory), the others common practice. */
class PathwaysTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    private static Client.Builder woman() {
        return Client.of(1, 1, 33)
                .symptoms(SymptomReport.none(TODAY))
                .warningSigns(TODAY, Set.of())
                .conditions(TODAY, Set.of());
    }

    private static Birth caesarean(int weeks) {
        return new Birth(TODAY.minusWeeks(weeks), BirthKind.CAESAREAN, Tear.NONE, YesNoUnknown.YES);
    }

    private static List<Pathways.Path> paths(Client woman, Goal... aims) {
        Map<Goal, LocalDate> since = Arrays.stream(aims).collect(Collectors.toMap(aim -> aim, aim -> TODAY));
        return Pathways.of(Judgement.of(CATALOGUE, woman, TODAY), since, List.of());
    }

    private static Optional<LocalDate> day(Pathways.Path path, String what) {
        return path.steps().stream()
                .filter(step -> step.what().contains(what))
                .findFirst()
                .orElseThrow()
                .from();
    }

    @Test
    void afterACaesareanTheWoundAndTheWeeksOpenOneStepAfterTheOther() {
        List<Pathways.Path> all = paths(woman().gaveBirth(caesarean(3)).build());
        assertThat(all).extracting(Pathways.Path::name).containsExactly("The first six weeks", "After a caesarean");
        LocalDate born = TODAY.minusWeeks(3);
        assertThat(day(all.get(1), "gentle touch")).contains(born.plusWeeks(6));
        assertThat(day(all.get(1), "surface progression")).contains(born.plusWeeks(8));
        assertThat(day(all.get(1), "deeper scar work")).contains(born.plusWeeks(12));
        assertThat(day(all.get(1), "impact")).contains(born.plusWeeks(16));
        assertThat(day(all.get(0), "walk 20 minutes")).contains(born.plusWeeks(3));
        assertThat(all.get(0).steps()).noneMatch(step -> step.what().contains("walk 5 minutes"));
    }

    @Test
    void runningBeginsWithPreparingAndTheTestsOnTheirDay() {
        Pathways.Path run = paths(woman().gaveBirth(caesarean(14)).build(), Goal.RUN).stream()
                .filter(path -> path.name().equals("Return to running"))
                .findFirst()
                .orElseThrow();
        assertThat(run.source()).isEqualTo("E-RUN");
        assertThat(day(run, "walks from 10")).contains(TODAY);
        assertThat(day(run, "the tests: ")).contains(TODAY.minusWeeks(14).plusWeeks(16));
        assertThat(day(run, "9 rows of 3 runs each, from 8 × 1 minute to 30 minutes"))
                .isEmpty();
    }

    @Test
    void floorTrainingTakesTwelveWeeksAndSixteenWithHeaviness() {
        Pathways.Path leak = paths(woman().build(), Goal.STOP_LEAKING).get(0);
        assertThat(leak.name()).isEqualTo("Pelvic floor training, 12 weeks");
        assertThat(leak.steps())
                .filteredOn(step -> step.what().contains("check again"))
                .hasSize(5);
        assertThat(day(leak, "look back")).contains(TODAY.plusWeeks(12));
        Client heavy = woman().symptoms(new SymptomReport.Asked(TODAY, Set.of(Symptom.HEAVINESS)))
                .build();
        assertThat(day(paths(heavy).get(0), "look back")).contains(TODAY.plusWeeks(16));
    }

    @Test
    void readyForBirthFrom34WeeksAndNothingWhileASignStands() {
        Client pregnant =
                woman().pregnant(Dating.stated(TODAY.plusDays(280 - 7 * 20))).build();
        assertThat(paths(pregnant).get(0).steps().get(0).from()).contains(TODAY.plusWeeks(14));
        Client stopped = pregnant.but()
                .warningSigns(TODAY, Set.of(WarningSign.CHEST_PAIN))
                .build();
        assertThat(paths(stopped)).isEmpty();
    }

    /** Twelve weeks run from the day the aim was chosen, not from the day the page is opened. */
    @Test
    void aTrainingThatHasBegunKeepsItsDays() {
        LocalDate begun = TODAY.minusWeeks(5);
        Pathways.Path leak = Pathways.of(
                        Judgement.of(CATALOGUE, woman().build(), TODAY), Map.of(Goal.STOP_LEAKING, begun), List.of())
                .get(0);
        assertThat(leak.steps().get(0).from()).contains(begun);
        assertThat(day(leak, "look back")).contains(begun.plusWeeks(12));
    }

    /** From 20 weeks the chest is propped on the back: common practice, no source. */
    @Test
    void herUsualMovesHaveTheirVersionOfTheDayAndTheDayItChanges() {
        Client pregnant =
                woman().pregnant(Dating.stated(TODAY.plusDays(280 - 7 * 18))).build();
        Pathways.Path gym = Pathways.of(
                        Judgement.of(CATALOGUE, pregnant, TODAY),
                        Map.of(),
                        List.of("goblet-squat", "heel-slide", "no-such"))
                .stream()
                .filter(path -> path.id().equals("gym"))
                .findFirst()
                .orElseThrow();
        assertThat(gym.steps())
                .filteredOn(step -> step.from().equals(Optional.of(TODAY)))
                .hasSize(2);
        assertThat(gym.steps()).as("at 20 weeks the chest is propped").anySatisfy(step -> {
            assertThat(step.from()).contains(TODAY.plusWeeks(2));
            assertThat(step.what()).startsWith("Heel slide: ").contains("chest propped higher than the hips");
        });
    }

    @Test
    void aStepMayComeLaterNeverSoonerAndNothingIsLost() {
        List<Pathways.Path> ways = paths(woman().gaveBirth(caesarean(3)).build());
        LocalDate touch = TODAY.plusWeeks(3);
        assertThat(edit("touch", PathwayStepEdit.EditKind.MOVED, touch.minusDays(1))
                        .check(ways))
                .hasValueSatisfying(problem -> {
                    assertThat(problem.key()).isEqualTo("path.tooEarly");
                    assertThat(problem.args()).containsExactly(touch);
                });
        assertThat(edit("touch", PathwayStepEdit.EditKind.MOVED, touch).check(ways))
                .as("on the day it opens")
                .isEmpty();
        assertThat(edit("nothing", PathwayStepEdit.EditKind.DONE, null).check(ways))
                .isPresent();
        assertThat(edit("touch", PathwayStepEdit.EditKind.MOVED, null).check(ways))
                .isPresent();
        PathwayStepEdit later = edit("touch", PathwayStepEdit.EditKind.MOVED, touch.plusWeeks(1));
        assertThat(later.check(ways)).isEmpty();
        assertThat(step(PathwayStepEdit.made(ways, List.of(later)), "touch").from())
                .contains(touch.plusWeeks(1));
        PathwayStepEdit done = edit("touch", PathwayStepEdit.EditKind.DONE, null);
        assertThat(step(PathwayStepEdit.made(ways, List.of(later, done)), "touch")
                        .change())
                .contains(done);
        PathwayStepEdit back = edit("touch", PathwayStepEdit.EditKind.AS_PLANNED, null);
        assertThat(PathwayStepEdit.made(ways, List.of(later, done, back))).isEqualTo(ways);
        PathwayStepEdit tooEarlyByNow = edit("touch", PathwayStepEdit.EditKind.MOVED, touch.minusDays(3));
        assertThat(PathwayStepEdit.made(ways, List.of(tooEarlyByNow)))
                .as("its day has moved behind it")
                .isEqualTo(ways);
    }

    private static PathwayStepEdit edit(String step, PathwayStepEdit.EditKind kind, @Nullable LocalDate to) {
        return new PathwayStepEdit("caesarean", step, kind, Optional.ofNullable(to), "");
    }

    private static Pathways.PathwayStep step(List<Pathways.Path> ways, String id) {
        return ways.stream()
                .filter(way -> way.id().equals("caesarean"))
                .flatMap(way -> way.steps().stream())
                .filter(step -> step.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
