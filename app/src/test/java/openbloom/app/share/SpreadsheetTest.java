package openbloom.app.share;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.nio.charset.StandardCharsets;
import java.util.List;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.app.system.CsvText;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Her sessions and responses as a spreadsheet reads them: one line for what was planned, one for what was noted. */
class SpreadsheetTest extends PageTest {
    @Autowired
    private Sessions sessions;

    private List<CSVRecord> sheet(Woman woman, String name) throws Exception {
        String text =
                as(ines, get("/people/" + woman.id() + "/share/" + name)).getContentAsString(StandardCharsets.UTF_8);
        try (CSVParser lines = CsvText.open(text)) {
            return lines.getRecords();
        }
    }

    @Test
    void sayWhatWasPlannedAndWhatWasNoted() throws Exception {
        Woman rhona = people.page(ines, "rhona", 0).women().get(0);
        List<Sessions.ComposedFor> all = sessions.of(rhona.id());
        List<CSVRecord> planned = sheet(rhona, "sessions.csv");
        assertThat(planned)
                .hasSize(all.stream().mapToInt(one -> one.plan().items().size()).sum());
        Sessions.ComposedFor latest = all.stream()
                .max(java.util.Comparator.comparing(one -> one.stored().id()))
                .orElseThrow();
        List<CSVRecord> hers = planned.stream()
                .filter(line -> line.get("session")
                        .equals(String.valueOf(latest.stored().id())))
                .toList();
        assertThat(hers.stream().map(line -> line.get("exercise")))
                .containsExactlyElementsOf(
                        latest.plan().items().stream().map(SessionLine::name).toList());
        assertThat(hers.get(0).get("planned_on"))
                .isEqualTo(latest.stored().plannedOn().toString());
        assertThat(hers.get(0).get("sets"))
                .isEqualTo(String.valueOf(latest.plan().items().get(0).amount().sets()));
        List<CSVRecord> noted = sheet(rhona, "responses.csv");
        assertThat(noted)
                .hasSize(sessions.responsesOf(List.of(rhona.id()))
                        .get(rhona.id())
                        .size())
                .isNotEmpty();
        assertThat(noted.get(0).get("exercise")).isNotBlank().doesNotContain("-");
        isNothingForAStranger("/people/" + rhona.id() + "/share/sessions.csv");
        isNothingForAStranger("/people/" + rhona.id() + "/share/responses.csv");
    }
}
