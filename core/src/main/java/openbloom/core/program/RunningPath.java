package openbloom.core.program;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import openbloom.core.evidence.Published;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;

/**
 * The way back to running: whether she may begin, what is missing, and the weeks. Tests and times after E-RUN; the table of
 * weeks is common practice, no source.
 *
 * @param missing what is not met yet
 * @param why what holds her back beside the gates, in words
 * @param weeks empty until she may begin
 * @param refer whether leak or heaviness came twice within 28 days
 * @see Pathways
 */
public record RunningPath(boolean ready, List<Gate> missing, List<String> why, List<RunningWeek> weeks, boolean refer) {
    private static final int DAYS_BETWEEN_ANSWERS = Published.RUN_ANSWERS_APART.days();
    private static final int TWICE_WITHIN_DAYS = Published.RUN_REFER_WITHIN.days();
    private static final int PAIN_TELLS_ABOVE = Published.PAIN_ACCEPTABLE.amount();
    private static final int RUNS_A_WEEK = 3;
    private static final List<RunningRow> TABLE = List.of(
            new RunningRow(8, 1, 2),
            new RunningRow(6, 2, 2),
            new RunningRow(5, 3, 2),
            new RunningRow(4, 5, 1.5),
            new RunningRow(3, 8, 1),
            new RunningRow(2, 12, 1),
            new RunningRow(1, 20, 0),
            new RunningRow(1, 25, 0),
            new RunningRow(1, 30, 0));

    public RunningPath {
        missing = List.copyOf(missing);
        why = List.copyOf(why);
        weeks = List.copyOf(weeks);
    }

    /** The table in short, for who may not begin yet. */
    static String tableWords() {
        RunningRow first = TABLE.get(0);
        RunningRow last = TABLE.get(TABLE.size() - 1);
        return TABLE.size() + " rows of " + RUNS_A_WEEK + " runs each, from " + first.bouts() + " × "
                + Math.round(first.run()) + " minute to " + Math.round(last.run()) + " minutes";
    }

    private record RunningRow(int bouts, double run, double walk) {}

    /**
     * Three days that are not next to each other.
     *
     * @param week row of the table, from 1
     * @param walkMinutes between two bouts
     */
    public record RunningWeek(int week, List<LocalDate> days, int bouts, double runMinutes, double walkMinutes) {
        public RunningWeek {
            days = List.copyOf(days);
        }
    }

    /**
     * A run, or only an answer.
     *
     * @param week the row that was run; empty when she was only asked
     * @param pain most of 0 to 10, the next morning included
     * @param leakedOrHeavy told on that day
     */
    public record Run(LocalDate date, Optional<Integer> week, int pain, boolean leakedOrHeavy) {}

    /** The path from a day on. */
    public static RunningPath of(Judgement judgement, List<Run> history) {
        List<Run> runs =
                history.stream().sorted(Comparator.comparing(Run::date)).toList();
        List<Gate> missing = gates(judgement);
        List<String> why = new ArrayList<>();
        boolean pregnant = judgement.facts().isPregnant();
        if (pregnant) {
            why.add("she is pregnant: a return to running is built after the birth");
        }
        boolean closed = against(judgement, why);
        boolean refer = isTwice(runs);
        if (refer) {
            why.add("leak or heaviness twice within " + TWICE_WITHIN_DAYS + " days: refer");
        }
        boolean waits = waitsForAnswers(runs);
        if (waits) {
            why.add("no impact until two answers of none at least " + DAYS_BETWEEN_ANSWERS + " days apart");
        }
        boolean ready = missing.isEmpty() && !pregnant && !closed && !refer && !waits;
        return new RunningPath(
                ready, missing, why, ready ? weeks(judgement.facts().day(), row(runs)) : List.of(), refer);
    }

    private static List<Gate> gates(Judgement judgement) {
        return impact(judgement).stream()
                .flatMap(verdict -> verdict.gates().stream())
                .filter(gate -> !gate.met())
                .filter(gate -> gate.kind() != GateKind.RUNG_BELOW && gate.kind() != GateKind.START_LEVEL)
                .distinct()
                .toList();
    }

    /** The path has its own table: what the ladder of impact asks of its rungs does not count here. */
    private static List<Verdict> impact(Judgement judgement) {
        return judgement.catalogue().ladder(ExerciseGroup.IMPACT).stream()
                .filter(Move::isImpact)
                .limit(2)
                .map(judgement::of)
                .toList();
    }

    private static boolean against(Judgement judgement, List<String> why) {
        List<String> reasons = impact(judgement).stream()
                .filter(verdict -> verdict.kind() == VerdictKind.SWAP || verdict.kind() == VerdictKind.STOP)
                .flatMap(verdict -> verdict.reasons().stream())
                .filter(reason -> reason.kind() == VerdictKind.SWAP || reason.kind() == VerdictKind.STOP)
                .map(reason -> reason.rule().instructor())
                .distinct()
                .toList();
        why.addAll(reasons);
        return !reasons.isEmpty();
    }

    private static boolean isTwice(List<Run> runs) {
        List<LocalDate> told = runs.stream()
                .filter(Run::leakedOrHeavy)
                .map(Run::date)
                .distinct()
                .toList();
        return IntStream.range(1, told.size())
                .anyMatch(i -> ChronoUnit.DAYS.between(told.get(i - 1), told.get(i)) <= TWICE_WITHIN_DAYS);
    }

    /** After leak or heaviness: an answer of none, and another at least seven days later. */
    private static boolean waitsForAnswers(List<Run> runs) {
        int last = lastTold(runs);
        if (last < 0) {
            return false;
        }
        List<LocalDate> none =
                runs.subList(last + 1, runs.size()).stream().map(Run::date).toList();
        return none.isEmpty() || ChronoUnit.DAYS.between(none.get(0), none.get(none.size() - 1)) < DAYS_BETWEEN_ANSWERS;
    }

    private static int lastTold(List<Run> runs) {
        return IntStream.range(0, runs.size())
                .filter(i -> runs.get(i).leakedOrHeavy())
                .reduce((first, second) -> second)
                .orElse(-1);
    }

    /** Three good runs of a row lead to the next; pain repeats it; leak or heaviness lead one back. */
    private static int row(List<Run> runs) {
        int row = 1;
        int good = 0;
        for (Run run : runs) {
            if (run.leakedOrHeavy()) {
                row = Math.max(1, run.week().orElse(row) - 1);
                good = 0;
            } else if (run.week().isPresent()) {
                int ran = run.week().get();
                good = ran == row ? good : 0;
                row = ran;
                good = run.pain() > PAIN_TELLS_ABOVE ? 0 : good + 1;
                if (good == RUNS_A_WEEK) {
                    row = Math.min(TABLE.size(), row + 1);
                    good = 0;
                }
            }
        }
        return row;
    }

    private static List<RunningWeek> weeks(LocalDate from, int firstRow) {
        List<RunningWeek> weeks = new ArrayList<>();
        for (int row = firstRow; row <= TABLE.size(); row++) {
            LocalDate monday = from.plusWeeks(row - firstRow);
            RunningRow told = TABLE.get(row - 1);
            weeks.add(new RunningWeek(
                    row,
                    List.of(monday, monday.plusDays(2), monday.plusDays(4)),
                    told.bouts(),
                    told.run(),
                    told.walk()));
        }
        return weeks;
    }

    /** How many rows the table has. */
    public static int rows() {
        return TABLE.size();
    }
}
