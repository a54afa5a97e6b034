package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import openbloom.app.PageTest;
import openbloom.app.TestDay;
import openbloom.app.people.Woman;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lists stand in the order their pages promise: days from the latest, names by the alphabet, what is urgent first. */
class OrdersTest extends PageTest {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    private Document opened(String address) throws Exception {
        return Jsoup.parse(page(address));
    }

    private String rhona() {
        return "/people/" + people.page(ines, "rhona", 0).women().get(0).id();
    }

    private static List<LocalDate> days(Document page, String cells) {
        return page.select(cells).eachText().stream()
                .map(text -> LocalDate.parse(text.replaceAll(",.*", ""), DAY))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({"/checks, .history td.day, 8", "/journey, .entry-day, 12", "/floor, td.day, 2"})
    void daysStandFromTheLatest(String tab, String cells, int atLeast) throws Exception {
        List<LocalDate> days = days(opened(rhona() + tab), cells);
        assertThat(days).hasSizeGreaterThanOrEqualTo(atLeast).isSortedAccordingTo(Comparator.reverseOrder());
        assertThat(days.get(0)).isAfter(days.get(days.size() - 1));
    }

    @Test
    void classesStandByName() throws Exception {
        String key = key();
        for (String name : List.of("Zz", "Aa", "Mm")) {
            Woman woman = askedWoman("In a class");
            send(post("/classes")
                    .param("formKey", key())
                    .param("version", "0")
                    .param("name", name + key)
                    .param("weekday", "MONDAY")
                    .param("startsAt", "18:30")
                    .param("minutes", "30")
                    .param("firstOn", TestDay.TODAY.toString())
                    .param("kit", "CHAIR")
                    .param("members", String.valueOf(woman.id())));
        }
        assertThat(opened("/classes").select("tbody a").eachText().stream().filter(name -> name.endsWith(key)))
                .containsExactly("Aa" + key, "Mm" + key, "Zz" + key);
    }

    @Test
    void womenStandByName() throws Exception {
        String key = key();
        for (String name : List.of("Zoe", "Ada", "Mia")) {
            send(intake(name + " " + key));
        }
        assertThat(people.page(ines, key, 0).women().stream().map(Woman::name))
                .containsExactly("Ada " + key, "Mia " + key, "Zoe " + key);
    }

    /** What must be set down comes before what may go up, and what stays comes last. */
    @Test
    void whatIsUrgentIsProposedFirst() throws Exception {
        List<String> urgency = List.of("STOP", "DOWN", "UP", "HELD", "STAY");
        for (Woman woman : people.page(ines, "", 0).women()) {
            List<Integer> proposed = opened("/people/" + woman.id() + "/response").select("[name^=proposed-]").stream()
                    .map(field -> urgency.indexOf(field.val().split(" ")[0]))
                    .toList();
            assertThat(proposed).as(woman.name()).isSorted().doesNotContain(-1);
        }
    }
}
