package openbloom.app.program;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.core.Days;
import openbloom.core.evidence.Published;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.picture.SessionRibbon;
import openbloom.core.picture.SessionRibbon.RibbonPiece;
import openbloom.core.record.Occasion;
import org.jspecify.annotations.Nullable;

/** The weeks of a block as they are looked at: each day with its session as a ribbon and what became of it. */
final class BlockCalendar {
    private static final int DAYS = 7;
    private static final int SECONDS = 60;
    private static final int SHORTEST_SCALE_MINUTES = 30;

    private final ProgramDocument block;
    private final List<Sessions.ComposedFor> sessions;
    private final Set<Long> begun;
    private final LocalDate today;
    private final int longest;

    private BlockCalendar(
            ProgramDocument block, List<Sessions.ComposedFor> sessions, Set<Long> begun, LocalDate today) {
        this.block = block;
        this.sessions = sessions;
        this.begun = begun;
        this.today = today;
        this.longest = SECONDS
                * Stream.concat(
                                block.weeks().stream()
                                        .flatMap(week -> week.sessions().stream())
                                        .map(ProgramDocument.SessionTold::minutes),
                                sessions.stream()
                                        .map(session -> session.stored().minutes()))
                        .mapToInt(Integer::intValue)
                        .max()
                        .orElse(SHORTEST_SCALE_MINUTES);
    }

    /** What became of a session. */
    enum DayState {
        PLANNED("planned"),
        TODAY("today"),
        COMPOSED("built, not taught"),
        BEGUN("taught in part"),
        TAUGHT("taught"),
        DONE_AT_HOME("done at home"),
        AT_HOME("nothing reported from home"),
        MISSED("missed");

        private final String words;

