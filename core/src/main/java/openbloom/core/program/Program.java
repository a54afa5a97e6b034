package openbloom.core.program;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.progress.WeekKind;
import openbloom.core.session.Place;
import openbloom.core.stage.Gate;

/**
 * What is planned until the next look.
 *
 * @param from first day of the block
 * @param to last day of it
 * @param aims goals it works for, the strongest first, each with why
 * @param lines a {@link LadderPlan} for each group that is in it
 * @param weeks each with its sessions
 * @param changesAhead what the calendar alone changes in it
 * @param leftOut what somebody might ask for, and why it is not in it
 * @param minutes planned in the last whole week, and what her weeks may grow to: 150, after a birth 120
 * @see BlockPlanner
 * @see DueChecks
 */
public record Program(
        LocalDate from,
        LocalDate to,
        List<Goals.Suggested> aims,
        List<LadderPlan> lines,
        List<ProgramWeek> weeks,
        List<Season.SeasonChange> changesAhead,
        List<LeftOver> leftOut,
        Minutes minutes) {
    public Program {
        aims = List.copyOf(aims);
        lines = List.copyOf(lines);
        weeks = List.copyOf(weeks);
        changesAhead = List.copyOf(changesAhead);
        leftOut = List.copyOf(leftOut);
    }

    /**
     * Minutes a week.
     *
     * @param planned in the last whole week, sessions and walking together
     * @param target what her weeks may grow to: 150, after a birth 120
     */
    public record Minutes(int planned, int target) {}

    /**
     * One strand of the program.
     *
     * @param expected where it is likely to stand at the end of each week, with two good days in each week of building
     * @param ceiling the rung below the last doming
     * @param gates what the next rung still needs
     */
    public record LadderPlan(
            ExerciseGroup strand,
            int rung,
            int step,
            List<Expected> expected,
            Optional<Integer> ceiling,
            List<Gate> gates) {
        public LadderPlan {
            expected = List.copyOf(expected);
            gates = List.copyOf(gates);
        }

        /** Whether its rungs are earned; breath, release, mobility and scar rotate, the floor follows its prescription. */
        public boolean isEarned() {
            return LinePlanner.isEarned(strand);
        }
    }

    /**
     * Where a line is likely to stand at the end of a week, counted from 1.
     *
     * @param week of the block, from 1
     * @param rung level, from 1
     * @param step {@link openbloom.core.progress.DoseStep} within it, from 1
     */
    public record Expected(int week, int rung, int step) {}

    /**
     * A week of the block.
     *
     * @param floorSetsPerDay sets of pelvic floor practice a day, sessions included
     * @param moments tiny practices tied to the day
     * @param words what is different in this week, in a sentence
     */
    public record ProgramWeek(
            LocalDate from,
            List<PlannedSession> sessions,
            int floorSetsPerDay,
            List<String> moments,
            int walkMinutes,
            List<Due> checksDue,
            WeekKind kind,
            String words) {
        public ProgramWeek {
            sessions = List.copyOf(sessions);
            moments = List.copyOf(moments);
            checksDue = List.copyOf(checksDue);
        }

        /** In how many of its sessions a group is. */
        long times(ExerciseGroup strand) {
            return sessions.stream()
                    .filter(session -> session.strands().contains(strand))
                    .count();
        }
    }

    /**
     * A session on its day.
     *
     * @param letter A, B or C where visits take turns; empty at home and where every visit has room for everything
     * @param strands breath and connect first, release last
     * @param portions how its minutes are divided among them; one that gets less than a minute is not in it
     * @param conditions what it rests on besides the calendar
     */
    public record PlannedSession(
            LocalDate date,
            Place place,
            int minutes,
            Optional<String> letter,
            List<ExerciseGroup> strands,
            List<Portion> portions,
            List<ItemCondition> conditions) {
        public PlannedSession {
            strands = List.copyOf(strands);
            portions = List.copyOf(portions);
            conditions = List.copyOf(conditions);
        }
    }

    /**
     * Minutes of a planned session for one exercise group.
     *
     * @param strand the {@link ExerciseGroup}
     * @param minutes of the session, more than 0
     */
    public record Portion(ExerciseGroup strand, int minutes) {}

    /**
     * A strand that passes on a day only if a check before it still shows what it showed when the block was made.
     *
     * @param strand the {@link ExerciseGroup} that waits
     * @param check the {@link Check} it waits for
     * @param on the last day the check may be
     */
    public record ItemCondition(ExerciseGroup strand, Check check, LocalDate on) {}

    /**
     * A check that is due.
     *
     * @param date the day it is due
     * @param check which {@link Check}
     */
    public record Due(LocalDate date, Check check) {}

    /** Checks a program calls for. */
    public enum Check {
        GAP("gap check"),
        PELVIC_FLOOR("pelvic floor check"),
        LOAD("load check"),
        RETURN_TESTS("return tests");

        private final String words;

        Check(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What somebody might ask for and is not in it.
     *
     * @param what as it would be asked for
     * @param why in one sentence
     */
    public record LeftOver(String what, String why) {}
}
