package openbloom.app.today;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import openbloom.app.checks.Safety;
import openbloom.app.moves.Catalogues;
import openbloom.app.moves.Seasons;
import openbloom.app.people.People;
import openbloom.app.people.RecordReader;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Visit;
import openbloom.app.people.VisitMapper;
import openbloom.app.people.WomanMapper;
import openbloom.app.program.ProgramDocument;
import openbloom.app.program.Programs;
import openbloom.app.session.PainLifts;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.app.system.Typed;
import openbloom.core.Days;
import openbloom.core.moves.Catalogue;
import openbloom.core.program.Season;
import openbloom.core.record.Client;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The first page of the day. */
@Controller
class TodayController {
    private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm");
    private static final int DAYS_AHEAD = 7;
    private static final int MOST_CHANGES = 8;

    /**
     * In a large studio the calendar is looked at for those seen last. Whoever is stopped, held or expected is always there;
     * of more than this of a kind the others stand by name.
     */
    private static final int MOST_LOOKED_AT = 20;

    private static final int MOST_COMING = 40;

    private final People people;
    private final VisitMapper visits;
    private final RecordReader records;
    private final Safety safety;
    private final Programs programs;
    private final Catalogues catalogues;
    private final Seasons seasons;
    private final PainLifts lifts;
    private final StudioDay day;

    TodayController(
            People people,
            VisitMapper visits,
            RecordReader records,
            Safety safety,
            Programs programs,
            Catalogues catalogues,
            Seasons seasons,
            PainLifts lifts,
            StudioDay day) {
        this.lifts = lifts;
        this.safety = safety;
        this.programs = programs;
        this.people = people;
        this.visits = visits;
        this.records = records;
        this.catalogues = catalogues;
        this.seasons = seasons;
        this.day = day;
    }

    /**
     * One visit of the day.
     *
     * @param planned what her program plans for today, in words; empty when nothing is planned
     */
    record Coming(String at, StageStrip strip, String planned) {}

    /** What the calendar changes for one woman this week. */
    record Ahead(long womanId, String name, LocalDate date, String day, String words, String code) {}

    @GetMapping("/")
    String today(@AuthenticationPrincipal SignedIn me, @RequestParam(defaultValue = "") String from, Model model) {
        LocalDate today = day.today(me);
        List<Visit> all = visits.between(
                me.studioId(), today.atStartOfDay(), today.plusDays(1).atStartOfDay());
        int first = new Typed().whole("from", from, 0, all.size()).orElse(0);
        int next = Math.min(first + MOST_COMING, all.size());
        List<Visit> expected = all.subList(first, next);
        Set<Long> looked = new LinkedHashSet<>();
        expected.forEach(visit -> looked.add(visit.womanId()));
        List<Long> stopped = safety.stoppedIn(me.studioId());
        List<Long> held = lifts.heldIn(me.studioId());
        stopped.stream().limit(MOST_LOOKED_AT).forEach(looked::add);
        held.stream().limit(MOST_LOOKED_AT).forEach(looked::add);
        looked.addAll(people.seenLast(me, MOST_LOOKED_AT));
        People.Page women = people.of(me, List.copyOf(looked));
        List<RecordReader.Listed> listed = records.listedOn(women.women(), today);
        Map<Long, StageStrip> strips = strips(women, listed);
        Map<Long, ProgramDocument.SessionTold> planned =
                programs.plannedOn(expected.stream().map(Visit::womanId).toList(), today);
        model.addAttribute(
                "coming",
                expected.stream()
                        .filter(visit -> strips.containsKey(visit.womanId()))
                        .map(visit -> new Coming(
                                HOUR.format(visit.startsAt()),
                                strips.get(visit.womanId()),
                                Optional.ofNullable(planned.get(visit.womanId()))
                                        .map(TodayController::words)
                                        .orElse("")))
                        .toList());
        model.addAttribute("due", named(strips, strip -> strip.nextCheck().isDue()));
        model.addAttribute("stopped", named(strips, strip -> !strip.stop().isEmpty()));
        model.addAttribute("held", named(strips, strip -> !strip.held().isEmpty()));
        model.addAttribute("alsoStopped", notIn(looked, stopped, me));
        model.addAttribute("alsoHeld", notIn(looked, held, me));
        model.addAttribute("later", all.size() - next);
        model.addAttribute("next", next);
        model.addAttribute("earlier", first > 0);
        model.addAttribute("unreadable", named(strips, strip -> !strip.isReadable()));
        model.addAttribute("changes", changes(me, listed, today));
        model.addAttribute("women", people.count(me));
        model.addAttribute("lookedAt", strips.size());
        return "today/today";
    }

    private List<WomanMapper.Named> notIn(Set<Long> looked, List<Long> numbers, SignedIn me) {
        return people.named(
                me, numbers.stream().filter(id -> !looked.contains(id)).toList());
    }

    private static String words(ProgramDocument.SessionTold session) {
        return "planned: " + session.place() + " " + session.minutes() + " min, "
                + session.strands().size() + " ladders";
    }

    private static Map<Long, StageStrip> strips(People.Page women, List<RecordReader.Listed> listed) {
        Map<Long, StageStrip> strips = new HashMap<>();
        listed.forEach(one -> strips.put(one.woman().id(), one.strip()));
        women.unreadable().forEach(named -> strips.put(named.id(), StageStrip.unreadable(named.id(), named.name())));
        return strips;
    }

    private static List<StageStrip> named(Map<Long, StageStrip> strips, Predicate<StageStrip> which) {
        return strips.values().stream()
                .filter(which)
                .sorted(Comparator.comparing(StageStrip::name))
                .toList();
    }

    private List<Ahead> changes(SignedIn me, List<RecordReader.Listed> women, LocalDate today) {
        Catalogue catalogue = catalogues.of(me.studioId());
        List<Ahead> changes = new ArrayList<>();
        for (RecordReader.Listed her : women) {
            her.client()
                    .flatMap(client -> firstChange(catalogue, client, today))
                    .ifPresent(change -> changes.add(new Ahead(
                            her.woman().id(),
                            her.woman().name(),
                            change.date(),
                            Days.words(change.date()),
                            change.words(),
                            change.rule().code())));
        }
        return changes.stream()
                .sorted(Comparator.comparing(Ahead::date))
                .limit(MOST_CHANGES)
                .toList();
    }

    private Optional<Season.Change> firstChange(Catalogue catalogue, Client client, LocalDate today) {
        return seasons.next(catalogue, client, today, today.plusDays(DAYS_AHEAD));
    }
}
