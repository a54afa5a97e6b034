package openbloom.app.session;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import openbloom.app.PageTest;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.system.FormReader;
import openbloom.core.Problem;
import openbloom.core.moves.DoseStage;
import openbloom.core.moves.Move;
import openbloom.core.session.Format;
import openbloom.core.session.Outline;
import openbloom.core.session.Part;
import openbloom.core.session.Place;
import openbloom.core.verdict.Judgement;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A composed session is changed line by line: judged, timed and kept anew each time, and every change can be taken back. */
class EditPagesTest extends PageTest {
    @Autowired
    private Sessions sessions;

    @Autowired
    private SessionEdits edits;

    @Autowired
    private Judgements judgements;

    private Woman woman;
    private String here;
    private long id;

    @BeforeEach
    void compose() throws Exception {
        woman = askedWoman("Edit");
        here = send(post("/people/" + woman.id() + "/sessions")
                        .param("formKey", key())
                        .param("minutes", "25"))
                .getRedirectedUrl();
        id = sessions.latest(woman.id()).orElseThrow();
    }

    private List<String> moves() {
        return sessions.find(woman, id).orElseThrow().plan().rows().stream()
                .map(row -> row.item().moveId())
                .toList();
    }

    private MockHttpServletRequestBuilder edit(String act, int item) {
        return post(here + "/edit")
                .param("version", String.valueOf(edits.latest(id).version()))
                .param("act", act)
                .param("item", String.valueOf(item));
    }

    @Test
    void movesDosesSwapsTakesOutAndAddsAndTakesItAllBack() throws Exception {
        List<String> composed = moves();
        send(edit("DOWN", 3));
        assertThat(moves().get(4)).isEqualTo(composed.get(3));
        send(edit("DOSE", 3).param("sets", "3").param("amount", "5"));
        assertThat(sessions.find(woman, id)
                        .orElseThrow()
                        .plan()
                        .rows()
                        .get(3)
                        .item()
                        .amount()
                        .sets())
                .isEqualTo(3);
        send(edit("REMOVE", 4));
        assertThat(moves()).doesNotContain(composed.get(3));
        send(post(here + "/edit").param("version", "3").param("act", "ADD").param("move", "seated trunk nothing"));
        assertThat(edits.latest(id).version()).as("no such exercise").isEqualTo(3);
        send(edit("ADD", 0).param("move", "Hip hitch, sitting"));
        assertThat(moves()).contains("hip-hitch");
        send(edit("NOTE", 3).param("words", "slowly"));
        assertThat(page(here)).contains("slowly");
        assertThat(page(here + "/edit")).contains("Version 5", "note");
        for (int i = 0; i < 5; i++) {
            send(edit("UNDO", 0));
        }
        assertThat(moves()).isEqualTo(composed);
        assertThat(body(edit("UNDO", 0))).contains("Nothing to take back");
        assertThat(edits.of(id)).as("taking back is a version, too").hasSize(10);
    }

    @ParameterizedTest
    @CsvSource({"39, true", "40, false"})
    void aSessionHasFortyLinesAndNoMore(int lines, boolean room) {
        Judgement judgement = judgements.of(woman, TODAY, Place.STUDIO);
        Move breath =
                judgement.catalogue().meant("Lying breath, even all round").orElseThrow();
        Outline.OutlineLine line =
                new Outline.OutlineLine(breath, Part.WORK, breath.doseAt(DoseStage.values()[0]), 0, "", "");
        FormReader typed = new FormReader();
        EditForm add = new EditForm("0", "ADD", null, null, breath.name(), null, null, null);
        assertThat(add.apply(
                                typed,
                                EditForm.Act.ADD,
                                new Outline(Collections.nCopies(lines, line), Format.usual(45)),
                                judgement)
                        .map(change -> change.outline().entries().size()))
                .isEqualTo(room ? Optional.of(40) : Optional.empty());
        assertThat(typed.problems())
                .extracting(Problem::key)
                .isEqualTo(room ? List.of() : List.of("session.tooManyLines"));
    }

    @Test
    void swapsForAMoveOfTheSamePurposeThatPasses() throws Exception {
        String page = page(here + "/instead?item=3");
        assertThat(page).contains("Of the same purpose, passing for her today");
        String other = page.split("name=\"move\" value=\"")[1].split("\"")[0];
        send(edit("SWAP", 3).param("move", other));
        assertThat(moves().get(3)).isEqualTo(other);
    }

    @Test
    void aBrokenLineNeedsAReasonAndAShutOneStaysShut() throws Exception {
        String refused = body(edit("ADD", 0).param("move", "Sit-up"));
        assertThat(refused).contains("say why in");
        assertThat(edits.latest(id).version()).isZero();
        send(edit("ADD", 0).param("move", "Sit-up").param("words", "shown once, not done"));
        assertThat(page(here)).contains("In against a rule because: shown once, not done");
        send(post("/people/" + woman.id() + "/safe").param("formKey", key()).param("signs", "CHEST_PAIN"));
        assertThat(body(edit("ADD", 0).param("move", "Squat").param("words", "she wants to")))
                .contains("No reason opens this");
    }

