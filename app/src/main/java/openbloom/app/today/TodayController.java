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
import openbloom.app.classes.ClassesToday;
import openbloom.app.home.FromHome;
import openbloom.app.moves.Catalogues;
import openbloom.app.moves.Seasons;
import openbloom.app.people.People;
import openbloom.app.people.RecordReader;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Visit;
import openbloom.app.people.VisitMapper;
import openbloom.app.program.ProgramDocument;
import openbloom.app.program.Programs;
import openbloom.app.store.KeptStore;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
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

    /** In a large studio so many are shown in full of the stopped, and of the held. A list of its own names all. */
    private static final int MOST_LOOKED_AT = 6;

    /** Women whose calendar is looked up: those expected, stopped and held, and on to this many those seen last. */
    private static final int MOST_IN_ALL = 28;

    /** Visits on one page of a day. */
    private static final int MOST_COMING = 14;

    private static final int MOST_VISITS = 10_000;

    private final People people;
    private final VisitMapper visits;
    private final RecordReader records;
    private final Programs programs;
    private final Catalogues catalogues;
    private final Seasons seasons;
    private final ClassesToday classes;
    private final FromHome fromHome;
    private final VisitsToday visitsToday;
    private final KeptStore store;
    private final StudioDay day;

    TodayController(
            People people,
            VisitMapper visits,
            RecordReader records,
            Programs programs,
            Catalogues catalogues,
            Seasons seasons,
            ClassesToday classes,
            FromHome fromHome,
            VisitsToday visitsToday,
            KeptStore store,
            StudioDay day) {
        this.visitsToday = visitsToday;
        this.store = store;
        this.fromHome = fromHome;
        this.classes = classes;
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
     * @param state how far it has come
     */
    record Coming(String at, StageStrip strip, String planned, VisitsToday.VisitState state) {}

    /**
     * Women shown in full, of all of a kind.
     *
     * @param all how many there are
     */
    record ListedWoman(List<StageStrip> shown, int all) {
        public boolean more() {
            return all > shown.size();
        }
    }

    /** What the calendar changes for one woman this week. */
    record DayAhead(long womanId, String name, LocalDate date, String day, String words, String code) {}

    @GetMapping("/")
    String today(@AuthenticationPrincipal SignedIn me, @RequestParam(defaultValue = "") String from, Model model) {
        LocalDate today = day.today(me);
        int first = new FormReader().whole("from", from, 0, MOST_VISITS).orElse(0);
        List<Visit> read = visits.between(
                me.studioId(), today.atStartOfDay(), today.plusDays(1).atStartOfDay(), first, MOST_COMING + 1);
        List<Visit> expected = read.subList(0, Math.min(MOST_COMING, read.size()));
        Set<Long> looked = new LinkedHashSet<>();
        expected.forEach(visit -> looked.add(visit.womanId()));
        List<Long> stopped = records.stoppedIn(me.studioId());
        List<Long> held = records.heldIn(me.studioId());
        stopped.stream().limit(MOST_LOOKED_AT).forEach(looked::add);
        held.stream().limit(MOST_LOOKED_AT).forEach(looked::add);
        people.seenLast(me, MOST_IN_ALL).stream()
                .filter(id -> looked.size() < MOST_IN_ALL)
                .forEach(looked::add);
        People.Page women = people.of(me, List.copyOf(looked));
        List<RecordReader.ListedRecord> listed = records.listedOn(women.women(), today);
        Map<Long, StageStrip> strips = strips(women, listed);
        Map<Long, ProgramDocument.SessionTold> planned =
                programs.plannedOn(expected.stream().map(Visit::womanId).toList(), today);
        List<Long> coming = expected.stream().map(Visit::womanId).toList();
        Map<Long, VisitsToday.VisitState> states = visitsToday.of(
                women.women().stream()
                        .filter(woman -> coming.contains(woman.id())
                                && strips.get(woman.id()).isReadable())
                        .toList(),
                today);
        if (me.account().owner()) {
            store.warning().ifPresent(warning -> model.addAttribute("backup", warning));
        }
        model.addAttribute(
                "coming",
                expected.stream()
                        .filter(visit -> strips.containsKey(visit.womanId()))
                        .map(visit -> new Coming(
                                HOUR.format(visit.startsAt()),
                                strips.get(visit.womanId()),
                                Optional.ofNullable(planned.get(visit.womanId()))
                                        .map(TodayController::words)
                                        .orElse(""),
                                states.getOrDefault(visit.womanId(), VisitsToday.VisitState.CANNOT_BE_READ)))
                        .toList());
        model.addAttribute("news", fromHome.newsOf(me));
        model.addAttribute("classes", classes.on(me, today));
        model.addAttribute("due", named(strips, strip -> strip.nextCheck().isDue()));
        model.addAttribute(
                "stopped", new ListedWoman(named(strips, strip -> !strip.stop().isEmpty()), stopped.size()));
        model.addAttribute(
                "held", new ListedWoman(named(strips, strip -> !strip.held().isEmpty()), held.size()));
        model.addAttribute("later", read.size() > expected.size());
        model.addAttribute("next", first + expected.size());
        model.addAttribute("earlier", first > 0);
        model.addAttribute("unreadable", named(strips, strip -> !strip.isReadable()));
        model.addAttribute("changes", changes(me, listed, today));
        model.addAttribute("women", people.count(me));
        model.addAttribute("lookedAt", strips.size());
        return "today/today";
    }

    private static String words(ProgramDocument.SessionTold session) {
        return "planned: " + session.minutes() + " min, " + session.place();
    }

    private static Map<Long, StageStrip> strips(People.Page women, List<RecordReader.ListedRecord> listed) {
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

    private List<DayAhead> changes(SignedIn me, List<RecordReader.ListedRecord> women, LocalDate today) {
        Catalogue catalogue = catalogues.of(me.studioId());
        List<DayAhead> changes = new ArrayList<>();
        for (RecordReader.ListedRecord her : women) {
            her.client()
                    .flatMap(client -> firstChange(catalogue, client, today))
                    .ifPresent(change -> changes.add(new DayAhead(
                            her.woman().id(),
                            her.woman().name(),
                            change.date(),
                            Days.words(change.date()),
                            change.words(),
                            change.rule().code())));
        }
        return changes.stream()
                .sorted(Comparator.comparing(DayAhead::date))
                .limit(MOST_CHANGES)
                .toList();
    }

    private Optional<Season.SeasonChange> firstChange(Catalogue catalogue, Client client, LocalDate today) {
        return seasons.next(catalogue, client, today, today.plusDays(DAYS_AHEAD));
    }
}
