package openbloom.app.share;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.StringReader;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VTimeZone;
import net.fortuna.ical4j.model.property.DtStart;
import openbloom.app.PageTest;
import openbloom.app.home.HomeLink;
import openbloom.app.home.HomeLinks;
import openbloom.app.people.Woman;
import openbloom.app.program.Programs;
import openbloom.core.program.Rhythm;
import openbloom.core.record.Goal;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Read by another library than wrote it, across a change of clocks: summer time in London ends on 31 October 2027 (published). */
class CalendarTest extends PageTest {
    @Autowired
    private Programs programs;

    @Autowired
    private HomeLinks links;

    private Calendar read(String address) throws Exception {
        return new CalendarBuilder()
                .build(new StringReader(mvc.perform(get(address)
                                .with(org.springframework.security.test.web.servlet.request
                                        .SecurityMockMvcRequestPostProcessors.user(ines)))
                        .andReturn()
                        .getResponse()
                        .getContentAsString()));
    }

    private static Map<String, VEvent> byUid(Calendar calendar) {
        return calendar.<VEvent>getComponents("VEVENT").stream()
                .collect(Collectors.toMap(event -> event.getUid().orElseThrow().getValue(), event -> event));
    }

    private static String value(VEvent event, String property) {
        return event.getProperty(property).map(found -> found.getValue()).orElse("");
    }

    private static Temporal start(VEvent event) {
        return event.<DtStart<Temporal>>getProperty("DTSTART").orElseThrow().getDate();
    }

    private VEvent visit(Woman woman, String summary) throws Exception {
        return byUid(read("/people/" + woman.id() + "/share/calendar.ics")).values().stream()
                .filter(event -> value(event, "SUMMARY").equals(summary))
                .findFirst()
                .orElseThrow();
    }

    private void book(Woman woman, LocalDate on, String at) throws Exception {
        String journey = "/people/" + woman.id() + "/journey";
        send(set(set(rendered(journey, "/people/" + woman.id() + "/visits"), "on", on.toString()), "at", at));
    }

    @Test
    void aVisitKeepsItsHourAcrossAChangeOfClocksAndItsNameWhenItIsMovedOrCancelled() throws Exception {
        Woman woman = askedWoman("Tidal");
        LocalDate summer = LocalDate.of(2027, 10, 29);
        LocalDate winter = LocalDate.of(2027, 11, 5);
        book(woman, summer, "09:15");
        book(woman, winter, "10:30");
        VEvent before = visit(woman, "Visit at 09:15");
        assertThat(ZonedDateTime.from(start(before)).toInstant()).hasToString("2027-10-29T08:15:00Z");
        assertThat(ZonedDateTime.from(start(visit(woman, "Visit at 10:30"))).toInstant())
                .hasToString("2027-11-05T10:30:00Z");
        assertThat(value(before, "SEQUENCE")).isEqualTo("0");
        assertThat(value(before, "STATUS")).isEqualTo("CONFIRMED");

        String journey = "/people/" + woman.id() + "/journey";
        String move =
                Jsoup.parse(page(journey)).select("form[action$=/move]").first().attr("action");
        assertThat(body(set(set(rendered(journey, move), "on", winter.toString()), "at", "10:30")))
                .contains("She is expected at that time already.");
        assertThat(as(
                                stranger(),
                                post(move)
                                        .param("formKey", key())
                                        .param("on", "2027-11-01")
                                        .param("at", "08:00"))
                        .getStatus())
                .isEqualTo(404);
        send(set(set(rendered(journey, move), "on", "2027-11-01"), "at", "08:00"));
        VEvent moved = visit(woman, "Visit at 08:00");
        assertThat(moved.getUid()).isEqualTo(before.getUid());
        assertThat(value(moved, "SEQUENCE")).isEqualTo("1");
        assertThat(ZonedDateTime.from(start(moved)).toInstant()).hasToString("2027-11-01T08:00:00Z");

        send(post(move.replace("/move", "/delete")));
        VEvent cancelled = visit(woman, "Visit at 08:00");
        assertThat(cancelled.getUid()).isEqualTo(before.getUid());
        assertThat(value(cancelled, "STATUS")).isEqualTo("CANCELLED");
        assertThat(value(cancelled, "SEQUENCE")).isEqualTo("2");
        assertThat(page(journey)).doesNotContain("1 Nov 2027, 08:00");
    }

