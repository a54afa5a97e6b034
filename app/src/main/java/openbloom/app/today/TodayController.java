package openbloom.app.today;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import openbloom.app.accounts.SignedIn;
import openbloom.app.moves.Catalogues;
import openbloom.app.people.People;
import openbloom.app.people.RecordReader;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Visit;
import openbloom.app.people.VisitMapper;
import openbloom.app.people.Woman;
import openbloom.app.system.StudioDay;
import openbloom.core.Days;
import openbloom.core.program.Season;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The first page of the day. */
@Controller
class TodayController {
    private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm");
    private static final int DAYS_AHEAD = 7;
    private static final int MOST_CHANGES = 8;

    private final People people;
    private final VisitMapper visits;
    private final RecordReader records;
    private final Catalogues catalogues;
    private final StudioDay day;

    TodayController(People people, VisitMapper visits, RecordReader records, Catalogues catalogues, StudioDay day) {
        this.people = people;
        this.visits = visits;
        this.records = records;
        this.catalogues = catalogues;
        this.day = day;
    }

    /** One visit of the day. */
    record Coming(String at, StageStrip strip) {}

    /** What the calendar changes for one woman this week. */
    record Ahead(long womanId, String name, LocalDate date, String day, String words, String code) {}

    @GetMapping("/")
    String today(@AuthenticationPrincipal SignedIn me, Model model) {
        LocalDate today = day.today(me.studio().zone());
        List<Woman> women = people.search(me, "");
        Map<Long, StageStrip> strips = women.stream()
                .map(woman -> records.stripOn(woman, today))
                .collect(Collectors.toMap(StageStrip::womanId, Function.identity()));
        List<Visit> expected = visits.between(
                me.studioId(), today.atStartOfDay(), today.plusDays(1).atStartOfDay());
        model.addAttribute(
                "coming",
                expected.stream()
                        .map(visit -> new Coming(HOUR.format(visit.startsAt()), strips.get(visit.womanId())))
                        .toList());
        model.addAttribute(
                "due",
                strips.values().stream()
                        .filter(StageStrip::checkDue)
                        .sorted(Comparator.comparing(StageStrip::name))
                        .toList());
        model.addAttribute(
                "stopped",
                strips.values().stream()
                        .filter(strip -> !strip.stop().isEmpty())
                        .sorted(Comparator.comparing(StageStrip::name))
                        .toList());
        model.addAttribute("changes", changes(women, today));
        model.addAttribute("women", women.size());
        return "today/today";
    }

    private List<Ahead> changes(List<Woman> women, LocalDate today) {
        List<Ahead> changes = new ArrayList<>();
        for (Woman woman : women) {
            Season.of(
                            catalogues.of(woman.studioId()),
                            records.clientOn(woman, today),
                            today,
                            today.plusDays(DAYS_AHEAD))
                    .stream()
                    .map(change -> new Ahead(
                            woman.id(),
                            woman.name(),
                            change.date(),
                            Days.words(change.date()),
                            change.words(),
                            change.rule().code()))
                    .findFirst()
                    .ifPresent(changes::add);
        }
        return changes.stream()
                .sorted(Comparator.comparing(Ahead::date))
                .limit(MOST_CHANGES)
                .toList();
    }
}
