package openbloom.app.home;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import openbloom.app.PageTest;
import openbloom.app.checks.SafetyService;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.app.program.Programs;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredResponse;
import openbloom.core.program.Rhythm;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.record.Noted;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** What comes from home is kept once, stands where it counts, and never lets her do more. */
class HomeAnswersTest extends PageTest {
    /** On which form of her page an answer of a kind is sent, where it is not one of its own. */
    private static final Map<String, String> FORMS =
            Map.of("TROUBLE", "HOW", "EFFORT", "HOW", "DONE", "HOW", "MOVE", "HOW", "SIGN", "SAFE");

    @Autowired
    private HomeLinks links;

    @Autowired
    private Programs programs;

    @Autowired
    private Sessions sessions;

    @Autowired
    private RecordReader records;

    @Autowired
    private SafetyService safety;

    @Autowired
    private HomePractices practices;

    private Woman woman;
    private String address;

    @BeforeEach
    void practisesAtHomeToday() throws Exception {
        woman = askedWoman("Meret");
        plan(Set.of(DayOfWeek.THURSDAY), 10);
        address = "/home/" + links.make(woman, HomeLink.LinkPurpose.HOME, ines.account(), TODAY, key());
    }

    private void plan(Set<DayOfWeek> homeDays, int minutes) {
        Rhythm rhythm = new Rhythm(1, homeDays, minutes, List.of(new Rhythm.PlannedVisit(TODAY.plusDays(1), 45)));
        programs.make(ines, woman, TODAY, List.of(Goal.KEEP_ACTIVE, Goal.STRONG_BONES), rhythm, key());
    }

    private Document opened() throws Exception {
        MockHttpServletResponse page = mvc.perform(get(address)).andReturn().getResponse();
        assertThat(page.getStatus()).isEqualTo(200);
        return Jsoup.parse(page.getContentAsString());
    }

    /** The fields of a form of her page as it is rendered. */
    private Map<String, String> form(String kind) throws Exception {
        Element form = opened().selectFirst("form[data-kind=" + kind + "]");
        Map<String, String> fields = new LinkedHashMap<>();
        form.select("input[type=hidden]").forEach(field -> fields.put(field.attr("name"), field.val()));
        return fields;
    }

    /** As the script of her page sends it. */
    private MockHttpServletResponse sent(Map<String, String> fields) throws Exception {
        MockHttpServletRequestBuilder request = post(address).header("Accept", "text/plain");
        fields.forEach(request::param);
        return mvc.perform(request).andReturn().getResponse();
    }

    private MockHttpServletResponse tell(String kind, String... more) throws Exception {
        Map<String, String> fields = new LinkedHashMap<>(form(FORMS.getOrDefault(kind, kind)));
        fields.put("kind", kind);
        fields.put("formKey", key());
        for (int at = 0; at < more.length; at += 2) {
            fields.put(more[at], more[at + 1]);
        }
        return sent(fields);
    }

    /** What Today says of her; empty where it says nothing. */
    private String news() throws Exception {
        return Jsoup.parse(page("/")).select("#from-home-news li").stream()
                .filter(line -> line.selectFirst("a").attr("href").equals("/people/" + woman.id() + "/from-home"))
                .map(Element::text)
                .findFirst()
                .orElse("");
    }

    private static void isKept(MockHttpServletResponse answer) throws Exception {
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(204);
    }

    private static void isRefused(MockHttpServletResponse answer, String why) throws Exception {
        assertThat(answer.getStatus()).isEqualTo(422);
        assertThat(answer.getContentAsString()).isEqualTo(why);
    }

    private long practice() throws Exception {
        return Long.parseLong(opened().selectFirst("#player").attr("data-session"));
    }

    private Client client() {
        return records.clientOn(woman, TODAY);
    }

    private List<Noted> notedIn(long session) {
        return sessions.responsesIn(session).stream().map(StoredResponse::told).toList();
    }

