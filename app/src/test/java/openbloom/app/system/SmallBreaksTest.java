package openbloom.app.system;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import openbloom.app.PageTest;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.gap.GapChecks;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.session.Sessions;
import openbloom.app.studio.SignedIn;
import openbloom.core.gap.Method;
import openbloom.core.moves.Equipment;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Question;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.session.History;
import openbloom.core.session.Place;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Small breaks that once went unseen: access across women and studios, and facts that quietly stopped counting. */
class SmallBreaksTest extends PageTest {

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private Judgements judgements;

    @Autowired
    private SafetyService safety;

    @Autowired
    private GapChecks gaps;

    @Autowired
    private Sessions sessions;

    private Woman woman;
    private String her;

    @BeforeEach
    void askHer() throws Exception {
        woman = askedWoman("Small");
        her = "/people/" + woman.id();
    }

    private Judgement judged(Place place) {
        return judgements.of(people.find(ines, woman.id()).orElseThrow(), TODAY, place);
    }

    private long session() throws Exception {
        String led = send(post(her + "/sessions").param("formKey", key()).param("minutes", "15"))
                .getRedirectedUrl();
        return Long.parseLong(led.substring(led.lastIndexOf('/') + 1));
    }

    /** Pain is the woman's who told it; who is stopped, and how well hands repeat, is the studio's. */
    @Test
    void painStopsAndHandsStayWhereTheyBelong() throws Exception {
        Woman other = askedWoman("Other small");
        send(post("/people/" + other.id() + "/safe")
                .param("formKey", key())
                .param("noSign", "yes")
                .param("symptoms", "PELVIC_PAIN")
                .param("pain.floor", "7"));
        assertThat(safety.painsOf(other)).hasSize(1);
        assertThat(safety.painsOf(woman)).isEmpty();
        assertThat(sessions.hasTaught(woman.id())).as("others were taught").isFalse();
        assertThat(sessions.history(woman.id())).isEqualTo(History.NONE);
        SignedIn sif = stranger();
        assertThat(safety.stoppedIn(ines.studioId())).isNotEmpty();
        assertThat(safety.stoppedIn(sif.studioId())).isEmpty();
        assertThat(gaps.repeatability(ines.studioId(), ines.accountId(), Method.FINGERS)
                        .basis())
                .doesNotContain("working value");
        assertThat(gaps.repeatability(sif.studioId(), sif.accountId(), Method.FINGERS)
                        .basis())
                .contains("working value");
        assertThat(gaps.repeatabilityOfMeans(sif.studioId(), sif.accountId(), Method.FINGERS, 3)
                        .basis())
                .contains("working value");
    }

    @Test
    void aSearchNeverLeavesTheStudio() throws Exception {
        String search = "/people?q=" + woman.name().substring(woman.name().lastIndexOf(' ') + 1);
        assertThat(page(search)).contains(woman.name());
        assertThat(as(stranger(), get(search)).getContentAsString()).doesNotContain(woman.name());
        assertThat(as(stranger(), get("/")).getContentAsString()).doesNotContain(woman.name());
        assertThat(as(stranger(), get("/moves?woman=" + woman.id())).getStatus())
                .isEqualTo(404);
        for (String any : List.of(
                "",
                "/edit",
                "/journey",
                "/checks",
                "/exercise-check",
                "/session",
                "/safe",
                "/floor",
                "/bench",
                "/can",
                "/approach")) {
            isNothingForAStranger(her + any);
        }
    }

