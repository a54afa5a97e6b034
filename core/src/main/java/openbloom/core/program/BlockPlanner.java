package openbloom.core.program;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.care.HabitPrompt;
import openbloom.core.care.HabitPrompts;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.progress.WeekKind;
import openbloom.core.record.Goal;
import openbloom.core.screening.WarningSign;
import openbloom.core.session.Composer;
import openbloom.core.session.ExclusionReason;
import openbloom.core.session.HardLine;
import openbloom.core.session.Place;
import openbloom.core.session.Shape;
import openbloom.core.verdict.Facts;
import openbloom.core.verdict.Judgement;

/**
 * Plans a block: lines with where they are likely to be, weeks with sessions on days, floor sets, walking, checks due, what
 * the calendar changes and what was left out. Everything is judged on its own date. Weights are common practice, no source.
 *
 * @see GymPath
 */
public final class BlockPlanner {
    private static final int MOST_STRANDS = 8;
    private static final int FEWEST_STRANDS = 2;
    private static final int MINUTES_A_STRAND = 5;
    private static final int A_WEEK = 7;
    private static final int TWICE = 2;
    private static final int FIVE_MINUTES_UP_TO = 10;
    private static final int LIGHT_LOAD = 2;
    private static final int TWICE_A_WEEK = 15;
    private static final int HER_TURN = 100;
    private static final int[] AIM_WORTH = {30, 20, 10};

    /** What the rest of an hour is for, where what is wanted leaves room. */
    private static final List<ExerciseGroup> WHOLE_BODY = List.of(
            ExerciseGroup.STRENGTH_LEGS,
            ExerciseGroup.STRENGTH_PULL,
            ExerciseGroup.STRENGTH_PUSH,
            ExerciseGroup.MOBILITY);

    private final Judgement today;
    private final List<Goals.Suggested> aims;
    private final Rhythm rhythm;
    private final LocalDate to;
    private final Map<ExerciseGroup, LocalDate> lastDone = new EnumMap<>(ExerciseGroup.class);
    private final DueChecks checks;
    private final Walking walking;
    private final Map<ExerciseGroup, List<LocalDate>> done = new EnumMap<>(ExerciseGroup.class);

    private BlockPlanner(Judgement today, List<Goals.Suggested> aims, Rhythm rhythm) {
        this.today = today;
        this.aims = aims;
        this.rhythm = rhythm;
        this.to = BlockEnd.of(today.facts());
        this.checks = new DueChecks(today, rhythm, to);
        this.walking = new Walking(today.facts(), rhythm);
    }

    /** The last day of a block that begins on the day of the facts. */
    public static LocalDate lastDay(Facts facts) {
        return BlockEnd.of(facts);
    }

    /**
     * The block that begins on the day of the judgement.
     *
     * @param aims in their order; without any the suggested ones count
     */
    public static Program plan(Judgement today, List<Goal> aims, Rhythm rhythm) {
        Facts facts = today.facts();
        List<Goals.Suggested> chosen = aims.isEmpty() ? Goals.suggest(facts) : Goals.chosen(facts, aims);
        return new BlockPlanner(today, chosen, rhythm).program();
    }

    private Program program() {
        LocalDate from = today.facts().day();
        List<Program.LeftOver> leftOut = new ArrayList<>();
        Set<WarningSign> signs = today.facts().client().safety().standing().keySet();
        if (!signs.isEmpty()) {
            signs.stream()
                    .sorted()
                    .forEach(sign -> leftOut.add(
                            new Program.LeftOver("everything", "warning sign: " + sign.words() + "; refer first")));
            return new Program(
                    from, to, aims, List.of(), List.of(), List.of(), leftOut, new Program.Minutes(0, walking.target()));
        }
        List<Program.LadderPlan> possible = lines(leftOut);
        List<Program.ProgramWeek> weeks = weeks(possible);
        List<Program.LadderPlan> lines = possible.stream()
                .filter(line -> isWanted(line) || weeks.stream().anyMatch(week -> week.times(line.strand()) > 0))
                .toList();
        List<Program.LadderPlan> wanted = lines.stream().filter(this::isWanted).toList();
        leftOut.addAll(new StaysOut(today, aims).told(wanted, weeks));
        return new Program(
                from,
                to,
                aims,
                lines,
                weeks,
                Season.of(today.catalogue(), today.facts().client(), from, to),
                leftOut,
                new Program.Minutes(planned(weeks), walking.target()));
    }

