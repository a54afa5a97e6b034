package openbloom.app.program;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.Days;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.program.Program;
import openbloom.core.program.Season;
import openbloom.core.progress.DoseStep;
import openbloom.core.progress.WeekKind;
import openbloom.core.session.Place;
import openbloom.core.session.PlannedDay;
import openbloom.core.stage.Gate;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;

/** A block in words, as it is kept: it can be shown a year later whatever the rules say then. */
public record ProgramDocument(
        LocalDate from,
        LocalDate to,
        List<PlannedGoal> aims,
        List<LineTold> lines,
        List<WeekTold> weeks,
        List<ChangeTold> changes,
        List<LeftTold> leftOut,
        MinutesTold minutes) {
    private static final String NOTHING = "no ";
    private static final String NEEDS = "needs ";

    /** An aim with its fact and what it promises. */
    public record PlannedGoal(String words, String why, String promise, String source) {}

    /**
     * A line.
     *
     * @param strand file name of the strand, also its tone
     * @param moveId the move of its rung that is shown
     * @param expected rung at the end of each week
     * @param next what the next rung still needs, or how it is earned
     */
    public record LineTold(
            String strand,
            String words,
            int rung,
            String moveId,
            String move,
            String step,
            List<Integer> expected,
            String next) {
        /** Whether it has levels that are earned. */
        boolean isEarned() {
            return !next.startsWith(NOTHING);
        }

        /** Whether something has to be met before the next level. */
        boolean isHeld() {
            return next.startsWith(NEEDS);
        }
    }

    /**
     * A week.
     *
     * @param kind name of its {@link WeekKind}, and what is different in it; blocks of before weeks had kinds have neither
     */
    public record WeekTold(
            LocalDate from,
            List<SessionTold> sessions,
            int floorSets,
            int walkMinutes,
            List<String> moments,
            List<DueTold> due,
            @Nullable String kind,
            @Nullable String words) {
        /** {@code 3 sets a day}; where none are prescribed, what comes first. */
        public String floorWords() {
            if (floorSets > 0) {
                return floorSets == 1 ? "1 set a day" : floorSets + " sets a day";
            }
            boolean isChecked = due.stream().anyMatch(one -> one.words().equals(Program.Check.PELVIC_FLOOR.words()));
            return isChecked ? "no sets prescribed yet: the pelvic floor check comes first" : "no sets prescribed";
        }
    }

    /** What the week of a day is for. */
    Optional<WeekKind> weekOn(LocalDate date) {
        return weeks.stream()
                .filter(week ->
                        !date.isBefore(week.from()) && date.isBefore(week.from().plusDays(7)))
                .findFirst()
                .flatMap(week -> Arrays.stream(WeekKind.values())
                        .filter(kind -> kind.name().equals(week.kind()))
                        .findFirst());
    }

    /**
     * A session on its day; strands by file name.
     *
     * @param conditions what it rests on, in words; blocks of before they were told have none
     * @param letter A, B or C where visits take turns
     * @param portions its minutes by strand; blocks of before they were told have none
     */
    public record SessionTold(
            LocalDate date,
            String place,
            int minutes,
            List<String> strands,
            List<String> words,
            List<String> conditions,
            @Nullable String letter,
            List<PortionTold> portions) {
        @SuppressWarnings("ConstantValue")
        public SessionTold {
            conditions = conditions == null ? List.of() : List.copyOf(conditions);
            portions = portions == null ? List.of() : List.copyOf(portions);
        }

        SessionTold on(LocalDate day) {
            return new SessionTold(day, place, minutes, strands, words, conditions, letter, portions);
        }

        /** What it is made of; a strand no version knows any more is left out. */
        Set<ExerciseGroup> groups() {
            return groupsNamed(strands);
        }

        public boolean happensAtHome() {
            return place.equals(Place.HOME.words());
        }
    }

    /** Minutes of a session for a strand. */
    public record PortionTold(String strand, int minutes) {}

    /** What the block plans for a day, as composing takes it. */
    PlannedDay plannedOn(LocalDate date) {
        WeekKind week = weekOn(date).orElse(WeekKind.BUILD);
        return sessionOn(date)
                .map(session -> {
                    Set<ExerciseGroup> resting =
                            groupsNamed(lines.stream().map(LineTold::strand).toList());
                    resting.removeAll(session.groups());
                    return new PlannedDay(session.groups(), resting, week);
                })
                .orElseGet(() -> PlannedDay.in(week));
    }

    /** The session planned for a day. */
    public Optional<SessionTold> sessionOn(LocalDate date) {
        return weeks.stream()
                .flatMap(week -> week.sessions().stream())
                .filter(session -> session.date().equals(date))
                .findFirst();
    }

    private static Set<ExerciseGroup> groupsNamed(List<String> names) {
        return Arrays.stream(ExerciseGroup.values())
                .filter(group -> names.contains(group.fileName()))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(ExerciseGroup.class)));
    }

    /** A check that is due. */
    public record DueTold(LocalDate date, String words) {}

    /** What the calendar changes. */
    public record ChangeTold(LocalDate date, String code, String words) {}

    /** What was left out. */
    public record LeftTold(String what, String why) {}

    /** Minutes a week, planned and wanted. */
    public record MinutesTold(int planned, int target) {}

    /** The block with a session on another day, or without it. */
    ProgramDocument moved(SessionTold session, Optional<LocalDate> to) {
        List<WeekTold> changed = weeks.stream()
                .map(week -> {
                    List<SessionTold> sessions = new ArrayList<>(week.sessions());
                    sessions.remove(session);
                    to.filter(day -> !day.isBefore(week.from())
                                    && day.isBefore(week.from().plusDays(7)))
                            .ifPresent(day -> sessions.add(session.on(day)));
                    sessions.sort(Comparator.comparing(SessionTold::date));
                    return new WeekTold(
                            week.from(),
                            sessions,
                            week.floorSets(),
                            week.walkMinutes(),
                            week.moments(),
                            week.due(),
                            week.kind(),
                            week.words());
                })
                .toList();
        return new ProgramDocument(from, this.to, aims, lines, changed, changes, leftOut, minutes);
    }

    static ProgramDocument of(Program program, Judgement judgement) {
        Catalogue catalogue = judgement.catalogue();
        return new ProgramDocument(
                program.from(),
                program.to(),
                program.aims().stream()
                        .map(told -> new PlannedGoal(
                                told.aim().words(),
                                told.why(),
                                told.aim().promise(),
                                told.aim().source().key()))
                        .toList(),
                program.lines().stream().map(line -> line(line, judgement)).toList(),
                program.weeks().stream().map(ProgramDocument::week).toList(),
                changes(program),
                program.leftOut().stream()
                        .filter(left -> program.lines().stream().noneMatch(line -> holdsBack(line, left, catalogue)))
                        .map(left -> new LeftTold(left.what(), left.why()))
                        .toList(),
                new MinutesTold(program.minutes().planned(), program.minutes().target()));
    }

    /** What one rule changes on one day is one line. */
    private static List<ChangeTold> changes(Program program) {
        Map<List<Object>, List<Season.SeasonChange>> together = program.changesAhead().stream()
                .collect(Collectors.groupingBy(
                        change -> List.of(change.date(), change.rule().code(), change.lifted()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        return together.values().stream()
                .map(alike -> new ChangeTold(
                        alike.get(0).date(), alike.get(0).rule().code(), Season.SeasonChange.words(alike)))
                .toList();
    }

    /** What a line's own next rung needs is told beside the line. */
    private static boolean holdsBack(Program.LadderPlan line, Program.LeftOver left, Catalogue catalogue) {
        return !line.gates().isEmpty()
                && catalogue.ladder(line.strand()).stream()
                        .filter(move -> move.rung() > line.rung())
                        .findFirst()
                        .filter(move -> move.name().equals(left.what()))
                        .isPresent();
    }

    private static LineTold line(Program.LadderPlan line, Judgement judgement) {
        Catalogue catalogue = judgement.catalogue();
        Move shown = catalogue.ladder(line.strand()).stream()
                .filter(move -> move.rung() == line.rung())
                .findFirst()
                .orElseThrow();
        return new LineTold(
                line.strand().fileName(),
                line.strand().words(),
                line.rung(),
                shown.id(),
                shown.teaching().shortName(),
                step(line.step()) + ", "
                        + DoseStep.of(shown.doseAt(judgement.facts().doseStage()), line.step())
                                .words(),
                line.expected().stream().map(Program.Expected::rung).toList(),
                next(line, catalogue));
    }

    private static String next(Program.LadderPlan line, Catalogue catalogue) {
        if (!line.gates().isEmpty()) {
            return line.gates().stream().map(ProgramDocument::needs).distinct().collect(Collectors.joining("; "));
        }
        if (!line.isEarned()) {
            return NOTHING + "levels to earn: her checks choose it";
        }
        return line.rung() >= catalogue.topRung(line.strand())
                ? "the top of this progression"
                : "two good days earn it";
    }

    private static String needs(Gate gate) {
        return NEEDS + gate.kind().words() + " (" + gate.detail() + ")";
    }

    private static String step(int step) {
        return switch (step) {
            case DoseStep.LOWEST -> "two thirds";
            case DoseStep.HIGHEST -> "one set more";
            default -> "whole dose";
        };
    }

    private static String words(Program.ItemCondition rests) {
        return rests.strand().words() + ", if the " + rests.check().words() + " of " + Days.words(rests.on())
                + " still shows what was known when this was made";
    }

    private static WeekTold week(Program.ProgramWeek week) {
        return new WeekTold(
                week.from(),
                week.sessions().stream()
                        .map(session -> new SessionTold(
                                session.date(),
                                session.place().words(),
                                session.minutes(),
                                session.strands().stream()
                                        .map(ExerciseGroup::fileName)
                                        .toList(),
                                session.strands().stream()
                                        .map(ExerciseGroup::words)
                                        .toList(),
                                session.conditions().stream()
                                        .map(ProgramDocument::words)
                                        .toList(),
                                session.letter().orElse(null),
                                session.portions().stream()
                                        .map(portion ->
                                                new PortionTold(portion.strand().fileName(), portion.minutes()))
                                        .toList()))
                        .toList(),
                week.floorSetsPerDay(),
                week.walkMinutes(),
                week.moments(),
                week.checksDue().stream()
                        .map(due -> new DueTold(due.date(), due.check().words()))
                        .toList(),
                week.kind().name(),
                week.words());
    }
}