    @Test
    void aYesStopsHerAtOnceAndStandsFirstOnToday() throws Exception {
        assertThat(news()).isEmpty();
        isKept(tell("SAFE", "told", "YES"));
        Document page = opened();
        assertThat(page.selectFirst("#stop").text())
                .contains("Stop. No practice today.", "Call 01632 960123 now", "call 000 at once", "Which one is it?");
        assertThat(page.select("#player, #safe")).isEmpty();
        assertThat(safety.of(woman).signs()).containsOnlyKeys(WarningSign.NOT_SAID_WHICH);
        assertThat(news()).contains("Meret", "Warning sign, not said which");
        Element first = Jsoup.parse(page("/")).select("#content .panel").first();
        assertThat(first.selectFirst("h2").text()).isEqualTo("From home");
        assertThat(first.hasClass("panel-stop")).isTrue();
        assertThat(first.selectFirst("li.home-line").hasClass("home-alarm")).isTrue();
        assertThat(page("/from-home")).contains(woman.name());
        assertThat(as(stranger(), get("/from-home")).getContentAsString()).doesNotContain("Meret");
        Map<String, String> which = form("SIGN");
        which.put("told", "CHEST_PAIN");
        isKept(sent(which));
        assertThat(opened().selectFirst("#stop").text())
                .contains("chest pain or a racing heart", "Call 000 now. Do not stay alone.")
                .doesNotContain("Which one is it?");
        assertThat(page("/people/" + woman.id() + "/journey")).contains("From home", "Warning sign: chest pain");
    }

    /** That she has no sign, told at home, is no answer to the studio’s own question, and lifts nothing. */
    @Test
    void noSignAtHomeIsNoAnswerInTheStudio() throws Exception {
        Woman unasked = people.page(ines, "Meret", 0).women().get(0);
        Woman never = newWoman("Never asked");
        String hers = "/home/" + links.make(never, HomeLink.LinkPurpose.HOME, ines.account(), TODAY, key());
        address = hers;
        isKept(tell("SAFE", "told", "NONE"));
        assertThat(safety.isAskedOn(never, TODAY)).isFalse();
        isKept(tell("SIGN", "told", "FEVER"));
        assertThat(safety.isAskedOn(never, TODAY)).isFalse();
        assertThat(records.clientOn(never, TODAY).safety().standing()).containsKey(WarningSign.FEVER);
        assertThat(records.clientOn(never, TODAY).safety().symptoms().askedOn()).isEmpty();
        assertThat(unasked).isNotNull();
    }

    @Test
    void keepsAnAnswerOnceHoweverOftenItComesAndRefusesAnotherUnderItsKey() throws Exception {
        long session = practice();
        Map<String, String> done = form("HOW");
        done.put("told", "ALL");
        isKept(sent(done));
        int lines = notedIn(session).size();
        assertThat(notedIn(session)).isNotEmpty().containsOnly(Noted.DONE);
        isKept(sent(done));
        assertThat(notedIn(session)).hasSize(lines);
        done.put("told", "NOTHING");
        isRefused(sent(done), "This was kept with other words already. Nothing was changed.");
        assertThat(sessions.find(woman.id(), session).orElseThrow().stored().taughtOn())
                .isEqualTo(TODAY);
    }

    /** Nothing is averaged: the more careful answer counts, and both stand there. */
    @Test
    void showsBothOfTwoAnswersThatContradictEachOther() throws Exception {
        long session = practice();
        isKept(tell("DONE", "told", "ALL"));
        isKept(tell("DONE", "told", "NOTHING"));
        isKept(tell("EFFORT", "told", "TOO_EASY"));
        isKept(tell("EFFORT", "told", "TOO_HARD"));
        var stored = sessions.find(woman.id(), session).orElseThrow().stored();
        assertThat(stored.taughtOn()).isNull();
        assertThat(page("/people/" + woman.id() + "/from-home"))
                .contains("Reported both: “none of it” and “all of it”", "“too easy” and “too hard”");
    }

    @ParameterizedTest
    @CsvSource({"HEAVY, HEAVINESS", "LEAKED, LEAK_WITH_EFFORT"})
    void whatShowedSomewhereInAPracticeHoldsBackUntilSheIsAskedAgain(String told, Symptom symptom) throws Exception {
        practice();
        Client before = client();
        assertThat(before.has(symptom)).isFalse();
        isKept(tell("TROUBLE", "told", told));
        assertThat(client().has(symptom)).isTrue();
        assertThat(client().standing()).usingRecursiveComparison().isEqualTo(before.standing());
        assertThat(news()).contains(told.toLowerCase(Locale.ROOT), "it counts until she is asked again");
    }

