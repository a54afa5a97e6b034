package openbloom.app.journey;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.gap.GapChecks;
import openbloom.app.moves.Catalogues;
import openbloom.app.moves.Seasons;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Visits;
import openbloom.app.people.Woman;
import openbloom.app.session.LadderDecisions;
import openbloom.app.session.Sessions;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.moves.Catalogue;
import openbloom.core.picture.RungsPicture;
import openbloom.core.verdict.VerdictKind;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** Everything that happened with her, latest first, each session with the check beside it. */
@Controller
class JourneyController {
    private static final DateTimeFormatter VISIT = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);

    private static final Pattern TIME = Pattern.compile("([01]\\d|2[0-3]):[0-5]\\d");

    /** Lines of a long record on one page. */
    private static final int MOST_ENTRIES = 120;

    /** Visits ahead that are shown; a weekly visit of a whole year fits. */
    private static final int MOST_VISITS = 60;

    private static final int VISITS_BACK_DAYS = 31;
    private static final int VISITS_AHEAD_YEARS = 2;

    private final JourneyEntries entries;
    private final GapChecks gaps;
    private final Sessions sessions;
    private final Visits visits;
    private final RecordReader records;
    private final Catalogues catalogues;
    private final Seasons seasons;
    private final SafetyService safety;
    private final LadderDecisions decisions;
    private final FormPages forms;
    private final StudioDay day;

    JourneyController(
            JourneyEntries entries,
            GapChecks gaps,
            Sessions sessions,
            Visits visits,
            RecordReader records,
            Catalogues catalogues,
            Seasons seasons,
            SafetyService safety,
            LadderDecisions decisions,
            FormPages forms,
            StudioDay day) {
        this.entries = entries;
        this.gaps = gaps;
        this.sessions = sessions;
        this.visits = visits;
        this.records = records;
        this.catalogues = catalogues;
        this.seasons = seasons;
        this.safety = safety;
        this.decisions = decisions;
        this.forms = forms;
        this.day = day;
    }

    /**
     * A visit ahead.
     *
     * @param beside who else is expected at that minute
     */
    record SeasonAhead(long id, String words, LocalDateTime at, List<String> beside) {
        public String date() {
            return at.toLocalDate().toString();
        }

        public String time() {
            return at.toLocalTime().toString();
        }
    }

    @GetMapping("/people/{womanId}/journey")
    ModelAndView journey(
            @AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam(defaultValue = "") String from) {
        return page(me, woman, from, "", "");
    }

    @Idempotent
    @PostMapping("/people/{womanId}/visits")
    ModelAndView expect(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "") String formKey) {
        FormReader typed = new FormReader();
        Optional<LocalDateTime> to = when(me, typed, on, at);
        if (to.isPresent() && !visits.book(woman, formKey, to.get())) {
            typed.refuse("at", "visit.twice");
        }
        if (!typed.isClean()) {
            return forms.refused(page(me, woman, "", on, at), typed);
        }
        return toJourney(woman, "saved.visit");
    }

    /** A day and a time of a visit; empty where one of them is refused. */
    private Optional<LocalDateTime> when(SignedIn me, FormReader typed, String on, String at) {
        LocalDate today = day.today(me);
        LocalDate earliest = today.minusDays(VISITS_BACK_DAYS);
        LocalDate latest = today.plusYears(VISITS_AHEAD_YEARS);
        Optional<LocalDate> date = typed.requiredDate("on", on);
        date.filter(given -> given.isBefore(earliest) || given.isAfter(latest))
                .ifPresent(given -> typed.refuse("on", "visit.range", earliest, latest));
        if (!TIME.matcher(at).matches()) {
            typed.refuse("at", "visit.time");
        }
        return typed.isClean() ? Optional.of(date.orElseThrow().atTime(LocalTime.parse(at))) : Optional.empty();
    }

    /** Moves a visit; her calendar follows. */
    @Idempotent
    @PostMapping("/people/{womanId}/visits/{visitId:\\d{1,18}}/move")
    ModelAndView move(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable long visitId,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "") String formKey) {
        if (!visits.stands(woman, visitId)) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        FormReader typed = new FormReader();
        Optional<LocalDateTime> to = when(me, typed, on, at);
        if (to.isPresent() && visits.move(woman, visitId, to.get()) == Visits.VisitMoved.TAKEN) {
            typed.refuse("at", "visit.twice");
        }
        if (!typed.isClean()) {
            return forms.refused(page(me, woman, "", on, at), typed);
        }
        return toJourney(woman, "saved.visitMoved");
    }

    @PostMapping("/people/{womanId}/visits/{visitId:\\d{1,18}}/delete")
    ModelAndView cancel(Woman woman, @PathVariable long visitId) {
        visits.cancel(woman, visitId);
        return toJourney(woman, "saved.visitCancelled");
    }

    private static ModelAndView toJourney(Woman woman, String line) {
        return Saved.then("redirect:/people/" + woman.id() + "/journey", line);
    }

    private ModelAndView page(SignedIn me, Woman woman, String from, String on, String at) {
        LocalDate today = day.today(me);
        List<SeasonAhead> ahead = visits.ahead(me, woman, today.atStartOfDay()).stream()
                .limit(MOST_VISITS)
                .map(next -> new SeasonAhead(
                        next.visit().id(),
                        VISIT.format(next.visit().startsAt()),
                        next.visit().startsAt(),
                        next.beside()))
                .toList();
        List<JourneyEntries.JourneyEntry> told = entries.of(me, woman, today);
        int first = new FormReader().whole("from", from, 0, told.size()).orElse(0);
        int next = Math.min(first + MOST_ENTRIES, told.size());
        return new ModelAndView("journey/journey")
                .addObject("entries", told.subList(first, next))
                .addObject("earlier", told.size() - next)
                .addObject("earlierFrom", next)
                .addObject("later", first > 0)
                .addObject("since", since(woman, today, told).orElse(null))
                .addObject("rungs", rungs(woman, today).orElse(""))
                .addObject("ahead", ahead)
                .addObject("season", season(woman, today, Optional.empty()))
                .addObject("kinds", VerdictKind.values())
                .addObject("on", on)
                .addObject("at", at)
                .addObject("formKey", UUID.randomUUID().toString());
    }

    private Optional<SinceLast> since(Woman woman, LocalDate today, List<JourneyEntries.JourneyEntry> told) {
        return SinceLast.lastVisit(told, today)
                .map(last -> SinceLast.of(
                        last,
                        safety.answersOf(woman),
                        told,
                        seasons.of(catalogues.of(woman.studioId()), records.clientOn(woman, today), last, today)));
    }

    /** All ladders that were decided about; empty while there is none. */
    private Optional<String> rungs(Woman woman, LocalDate today) {
        Catalogue catalogue = catalogues.of(woman.studioId());
        List<RungsPicture.RungBar> steps =
                decisions.ofAll(List.of(woman.id())).getOrDefault(woman.id(), List.of()).stream()
                        .map(made -> new RungsPicture.RungBar(
                                made.strand(), made.on(), made.chosen().rung(), catalogue.topRung(made.strand())))
                        .toList();
        return steps.isEmpty() ? Optional.empty() : Optional.of(RungsPicture.of(steps, today));
    }

    /** Strip, counts and changes of one week, without loading the page. */
    @GetMapping("/people/{womanId}/journey/week")
    String week(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String week,
            Model model) {
        LocalDate today = day.today(me);
        model.addAttribute("season", season(woman, today, new FormReader().whole("week", week, 0, 1_000)));
        model.addAttribute("kinds", VerdictKind.values());
        return "journey/journey :: week";
    }

    private SeasonView season(Woman woman, LocalDate today, Optional<Integer> week) {
        SeasonView.KnownFact known = new SeasonView.KnownFact(
                records.clientOn(woman, today), today, gaps.of(woman.id()), sessions.of(woman.id()));
        return SeasonView.of(seasons, catalogues.of(woman.studioId()), known, week);
    }
}
