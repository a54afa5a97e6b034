package openbloom.app.checks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.util.Arrays;
import openbloom.app.PageTest;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.core.program.Place;
import openbloom.core.verdict.ImpactTests;
import openbloom.core.verdict.Verdict;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** What a body check finds is read by the rules at once. */
class BodyCheckTest extends PageTest {
    @Autowired
    private Judgements judgements;

    private Woman woman;

    @BeforeEach
    void askHer() throws Exception {
        String name = "Bea " + key();
        send(intake(name));
        woman = people.search(ines, name).get(0);
        send(post(at("/safe")).param("formKey", key()).param("noSign", "yes").param("noSymptom", "yes"));
    }

    @Test
    void aTightFloorAndAHardRaiseHoldBackWhatTheyShould() throws Exception {
        assertThat(send(form("TIGHT", "3", "2")).getRedirectedUrl()).isEqualTo(at("/checks"));
        assertThat(verdict("flick-one").hasReason("PF-TIGHT")).isTrue();
        assertThat(verdict("split-squat").hasReason("PGP-ASLR")).isTrue();
        assertThat(page(at("/journey"))).contains("straight leg raise 5 of 10");
        assertThat(page(at("/checks"))).contains("tight: does not let go");
    }

    @Test
    void passedReturnTestsMeetTheirGate() throws Exception {
        MockHttpServletRequestBuilder form = form("TYPICAL", "", "");
        Arrays.stream(ImpactTests.Test.values()).forEach(test -> form.param("tests", test.name()));
        assertThat(send(form).getStatus()).isEqualTo(302);
        var client = judgements.of(woman, LocalDate.now(), Place.STUDIO).facts().client();
        assertThat(client.impactTests().allPassed()).isTrue();
    }

    @Test
    void tellsWhatIsWrongAndKeepsNothing() throws Exception {
        assertThat(body(form("TIGHT", "7", "2")))
                .contains("Give a whole number from 0 to 5")
                .contains("value=\"7\"");
        assertThat(body(form("TIGHT", "3", ""))).contains("Score both legs, or neither");
        assertThat(body(set(form("TIGHT", "3", "2"), "tone", "PURPLE"))).contains("is not one of the choices");
        assertThat(verdict("flick-one").hasReason("PF-TIGHT")).isFalse();
    }

    private MockHttpServletRequestBuilder form(String tone, String left, String right) {
        return post(at("/checks/body"))
                .param("formKey", key())
                .param("breath", "EVEN")
                .param("tone", tone)
                .param("letsGo", "NO")
                .param("pain", "NO")
                .param("leftRaise", left)
                .param("rightRaise", right);
    }

    private String at(String page) {
        return "/people/" + woman.id() + page;
    }

    private Verdict verdict(String move) {
        var judgement = judgements.of(woman, LocalDate.now(), Place.STUDIO);
        return judgement.of(judgement.catalogue().get(move));
    }
}