    @Test
    void anotherWomansSessionCheckOrVisitIsNotHers() throws Exception {
        long session = session();
        send(post(her + "/checks/breath").param("formKey", key()).param("zone-BELLY", "FULL"));
        long sheet = jdbc.queryForObject("select max(id) from sheet where woman_id = ?", Long.class, woman.id());
        send(post(her + "/visits")
                .param("formKey", key())
                .param("on", TODAY.plusDays(1).toString())
                .param("at", "10:00"));
        long visit = jdbc.queryForObject("select max(id) from visit where woman_id = ?", Long.class, woman.id());
        String other = "/people/" + askedWoman("Neighbour").id();
        assertThat(send(get(other + "/sessions/" + session)).getStatus()).isEqualTo(404);
        assertThat(send(get(other + "/sessions/" + session + "/teach")).getStatus())
                .isEqualTo(404);
        assertThat(send(post(other + "/sessions/" + session + "/finish")).getStatus())
                .isEqualTo(404);
        assertThat(send(get(other + "/checks/breath/" + sheet + "/correct")).getStatus())
                .isEqualTo(404);
        send(post(other + "/visits/" + visit + "/delete"));
        assertThat(page(her + "/journey")).as("her visit is still there").contains("10:00");
        assertThat(send(get(her + "/checks/connect/" + sheet + "/correct")).getStatus())
                .as("a sheet opened as another kind")
                .isEqualTo(404);
    }

    @Test
    void heavinessAndPainInASessionCountAtOnce() throws Exception {
        String session = her + "/sessions/" + session();
        assertThat(symptoms()).as("before").isEqualTo(SymptomReport.none(TODAY));
        told(session, "1", "HEAVY", "");
        told(session, "2", "HURT", "BACK");
        told(session, "3", "HURT", "");
        assertThat(symptoms().has(Symptom.HEAVINESS)).isTrue();
        assertThat(symptoms().has(Symptom.BACK_PAIN)).isTrue();
        assertThat(page(her + "/exercise-check")).contains("hurt in a session");
        send(post(session + "/finish"));
        assertThat(body(post(session + "/responses")
                        .param("formKey", key())
                        .param("item", "1")
                        .param("told", "LEAKED")))
                .contains("This session is finished");
    }

    private SymptomReport symptoms() {
        return judged(Place.STUDIO).facts().client().safety().symptoms();
    }

    private void told(String session, String item, String told, String place) throws Exception {
        var form = post(session + "/responses")
                .param("formKey", key())
                .param("item", item)
                .param("told", told);
        send(place.isEmpty() ? form : form.param("place", place));
    }

    @Test
    void herApproachComesBeforeTheStudios() throws Exception {
        assertThat(chosen()).as("what is usual").isEqualTo(ApproachChoice.TWO_FINGERS);
        assertThat(send(post("/studio/approach").param("version", version()).param("preset", "STRUCTURED_STRENGTH"))
                        .getStatus())
                .isEqualTo(302);
        try {
            assertThat(chosen()).as("her studio's").isEqualTo(ApproachChoice.FUNCTIONAL);
            assertThat(send(post(her + "/approach")
                                    .param("version", "1")
                                    .param("A1", ApproachChoice.MILLIMETRE_NORMS.name()))
                            .getStatus())
                    .isEqualTo(302);
            assertThat(chosen()).as("her own").isEqualTo(ApproachChoice.MILLIMETRE_NORMS);
        } finally {
            send(post("/studio/approach").param("version", version()).param("preset", "GENTLE_COORDINATION"));
        }
    }

    private ApproachChoice chosen() {
        return judged(Place.STUDIO).facts().client().approach().at(Question.A1);
    }

    private String version() {
        return String.valueOf(
                jdbc.queryForObject("select version from studio where id = ?", Integer.class, ines.studioId()));
    }

    @Test
    void homeIsPlannedWithWhatSheHasAtHome() {
        assertThat(judged(Place.HOME).facts().client().equipment()).isEmpty();
        assertThat(judged(Place.STUDIO).facts().client().equipment()).contains(Equipment.BAND, Equipment.DUMBBELL);
        assertThat(judged(Place.HOME).all())
                .filteredOn(verdict -> verdict.kind() == VerdictKind.ADJUST)
                .anySatisfy(verdict -> assertThat(verdict.adjustments()).contains(Adjustment.USE_SUBSTITUTE));
    }

    @ParameterizedTest
    @CsvSource({"LEFT_WEAKER, left weaker", "RIGHT_WEAKER, right weaker"})
    void leftAndRightOfTheFloorAreNotSwapped(String side, String words) throws Exception {
        send(post(her + "/checks/pelvic-floor")
                .param("formKey", key())
                .param("felt", "YES")
                .param("side", side));
        assertThat(page(her + "/checks")).contains(words);
        assertThat(page(her + "/journey")).contains(words);
    }

