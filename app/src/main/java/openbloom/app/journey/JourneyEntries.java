package openbloom.app.journey;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.checks.SafetyAnswer;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.Sheet;
import openbloom.app.checks.SheetFindings;
import openbloom.app.checks.Sheets;
import openbloom.app.checks.gap.GapChecks;
import openbloom.app.home.FromHome;
import openbloom.app.people.LifeEvent;
import openbloom.app.people.LifeEvents;
import openbloom.app.people.Woman;
import openbloom.app.program.Programs;
import openbloom.app.program.Reviews;
import openbloom.app.session.LadderDecisions;
import openbloom.app.session.PainLifts;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredSession;
import openbloom.app.studio.SignedIn;
import openbloom.core.Days;
import openbloom.core.dating.Dating;
import openbloom.core.gap.ConnectedGain;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapState;
import openbloom.core.gap.School;
import openbloom.core.gap.Width;
import openbloom.core.progress.Decision;
import openbloom.core.record.Clearance;
import openbloom.core.record.Occasion;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import org.springframework.stereotype.Component;

/** Everything that happened with a woman as lines, latest first. */
@Component
class JourneyEntries {
    private static final DateTimeFormatter MINUTES = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    private final GapChecks gaps;
    private final Sheets sheets;
    private final SheetFindings findings;
    private final SafetyService answers;
    private final Sessions sessions;
    private final LifeEvents events;
    private final Programs programs;
    private final Reviews reviews;
    private final LadderDecisions decisions;
    private final WrittenTimes times;
    private final PainLifts lifts;
    private final FromHome fromHome;

    JourneyEntries(
            GapChecks gaps,
            Sheets sheets,
            SheetFindings findings,
            SafetyService answers,
            Sessions sessions,
            LifeEvents events,
            Programs programs,
            Reviews reviews,
            LadderDecisions decisions,
            WrittenTimes times,
            PainLifts lifts,
            FromHome fromHome) {
        this.fromHome = fromHome;
        this.lifts = lifts;
        this.times = times;
        this.programs = programs;
        this.reviews = reviews;
        this.decisions = decisions;
        this.gaps = gaps;
        this.sheets = sheets;
        this.findings = findings;
        this.answers = answers;
        this.sessions = sessions;
        this.events = events;
    }

    /**
     * One line of her journey.
     *
     * @param label what stands in front of it
     * @param written when it was written down, if that was on its day; empty where it is the only line of its day
     */
    record JourneyEntry(
            LocalDate date,
            EntryKind kind,
            String label,
            String title,
            String detail,
            String link,
            boolean alarm,
            Optional<LocalTime> written) {
        /** {@code 26 Nov 2026, 14:05}. */
        public String day() {
            return Days.words(date)
                    + written.map(time -> ", " + MINUTES.format(time)).orElse("");
        }

        JourneyEntry at(Optional<LocalTime> time) {
            return new JourneyEntry(date, kind, label, title, detail, link, alarm, time);
        }
    }

    List<JourneyEntry> of(SignedIn me, Woman woman, LocalDate today) {
        EntryTimes written = EntryTimes.of(times.of(woman.id()), me.zone());
        List<JourneyEntry> entries = new ArrayList<>();
        String record = "/people/" + woman.id();
        List<GapChecks.KeptCheck> checks = gaps.of(woman.id());
        checks.forEach(kept -> entries.add(check(kept, woman.ageYears(today).orElse(0), record)
                .at(written.of(
                        EntryKind.GAP_CHECK, kept.version().id(), kept.check().date()))));
        sheets.of(woman.id())
                .forEach(sheet -> entries.add(sheet(sheet, record)
                        .at(written.of(EntryKind.SHEET, sheet.version().id(), sheet.checkedOn()))));
        answers.of(woman).answers().stream()
                .filter(answer -> !answer.fromHome())
                .forEach(answer -> entries.add(
                        answer(answer, record).at(written.of(EntryKind.ASKED, answer.id(), answer.askedOn()))));
        sessions.of(woman.id()).stream()
                .filter(planned -> planned.stored().occasion() != Occasion.HOME)
                .forEach(planned -> entries.add(session(planned, checks, record)
                        .at(written.of(
                                EntryKind.SESSION,
                                planned.stored().id(),
                                planned.stored().plannedOn()))));
        events.of(woman.id())
                .forEach(event -> entries.add(
                        event(event, record).at(written.of(EntryKind.LIFE, event.id(), event.happenedOn()))));
        programs.of(woman.id())
                .forEach(kept -> entries.add(block(kept, record)
                        .at(written.of(
                                EntryKind.PLAN, kept.row().id(), kept.row().madeOn()))));
        reviews.keptOf(woman.id())
                .forEach(kept -> entries.add(review(kept, record).at(written.of(EntryKind.REVIEW, 0, kept.on()))));
        decisions.ofAll(List.of(woman.id())).getOrDefault(woman.id(), List.of()).stream()
                .collect(Collectors.groupingBy(LadderDecisions.DecisionMade::on))
                .forEach(
                        (on, made) -> entries.add(decided(on, made, record).at(written.of(EntryKind.DECISION, 0, on))));
        lifts.ofAll(List.of(woman.id()))
                .getOrDefault(woman.id(), List.of())
                .forEach(lifted -> entries.add(lifted(lifted, record)));
        fromHome.of(me, woman.id()).days().forEach(told -> entries.add(fromHome(told, record)));
        intake(woman, record).forEach(entries::add);
        return timed(entries);
    }

