package openbloom.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Purpose;
import openbloom.core.record.Client;
import openbloom.core.record.Falls;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.Judgement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Where she begins (program.md, Version 2, line 1; common practice, no source): of the n levels that pass the first, the second, the
 * ⌈n/2⌉th or the last but one by her training; one lower for bones, nausea, or 65 years with little training. Tried on every group.
 */
class StartingLevelTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    private static Client.Builder well(int years) {
        return Client.of(0, 0, years).falls(Falls.NONE);
    }

    private static Judgement judged(Client.Builder woman) {
        return Judgement.of(CATALOGUE, woman.build(), DAY);
    }

    /** The levels of a group that pass for her, without what is too much for a first day of one who never trained. */
    private static List<Integer> passing(Judgement judgement, ExerciseGroup group, boolean firstDay) {
        return CATALOGUE.ladder(group).stream()
                .filter(move -> judgement.of(move).passes())
                .filter(move -> !(firstDay && isTooMuch(move)))
                .map(Move::rung)
                .distinct()
                .sorted()
                .toList();
    }

    private static boolean isTooMuch(Move move) {
        return move.has(Demand.SINGLE_LEG)
                || move.has(Demand.BALANCE)
                || move.has(Demand.OVERHEAD)
                || move.purpose() == Purpose.FRONT_SUPPORT && move.load() >= 2;
    }

    private static int nth(List<Integer> levels, int n) {
        return levels.isEmpty() ? 1 : levels.get(Math.max(1, Math.min(levels.size(), n)) - 1);
    }

    private static void beginsAt(Client.Builder woman, boolean firstDay, UnaryOperator<Integer> place) {
        Judgement judgement = judged(woman);
        for (ExerciseGroup group : ExerciseGroup.values()) {
            List<Integer> levels = passing(judgement, group, firstDay);
            assertThat(StartingLevel.of(judgement, group))
                    .as(group + " of " + levels)
                    .isEqualTo(nth(levels, place.apply(levels.size())));
        }
    }

    @ParameterizedTest
    @CsvSource({"NONE, 0", "LIGHT, 0", "REGULAR, 0", "SPORT, 0", "NONE, 1", "LIGHT, 1", "REGULAR, 1", "SPORT, 1"})
    void byHerTrainingAndOneLowerWhereThereIsAReason(Training training, int lower) {
        Client.Builder woman = well(34).trained(training);
        if (lower == 1) {
            woman.conditions(DAY, Set.of(Condition.OSTEOPOROSIS));
        }
        beginsAt(woman, training == Training.NONE, n -> switch (training) {
            case NONE -> 1 - lower;
            case LIGHT -> 2 - lower;
            case REGULAR -> (n + 1) / 2 - lower;
            case SPORT -> n - 1 - lower;
        });
    }

    @Test
    void whoWasNotAskedBeginsAsOneWhoNeverTrained() {
        beginsAt(well(34), true, n -> 1);
        beginsAt(
                well(34).trained(Training.REGULAR)
                        .symptoms(new SymptomReport.Asked(DAY, Set.of(Symptom.SICKNESS), Set.of())),
                false,
                n -> (n + 1) / 2 - 1);
    }

    @ParameterizedTest
    @CsvSource({"64, LIGHT, 2", "65, LIGHT, 1", "65, REGULAR, 0", "65, SPORT, 0"})
    void fromSixtyFiveOneLowerWhereSheTrainedLittle(int years, Training training, int second) {
        beginsAt(well(years).trained(training), false, n -> switch (training) {
            case LIGHT -> second;
            case REGULAR -> (n + 1) / 2;
            default -> n - 1;
        });
    }

    /** Impact after a birth begins with its second level that passes, soft, however she trained. */
    @Test
    void impactAfterABirthBeginsSoft() {
        Client.Builder mother = well(34).trained(Training.SPORT)
                .gaveBirth(
                        new Birth(DAY.minusWeeks(60), BirthKind.VAGINAL, Tear.NONE, openbloom.core.YesNoUnknown.YES));
        Judgement recent = judged(well(34).trained(Training.SPORT)
                .gaveBirth(
                        new Birth(DAY.minusWeeks(40), BirthKind.VAGINAL, Tear.NONE, openbloom.core.YesNoUnknown.YES)));
        List<Integer> levels = passing(recent, ExerciseGroup.IMPACT, false);
        assertThat(StartingLevel.of(recent, ExerciseGroup.IMPACT)).isEqualTo(nth(levels, 2));
        Judgement old = judged(mother);
        List<Integer> all = passing(old, ExerciseGroup.IMPACT, false);
        assertThat(StartingLevel.of(old, ExerciseGroup.IMPACT)).isEqualTo(nth(all, all.size() - 1));
    }

    @Test
    void aLevelThatWasShownIsHers() {
        Judgement shown = judged(well(34).trained(Training.NONE).rungs(Map.of(ExerciseGroup.BRIDGE, 4)));
        assertThat(StartingLevel.of(shown, ExerciseGroup.BRIDGE)).isEqualTo(4);
    }

    @ParameterizedTest
    @CsvSource({"NONE, true", "LIGHT, false", "REGULAR, false"})
    void oneLegBalancePlankAndOverheadAreTooMuchForAFirstDayWithoutTraining(Training training, boolean tooMuch) {
        Client her = well(34).trained(training).build();
        for (Move move : CATALOGUE.moves()) {
            assertThat(StartingLevel.isTooMuchForAFirstDay(her, move))
                    .as(move.id())
                    .isEqualTo(tooMuch && isTooMuch(move));
        }
    }
}