    private List<Program.LadderPlan> lines(List<Program.LeftOver> leftOut) {
        Set<ExerciseGroup> wanted = new LinkedHashSet<>();
        aims.forEach(aim -> wanted.addAll(aim.aim().strands()));
        LinePlanner planner = new LinePlanner(today, to);
        List<Program.LadderPlan> lines = new ArrayList<>();
        for (ExerciseGroup strand : wanted) {
            Optional<Program.LadderPlan> line = planner.line(strand);
            line.ifPresent(lines::add);
            if (line.isEmpty()) {
                leftOut.add(new Program.LeftOver(strand.words(), ExclusionReason.of(today, strand)));
            }
        }
        if (aims.stream().noneMatch(aim -> aim.aim().isForResting())) {
            WHOLE_BODY.stream()
                    .filter(strand -> !wanted.contains(strand))
                    .flatMap(strand -> planner.line(strand).stream())
                    .forEach(lines::add);
        }
        return lines;
    }

    private List<Program.ProgramWeek> weeks(List<Program.LadderPlan> lines) {
        List<Program.ProgramWeek> weeks = new ArrayList<>();
        SessionLetters letters = letters(lines);
        LocalDate from = today.facts().day();
        for (LocalDate week = from; !week.isAfter(to); week = week.plusDays(A_WEEK)) {
            List<Program.PlannedSession> sessions = new ArrayList<>();
            WeekKind kind = BlockWeeks.kind(today.facts(), week, to);
            int visit = 0;
            for (Rhythm.SessionSlot slot : rhythm.slots(week, to)) {
                boolean isVisit = slot.place() == Place.STUDIO;
                Turn turn = isVisit
                        ? new Turn(letters.nameOf(weeks.size(), visit), letters.of(weeks.size(), visit))
                        : Turn.AT_HOME;
                visit += isVisit ? 1 : 0;
                sessions.add(session(slot, lines, kind, turn));
            }
            weeks.add(new Program.ProgramWeek(
                    week,
                    sessions,
                    checks.floorSets(week),
                    moments(),
                    walking.minutes(weeks.size()),
                    checks.in(week, aims),
                    kind,
                    sentence(kind, weeks.size(), lines)));
        }
        return weeks;
    }

    private List<String> moments() {
        boolean letsGo = aims.stream().anyMatch(aim -> aim.aim() == Goal.LET_GO);
        return HabitPrompts.of(today.facts(), letsGo).stream()
                .map(HabitPrompt::words)
                .toList();
    }

    /** What the kind of the week asks for, and which groups are likely to go up in it. */
    private static String sentence(WeekKind kind, int week, List<Program.LadderPlan> lines) {
        String rising = lines.stream()
                .filter(line -> week > 0 && week < line.expected().size())
                .filter(line -> line.expected().get(week).rung()
                        > line.expected().get(week - 1).rung())
                .map(line -> line.strand().wordsWithin())
                .collect(Collectors.joining(", "));
        return rising.isEmpty() || !kind.rises()
                ? kind.sentence()
                : "Build: a level up, where two good days earned it, in " + rising + "; the rest at the whole dose.";
    }

    /** Whose turn it is at a visit: its letter, and the groups dealt to it. */
    private record Turn(Optional<String> letter, Set<ExerciseGroup> groups) {
        private static final Turn AT_HOME = new Turn(Optional.empty(), Set.of());
    }