    /** Latest first; the time of day only where a day has several lines. */
    private static List<JourneyEntry> timed(List<JourneyEntry> entries) {
        Map<LocalDate, Long> aDay =
                entries.stream().collect(Collectors.groupingBy(JourneyEntry::date, Collectors.counting()));
        return entries.stream()
                .sorted(Comparator.comparing(JourneyEntry::date)
                        .thenComparing(entry -> entry.written().orElse(LocalTime.MIN))
                        .reversed())
                .map(entry -> aDay.get(entry.date()) > 1 ? entry : entry.at(Optional.empty()))
                .toList();
    }

    /** Times of day by what they are of; a line that was written on another day than it is about has none. */
    private record EntryTimes(Map<EntryOf, LocalDateTime> all) {
        /** What a time is of: a row of a kind or, where a day has one such line only, the day. */
        private record EntryOf(EntryKind kind, long id, Optional<LocalDate> day) {
            static EntryOf row(EntryKind kind, long id, LocalDate on) {
                return new EntryOf(kind, id, id == 0 ? Optional.of(on) : Optional.empty());
            }
        }

        static EntryTimes of(List<WrittenTimes.WrittenTimeRow> rows, ZoneId zone) {
            Map<EntryOf, LocalDateTime> all = new HashMap<>();
            rows.forEach(row ->
                    all.put(EntryOf.row(row.kind(), row.id(), row.onDay()), LocalDateTime.ofInstant(row.at(), zone)));
            return new EntryTimes(all);
        }

        Optional<LocalTime> of(EntryKind kind, long id, LocalDate on) {
            return Optional.ofNullable(all.get(EntryOf.row(kind, id, on)))
                    .filter(at -> at.toLocalDate().equals(on))
                    .map(LocalDateTime::toLocalTime);
        }
    }

    /** A day of what she told from home. */
    private static JourneyEntry fromHome(FromHome.HomeDay told, String record) {
        List<String> lines = told.lines().stream().map(FromHome.ToldLine::words).toList();
        return entry(
                told.date(),
                EntryKind.FROM_HOME,
                lines.get(0),
                String.join("; ", lines.subList(1, lines.size())),
                record + "/from-home",
                told.lines().get(0).isAlarm());
    }

    /** What the intake tells with a day of its own. */
    private static Stream<JourneyEntry> intake(Woman woman, String record) {
        return Stream.of(
                        woman.birth().map(birth -> birth(birth, record)),
                        woman.clearance().map(given -> clearance(given, record)),
                        woman.dating().map(dating -> pregnancy(dating, record)))
                .flatMap(entry -> entry.stream());
    }

    private static JourneyEntry birth(Birth birth, String record) {
        return entry(
                birth.date(),
                EntryKind.BIRTH,
                birth.kind().words(),
                birth.tear().words(),
                record + "/edit",
                false);
    }

    private static JourneyEntry clearance(Clearance given, String record) {
        String limits = String.join("; ", given.limits());
        return entry(given.date(), EntryKind.CLEARANCE, "By " + given.by(), limits, record + "/edit", false);
    }

    private static JourneyEntry pregnancy(Dating dating, String record) {
        String due = "Due " + Days.words(dating.dueDate());
        String basis = "by " + dating.basis().words() + (dating.redated() ? ", re-dated" : "");
        return entry(dating.firstDay(), EntryKind.PREGNANCY, due, basis, record + "/edit", false);
    }

    private static JourneyEntry event(LifeEvent event, String record) {
        String detail = event.words() + "; told by " + event.toldBy();
        return entry(event.happenedOn(), EntryKind.LIFE, event.kind().words(), detail, record + "/edit", false);
    }

    private static JourneyEntry block(Programs.KeptProgram kept, String record) {
        String title = kept.document()
                .map(block -> "Planned to " + Days.words(block.to()))
                .orElse("A plan that cannot be read");
        String aims = kept.document().stream()
                .flatMap(block -> block.aims().stream())
                .map(aim -> aim.words())
                .collect(Collectors.joining(", "));
        return entry(
                kept.row().madeOn(),
                EntryKind.PLAN,
                title,
                aims + "; by " + kept.row().madeBy(),
                record + "/program",
                false);
    }

    private static JourneyEntry review(Reviews.KeptReview kept, String record) {
        String aims = kept.document().aims().stream()
                .map(aim -> aim.words() + ": " + aim.state())
                .collect(Collectors.joining("; "));
        return entry(kept.on(), EntryKind.REVIEW, aims, "by " + kept.by(), record + "/review", false);
    }

