package openbloom.app.program;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class PlanComparedTest {
    private static final LocalDate MADE = LocalDate.of(2026, 11, 2);

    private static ProgramDocument.LineTold line(String strand, String words, int level, String move, String step) {
        return new ProgramDocument.LineTold(
                strand, words, level, "id", move, step, List.of(level), "two good days earn it");
    }

    private static ProgramDocument.WeekTold week(
            LocalDate from, int minutes, int floorSets, int walking, String words) {
        ProgramDocument.SessionTold session = new ProgramDocument.SessionTold(
                from, "studio", minutes, List.of(), List.of(), List.of(), null, List.of());
        return new ProgramDocument.WeekTold(
                from, List.of(session), floorSets, walking, List.of(), List.of(), "BUILD", words);
    }

    private static ProgramDocument block(
            LocalDate from, List<ProgramDocument.LineTold> lines, List<ProgramDocument.WeekTold> weeks) {
        return new ProgramDocument(
                from,
                from.plusDays(27),
                List.of(),
                lines,
                weeks,
                List.of(),
                List.of(),
                new ProgramDocument.MinutesTold(0, 150));
    }

    /** Two weeks on: one level set down, one no longer hers, one new, one as it was; and the week that today lies in. */
    @Test
    void putsWhatDiffersBesideEachOtherAndThenTheWeek() {
        ProgramDocument planned = block(
                MADE,
                List.of(
                        line("bridge", "Bridge", 4, "segmental bridge", "whole dose, 2 × 8 repetitions"),
                        line("impact", "Impact", 2, "heel drops", "whole dose, 2 × 10 repetitions"),
                        line("balance", "Balance", 1, "stand in step", "whole dose, 30 s")),
                List.of(
                        week(MADE, 30, 3, 60, "Learn."),
                        week(MADE.plusDays(7), 45, 3, 70, "Build."),
                        week(MADE.plusDays(14), 45, 2, 80, "Build on.")));
        ProgramDocument anew = block(
                MADE.plusDays(15),
                List.of(
                        line("bridge", "Bridge", 3, "bridge with a squeeze", "two thirds, 2 × 5 repetitions"),
                        line("scar", "Scar", 1, "round the scar", "whole dose, 120 s"),
                        line("balance", "Balance", 1, "stand in step", "two thirds, 20 s")),
                List.of(week(MADE.plusDays(15), 25, 3, 55, "Learn again.")));
        assertThat(PlanCompared.between(planned, anew))
                .containsExactly(
                        new PlanCompared(
                                "Bridge",
                                "level 4, segmental bridge: whole dose, 2 × 8 repetitions",
                                "level 3, bridge with a squeeze: two thirds, 2 × 5 repetitions"),
                        new PlanCompared(
                                "Impact", "level 2, heel drops: whole dose, 2 × 10 repetitions", "not for her today"),
                        new PlanCompared("Scar", "not in the plan", "level 1, round the scar: whole dose, 120 s"),
                        new PlanCompared(
                                "This week",
                                "1 session, 45 min; floor sets 2 a day; walking 80 min. Build on.",
                                "1 session, 25 min; floor sets 3 a day; walking 55 min. Learn again."));
        assertThat(PlanCompared.between(planned, planned)).isEmpty();
    }
}
