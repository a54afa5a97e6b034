package openbloom.core.program;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.session.ExclusionReason;
import openbloom.core.verdict.Judgement;

/**
 * What was asked for and stays out of a block, each with why: aims that contradict each other, groups that come too seldom, the next
 * level of each, and the exercise an aim names.
 *
 * @param today the judgement the block begins with
 * @param aims in their order
 */
record StaysOut(Judgement today, List<Goals.Suggested> aims) {
    private static final int TWICE = 2;

    /** @param wanted lines an aim asks for */
    List<Program.LeftOver> told(List<Program.LadderPlan> wanted, List<Program.ProgramWeek> weeks) {
        List<Program.LeftOver> told = new ArrayList<>(
                Contradiction.among(aims.stream().map(Goals.Suggested::aim).toList()));
        tooSeldom(wanted, weeks).ifPresent(told::add);
        nextLevels(wanted).forEach(told::add);
        wishes().forEach(told::add);
        return told;
    }

    /** Wanted groups that come less than twice in their fullest week. */
    private static Optional<Program.LeftOver> tooSeldom(
            List<Program.LadderPlan> wanted, List<Program.ProgramWeek> weeks) {
        String seldom = wanted.stream()
                .map(Program.LadderPlan::strand)
                .filter(strand -> weeks.stream()
                                .mapToLong(week -> week.times(strand))
                                .max()
                                .orElse(TWICE)
                        < TWICE)
                .map(ExerciseGroup::words)
                .collect(Collectors.joining(", "));
        return seldom.isEmpty()
                ? Optional.empty()
                : Optional.of(new Program.LeftOver(
                        seldom + " twice a week", "the visits and days at home have room once a week at most"));
    }

    private Stream<Program.LeftOver> nextLevels(List<Program.LadderPlan> wanted) {
        return wanted.stream()
                .filter(line -> !line.gates().isEmpty())
                .flatMap(line -> today.catalogue().ladder(line.strand()).stream()
                        .filter(move -> move.rung() > line.rung())
                        .limit(1)
                        .map(next -> new Program.LeftOver(next.name(), ExclusionReason.gates(line.gates()))));
    }

    private Stream<Program.LeftOver> wishes() {
        return aims.stream()
                .map(aim -> switch (aim.aim()) {
                    case RUN -> "run-walk";
                    case JUMP -> "hops";
                    case LIFT -> "deadlift";
                    case CRUNCH -> "curl-up";
                    case PLANK -> "support-full-20";
                    default -> "";
                })
                .flatMap(move -> today.catalogue().find(move).stream())
                .filter(wish -> !today.of(wish).kind().passes())
                .map(wish -> new Program.LeftOver(wish.name(), ExclusionReason.of(today, wish)));
    }
}
