package openbloom.core.program;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.evidence.Published;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.progress.DoseStep;
import openbloom.core.progress.StartingLevel;
import openbloom.core.progress.WeekKind;
import openbloom.core.record.LadderStatus;
import openbloom.core.stage.Gate;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;

/** Where each wanted strand begins, what its next rung still needs, and where it is likely to be week by week. */
final class LinePlanner {
    private static final int NO_RISE_FROM_WEEK = Published.NO_RISE_PREGNANT.amount();
    private static final Set<ExerciseGroup> UNEARNED = EnumSet.of(
            ExerciseGroup.BREATH,
            ExerciseGroup.RELEASE,
            ExerciseGroup.MOBILITY,
            ExerciseGroup.SCAR,
            ExerciseGroup.PELVIC_FLOOR_ENDURANCE,
            ExerciseGroup.PELVIC_FLOOR_QUICK,
            ExerciseGroup.PELVIC_FLOOR_AREAS);

    private final Judgement today;
    private final LocalDate to;

    LinePlanner(Judgement today, LocalDate to) {
        this.today = today;
        this.to = to;
    }

    static boolean isEarned(ExerciseGroup strand) {
        return !UNEARNED.contains(strand);
    }

    /** The line of a strand; empty if nothing of it passes for her today. */
    Optional<Program.LadderPlan> line(ExerciseGroup strand) {
        int start = StartingLevel.of(today, strand);
        Optional<Integer> rung = today.catalogue().ladder(strand).stream()
                .filter(move -> move.rung() <= start)
                .filter(move -> today.of(move).kind().passes())
                .max(Comparator.comparing(Move::rung))
                .map(Move::rung);
        return rung.map(working -> {
            Optional<LadderStatus.Working> decided = Optional.ofNullable(
                            today.facts().client().standing().working().get(strand))
                    .filter(made -> made.rung() == working);
            boolean written = today.facts().client().standing().rungs().getOrDefault(strand, 0) >= working;
            int usual = written || !isEarned(strand) ? DoseStep.WRITTEN : DoseStep.LOWEST;
            int step = decided.map(LadderStatus.Working::step).orElse(usual);
            return new Program.LadderPlan(
                    strand,
                    working,
                    step,
                    expected(strand, working, step),
                    Optional.ofNullable(
                            today.facts().client().standing().ceilings().get(strand)),
                    nextGates(strand, working));
        });
    }

    /** In weeks of building, with two good days each: the whole dose first, then the next level if it passes on that day. */
    private List<Program.Expected> expected(ExerciseGroup strand, int rung, int step) {
        List<Program.Expected> path = new ArrayList<>();
        int nowRung = rung;
        int nowStep = step;
        int week = 1;
        for (LocalDate end = today.facts().day().plusDays(6); !end.minusDays(6).isAfter(to); end = end.plusDays(7)) {
            WeekKind kind = BlockWeeks.kind(today.facts(), end.minusDays(6), to);
            if (isEarned(strand) && kind == WeekKind.LEARN) {
                nowStep = kind.step(nowStep);
            } else if (isEarned(strand) && kind.rises() && nowStep == DoseStep.LOWEST) {
                nowStep = DoseStep.WRITTEN;
            } else if (isEarned(strand) && kind.rises()) {
                Optional<Integer> next = next(strand, nowRung, end);
                nowStep = next.isPresent() ? DoseStep.LOWEST : DoseStep.HIGHEST;
                nowRung = next.orElse(nowRung);
            }
            path.add(new Program.Expected(week++, nowRung, nowStep));
        }
        return path;
    }

    private Optional<Integer> next(ExerciseGroup strand, int rung, LocalDate day) {
        Judgement then = Projection.of(today, day, Map.of(strand, rung));
        boolean rises = then.facts()
                .age()
                .filter(age -> age.isAtLeastWeeks(NO_RISE_FROM_WEEK))
                .isEmpty();
        return nextRung(strand, rung)
                .filter(next -> rises)
                .filter(next -> onRung(strand, next).stream()
                        .anyMatch(move -> then.of(move).kind().passes()));
    }

    private Optional<Integer> nextRung(ExerciseGroup strand, int rung) {
        return today.catalogue().ladder(strand).stream()
                .map(Move::rung)
                .filter(other -> other > rung)
                .findFirst();
    }

    private List<Move> onRung(ExerciseGroup strand, int rung) {
        return today.catalogue().ladder(strand).stream()
                .filter(move -> move.rung() == rung)
                .toList();
    }

    private List<Gate> nextGates(ExerciseGroup strand, int rung) {
        Judgement earned = Projection.of(today, today.facts().day(), Map.of(strand, rung));
        List<Verdict> verdicts = nextRung(strand, rung).map(next -> onRung(strand, next)).orElse(List.of()).stream()
                .map(earned::of)
                .toList();
        if (verdicts.stream().anyMatch(verdict -> verdict.kind().passes())) {
            return List.of();
        }
        return verdicts.stream()
                .map(Verdict::gates)
                .flatMap(Collection::stream)
                .filter(gate -> !gate.met())
                .distinct()
                .toList();
    }
}