    /** The weaker side goes first wherever a move is done on one side at a time. */
    @ParameterizedTest
    @CsvSource({"left, LEFT, RIGHT", "right, RIGHT, LEFT"})
    void theWeakerSideGoesFirstInTheSession(String weaker, String first, String second) throws Exception {
        String stronger = weaker.equals("left") ? "right" : "left";
        send(post(her + "/checks/sides")
                .param("formKey", key())
                .param("control-FLOAT_ONE_LEG-" + weaker, "1")
                .param("smoothness-FLOAT_ONE_LEG-" + weaker, "1")
                .param("control-FLOAT_ONE_LEG-" + stronger, "3")
                .param("smoothness-FLOAT_ONE_LEG-" + stronger, "3"));
        String led = send(post(her + "/sessions").param("formKey", key()).param("minutes", "45"))
                .getRedirectedUrl();
        String taught = page(led + "/teach");
        int one = taught.indexOf("data-side=\"" + first + "\"");
        int other = taught.indexOf("data-side=\"" + second + "\"");
        assertThat(one).isPositive().isLessThan(other);
    }

    @Test
    void aSecondReadingIsOfTodayByHerselfAndOnlyOnce() throws Exception {
        send(gap(her + "/checks/gap", "2.5"));
        long check = jdbc.queryForObject("select max(id) from gap_check where woman_id = ?", Long.class, woman.id());
        String again = her + "/checks/gap/" + check + "/again";
        assertThat(send(gap(again, "3")).getStatus()).isEqualTo(302);
        assertThat(body(gap(again, "1"))).as("a third reading").contains("has been read twice already");
        assertThat(page(her + "/checks")).contains("at most ½ finger apart");
        jdbc.update("update gap_check set checked_on = dateadd(day, -1, checked_on) where woman_id = ?", woman.id());
        assertThat(send(get(again)).getStatus()).as("of another day").isEqualTo(404);
    }

    private static org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder gap(
            String address, String width) {
        return post(address)
                .param("formKey", key())
                .param("width-LIFT-NAVEL-0", width)
                .param("depth-LIFT-NAVEL-0", "SURFACE")
                .param("firmness-LIFT-NAVEL-0", "2");
    }

    @Test
    void sixWeeksAfterAClosedPregnancyLoadWaits() throws Exception {
        send(post(her + "/close-pregnancy")
                .param("formKey", key())
                .param("version", "1")
                .param("endedOn", TODAY.minusDays(1).toString()));
        Woman after = people.find(ines, woman.id()).orElseThrow();
        assertThat(waitsForHerClinician(after, 40)).as("on the 41st day").isTrue();
        assertThat(waitsForHerClinician(after, 43)).as("after six weeks").isFalse();
    }

    private boolean waitsForHerClinician(Woman after, int days) {
        Verdict squat = judgements.of(after, TODAY.plusDays(days), Place.STUDIO).of(move("squat"));
        return squat.kind() == VerdictKind.NOT_YET
                && squat.reasons().stream().anyMatch(reason -> reason.code().startsWith("STOP-REL"));
    }

    private openbloom.core.moves.Move move(String id) {
        return judged(Place.STUDIO).catalogue().get(id);
    }

    /** A reading keeps the millimetres of the breadths it was read with. */
    @Test
    void newFingerBreadthsChangeNoReadingThatIsKept() throws Exception {
        String version = String.valueOf(
                jdbc.queryForObject("select version from account where id = ?", Integer.class, ines.accountId()));
        send(gap(her + "/checks/gap", "2"));
        String before = jdbc.queryForObject(
                "select finger_widths_mm from gap_check where woman_id = ?", String.class, woman.id());
        send(post("/studio/fingers").param("version", version).param("fingers", "20", "40", "60", "80"));
        assertThat(jdbc.queryForObject(
                        "select finger_widths_mm from gap_check where woman_id = ?", String.class, woman.id()))
                .isEqualTo(before)
                .isEqualTo("15,31,47,62");
        assertThat(page(her + "/checks")).contains("2 fingers · 31 mm").doesNotContain("40 mm");
        assertThat(body(post("/studio/fingers").param("version", version).param("fingers", "15", "31", "47", "62")))
                .as("from a window opened before")
                .contains("were changed in another window");
        send(post("/studio/fingers")
                .param("version", String.valueOf(Integer.parseInt(version) + 1))
                .param("fingers", "15", "31", "47", "62"));
    }