    /** Levels that are earned take turns; breath, connect, release, mobility, scar and prescribed lifts are in every letter. */
    private SessionLetters letters(List<Program.LadderPlan> lines) {
        List<Rhythm.SessionSlot> visits = rhythm.slots(today.facts().day(), to).stream()
                .filter(slot -> slot.place() == Place.STUDIO)
                .toList();
        int minutes =
                visits.stream().mapToInt(Rhythm.SessionSlot::minutes).min().orElse(Rhythm.USUAL_VISIT_MINUTES);
        List<ExerciseGroup> dealt = lines.stream()
                .map(Program.LadderPlan::strand)
                .filter(strand -> takesTurns(strand))
                .sorted(Comparator.comparing(strand -> -worth(strand)))
                .toList();
        int always = (int) lines.stream()
                .map(Program.LadderPlan::strand)
                .filter(strand -> isWork(strand) && !takesTurns(strand))
                .count();
        return SessionLetters.deal(dealt, visits.size(), Math.max(FEWEST_STRANDS, room(minutes) - always));
    }

    private static boolean takesTurns(ExerciseGroup strand) {
        return LinePlanner.isEarned(strand) && isWork(strand);
    }

    /** What arriving and letting go do not do anyway. */
    private static boolean isWork(ExerciseGroup strand) {
        return strand != ExerciseGroup.BREATH && strand != ExerciseGroup.CONNECT && strand != ExerciseGroup.RELEASE;
    }

    /** While she heals no more than is composed for her on that day. */
    private static int minutes(Rhythm.SessionSlot slot, Judgement then) {
        return Composer.isHealing(then) ? Math.min(slot.minutes(), HardLine.HEALING_MINUTES) : slot.minutes();
    }

    /** A floor that must let go leaves the smaller part of the time for work. */
    private int room(int minutes) {
        double work = today.facts().isFloorToLetGo()
                ? (1 - HardLine.LETTING_GO_SHARE) * minutes - Shape.arriveMinutes(minutes)
                : minutes - Shape.arriveMinutes(minutes) - Shape.letGoMinutes(minutes);
        return Math.max(FEWEST_STRANDS, Math.min(MOST_STRANDS, (int) (work / MINUTES_A_STRAND)));
    }

    private Program.PlannedSession session(
            Rhythm.SessionSlot slot, List<Program.LadderPlan> lines, WeekKind kind, Turn turn) {
        Judgement then = Projection.of(today, slot.date());
        int minutes = minutes(slot, then);
        boolean isShort = minutes <= FIVE_MINUTES_UP_TO;
        boolean isEasy = slot.place() == Place.HOME;
        List<ExerciseGroup> open = lines.stream()
                .filter(line -> passes(then, line, isShort))
                .filter(line -> !isTooSoon(line, slot.date()))
                .filter(line -> !(isEasy && isStrong(line)))
                .map(Program.LadderPlan::strand)
                .toList();
        int room = Math.max(FEWEST_STRANDS, room(minutes) - (kind == WeekKind.LEARN ? 1 : 0));
        List<ExerciseGroup> work = open.stream()
                .filter(BlockPlanner::isWork)
                .sorted(Comparator.comparing(strand -> -(worth(strand, slot.date()) + turn(strand, turn))))
                .limit(room)
                .toList();
        List<ExerciseGroup> strands = new ArrayList<>();
        open.stream().filter(ExerciseGroup.BREATH::equals).forEach(strands::add);
        open.stream().filter(ExerciseGroup.CONNECT::equals).forEach(strands::add);
        strands.addAll(work);
        open.stream().filter(ExerciseGroup.RELEASE::equals).forEach(strands::add);
        strands.forEach(strand -> {
            lastDone.put(strand, slot.date());
            done.computeIfAbsent(strand, any -> new ArrayList<>()).add(slot.date());
        });
        return new Program.PlannedSession(
                slot.date(),
                slot.place(),
                minutes,
                turn.letter(),
                strands,
                SessionPortions.of(
                        minutes,
                        strands,
                        aims.stream().map(Goals.Suggested::aim).toList()),
                conditions(then, strands, lines));
    }

