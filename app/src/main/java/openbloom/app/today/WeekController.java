package openbloom.app.today;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import openbloom.app.people.People;
import openbloom.app.people.RecordReader;
import openbloom.app.people.RecordReader.ListedRecord;
import openbloom.app.people.Visit;
import openbloom.app.people.VisitMapper;
import openbloom.app.people.Woman;
import openbloom.app.program.ProgramDocument;
import openbloom.app.program.Programs;
import openbloom.app.session.SessionMapper;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import openbloom.core.dating.Dating;
import openbloom.core.program.Program;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The seven days from today: visits, checks and reviews due, births expected; and who has not come for three weeks. */
@Controller
class WeekController {
    private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm");
    private static final int DAYS = 7;

    /** Visits of a week, and women looked up in all. */
    private static final int MOST = 60;

    /** Who has not come for so long is asked after, and for so long at most (common practice, no source). */
    private static final int AWAY_DAYS = 21;

    private static final int FORGOTTEN_DAYS = 182;

    private final People people;
    private final VisitMapper visits;
    private final RecordReader records;
    private final Programs programs;
    private final SessionMapper sessions;
    private final StudioDay day;

    WeekController(
            People people,
            VisitMapper visits,
            RecordReader records,
            Programs programs,
            SessionMapper sessions,
            StudioDay day) {
        this.people = people;
        this.visits = visits;
        this.records = records;
        this.programs = programs;
        this.sessions = sessions;
        this.day = day;
    }

    @GetMapping("/week")
    String week(@AuthenticationPrincipal SignedIn me, Model model) {
        LocalDate today = day.today(me);
        LocalDate end = today.plusDays(DAYS);
        List<Visit> coming = visits.between(me.studioId(), today.atStartOfDay(), end.atStartOfDay(), 0, MOST);
        Set<Long> looked = new LinkedHashSet<>();
        coming.forEach(visit -> looked.add(visit.womanId()));
        people.seenLast(me, MOST).stream().filter(id -> looked.size() < MOST).forEach(looked::add);
        People.Page women = people.of(me, List.copyOf(looked));
        Map<Long, Woman> known = women.women().stream().collect(Collectors.toMap(Woman::id, Function.identity()));
        Map<Long, ProgramDocument> blocks = programs.latestOf(List.copyOf(known.keySet()));
        List<WeekLine> lines = new ArrayList<>();
        coming.stream()
                .filter(visit -> known.containsKey(visit.womanId()))
                .map(visit -> line(
                        visit.startsAt().toLocalDate(),
                        known.get(visit.womanId()),
                        "comes at " + HOUR.format(visit.startsAt()),
                        "journey"))
                .forEach(lines::add);
        records.listedOn(women.women(), today)
                .forEach(her -> lines.addAll(due(her, blocks.get(her.woman().id()), today)));
        Map<String, Map<Long, List<WeekLine>>> byDay = lines.stream()
                .filter(line -> line.date().isBefore(end))
                .sorted(Comparator.comparing(WeekLine::date))
                .collect(Collectors.groupingBy(
                        WeekLine::day,
                        LinkedHashMap::new,
                        Collectors.groupingBy(WeekLine::womanId, LinkedHashMap::new, Collectors.toList())));
        model.addAttribute("days", byDay);
        model.addAttribute("away", away(me, today));
        model.addAttribute("women", people.count(me));
        model.addAttribute("lookedAt", women.women().size());
        return "today/week";
    }

    /** What is overdue stands under today. */
    private static List<WeekLine> due(ListedRecord her, @Nullable ProgramDocument block, LocalDate today) {
        List<WeekLine> lines = new ArrayList<>();
        Function<LocalDate, LocalDate> atLeastToday = date -> date.isBefore(today) ? today : date;
        her.strip()
                .nextCheck()
                .on()
                .ifPresent(on -> lines.add(
                        line(atLeastToday.apply(on), her.woman(), Program.Check.GAP.words() + " due", "checks/gap")));
        her.client()
                .flatMap(client -> client.situation().pregnancy())
                .map(Dating::dueDate)
                .ifPresent(date -> lines.add(line(
                        atLeastToday.apply(date),
                        her.woman(),
                        date.isBefore(today)
                                ? "the due date was " + Days.words(date) + ": record the birth, or ask"
                                : "due date of her birth",
                        "journey")));
        if (block != null) {
            block.weeks().stream()
                    .flatMap(week -> week.due().stream())
                    .filter(one -> !one.date().isBefore(today))
                    .filter(one -> !one.words().equals(Program.Check.GAP.words()))
                    .map(one -> line(one.date(), her.woman(), one.words() + " due", "checks"))
                    .forEach(lines::add);
            lines.add(line(
                    atLeastToday.apply(block.to()),
                    her.woman(),
                    block.to().isBefore(today)
                            ? "review: the block ended on " + Days.words(block.to())
                            : "review at the end of the block",
                    "review"));
        }
        return lines;
    }

    private List<WeekLine> away(SignedIn me, LocalDate today) {
        List<SessionMapper.LastTaught> last = sessions.notTaughtSince(
                me.studioId(), today.minusDays(AWAY_DAYS), today.minusDays(FORGOTTEN_DAYS), today.atStartOfDay(), MOST);
        Map<Long, Woman> known =
                people
                        .of(
                                me,
                                last.stream()
                                        .map(SessionMapper.LastTaught::womanId)
                                        .toList())
                        .women()
                        .stream()
                        .collect(Collectors.toMap(Woman::id, Function.identity()));
        return last.stream()
                .filter(one -> known.containsKey(one.womanId()))
                .map(one ->
                        line(one.on(), known.get(one.womanId()), "last taught on " + Days.words(one.on()), "journey"))
                .toList();
    }

    private static WeekLine line(LocalDate date, Woman woman, String what, String path) {
        return new WeekLine(date, woman.id(), woman.name(), what, path);
    }
}