    /** A width alone says nothing of depth and floor, and nothing is called progress that was not read. */
    @Test
    void whatWasNotTypedIsNotRead() throws Exception {
        String seen = send(post(her + "/checks/gap/look")
                        .param("width-LIFT-NAVEL-0", "3")
                        .param("depth-LIFT-NAVEL-0", "SECOND_KNUCKLE")
                        .param("firmness-LIFT-NAVEL-0", "1")
                        .param("width-CONNECTED-NAVEL-0", "3"))
                .getContentAsString();
        assertThat(seen).contains("depth not read").doesNotContain("less deep", "sign of progress", "surface");
    }

    /** A studio's own move is a rung of the load check and a move of the record and of the interface. */
    @Test
    void ownMovesCountEverywhere() throws Exception {
        String yaml = """
                moves:
                  - {id: harbour-lift, name: "Harbour lift", strand: limb-load, rung: 9, purpose: limb-load,
                     position: hooklying, midline_load: 4, pressure: 1, sides: both, breath: out, tone: neutral,
                     dose: reps, setup: ["Lie down."], cues: {plain: "Lift."}, watch_for: ["doming"]}
                """;
        String version =
                String.valueOf(jdbc
                        .queryForList(
                                "select version from studio_moves where studio_id = ?", Integer.class, ines.studioId())
                        .stream()
                        .findFirst()
                        .orElse(0));
        assertThat(send(multipart("/moves/own/yaml").param("version", version).param("text", yaml))
                        .getRedirectedUrl())
                .isEqualTo("/moves/own?kept");
        try {
            assertThat(page(her + "/checks/load")).contains("Harbour lift");
            assertThat(page(her + "/exercise-check")).contains("Harbour lift");
            assertThat(send(get("/api/v1/moves/harbour-lift")).getStatus()).isEqualTo(200);
            assertThat(as(stranger(), get("/api/v1/moves/harbour-lift")).getStatus())
                    .isEqualTo(404);
        } finally {
            jdbc.update("delete from studio_moves where studio_id = ?", ines.studioId());
        }
    }

    @Test
    void herSessionsLeadToTheSessionPage() throws Exception {
        assertThat(send(get(her + "/sessions")).getStatus()).isEqualTo(200);
        long session = session();
        assertThat(send(get(her + "/sessions")).getRedirectedUrl()).isEqualTo(her + "/sessions/" + session);
    }

    /** A scan alone dates a pregnancy; so does what she says she is, on the day she says it. */
    @ParameterizedTest
    @CsvSource({
        "ULTRASOUND, scanDate, 14, 10, 3, 12 weeks + 3",
        "STATED, statedOn, 7, 23, 0, 24 weeks + 0",
        "STATED, '', 0, 24, '', 24 weeks + 0"
    })
    void aScanAloneOrWeeksAsToldDateAPregnancy(
            String basis, String on, int daysAgo, String weeks, String days, String now) throws Exception {
        String name = "Dated " + key();
        var form = set(set(intake(name), "basis", basis), "lastPeriod", "");
        String prefix = basis.equals("ULTRASOUND") ? "scan" : "stated";
        form.param(prefix + "Weeks", weeks).param(prefix + "Days", days);
        if (!on.isEmpty()) {
            form.param(on, TODAY.minusDays(daysAgo).toString());
        }
        assertThat(send(form).getStatus()).isEqualTo(302);
        Woman dated = people.page(ines, name, 0).women().get(0);
        assertThat(page("/people/" + dated.id() + "/journey")).contains(now);
        assertThat(page("/people/" + dated.id() + "/edit")).contains("value=\"" + weeks + "\"");
    }
}
