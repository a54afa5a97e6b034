package openbloom.app.share;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import openbloom.app.home.HomeVisitor;
import openbloom.app.language.HerWords;
import openbloom.app.people.VisitMapper;
import openbloom.app.people.Woman;
import openbloom.app.program.ProgramDocument;
import openbloom.app.program.Programs;
import openbloom.app.system.StudioDay;
import org.springframework.stereotype.Component;

/** Her visits, home days and checks due, gathered for her calendar: what was moved keeps its name, what was dropped is cancelled. */
@Component
class Calendars {
    private static final int DAYS_BACK = 31;

    private final VisitMapper visits;
    private final Programs programs;
    private final StudioDay day;

    Calendars(VisitMapper visits, Programs programs, StudioDay day) {
        this.visits = visits;
        this.programs = programs;
        this.day = day;
    }

    /** The file, as text. */
    String of(HomeVisitor her) {
        LocalDate from = day.today(her).minusDays(DAYS_BACK);
        List<Programs.KeptProgram> made =
                new ArrayList<>(programs.of(her.woman().id()));
        Collections.reverse(made);
        Optional<ProgramDocument> latest =
                made.isEmpty() ? Optional.empty() : made.get(made.size() - 1).document();
        List<Calendar.VisitEntry> booked = visits.calendarOf(her.woman().id(), from.atStartOfDay()).stream()
                .map(visit -> new Calendar.VisitEntry(
                        uid(her.woman(), "visit-" + visit.id()),
                        visit.startsAt(),
                        latest.flatMap(block -> block.sessionOn(visit.startsAt().toLocalDate()))
                                .filter(session -> !session.happensAtHome())
                                .map(ProgramDocument.SessionTold::minutes)
                                .orElse(0),
                        visit.sequence(),
                        visit.cancelled()))
                .toList();
        Planned planned = new Planned();
        made.forEach(program -> program.document()
                .ifPresent(block -> planned.changedBy(
                        entries(block, her.words()), program.row().madeOn())));
        List<Calendar.DayEntry> days = planned.all().entrySet().stream()
                .filter(entry -> !entry.getValue().date().isBefore(from))
                .map(entry -> entry.getValue().named(uid(her.woman(), entry.getKey())))
                .toList();
        return Calendar.write(her.words(), her.zone(), day.instant(), booked, days);
    }

    /** Of this woman alone, and the same whenever it is asked for. */
    private static String uid(Woman woman, String what) {
        String all = woman.key().formKey() + " " + woman.id() + " " + what;
        return UUID.nameUUIDFromBytes(all.getBytes(StandardCharsets.UTF_8)) + "@open-bloom";
    }

    /** A day a block plans, and what for; {@code kind} tells what takes the place of what. */
    private record PlannedEntry(String kind, LocalDate date, String summary) {}

    private static List<PlannedEntry> entries(ProgramDocument block, HerWords words) {
        List<PlannedEntry> entries = new ArrayList<>();
        block.weeks().forEach(week -> {
            week.sessions().stream()
                    .filter(ProgramDocument.SessionTold::happensAtHome)
                    .forEach(session -> entries.add(
                            new PlannedEntry("home", session.date(), words.of("calendar.home", session.minutes()))));
            week.due()
                    .forEach(due -> entries.add(
                            new PlannedEntry("check " + due.words(), due.date(), words.of("calendar.check"))));
        });
        entries.sort(Comparator.comparing(PlannedEntry::date));
        return entries;
    }

    /** What every block made of her days, one after the other. */
    private static final class Planned {
        private final Map<String, CalendarDay> days = new LinkedHashMap<>();

        /** A day as it stands by now. */
        private record CalendarDay(LocalDate date, String summary, int sequence, boolean cancelled) {
            Calendar.DayEntry named(String uid) {
                return new Calendar.DayEntry(uid, date, summary, sequence, cancelled);
            }

            CalendarDay changed(LocalDate other, String words, boolean nowCancelled) {
                boolean same = date.equals(other) && summary.equals(words) && cancelled == nowCancelled;
                return same ? this : new CalendarDay(other, words, sequence + 1, nowCancelled);
            }
        }

        Map<String, CalendarDay> all() {
            return days;
        }

        /**
         * From the day a block was made on it says what is planned; days before stay. The first home day of a week is the first
         * of that week in the next block, too, on whatever day it is.
         */
        void changedBy(List<PlannedEntry> entries, LocalDate madeOn) {
            Map<String, Integer> counted = new HashMap<>();
            days.forEach((key, day) -> {
                if (day.date().isBefore(madeOn) && !day.cancelled()) {
                    counted.merge(key.substring(0, key.lastIndexOf(' ')), 1, Integer::sum);
                }
            });
            Map<String, PlannedEntry> wanted = new LinkedHashMap<>();
            entries.stream().filter(entry -> !entry.date().isBefore(madeOn)).forEach(entry -> {
                String week = entry.kind() + " " + monday(entry.date());
                wanted.put(week + " " + counted.merge(week, 1, Integer::sum), entry);
            });
            days.replaceAll((key, day) -> day.date().isBefore(madeOn) || wanted.containsKey(key)
                    ? day
                    : day.changed(day.date(), day.summary(), true));
            wanted.forEach((key, entry) -> days.merge(
                    key,
                    new CalendarDay(entry.date(), entry.summary(), 0, false),
                    (before, first) -> before.changed(entry.date(), entry.summary(), false)));
        }

        private static LocalDate monday(LocalDate date) {
            return date.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        }
    }
}
