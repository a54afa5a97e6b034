package openbloom.app.feedback;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import openbloom.app.PageTest;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.app.session.LadderDecisions;
import openbloom.app.session.Sessions;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.progress.Decision;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** What was noted while teaching becomes a proposal; it is accepted or overruled with a reason, and it counts. */
class FeedbackPagesTest extends PageTest {
    @Autowired
    private LadderDecisions decisions;

    @Autowired
    private LadderPages ladders;

    @Autowired
    private RecordReader records;

    @Autowired
    private Sessions sessions;

    private Woman taught(String noted) throws Exception {
        Woman woman = askedWoman("Response");
        String session = send(post("/people/" + woman.id() + "/sessions")
                        .param("formKey", key())
                        .param("minutes", "30"))
                .getRedirectedUrl();
        int items = sessions.of(woman.id()).get(0).plan().items().size();
        for (int item = 0; item < items; item++) {
            for (String told : noted.split(" ")) {
                send(post(session + "/responses")
                        .param("formKey", key())
                        .param("item", Integer.toString(item))
                        .param("told", told));
            }
        }
        send(post(session + "/finish").param("effort", "RIGHT"));
        return woman;
    }

    private LadderPages.LadderLine first(Woman woman) {
        return ladders.of(woman, TODAY).get(0);
    }

    private MockHttpServletRequestBuilder answer(Woman woman, String rung, String because) {
        LadderPages.LadderLine line = first(woman);
        String name = line.strand().name();
        return post("/people/" + woman.id() + "/response")
                .param("formKey", key())
                .param(
                        "proposed-" + name,
                        line.proposal().decision() + " " + line.proposal().rung())
                .param("rung-" + name, rung)
                .param("because-" + name, because);
    }

    private List<LadderDecisions.DecisionMade> made(Woman woman) {
        return decisions.ofAll(List.of(woman.id())).getOrDefault(woman.id(), List.of());
    }

    @Test
    void proposesTheWholeDoseAfterOneGoodDayAndToGoDownAfterDoming() throws Exception {
        Woman well = taught("DONE");
        assertThat(first(well).proposal().decision())
                .as("from two thirds to the whole")
                .isEqualTo(Decision.UP);
        assertThat(first(well).proposal().step()).isEqualTo(2);
        assertThat(first(well).proposal().rung()).isEqualTo(first(well).rung());
        Document shown = Jsoup.parse(page("/people/" + well.id() + "/response"));
        assertThat(shown.text()).contains("a good day: the whole dose next");
        assertThat(shown.select("[name=rung-" + first(well).strand() + "]").val())
                .isEqualTo(String.valueOf(first(well).proposal().rung()));
        Woman domed = taught("DONE DOMED");
        assertThat(ladders.of(domed, TODAY)).allMatch(line -> line.proposal().decision() == Decision.DOWN);
    }

    @Test
    void countsFromThenOnWhatWasAcceptedOrOverruledWithAReason() throws Exception {
        Woman woman = taught("DONE");
        LadderPages.LadderLine line = first(woman);
        int higher = Math.min(line.top(), line.proposal().rung() + 1);
        assertThat(as(ines, answer(woman, Integer.toString(higher), "")).getStatus())
                .as("another level without a reason")
                .isEqualTo(422);
        assertThat(made(woman)).isEmpty();
        send(answer(woman, Integer.toString(higher), "she does this at home already"));
        assertThat(made(woman)).hasSize(1);
        ExerciseGroup strand = line.strand();
        assertThat(records.clientOn(woman, TODAY).standing().rungs()).containsEntry(strand, higher - 1);
        assertThat(page("/people/" + woman.id() + "/response"))
                .contains("Decided before", "overruled: she does this at home already");
        assertThat(ladders.of(woman, TODAY))
                .as("decided is decided until something new is noted")
                .noneMatch(other -> other.strand() == strand);
    }

    @Test
    void refusesAStaleProposalAndAnImpossibleRung() throws Exception {
        Woman woman = taught("DONE");
        String name = first(woman).strand().name();
        MockHttpServletRequestBuilder stale = post("/people/" + woman.id() + "/response")
                .param("formKey", key())
                .param("proposed-" + name, "UP 9")
                .param("rung-" + name, "1");
        assertThat(as(ines, stale).getStatus()).isEqualTo(422);
        assertThat(as(ines, answer(woman, "99", "why not")).getStatus()).isEqualTo(422);
        assertThat(as(ines, answer(woman, "", "")).getStatus()).isEqualTo(422);
        assertThat(made(woman)).isEmpty();
    }

    @Test
    void isNothingForAnotherStudio() throws Exception {
        Woman woman = taught("DONE");
        isNothingForAStranger("/people/" + woman.id() + "/response");
        assertThat(made(woman)).isEmpty();
    }

    /** Two people decide about the same proposal: the second is told, and what she typed is shown. */
    @Test
    void theSecondOfTwoDecisionsIsToldAndNotLost() throws Exception {
        Woman woman = taught("DONE");
        String page = "/people/" + woman.id() + "/response";
        String name = first(woman).strand().name();
        MockHttpServletRequestBuilder slow = set(rendered(page, "/response"), "rung-" + name, "2");
        set(slow, "because-" + name, "seen at home");
        send(rendered(page, "/response"));
        int decided = made(woman).size();
        assertThat(decided).isPositive();
        assertThat(body(slow)).contains("Ines changed this after the page was opened", "level 2, “seen at home”");
        assertThat(made(woman)).hasSize(decided);
        assertThat(body(post(page).param("formKey", key())))
                .as("sent empty")
                .contains("Nothing was sent along of what was proposed");
    }
}