    /** Her own numbers beside those that were asked of her; heaviness and pain of it hold back as any other. */
    @Test
    void aSetForThePelvicFloorStandsBesideWhatWasAsked() throws Exception {
        send(post("/people/" + woman.id() + "/checks/pelvic-floor")
                .param("formKey", key())
                .param("felt", "YES")
                .param("holdSeconds", "6")
                .param("holdRepetitions", "4")
                .param("flicks", "7")
                .param("letsGo", "FULL")
                .param("known", "FELT")
                .param("pain", "NO"));
        assertThat(client().has(Symptom.HEAVINESS)).isFalse();
        isKept(tell("FLOOR", "holds", "3", "flicks", "5", "heavy", "on"));
        isKept(tell("FLOOR", "holds", "4", "flicks", "7", "hurt", "on"));
        assertThat(Jsoup.parse(page("/people/" + woman.id() + "/floor")).text())
                .contains("3 of 4 holds, 5 of 7 flicks", "4 of 4 holds, 7 of 7 flicks", ", heavy", ", hurt");
        assertThat(client().has(Symptom.HEAVINESS)).isTrue();
        assertThat(tell("FLOOR", "holds", "601", "flicks", "0").getContentAsString())
                .contains("At most 600 can be counted; this is 601");
    }

    @Test
    void whatShowedInAnExerciseStandsInItsSessionAndMuchPainHolds() throws Exception {
        long session = practice();
        isKept(tell("MOVE", "line", "0", "told", "HURT", "place", "BACK", "pain", "8"));
        assertThat(notedIn(session)).containsExactly(Noted.HURT);
        assertThat(client().has(Symptom.BACK_PAIN)).isTrue();
        assertThat(client().standing().holds()).hasSize(1);
        assertThat(page("/")).contains("Held after pain");
        assertThat(opened().select("#lines li[data-out=true]")).isNotEmpty();
    }