    /** Ten lifts more than are prescribed, and what pulls on an open wound: no reason opens either. */
    @Test
    void noReasonOpensMoreLiftsThanPrescribedOrAnOpenWound() throws Exception {
        String lifts = "";
        for (int i = 0; i < 6 && lifts.isEmpty(); i++) {
            MockHttpServletResponse answer =
                    send(edit("ADD", 0).param("move", "Hold for two breaths").param("words", "she asked for it"));
            lifts = answer.getStatus() == 422 ? answer.getContentAsString() : "";
        }
        assertThat(lifts).contains("More lifts of the pelvic floor than the", "No reason opens this");

        send(set(born(), "name", "Wound " + key())
                .param("birthDate", TODAY.minusWeeks(7).toString())
                .param("birthKind", "CAESAREAN")
                .param("tear", "NONE")
                .param("woundClosed", "NO"));
        Woman open = people.page(ines, "Wound ", 0).women().get(0);
        send(rendered("/people/" + open.id() + "/safe", "/people/" + open.id() + "/safe")
                .param("noSign", "yes")
                .param("noSymptom", "yes"));
        String hers = send(post("/people/" + open.id() + "/sessions")
                        .param("formKey", key())
                        .param("minutes", "20"))
                .getRedirectedUrl();
        String refused = body(post(hers + "/edit")
                .param("version", "0")
                .param("act", "ADD")
                .param("item", "0")
                .param("move", "Inverted V stretch, heels wide")
                .param("words", "she feels fine"));
        assertThat(refused).contains("No reason opens this");
    }

    @Test
    void refusesWhatMakesNoSenseAndASecondTab() throws Exception {
        assertThat(body(edit("DOSE", 1).param("sets", "400").param("amount", "5")))
                .contains("Give a whole number from 1 to 10");
        assertThat(body(edit("DOSE", 1).param("sets", "2").param("amount", "400")))
                .contains("Give a whole number from 1 to 60");
        assertThat(body(edit("FLY", 1))).contains("is not one of the choices");
        assertThat(body(edit("UP", 99))).contains("Give a whole number");
        assertThat(body(edit("NOTE", 1).param("words", "x".repeat(301)))).contains("At most 300 characters");
        MockHttpServletRequestBuilder otherTab = edit("UP", 3);
        send(edit("DOWN", 2));
        List<String> now = moves();
        assertThat(body(otherTab)).contains("changed elsewhere meanwhile");
        assertThat(moves()).isEqualTo(now);
    }

    @Test
    void aFlowIsKeptAndJudgedAnewForAnother() throws Exception {
        send(post(here + "/flow").param("name", "Mine " + id));
        assertThat(body(post(here + "/flow").param("name", "Mine " + id))).contains("is called");
        Woman other = askedWoman("Flow");
        assertThat(page("/people/" + other.id() + "/flows"))
                .contains("Mine " + id, "First visit after birth", "Hips and back", "One side, then the other");
        MockHttpServletResponse made = send(post("/people/" + other.id() + "/flows")
                .param("formKey", key())
                .param("flow", "Second trimester, two rounds"));
        assertThat(page(made.getRedirectedUrl())).contains("Template “Second trimester, two rounds”", "round 2");
        assertThat(body(post("/people/" + other.id() + "/flows")
                        .param("formKey", key())
                        .param("flow", "Gone")))
                .contains("There is no template");
        assertThat(send(post("/people/" + other.id() + "/flows/remove").param("flow", "Mine " + id))
                        .getStatus())
                .isEqualTo(302);
    }

    @Test
    void answersWhyAMoveIsNotInIt() throws Exception {
        assertThat(page(here + "/why?move=Sit-up")).contains("Sit-up is");
        assertThat(page(here + "/why?move=Nothing")).contains("There is no exercise of that name");
    }

    @Test
    void isNothingForAStrangerAndShutOnceTaught() throws Exception {
        isNothingForAStranger(here + "/edit");
        assertThat(as(
                                stranger(),
                                org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get(
                                        here + "/instead"))
                        .getStatus())
                .isEqualTo(404);
        send(post(here + "/finish"));
        assertThat(send(edit("UP", 3)).getStatus()).isEqualTo(409);
    }

    @Test
    void pinsKeepsOutAndPrintsForHer() throws Exception {
        String first = moves().get(2);
        String second = moves().get(3);
        send(edit("PIN", 2));
        send(edit("BAN", 3));
        assertThat(moves()).contains(first).doesNotContain(second);
        String her = "/people/" + woman.id();
        assertThat(page(her + "/wanted")).contains("always include: in every session", "never include");
        String next = send(post(her + "/sessions").param("formKey", key()).param("minutes", "25"))
                .getRedirectedUrl();
        id = sessions.latest(woman.id()).orElseThrow();
        assertThat(moves()).contains(first).doesNotContain(second);
        assertThat(page(next + "/sheet")).contains("☐").doesNotContain("PREG-", "Source:");
        MockHttpServletRequestBuilder heavy = rendered(her + "/wanted", "/wanted");
        set(set(set(heavy, "move", "Squat"), "kind", "USUAL"), "kilograms", "heavy");
        assertThat(body(heavy)).contains("Kilograms from 0 to 400", "value=\"heavy\"");
        MockHttpServletRequestBuilder light = rendered(her + "/wanted", "/wanted");
        send(set(set(set(light, "move", "Squat"), "kind", "USUAL"), "kilograms", "12,5"));
        assertThat(body(set(heavy, "kilograms", "14")))
                .as("another window was faster")
                .contains("Ines changed this after the page was opened", "value=\"14\"", "12.5 kg");
        assertThat(page(her + "/wanted")).contains("12.5 kg");
        String card = send(post(her + "/sessions")
                        .param("formKey", key())
                        .param("minutes", "30")
                        .param("kind", "GYM_CARD"))
                .getRedirectedUrl();
        assertThat(page(card)).contains("A card for the gym", "Squat");
        isNothingForAStranger(her + "/wanted");
    }
}
