package openbloom.app.journey;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import openbloom.app.accounts.SignedIn;
import openbloom.app.checks.BodyCheckMapper;
import openbloom.app.checks.GapChecks;
import openbloom.app.checks.SafetyAnswer;
import openbloom.app.checks.SafetyMapper;
import openbloom.app.moves.Catalogues;
import openbloom.app.people.LifeEvents;
import openbloom.app.people.RecordReader;
import openbloom.app.people.VisitMapper;
import openbloom.app.people.Woman;
import openbloom.app.session.PlanDocument;
import openbloom.app.session.Sessions;
import openbloom.app.system.StudioDay;
import openbloom.app.system.Typed;
import openbloom.core.Days;
import openbloom.core.gap.ConnectedGain;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.School;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.verdict.Kind;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Everything that happened with her, latest first, each session with the check beside it. */
@Controller
class JourneyController {
    private static final DateTimeFormatter VISIT = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);

    private final GapChecks gaps;
    private final BodyCheckMapper bodies;
    private final SafetyMapper answers;
    private final Sessions sessions;
    private final VisitMapper visits;
    private final LifeEvents events;
    private final RecordReader records;
    private final Catalogues catalogues;
    private final StudioDay day;

    JourneyController(
            GapChecks gaps,
            BodyCheckMapper bodies,
            SafetyMapper answers,
            Sessions sessions,
            VisitMapper visits,
            LifeEvents events,
            RecordReader records,
            Catalogues catalogues,
            StudioDay day) {
        this.gaps = gaps;
        this.bodies = bodies;
        this.answers = answers;
        this.sessions = sessions;
        this.visits = visits;
        this.events = events;
        this.records = records;
        this.catalogues = catalogues;
        this.day = day;
    }

    /** One line of her journey. */
    record Entry(LocalDate date, String day, String kind, String title, String detail, String link, boolean alarm) {}

    /** A visit ahead. */
    record Ahead(long id, String words) {}

    @GetMapping("/people/{womanId}/journey")
    String journey(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String visit,
            Model model) {
        LocalDateTime now = day.now(me.studio().zone());
        model.addAttribute("entries", entries(woman, now.toLocalDate()));
        model.addAttribute(
                "ahead",
                visits.ahead(woman.id(), now.toLocalDate().atStartOfDay()).stream()
                        .map(next -> new Ahead(next.id(), VISIT.format(next.startsAt())))
                        .toList());
        model.addAttribute("season", season(woman, now.toLocalDate(), Optional.empty()));
        model.addAttribute("kinds", Kind.values());
        model.addAttribute("visitProblem", visit);
        model.addAttribute("formKey", UUID.randomUUID().toString());
        return "journey/journey";
    }

    /** Strip, counts and changes of one week, without loading the page. */
    @GetMapping("/people/{womanId}/journey/week")
    String week(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String week,
            Model model) {
        LocalDate today = day.today(me.studio().zone());
        model.addAttribute("season", season(woman, today, new Typed().whole("week", week, 0, 1_000)));
        model.addAttribute("kinds", Kind.values());
        return "journey/journey :: week";
    }

    private SeasonView season(Woman woman, LocalDate today, Optional<Integer> week) {
        SeasonView.Known known = new SeasonView.Known(
                records.clientOn(woman, today), today, gaps.of(woman.id()), sessions.of(woman.id()));
        return SeasonView.of(catalogues.of(woman.studioId()), known, week);
    }

    private List<Entry> entries(Woman woman, LocalDate today) {
        List<Entry> entries = new ArrayList<>();
        String record = "/people/" + woman.id();
        List<GapChecks.Examined> checks = gaps.of(woman.id());
        checks.forEach(kept -> entries.add(check(kept, woman.ageYears(today), record)));
        bodies.of(woman.id())
                .forEach(found -> entries.add(entry(
                        found.checkedOn(),
                        "Body check",
                        capital(found.words()),
                        "by " + found.checkedBy(),
                        record + "/checks",
                        false)));
        answers.of(woman.id()).forEach(answer -> entries.add(answer(answer, record)));
        sessions.of(woman.id()).forEach(planned -> entries.add(session(planned, checks, record)));
        events.of(woman.id())
                .forEach(event -> entries.add(entry(
                        event.happenedOn(),
                        "Life",
                        event.kind().words(),
                        event.words() + "; told by " + event.toldBy(),
                        record + "/edit",
                        false)));
        woman.birth()
                .ifPresent(birth -> entries.add(entry(
                        birth.date(),
                        "Birth",
                        capital(birth.kind().words()),
                        birth.tear().words(),
                        record + "/edit",
                        false)));
        woman.clearance()
                .ifPresent(given -> entries.add(entry(
                        given.date(),
                        "Clearance",
                        "By " + given.by(),
                        String.join("; ", given.limits()),
                        record + "/edit",
                        false)));
        woman.dating()
                .ifPresent(dating -> entries.add(entry(
                        dating.firstDay(),
                        "Pregnancy",
                        "Due " + Days.words(dating.dueDate()),
                        "by " + dating.basis().words() + (dating.redated() ? ", re-dated" : ""),
                        record + "/edit",
                        false)));
        entries.sort(Comparator.comparing(Entry::date).reversed());
        return entries;
    }

    private static Entry check(GapChecks.Examined kept, int ageYears, String record) {
        GapCheck check = kept.check();
        String gain = ConnectedGain.of(check)
                .map(found -> "; connected: " + found.words())
                .orElse("");
        return entry(
                check.date(),
                "Gap check",
                School.TWO_FINGERS.read(check, ageYears).detail(),
                "by " + kept.examiner() + gain,
                record + "/checks",
                false);
    }

    private static Entry answer(SafetyAnswer answer, String record) {
        String signs = String.join(
                ", ", answer.signs().stream().map(WarningSign::words).toList());
        String symptoms = String.join(
                ", ", answer.symptomSet().stream().map(Symptom::words).toList());
        String title = answer.stops()
                ? "Stopped: " + signs
                : symptoms.isEmpty() ? "No sign, no symptom" : "No sign; " + symptoms;
        String detail = "asked by " + answer.askedBy() + (answer.stops() ? ". " + answer.whatToDo() : "");
        return entry(answer.askedOn(), "Safe today?", title, detail, record + "/safe", answer.stops());
    }

    private static Entry session(Sessions.Planned planned, List<GapChecks.Examined> checks, String record) {
        LocalDate on = planned.stored().plannedOn();
        String beside = checks.stream()
                .filter(kept -> !kept.check().date().isAfter(on))
                .findFirst()
                .map(kept -> "; gap check of " + Days.words(kept.check().date()) + " beside it: "
                        + School.TWO_FINGERS.read(kept.check(), 0).detail())
                .orElse("; no gap check before it");
        boolean taught = planned.stored().taughtOn() != null;
        long moves = planned.plan().items().stream()
                .map(PlanDocument.Item::moveId)
                .distinct()
                .count();
        return entry(
                on,
                "Session",
                planned.stored().minutes() + " minutes, "
                        + planned.stored().place().words() + ", " + (taught ? "taught" : "planned"),
                moves + " moves, " + planned.plan().totalClock() + " min" + beside,
                record + "/sessions/" + planned.stored().id(),
                false);
    }

    private static Entry entry(LocalDate date, String kind, String title, String detail, String link, boolean alarm) {
        return new Entry(date, Days.words(date), kind, title, detail, link, alarm);
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
