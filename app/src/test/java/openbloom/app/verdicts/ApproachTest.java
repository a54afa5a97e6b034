package openbloom.app.verdicts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import openbloom.app.PageTest;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.core.record.ApproachChoice;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Approach per woman, "Can she …?" and the week slider. */
class ApproachTest extends PageTest {
    @Autowired
    private RecordReader records;

    @Test
    void showsWhatWouldChangeBeforeItIsKeptAndThenFollowsIt() throws Exception {
        Woman her = newWoman("Ada Approach");
        String address = "/people/" + her.id() + "/approach";
        String look = send(post(address + "/look").param("A8", "NONE_FROM_18")).getContentAsString();
        assertThat(look).contains("Heel slide").contains("Swap");
        assertThat(send(post(address + "/look").param("A8", "LIMITED_FROM_20_NONE_FROM_28"))
                        .getContentAsString())
                .contains("every exercise keeps its verdict");
        assertThat(records.approachOf(people.find(ines, her.id()).orElseThrow()).is(ApproachChoice.NONE_FROM_18))
                .isFalse();

        assertThat(send(post(address).param("version", "1").param("A8", "NONE_FROM_18"))
                        .getStatus())
                .isEqualTo(302);
        assertThat(records.approachOf(people.find(ines, her.id()).orElseThrow()).is(ApproachChoice.NONE_FROM_18))
                .isTrue();
        assertThat(body(post(address).param("version", "1").param("A8", "BY_SYMPTOMS")))
                .contains("Somebody else changed");
        assertThat(page(address + "?preset=SPORT_AND_GYM")).contains("value=\"BY_SYMPTOMS\" checked");
    }

    @Test
    void answersCanSheWithConditionsAndAnEarliestDate() throws Exception {
        String rhona = "/people/" + people.page(ines, "rhona", 0).women().get(0).id();
        String running = page(rhona + "/can?wish=RUNNING");
        assertThat(running)
                .contains("the return tests passed")
                .contains("No earlier than")
                .contains("Step-over")
                .contains("by family doctor");
        assertThat(page(rhona + "/can?move=curl-up"))
                .contains("a recovered gap")
                .contains("Head lift with connect");
    }

    @Test
    void showsAWeekOfTheSeasonWithoutThePage() throws Exception {
        String corin = "/people/" + people.page(ines, "corin", 0).women().get(0).id();
        String week30 = page(corin + "/journey/week?week=30");
        assertThat(week30).contains("30 weeks + 0").doesNotContain("<html");
        assertThat(page(corin + "/journey/week?week=28"))
                .contains("No work on the back from this week by her approach");
        assertThat(page(corin + "/journey/week?week=50")).contains("as if she gives birth on her due date");
        assertThat(page(corin + "/journey/week?week=x")).contains("22 weeks + 4");
        assertThat(page(corin + "/journey")).contains("3rd trimester").contains("type=\"range\"");
    }
}