        DayState(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public String css() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** A week with its seven days. */
    record WeekRow(int number, ProgramDocument.WeekTold week, List<DayCell> days, boolean isNow) {}

    /** A day: its sessions, the checks due on it, and whether the next look is on it. */
    record DayCell(
            LocalDate date,
            List<SessionCell> sessions,
            List<ProgramDocument.DueTold> due,
            boolean isToday,
            boolean isLook) {
        /** Whether nothing is on it. */
        public boolean isEmpty() {
            return sessions.isEmpty() && due.isEmpty() && !isToday && !isLook;
        }
    }

    /**
     * A session of a day.
     *
     * @param letter A, B or C; empty where visits do not take turns
     * @param groups what it is made of, in words
     * @param sessionId of the session composed for that day
     */
    record SessionCell(
            int minutes,
            String place,
            String letter,
            DayState state,
            String groups,
            String ribbon,
            List<String> conditions,
            @Nullable Long sessionId) {}

    /**
     * @param all sessions of hers, the latest first
     * @param begun numbers of those in which something was noted
     */
    static List<WeekRow> of(ProgramDocument block, List<Sessions.ComposedFor> all, Set<Long> begun, LocalDate today) {
        List<Sessions.ComposedFor> hers = all.stream()
                .filter(session -> !dayOf(session).isBefore(block.from())
                        && !dayOf(session).isAfter(block.to()))
                .toList();
        return new BlockCalendar(block, hers, begun, today).rows();
    }

    /** What is said when nothing was taught for a fortnight and longer (common practice, no source). */
    static Optional<String> pause(List<Sessions.ComposedFor> all, LocalDate today) {
        return all.stream()
                .flatMap(session -> Stream.ofNullable(session.stored().taughtOn()))
                .filter(taught -> !taught.isAfter(today))
                .max(Comparator.naturalOrder())
                .filter(last -> ChronoUnit.DAYS.between(last, today) >= Published.SHORT_PAUSE.days())
                .map(last ->
                        "Nothing was taught since " + Days.words(last) + ", " + ChronoUnit.DAYS.between(last, today)
                                + " days: her levels go down first, on Session feedback; then update the programme");
    }

    /** The day on which it was taught, or else for which it was composed. */
    private static LocalDate dayOf(Sessions.ComposedFor session) {
        LocalDate taught = session.stored().taughtOn();
        return taught != null ? taught : session.stored().plannedOn();
    }

    private List<WeekRow> rows() {
        List<WeekRow> rows = new ArrayList<>();
        for (ProgramDocument.WeekTold week : block.weeks()) {
            List<DayCell> days = new ArrayList<>();
            for (int n = 0; n < DAYS; n++) {
                days.add(day(week, week.from().plusDays(n)));
            }
            boolean isNow =
                    !today.isBefore(week.from()) && today.isBefore(week.from().plusDays(DAYS));
            rows.add(new WeekRow(rows.size() + 1, week, days, isNow));
        }
        return rows;
    }

    private DayCell day(ProgramDocument.WeekTold week, LocalDate date) {
        return new DayCell(
                date,
                cells(date),
                week.due().stream().filter(due -> due.date().equals(date)).toList(),
                date.equals(today),
                date.equals(block.to()));
    }

    /** The planned one with what became of it, and what was taught without being planned. */
    private List<SessionCell> cells(LocalDate date) {
        Optional<ProgramDocument.SessionTold> planned = block.sessionOn(date);
        Optional<Sessions.ComposedFor> composed =
                sessions.stream().filter(session -> dayOf(session).equals(date)).findFirst();
        boolean counts = composed.filter(session -> state(session) != DayState.COMPOSED || !date.isBefore(today))
                .isPresent();
        if (counts || composed.isPresent() && planned.isPresent()) {
            return List.of(made(composed.orElseThrow(), planned));
        }
        return planned.map(session -> List.of(planned(session, date))).orElse(List.of());
    }

    private SessionCell planned(ProgramDocument.SessionTold session, LocalDate date) {
        DayState past = session.happensAtHome() ? DayState.AT_HOME : DayState.MISSED;
        DayState state = date.equals(today) ? DayState.TODAY : date.isAfter(today) ? DayState.PLANNED : past;
        return cell(session.minutes(), session.place(), Optional.of(session), state, pieces(session), null);
    }

    private SessionCell made(Sessions.ComposedFor session, Optional<ProgramDocument.SessionTold> planned) {
        return cell(
                session.stored().minutes(),
                session.stored().place().words(),
                planned,
                state(session),
                session.plan().items().stream().map(BlockCalendar::piece).toList(),
                session.stored().id());
    }

    private DayState state(Sessions.ComposedFor session) {
        if (session.stored().taughtOn() != null) {
            return session.stored().occasion() == Occasion.HOME ? DayState.DONE_AT_HOME : DayState.TAUGHT;
        }
        return begun.contains(session.stored().id()) ? DayState.BEGUN : DayState.COMPOSED;
    }

    private SessionCell cell(
            int minutes,
            String place,
            Optional<ProgramDocument.SessionTold> planned,
            DayState state,
            List<RibbonPiece> pieces,
            @Nullable Long sessionId) {
        String letter = planned.map(ProgramDocument.SessionTold::letter).orElse("");
        String groups = String.join(
                ", ",
                pieces.stream().map(piece -> piece.group().words()).distinct().toList());
        String name = minutes + " minutes, " + place + ": " + groups;
        boolean ahead = state == DayState.PLANNED || state == DayState.TODAY;
        return new SessionCell(
                minutes,
                place,
                letter,
                state,
                groups,
                SessionRibbon.of(name, pieces, longest),
                ahead ? planned.map(ProgramDocument.SessionTold::conditions).orElse(List.of()) : List.of(),
                sessionId);
    }

    /** As it was planned; in equal parts where a block was made before minutes were divided. */
    private static List<RibbonPiece> pieces(ProgramDocument.SessionTold session) {
        if (session.portions().isEmpty()) {
            List<ExerciseGroup> groups = List.copyOf(session.groups());
            return groups.stream()
                    .map(group -> new RibbonPiece(group, SECONDS * session.minutes() / groups.size()))
                    .toList();
        }
        return session.portions().stream()
                .flatMap(portion -> Arrays.stream(ExerciseGroup.values())
                        .filter(group -> group.fileName().equals(portion.strand()))
                        .map(group -> new RibbonPiece(group, SECONDS * portion.minutes())))
                .toList();
    }

    private static RibbonPiece piece(SessionLine item) {
        return new RibbonPiece(item.named().strand(), item.seconds());
    }
}