    /** What was decided on one day, ladder by ladder; what was overruled says so. */
    private static JourneyEntry decided(LocalDate on, List<LadderDecisions.DecisionMade> made, String record) {
        String title = made.stream().map(JourneyEntries::chosen).collect(Collectors.joining(", "));
        String overruled = made.stream()
                .filter(one -> !one.chosen().overruledBecause().isEmpty())
                .map(one -> one.strand().words() + " overruled: " + one.chosen().overruledBecause() + "; ")
                .collect(Collectors.joining());
        String by =
                made.stream().map(LadderDecisions.DecisionMade::by).distinct().collect(Collectors.joining(" and "));
        return entry(on, EntryKind.DECISION, title, overruled + "by " + by, record + "/response", false);
    }

    private static String chosen(LadderDecisions.DecisionMade made) {
        return made.proposed().decision() == Decision.STOP
                ? made.strand().words() + " stopped: " + made.proposed().reasons()
                : made.strand().words() + " rung " + made.chosen().rung();
    }

    /** Why it went on after pain, and who said so. */
    private static JourneyEntry lifted(PainLifts.PainLifted lifted, String record) {
        String asked = lifted.pain() == null ? "" : "asked again: " + lifted.pain() + " of 10";
        String word = lifted.clinicianOn() == null ? "" : "clinician’s word of " + Days.words(lifted.clinicianOn());
        String title = "Goes on after pain, " + lifted.place().words() + ": "
                + Stream.of(asked, word).filter(one -> !one.isEmpty()).collect(Collectors.joining(", "));
        String detail = lifted.said().saidBy() + ": " + lifted.said().reason() + "; written down by "
                + lifted.said().by();
        return entry(lifted.on(), EntryKind.PAIN_ANSWERED, title, detail, record + "/held", false);
    }

    private JourneyEntry sheet(Sheet sheet, String record) {
        String title = findings.words(sheet);
        return new JourneyEntry(
                sheet.checkedOn(),
                EntryKind.SHEET,
                sheet.kind().words(),
                title,
                "by " + sheet.checkedBy(),
                record + "/checks",
                false,
                Optional.empty());
    }

    private static JourneyEntry check(GapChecks.KeptCheck kept, int ageYears, String record) {
        GapCheck check = kept.check();
        String gain = ConnectedGain.of(check)
                .map(found -> "; connected: " + found.words())
                .orElse("");
        return entry(
                check.date(),
                EntryKind.GAP_CHECK,
                said(check, ageYears),
                "by " + kept.examiner() + gain,
                record + "/checks",
                false);
    }

    /** By the two-finger school, or, measured in mm, its widest reading. */
    private static String said(GapCheck check, int ageYears) {
        return check.widest(GapState.LIFT)
                .or(() -> check.widest(GapState.REST))
                .filter(widest -> widest.width() instanceof Width.Millimetres)
                .map(widest -> "widest " + widest.width().words() + " "
                        + widest.spot().words() + ", " + widest.state().words())
                .orElseGet(() -> School.TWO_FINGERS.read(check, ageYears).detail());
    }

    private static JourneyEntry answer(SafetyAnswer answer, String record) {
        String signs = Stream.concat(answer.signs().stream().map(WarningSign::words), answer.unknownSigns().stream())
                .collect(Collectors.joining(", "));
        String symptoms = String.join(
                ", ", answer.symptomSet().stream().map(Symptom::words).toList());
        String title = answer.stops()
                ? "Stopped: " + signs
                : symptoms.isEmpty() ? "No sign, no symptom" : "No sign; " + symptoms;
        String lifted = answer.lift().stop() == null || answer.lift().by().isEmpty()
                ? ""
                : ". Stop lifted: " + answer.lift().by() + ", " + answer.lift().reason();
        String detail = "asked by " + answer.askedBy()
                + (answer.stops() ? ". " + answer.told().whatToDo() : lifted);
        return entry(answer.askedOn(), EntryKind.ASKED, title, detail, record + "/safe", answer.stops());
    }

    private static JourneyEntry session(Sessions.ComposedFor planned, List<GapChecks.KeptCheck> checks, String record) {
        LocalDate on = planned.stored().plannedOn();
        String beside = checks.stream()
                .filter(kept -> !kept.check().date().isAfter(on))
                .findFirst()
                .map(kept ->
                        "; gap check of " + Days.words(kept.check().date()) + " beside it: " + said(kept.check(), 0))
                .orElse("; no gap check before it");
        boolean taught = planned.stored().taughtOn() != null;
        long moves = planned.plan().items().stream()
                .map(SessionLine::moveId)
                .distinct()
                .count();
        return entry(
                on,
                EntryKind.SESSION,
                planned.stored().minutes() + " minutes, " + where(planned.stored()) + ", "
                        + (taught ? "taught" : "planned"),
                moves + " moves, " + planned.plan().totalClock() + " min" + beside,
                record + "/sessions/" + planned.stored().id(),
                false);
    }

    private static JourneyEntry entry(
            LocalDate date, EntryKind kind, String title, String detail, String link, boolean alarm) {
        return new JourneyEntry(date, kind, kind.words(), title, detail, link, alarm, Optional.empty());
    }

    private static String where(StoredSession session) {
        return session.occasion() == Occasion.STUDIO
                ? session.place().words()
                : session.occasion().words();
    }
}