    @Test
    void saysEveryChangeOfTheClocksItself() throws Exception {
        Woman woman = askedWoman("Clocks");
        Calendar calendar = read("/people/" + woman.id() + "/share/calendar.ics");
        VTimeZone zone = calendar.<VTimeZone>getComponents("VTIMEZONE").get(0);
        assertThat(zone.toString())
                .contains(
                        "TZID:Europe/London",
                        "RRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU",
                        "RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU",
                        "TZOFFSETFROM:+0100",
                        "TZOFFSETTO:+0000");
        calendar.validate();
    }

    private void plan(Woman woman, Set<DayOfWeek> days, int minutes) {
        programs.make(
                ines,
                woman,
                TODAY,
                List.of(Goal.KEEP_ACTIVE),
                new Rhythm(1, days, minutes, List.of(new Rhythm.PlannedVisit(TODAY.plusDays(1), 45))),
                key());
    }

    /** The first home day of a week stays the first of it in the next block; what is dropped is cancelled, never forgotten. */
    @Test
    void homeDaysKeepTheirNamesWhenTheyMoveAndAreCancelledWhenTheyGo() throws Exception {
        Woman woman = askedWoman("Weekly");
        plan(woman, Set.of(DayOfWeek.TUESDAY, DayOfWeek.SATURDAY), 10);
        String address = "/people/" + woman.id() + "/share/calendar.ics";
        Map<String, VEvent> first = byUid(read(address));
        String tuesday = first.entrySet().stream()
                .filter(event -> start(event.getValue()).equals(LocalDate.of(2027, 7, 6))
                        && value(event.getValue(), "SUMMARY").startsWith("Home"))
                .findFirst()
                .orElseThrow()
                .getKey();
        assertThat(value(first.get(tuesday), "SUMMARY")).isEqualTo("Home practice, about 10 minutes");
        plan(woman, Set.of(DayOfWeek.WEDNESDAY), 12);
        Map<String, VEvent> second = byUid(read(address));
        assertThat(second.keySet()).containsAll(first.keySet());
        assertThat(start(second.get(tuesday))).isEqualTo(LocalDate.of(2027, 7, 7));
        assertThat(value(second.get(tuesday), "SUMMARY")).isEqualTo("Home practice, about 12 minutes");
        assertThat(value(second.get(tuesday), "SEQUENCE")).isEqualTo("1");
        assertThat(value(second.get(tuesday), "STATUS")).isEqualTo("CONFIRMED");
        assertThat(second.values().stream()
                        .filter(event -> value(event, "STATUS").equals("CANCELLED"))
                        .map(CalendarTest::start))
                .contains(LocalDate.of(2027, 7, 10));
        assertThat(byUid(read(address)).get(tuesday).toString())
                .isEqualTo(second.get(tuesday).toString());
    }

    @Test
    void aFeedOpensWithItsOwnTokenAlone() throws Exception {
        Woman woman = askedWoman("Fed");
        book(woman, TODAY.plusDays(3), "14:30");
        String token = links.make(woman, HomeLink.LinkPurpose.CALENDAR, ines.account(), TODAY, key());
        String home = links.make(woman, HomeLink.LinkPurpose.HOME, ines.account(), TODAY, key());
        var feed = mvc.perform(get("/calendar/" + token + ".ics")).andReturn().getResponse();
        assertThat(feed.getContentType()).startsWith("text/calendar");
        assertThat(feed.getHeader("Cache-Control")).contains("no-store");
        assertThat(feed.getContentAsString())
                .contains("Visit at 14:30", "CLASS:PRIVATE")
                .doesNotContain("Fed");
        assertThat(mvc.perform(get("/calendar/" + home + ".ics"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
        assertThat(mvc.perform(get("/home/" + token)).andReturn().getResponse().getStatus())
                .isEqualTo(404);
        assertThat(value(visit(woman, "Visit at 14:30"), "DTSTART"))
                .contains(LocalDateTime.of(2027, 7, 4, 14, 30)
                        .toLocalTime()
                        .toString()
                        .replace(":", ""));
    }
}
