package openbloom.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.record.Client;
import openbloom.core.record.LadderDecision;
import openbloom.core.record.LadderStatus;
import openbloom.core.record.PainHold;
import openbloom.core.record.PainSite;
import openbloom.core.record.Training;
import openbloom.core.verdict.Judgement;
import org.junit.jupiter.api.Test;

/** What another program tells of her ladders is applied as the studio's own days and decisions are (program.md, Progress). */
class LadderHistoryTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final ExerciseGroup BRIDGE = ExerciseGroup.BRIDGE;

    private static Judgement judged() {
        Client woman = Client.of(0, 0, 34)
                .trained(Training.REGULAR)
                .rungs(Map.of(ExerciseGroup.STRENGTH_LEGS, 2))
                .build();
        return Judgement.of(new CatalogueLoader().shipped(), woman, DAY);
    }

    private static LadderDay day(int daysAgo, int rung, Pain pain) {
        return new LadderDay(
                DAY.minusDays(daysAgo),
                rung,
                DoseStep.WRITTEN,
                new LadderDay.DoseDone(8, 8),
                Set.of(),
                pain,
                new LadderDay.Report(Optional.of(PerceivedEffort.RIGHT), false, true));
    }

    private static LadderDay good(int daysAgo, int rung) {
        return day(daysAgo, rung, Pain.NONE);
    }

    private static LadderStatus after(LadderHistory history) {
        return history.appliedTo(judged()).standing();
    }

    private static LadderHistory days(ExerciseGroup group, LadderDay... days) {
        return new LadderHistory(Map.of(group, List.of(days)), List.of(), Map.of());
    }

    @Test
    void twoGoodDaysEarnTheNextLevelAndTheOneBelowIsHers() {
        LadderStatus status = after(days(BRIDGE, good(5, 2), good(2, 2)));
        assertThat(status.working()).containsEntry(BRIDGE, new LadderStatus.Working(3, DoseStep.LOWEST));
        assertThat(status.rungs()).containsEntry(BRIDGE, 2).containsEntry(ExerciseGroup.STRENGTH_LEGS, 2);
        assertThat(status.holds()).isEmpty();
    }

    @Test
    void theSameDayToldTwiceCountsOnce() {
        LadderStatus status = after(days(BRIDGE, good(2, 2), good(2, 2)));
        assertThat(status.working()).containsEntry(BRIDGE, new LadderStatus.Working(2, DoseStep.WRITTEN));
    }

    @Test
    void theLatestDecisionCountsAndDaysUpToItDoNot() {
        List<LadderDecision> decisions = List.of(
                new LadderDecision(DAY.minusDays(2), BRIDGE, 4, 2), new LadderDecision(DAY.minusDays(9), BRIDGE, 1, 1));
        LadderStatus decided =
                after(new LadderHistory(Map.of(BRIDGE, List.of(good(5, 2), good(2, 2))), decisions, Map.of()));
        assertThat(decided.working()).containsEntry(BRIDGE, new LadderStatus.Working(4, 2, DAY.minusDays(2)));
        assertThat(decided.rungs()).containsEntry(BRIDGE, 3);
        LadderStatus since = after(new LadderHistory(
                Map.of(BRIDGE, List.of(good(1, 4))),
                List.of(new LadderDecision(DAY.minusDays(2), BRIDGE, 4, 1)),
                Map.of()));
        LadderStatus gentler = after(new LadderHistory(
                Map.of(BRIDGE, List.of(good(1, 3))),
                List.of(new LadderDecision(DAY.minusDays(2), BRIDGE, 4, 2)),
                Map.of()));
        assertThat(gentler.rungs()).as("a good day below it takes nothing back").containsEntry(BRIDGE, 3);
        assertThat(gentler.working().get(BRIDGE).rung()).isEqualTo(4);
        assertThat(since.working()).as("moved on by the day after it").containsKey(BRIDGE);
        assertThat(since.working().get(BRIDGE).rung()).isEqualTo(4);
        assertThat(since.working().get(BRIDGE).step()).isEqualTo(DoseStep.WRITTEN);
    }

    @Test
    void aStepIsOfTheLevelSheWorksOnOrBeginsAt() {
        LadderStatus status = after(new LadderHistory(
                Map.of(),
                List.of(new LadderDecision(DAY.minusDays(2), BRIDGE, 4, 1)),
                Map.of(BRIDGE, 3, ExerciseGroup.STRENGTH_LEGS, 2)));
        assertThat(status.working())
                .containsEntry(BRIDGE, new LadderStatus.Working(4, 3))
                .containsEntry(ExerciseGroup.STRENGTH_LEGS, new LadderStatus.Working(2, 2));
    }

    @Test
    void painThatStopsHoldsTheLadderAndSaysWhere() {
        Pain much = new Pain(7, 0, Optional.of(Pain.PainRegion.SCAR), Optional.empty());
        List<PainHold> holds =
                after(days(BRIDGE, day(5, 2, Pain.NONE), day(1, 2, much))).holds();
        assertThat(holds).hasSize(1);
        assertThat(holds.get(0).place()).isEqualTo(PainSite.SCAR);
        assertThat(holds.get(0).since()).isEqualTo(DAY.minusDays(1));
        assertThat(holds.get(0).pain()).isEqualTo(OptionalInt.of(7));
        Pain unsaid = new Pain(7, 0, Optional.empty(), Optional.empty());
        assertThat(after(days(BRIDGE, day(1, 2, unsaid))).holds().get(0).place())
                .isEqualTo(PainSite.ELSEWHERE);
        assertThat(after(days(ExerciseGroup.PELVIC_FLOOR_ENDURANCE, day(1, 1, unsaid)))
                        .holds()
                        .get(0)
                        .place())
                .isEqualTo(PainSite.PELVIC_FLOOR);
        assertThat(after(days(BRIDGE, day(5, 2, much), day(1, 2, Pain.NONE))).holds())
                .as("the latest day decides")
                .isEmpty();
    }
}
