package openbloom.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What an instructor reads first when she opens a record. */
class SinceLastTest extends PageTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    @Autowired
    private JdbcClient tables;

    private void answer(Woman woman, String... symptoms) throws Exception {
        var form =
                post("/people/" + woman.id() + "/safe").param("formKey", key()).param("noSign", "yes");
        send(symptoms.length == 0 ? form.param("noSymptom", "yes") : form.param("symptoms", symptoms));
    }

    @Test
    void tellsWhatIsNewSinceSheWasHere() throws Exception {
        Woman woman = askedWoman("Since last");
        assertThat(journey(woman)).doesNotContain("class=\"panel panel-quiet since-last\"");
        answer(woman, "BACK_PAIN");
        tables.sql("update safety_answer set asked_on = dateadd(day, -9, asked_on) where woman_id = ?")
                .param(woman.id())
                .update();
        assertThat(journey(woman)).contains("Since ", "She has not been asked since.");
        answer(woman, "LEAK_WITH_EFFORT");
        assertThat(journey(woman)).contains("She reported new: ", "leak", "no longer: ", "back pain");
        isNothingForAStranger("/people/" + woman.id() + "/journey");
    }

    @Test
    void tellsAtMostThreeChangesOfTheCalendarAndNothingOfPlans() {
        List<JourneyEntries.JourneyEntry> entries = List.of(
                entry(DAY.minusDays(1), EntryKind.GAP_CHECK, "2 fingers"),
                entry(DAY.minusDays(1), EntryKind.PLAN, "planned"),
                entry(DAY.minusDays(1), EntryKind.DECISION, "level 3"),
                entry(DAY.minusDays(8), EntryKind.SESSION, "taught"),
                entry(DAY.minusDays(20), EntryKind.ASKED, "none"));
        assertThat(SinceLast.lastVisit(entries, DAY)).contains(DAY.minusDays(8));
        SinceLast since = SinceLast.of(DAY.minusDays(8), List.of(), entries, List.of());
        assertThat(since.lines()).containsExactly("She has not been asked since.", "Gap check: 2 fingers");
    }

    private static JourneyEntries.JourneyEntry entry(LocalDate on, EntryKind kind, String title) {
        return new JourneyEntries.JourneyEntry(on, kind, kind.words(), title, "", "", false, Optional.empty());
    }

    private String journey(Woman woman) throws Exception {
        return page("/people/" + woman.id() + "/journey");
    }
}
