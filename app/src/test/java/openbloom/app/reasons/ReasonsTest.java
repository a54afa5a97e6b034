package openbloom.app.reasons;

import static org.assertj.core.api.Assertions.assertThat;

import openbloom.app.PageTest;
import openbloom.core.evidence.Source;
import openbloom.core.verdict.Rule;
import openbloom.core.verdict.RuleBook;
import org.jsoup.Jsoup;
import org.jsoup.select.Elements;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every rule, source and published list can be reached and linked to. */
class ReasonsTest extends PageTest {
    @Test
    void holdsEveryRuleAndEverySourceUnderItsOwnAnchor() throws Exception {
        String page = page("/reasons");
        assertThat(RuleBook.rules())
                .hasSizeGreaterThan(150)
                .extracting(Rule::code)
                .allMatch(code -> page.contains("id=\"" + code + "\""));
        assertThat(Source.values()).allMatch(source -> page.contains("id=\"" + source.name() + "\""));
    }

    @ParameterizedTest
    @ValueSource(strings = {"PREG-SUP", "STOP", "STOP-SIGN", "PP-CS-SCAR", "GAP-DOME", "OST", "PGP", "LADDER"})
    void leadsFromAGroupToItsFirstRule(String group) throws Exception {
        assertThat(page("/reasons").split("id=\"" + group + "\"", -1)).hasSize(2);
    }

    @Test
    void holdsThePublishedListsItemByItem() throws Exception {
        String page = page("/reasons");
        assertThat(PublishedLists.all()).hasSize(5).allSatisfy(list -> {
            assertThat(page).contains(list.title());
            assertThat(list.items())
                    .isNotEmpty()
                    .allSatisfy(item -> assertThat(page).contains(item.replace("'", "&#39;")));
        });
    }

    @Test
    void findsByCodeSentenceOrSourceAndSaysWhenThereIsNothing() throws Exception {
        assertThat(page("/reasons?q=bp-arms")).contains("id=\"BP-ARMS\"").doesNotContain("id=\"OST-FLEX\"");
        assertThat(page("/reasons?q=Giangregorio")).contains("id=\"OST-FLEX\"").doesNotContain("id=\"BP-ARMS\"");
        assertThat(page("/reasons?q=dufour"))
                .as("a source says which rules rest on it")
                .contains("id=\"E_DUFOUR\"", "Used by: ", "href=\"#GAP-DEEP\"")
                .doesNotContain("id=\"E_RUN\"");
        assertThat(page("/reasons?q=2019")).contains("id=\"E_DUFOUR\"");
        assertThat(page("/reasons?q=a8")).as("by the question of approach").contains("id=\"PREG-SUP-NONE\"");
        assertThat(page("/reasons?q=<purple>"))
                .contains("No rule and no source speaks of")
                .contains("&lt;purple&gt;")
                .doesNotContain("<purple>");
    }

    /** The page shows the row of a fact, the column of a demand, or the one cell, with what the grid says. */
    @Test
    void showsWhatLimitsWhat() throws Exception {
        Elements row =
                Jsoup.parse(page("/reasons/grid?fact=SYMPTOM.WRIST_PAIN")).select("tbody tr");
        assertThat(row.text()).contains("weight on bent wrists", "Adjust", "forearms or fists", "WRIST");
        assertThat(row.last().text()).contains("no limit", "the wrists");
        Elements column = Jsoup.parse(page("/reasons/grid?demand=HEAD_LOW")).select("tbody tr");
        assertThat(column.text()).contains("acid coming up", "pre-eclampsia");
        Elements cell = Jsoup.parse(page("/reasons/grid?fact=CONDITION.HERNIA&demand=IMPACT_2"))
                .select("tbody tr");
        assertThat(cell).hasSize(1);
        assertThat(cell.text()).contains("Not yet", "HERNIA");
        assertThat(page("/reasons/grid?fact=NOTHING")).contains("Choose a fact, a demand, or both.");
    }
}
