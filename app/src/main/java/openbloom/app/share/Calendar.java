package openbloom.app.share;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.DaylightSavingsTime;
import biweekly.component.Observance;
import biweekly.component.StandardTime;
import biweekly.component.VEvent;
import biweekly.component.VTimezone;
import biweekly.io.TimezoneAssignment;
import biweekly.property.Classification;
import biweekly.property.Method;
import biweekly.property.RecurrenceRule;
import biweekly.property.Status;
import biweekly.util.DateTimeComponents;
import biweekly.util.DayOfWeek;
import biweekly.util.Duration;
import biweekly.util.Frequency;
import biweekly.util.Recurrence;
import biweekly.util.UtcOffset;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.zone.ZoneOffsetTransition;
import java.time.zone.ZoneOffsetTransitionRule;
import java.util.Date;
import java.util.List;
import java.util.TimeZone;
import openbloom.app.language.HerWords;

/** Her days as a calendar file: whole days, visits at their hour in the studio’s zone, and whatever was cancelled. */
final class Calendar {
    private static final LocalDateTime BEFORE_ANYTHING = LocalDateTime.of(1970, 1, 1, 0, 0);
    private static final int A_WEEK = 7;
    private static final int SECONDS_AN_HOUR = 3600;
    private static final int SECONDS_A_MINUTE = 60;

    private final HerWords words;
    private final ZoneId zone;
    private final Instant now;
    private final ICalendar file = new ICalendar();

    private Calendar(HerWords words, ZoneId zone, Instant now) {
        this.words = words;
        this.zone = zone;
        this.now = now;
    }

    /**
     * A whole day.
     *
     * @param uid the same as long as it is the same thing, on whatever day
     * @param sequence how often it was changed
     */
    record DayEntry(String uid, LocalDate date, String summary, int sequence, boolean cancelled) {}

    /**
     * A visit.
     *
     * @param minutes how long it is planned; 0 where nobody has planned it
     */
    record VisitEntry(String uid, LocalDateTime at, int minutes, int sequence, boolean cancelled) {}

    static String write(HerWords words, ZoneId zone, Instant now, List<VisitEntry> visits, List<DayEntry> days) {
        Calendar calendar = new Calendar(words, zone, now);
        calendar.head();
        visits.forEach(calendar::visit);
        days.forEach(calendar::day);
        return Biweekly.write(calendar.file).go();
    }

    private void head() {
        file.setMethod(Method.PUBLISH);
        file.setProductId("-//Open Bloom//EN");
        file.setName(words.of("calendar.name"));
        file.setExperimentalProperty("X-WR-CALNAME", words.of("calendar.name"));
        file.setRefreshInterval(Duration.builder().hours(6).build());
        file.getTimezoneInfo()
                .setDefaultTimezone(new TimezoneAssignment(TimeZone.getTimeZone(zone), changesOfTheClock()));
    }

    /** When its clocks change, said in the file itself, so that whoever reads it needs no list of zones. */
    private VTimezone changesOfTheClock() {
        VTimezone written = new VTimezone(zone.getId());
        List<ZoneOffsetTransitionRule> yearly = zone.getRules().getTransitionRules();
        int lastYear = now.atZone(zone).getYear() - 1;
        yearly.forEach(rule -> observe(written, rule, rule.createTransition(lastYear)));
        if (yearly.isEmpty()) {
            ZoneOffset always = zone.getRules().getOffset(now);
            written.addStandardTime(observed(new StandardTime(), BEFORE_ANYTHING, always, always));
        }
        return written;
    }

    private void observe(VTimezone written, ZoneOffsetTransitionRule rule, ZoneOffsetTransition first) {
        LocalDateTime local = first.getDateTimeBefore();
        RecurrenceRule again = new RecurrenceRule(new Recurrence.Builder(Frequency.YEARLY)
                .byMonth(local.getMonthValue())
                .byDay(
                        sundayOf(rule),
                        DayOfWeek.valueOfAbbr(local.getDayOfWeek().name().substring(0, 2)))
                .build());
        if (zone.getRules().isDaylightSavings(first.getInstant())) {
            DaylightSavingsTime summer =
                    observed(new DaylightSavingsTime(), local, first.getOffsetBefore(), first.getOffsetAfter());
            summer.setRecurrenceRule(again);
            written.addDaylightSavingsTime(summer);
        } else {
            StandardTime winter = observed(new StandardTime(), local, first.getOffsetBefore(), first.getOffsetAfter());
            winter.setRecurrenceRule(again);
            written.addStandardTime(winter);
        }
    }

    /** Which of its weekday in the month a change falls on: 1 to 4, or −1 for the last. */
    private static int sundayOf(ZoneOffsetTransitionRule rule) {
        int from = rule.getDayOfMonthIndicator();
        boolean last = from < 0 || from + A_WEEK > rule.getMonth().minLength();
        return last ? -1 : (from - 1) / A_WEEK + 1;
    }

    private static <T extends Observance> T observed(
            T observance, LocalDateTime local, ZoneOffset before, ZoneOffset after) {
        observance.setDateStart(new DateTimeComponents(
                local.getYear(),
                local.getMonthValue(),
                local.getDayOfMonth(),
                local.getHour(),
                local.getMinute(),
                local.getSecond(),
                false));
        observance.setTimezoneOffsetFrom(offset(before));
        observance.setTimezoneOffsetTo(offset(after));
        return observance;
    }

    private static UtcOffset offset(ZoneOffset offset) {
        int seconds = Math.abs(offset.getTotalSeconds());
        return new UtcOffset(
                offset.getTotalSeconds() >= 0, seconds / SECONDS_AN_HOUR, seconds % SECONDS_AN_HOUR / SECONDS_A_MINUTE);
    }

    private void visit(VisitEntry visit) {
        LocalTime time = visit.at().toLocalTime();
        VEvent event = event(visit.uid(), words.of("calendar.visit", time), visit.sequence(), visit.cancelled());
        event.setDateStart(Date.from(visit.at().atZone(zone).toInstant()), true);
        if (visit.minutes() > 0) {
            event.setDuration(Duration.builder().minutes(visit.minutes()).build());
        }
        file.addEvent(event);
    }

    private void day(DayEntry day) {
        VEvent event = event(day.uid(), day.summary(), day.sequence(), day.cancelled());
        event.setDateStart(
                Date.from(day.date().atStartOfDay(ZoneId.systemDefault()).toInstant()), false);
        event.setDescription(words.of("calendar.note"));
        file.addEvent(event);
    }

    private VEvent event(String uid, String summary, int sequence, boolean cancelled) {
        VEvent event = new VEvent();
        event.setUid(uid);
        event.setSummary(summary);
        event.setSequence(sequence);
        event.setDateTimeStamp(Date.from(now));
        event.setClassification(Classification.PRIVATE);
        event.setStatus(cancelled ? Status.cancelled() : Status.confirmed());
        return event;
    }
}
