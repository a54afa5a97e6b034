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
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.Sheet;
import openbloom.app.checks.SheetFindings;
import openbloom.app.checks.Sheets;
import openbloom.app.checks.gap.GapChecks;
import openbloom.app.home.FromHome;
import openbloom.app.people.LifeEvents;
import openbloom.app.people.Woman;
import openbloom.app.program.Programs;
import openbloom.app.program.Reviews;
import openbloom.app.session.LadderDecisions;
import openbloom.app.session.PainLifts;
import openbloom.app.session.Sessions;
import openbloom.app.studio.SignedIn;
import openbloom.core.Days;
import openbloom.core.record.Occasion;
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
        checks.forEach(kept -> entries.add(EntryLines.check(
                        kept, woman.ageYears(today).orElse(0), record)
                .at(written.of(
                        EntryKind.GAP_CHECK, kept.version().id(), kept.check().date()))));
        sheets.of(woman.id())
                .forEach(sheet -> entries.add(sheet(sheet, record)
                        .at(written.of(EntryKind.SHEET, sheet.version().id(), sheet.checkedOn()))));
        answers.of(woman).answers().stream()
                .filter(answer -> !answer.fromHome())
                .forEach(answer -> entries.add(EntryLines.answer(answer, record)
                        .at(written.of(EntryKind.ASKED, answer.id(), answer.askedOn()))));
        sessions.of(woman.id()).stream()
                .filter(planned -> planned.stored().occasion() != Occasion.HOME)
                .forEach(planned -> entries.add(EntryLines.session(planned, checks, record)
                        .at(written.of(
                                EntryKind.SESSION,
                                planned.stored().id(),
                                planned.stored().plannedOn()))));
        events.of(woman.id())
                .forEach(event -> entries.add(EntryLines.event(event, record)
                        .at(written.of(EntryKind.LIFE, event.id(), event.happenedOn()))));
        programs.of(woman.id())
                .forEach(kept -> entries.add(EntryLines.block(kept, record)
                        .at(written.of(
                                EntryKind.PLAN, kept.row().id(), kept.row().madeOn()))));
        reviews.keptOf(woman.id())
                .forEach(kept ->
                        entries.add(EntryLines.review(kept, record).at(written.of(EntryKind.REVIEW, 0, kept.on()))));
        decisions.ofAll(List.of(woman.id())).getOrDefault(woman.id(), List.of()).stream()
                .collect(Collectors.groupingBy(LadderDecisions.DecisionMade::on))
                .forEach((on, made) ->
                        entries.add(EntryLines.decided(on, made, record).at(written.of(EntryKind.DECISION, 0, on))));
        lifts.ofAll(List.of(woman.id()))
                .getOrDefault(woman.id(), List.of())
                .forEach(lifted -> entries.add(EntryLines.lifted(lifted, record)));
        fromHome.of(me, woman.id()).days().forEach(told -> entries.add(EntryLines.fromHome(told, record)));
        EntryLines.intake(woman, record).forEach(entries::add);
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
}