    /** What is in every letter comes first, then what was dealt to this one; the others only where there is room. */
    private static int turn(ExerciseGroup strand, Turn turn) {
        if (turn.groups().isEmpty()) {
            return 0;
        }
        return turn.groups().contains(strand) || !takesTurns(strand) ? HER_TURN : 0;
    }

    /** Strands whose rung passes on a day only with a check that is still to be made. */
    private List<Program.ItemCondition> conditions(
            Judgement then, List<ExerciseGroup> strands, List<Program.LadderPlan> lines) {
        LocalDate day = then.facts().day();
        Judgement unchecked = Projection.unchecked(today, day);
        boolean oldGap = unchecked
                .facts()
                .client()
                .checks()
                .gap()
                .filter(check -> check.isFreshOn(day))
                .isEmpty();
        Program.Check check = oldGap ? Program.Check.GAP : Program.Check.LOAD;
        return lines.stream()
                .filter(line -> strands.contains(line.strand()))
                .filter(line -> isItsRungPassed(then, line) && !isItsRungPassed(unchecked, line))
                .map(line -> new Program.ItemCondition(line.strand(), check, checks.lastBefore(check, day)))
                .toList();
    }

    private boolean passes(Judgement then, Program.LadderPlan line, boolean isShort) {
        return movesOf(line).stream()
                .filter(move -> !isShort || move.load() <= LIGHT_LOAD)
                .anyMatch(move -> then.of(move).kind().passes());
    }

    private boolean isItsRungPassed(Judgement then, Program.LadderPlan line) {
        return movesOf(line).stream()
                .filter(move -> move.rung() == line.rung())
                .anyMatch(move -> then.of(move).kind().passes());
    }

    private List<Move> movesOf(Program.LadderPlan line) {
        return today.catalogue().ladder(line.strand()).stream()
                .filter(move -> move.rung() <= line.rung())
                .toList();
    }

    /** Impact, heavy loads and a strand's strong rungs rest a day; breath, connect, release and mobility are for every day. */
    private boolean isTooSoon(Program.LadderPlan line, LocalDate day) {
        LocalDate last = lastDone.get(line.strand());
        return isStrong(line) && last != null && ChronoUnit.DAYS.between(last, day) < 2;
    }

    private boolean isStrong(Program.LadderPlan line) {
        return movesOf(line).stream().filter(move -> move.rung() == line.rung()).anyMatch(Move::isStrong);
    }

    /** Wanted by what the program is for; the rest of the hour is the whole body's. */
    private boolean isWanted(Program.LadderPlan line) {
        return worth(line.strand()) > 0;
    }

    private int worth(ExerciseGroup strand) {
        int worth = 0;
        for (int i = 0; i < aims.size(); i++) {
            if (aims.get(i).aim().strands().contains(strand)) {
                worth = Math.max(worth, AIM_WORTH[Math.min(i, AIM_WORTH.length - 1)]);
            }
        }
        return worth;
    }

    /** What was done this week makes room for the rest; the prescribed lifts are for every day. */
    private int worth(ExerciseGroup strand, LocalDate day) {
        if (strand.isPelvicFloorLift()) {
            return worth(strand) + TWICE_A_WEEK;
        }
        long thisWeek = done.getOrDefault(strand, List.of()).stream()
                .filter(date -> ChronoUnit.DAYS.between(date, day) < A_WEEK)
                .count();
        return worth(strand) + (thisWeek < TWICE ? TWICE_A_WEEK : 0) - (int) (5 * thisWeek);
    }

    private static int planned(List<Program.ProgramWeek> weeks) {
        int last = Math.max(0, weeks.size() - (weeks.size() > 1 ? 2 : 1));
        return weeks.isEmpty()
                ? 0
                : weeks.get(last).walkMinutes()
                        + weeks.get(last).sessions().stream()
                                .mapToInt(Program.PlannedSession::minutes)
                                .sum();
    }
}