    @Test
    void askesOnceTheNextMorningAndOnlyThatItIsNotGoneCounts() throws Exception {
        LocalDate yesterday = TODAY.minusDays(1);
        HomeVisitor her = links.open(HomeLink.LinkPurpose.HOME, address.substring(6), "198.51.100.9")
                .orElseThrow();
        programs.make(
                ines,
                woman,
                yesterday,
                List.of(Goal.KEEP_ACTIVE),
                new Rhythm(
                        1,
                        Set.of(DayOfWeek.WEDNESDAY, DayOfWeek.THURSDAY),
                        10,
                        List.of(new Rhythm.PlannedVisit(TODAY.plusDays(2), 45))),
                key());
        long session = practices.of(her, yesterday).orElseThrow().stored().id();
        assertThat(opened().select("#morning")).isEmpty();
        Map<String, String> hurt = new LinkedHashMap<>(Map.of(
                "kind",
                "TROUBLE",
                "told",
                "HURT",
                "session",
                "" + session,
                "place",
                "KNEE",
                "pain",
                "3",
                "formKey",
                key()));
        hurt.put("day", yesterday.toString());
        isKept(sent(hurt));
        Map<String, String> morning = form("MORNING");
        assertThat(morning.get("session")).isEqualTo("" + session);
        morning.put("pain", "11");
        isRefused(sent(morning), "Pain is given from 0 to 10.");
        morning.put("pain", "4");
        isKept(sent(morning));
        assertThat(opened().select("#morning")).isEmpty();
        assertThat(safety.painsOf(woman))
                .anyMatch(told -> told.amount() == 4 && told.on().equals(TODAY));
        morning.put("pain", "0");
        morning.put("formKey", key());
        isKept(sent(morning));
        assertThat(safety.painsOf(woman)).noneMatch(told -> told.amount() == 0);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            MOVE | line | 199 | told | DONE | This exercise is not in your practice.
            MOVE | line | 0 | told | DOMED | This cannot be read. Open the page again.
            MOVE | line | 0 | told | HURT+pain=11 | Pain is given from 0 to 10.
            MOVE | line | 0 | told | DONE+counted=9999 | At most 600 can be counted; this is 9999.
            DONE | told | SOME | line | | This cannot be read. Open the page again.
            DONE | told | ALL | session | 999999999 | This practice is not one of yours.
            TROUBLE | told | HURT | pain | -1 | Pain is given from 0 to 10.
            SIGN | told | NOTHING | line | | This cannot be read. Open the page again.
            QUESTION | text | | line | | Write something first.
            DANCE | told | ALL | line | | This cannot be read. Open the page again.
            """)
    void refusesWhatMakesNoSenseInAWholeSentence(
            String kind, String field, String value, String other, String second, String why) throws Exception {
        practice();
        List<String> more = new ArrayList<>(List.of(field, value == null ? "" : value));
        if (second != null) {
            String[] parts = second.split("\\+");
            more.addAll(List.of(other, parts[0]));
            if (parts.length > 1) {
                more.addAll(List.of(parts[1].split("=")));
            }
        }
        Map<String, String> fields = new LinkedHashMap<>(form("HOW"));
        fields.put("kind", kind);
        for (int at = 0; at < more.size(); at += 2) {
            fields.put(more.get(at), more.get(at + 1));
        }
        isRefused(sent(fields), why);
    }

    /** Of an exercise nobody does more than was asked, however much is sent. */
    @Test
    void nobodyDoesMoreThanWasAsked() throws Exception {
        long session = practice();
        Map<String, String> fields = new LinkedHashMap<>(form("HOW"));
        fields.putAll(Map.of("kind", "MOVE", "line", "0", "told", "DONE", "counted", "600"));
        isKept(sent(fields));
        StoredResponse.How how = sessions.responsesIn(session).get(0).how();
        assertThat(how.done()).isPositive().isLessThan(600).isEqualTo(how.asked());
    }

    @Test
    void takesAnotherWomansPracticeForNone() throws Exception {
        long hers = practice();
        Woman other = askedWoman("Other");
        address = "/home/" + links.make(other, HomeLink.LinkPurpose.HOME, ines.account(), TODAY, key());
        isRefused(
                sent(Map.of("kind", "DONE", "told", "ALL", "session", "" + hers, "formKey", key())),
                "This practice is not one of yours.");
        assertThat(mvc.perform(get(address + "/figures/" + hers + "/0"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
    }

    @Test
    void takesAnswersOfTheLastFortnightByTheirOwnDayAndDoesNotBelieveAWrongClock() throws Exception {
        Map<String, String> question = form("QUESTION");
        question.put("text", "May I swim?");
        question.put("day", TODAY.minusDays(14).toString());
        question.put("at", "2099-01-01T00:00:00Z");
        isKept(sent(question));
        question.put("formKey", key());
        question.put("day", TODAY.minusDays(15).toString());
        isRefused(
                sent(question),
                "This is from 16 Jun 2027. Only the last 14 days are taken here; tell your instructor.");
        String told = page("/people/" + woman.id() + "/from-home");
        assertThat(told)
                .contains("May I swim?", "17 Jun 2027", "1 Jul 2027, 00:30")
                .doesNotContain("2099");
    }

    /** Her phone may give the evening before, where its zone is behind; not two days before the day she tells of. */
    @ParameterizedTest
    @CsvSource({"2027-06-27T00:00:00Z, '27 Jun 2027, 01:00'", "2027-06-26T23:59:59Z, '1 Jul 2027, 00:30'"})
    void believesHerPhoneFromTheDayBeforeOn(String told, String shown) throws Exception {
        Map<String, String> question = form("QUESTION");
        question.put("text", "May I row?");
        question.put("day", "2027-06-28");
        question.put("at", told);
        isKept(sent(question));
        assertThat(page("/people/" + woman.id() + "/from-home")).contains("May I row?", shown);
    }

    @Test
    void aQuestionIsAnsweredOnceAndTheAnswerStandsOnHerPage() throws Exception {
        isKept(tell("QUESTION", "text", "May I <b>dive</b>?"));
        isRefused(tell("QUESTION", "text", "x".repeat(301)), "At most 300 characters; this has 301. Shorten it.");
        assertThat(tell("QUESTION", "text", "x".repeat(1_000_001)).getStatus()).isIn(413, 422);
        String record = "/people/" + woman.id() + "/from-home";
        assertThat(news()).contains("Asks: “May I <b>dive</b>?”");
        assertThat(Jsoup.parse(page(record)).select("strong").eachText()).contains("May I <b>dive</b>?");
        String reply =
                Jsoup.parse(page(record)).selectFirst("form[action$=/reply]").attr("action");
        assertThat(body(set(rendered(record, reply), "words", " "))).contains("Fill this in.");
        send(set(rendered(record, reply), "words", "From week 8, yes."));
        assertThat(opened().selectFirst("#ask").text())
                .contains("May I <b>dive</b>?", "Ines answered on 1 Jul:", "From week 8, yes.");
        assertThat(body(post(reply).param("formKey", key()).param("words", "Again")))
                .contains("This question was answered already");
        assertThat(as(stranger(), post(reply).param("formKey", key()).param("words", "No"))
                        .getStatus())
                .isEqualTo(404);
        send(rendered(record, record + "/seen"));
        assertThat(news()).isEmpty();
        isKept(tell("QUESTION", "text", "y".repeat(300)));
        String hers =
                Jsoup.parse(page(record)).selectFirst("form[action$=/reply]").attr("action");
        String another = hers.replaceFirst(
                "/people/\\d+/", "/people/" + newWoman("Another").id() + "/");
        send(post(another).param("formKey", key()).param("words", "Said under another name"));
        assertThat(page(record)).doesNotContain("Said under another name");
    }

    /** What went well where nobody watched moves nothing on, and counts for the review. */
    @Test
    void nothingSheDoesWellMovesALadder() throws Exception {
        var before = client().standing();
        long session = practice();
        isKept(tell("DONE", "told", "ALL"));
        isKept(tell("EFFORT", "told", "TOO_EASY"));
        assertThat(client().standing()).usingRecursiveComparison().isEqualTo(before);
        assertThat(sessions.find(woman.id(), session).orElseThrow().stored().taughtOn())
                .isEqualTo(TODAY);
        assertThat(sessions.latest(woman.id())).isEmpty();
        assertThat(page("/people/" + woman.id() + "/program")).contains("done at home");
    }

    /** Judged on the day, as often as she opens it, until she has begun; gone when the plan has none. */
    @Test
    void aPracticeFollowsTheRecordUntilSheHasBegunIt() throws Exception {
        long session = practice();
        plan(Set.of(DayOfWeek.THURSDAY), 6);
        assertThat(practice()).isEqualTo(session);
        assertThat(opened().selectFirst("#today").text()).contains("About 6 minutes");
        plan(Set.of(DayOfWeek.FRIDAY), 10);
        assertThat(opened().select("#player")).isEmpty();
        assertThat(opened().selectFirst("#today").text()).contains("No practice is planned for today.");
        isKept(sent(Map.of("kind", "DONE", "told", "PART", "session", "" + session, "formKey", key())));
        plan(Set.of(DayOfWeek.THURSDAY), 10);
        assertThat(opened().selectFirst("#today").text()).contains("Done for today.", "About 6 minutes");
    }

    /** She comes on Friday; at home she practises on Saturday again. */
    @Test
    void saysWhenThereIsSomethingToDoAtHomeAgain() throws Exception {
        plan(Set.of(DayOfWeek.SATURDAY), 15);
        assertThat(opened().selectFirst("#today").text())
                .contains("Saturday", "15 minutes")
                .doesNotContain("Friday");
    }

    @Test
    void anExerciseBeyondTheLastIsNone() throws Exception {
        long session = practice();
        int lines = sessions.find(woman, session).orElseThrow().plan().items().size();
        for (int line : List.of(lines - 1, lines, lines + 1)) {
            assertThat(mvc.perform(get(address + "/figures/" + session + "/" + line))
                            .andReturn()
                            .getResponse()
                            .getStatus())
                    .isEqualTo(line < lines ? 200 : 404);
        }
    }

    /** What came last stands first among what nobody has seen. */
    @Test
    void theLatestNewsIsToldFirst() throws Exception {
        isKept(tell("QUESTION", "text", "Earlier one", "at", "2027-06-30T20:00:00Z"));
        isKept(tell("QUESTION", "text", "Later one", "at", "2027-06-30T22:00:00Z"));
        assertThat(news()).contains("Later one", "1 more").doesNotContain("Earlier one");
    }

    @Test
    void fitsHerMomentsToHerDays() throws Exception {
        assertThat(opened().selectFirst("#today").text()).doesNotContain("At the desk, once an hour");
        isKept(tell("DAYS", "days", "DESK_WORK,STAIRS"));
        assertThat(opened().selectFirst("#today").text())
                .contains("At the desk, once an hour", "On the stairs: the whole foot on the step");
        assertThat(opened().select("#today input[name=days][checked]")).hasSize(2);
        isRefused(tell("DAYS", "days", "FLYING"), "This cannot be read. Open the page again.");
    }

    /** Without a script a form leads back to her page, and one that is refused says why on top. */
    @Test
    void worksWithoutAScript() throws Exception {
        Map<String, String> fields = form("QUESTION");
        MockHttpServletRequestBuilder empty = post(address).header("Accept", "text/html");
        fields.forEach(empty::param);
        MockHttpServletResponse refused = mvc.perform(empty).andReturn().getResponse();
        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(Jsoup.parse(refused.getContentAsString())
                        .selectFirst("[role=alert]")
                        .text())
                .isEqualTo("Write something first.");
        MockHttpServletRequestBuilder safe = post(address).header("Accept", "text/html");
        form("SAFE").forEach(safe::param);
        safe.param("told", "NONE");
        assertThat(mvc.perform(safe).andReturn().getResponse().getRedirectedUrl())
                .isEqualTo(address);
        assertThat(opened().body().attr("data-answered")).isEqualTo("true");
    }
}
