package openbloom.app.people;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import openbloom.app.PageTest;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.SignedIn;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A line of a spreadsheet is read as the intake is: the same facts, the same limits, not asked where nothing stands. */
class WomenFileTest extends PageTest {
    @Autowired
    private RecordReader records;

    private String look(String lines) throws Exception {
        return send(post("/people/file/look").param("written", lines)).getContentAsString();
    }

    @Test
    void bringsInEveryFactAndLeavesOutWhatIsThereOrMakesNoSense() throws Exception {
        String hers = "File " + key();
        String born = TODAY.minusWeeks(9).toString();
        String lines =
                "name;birthYear;births;babies;situation;birthDate;birthKind;tear;woundClosed;conditions;training\n"
                        + hers + ";1991;1;1;AFTER_BIRTH;" + born + ";CAESAREAN;;YES;ANAEMIA BREASTFEEDING;REGULAR\n"
                        + "Too old;1800;1;1;NEITHER;;;;;;\n"
                        + "Ahead;1991;1;1;AFTER_BIRTH;2090-01-01;VAGINAL;NONE;YES;;\n";
        assertThat(look(lines)).contains("Add her", "birthYear: ", "birthDate: ", "This day lies ahead");
        assertThat(people.page(ines, hers, 0).women()).as("only looked at").isEmpty();
        send(post("/people/file").param("written", lines).param("formKey", key()));
        assertThat(send(post("/people/file").param("written", lines).param("formKey", key()))
                        .getRedirectedUrl())
                .endsWith("added=0");
        Woman woman = people.page(ines, hers, 0).women().get(0);
        var client = records.clientOn(woman, TODAY);
        assertThat(client.background().training()).contains(Training.REGULAR);
        assertThat(client.has(Condition.ANAEMIA)).isTrue();
        assertThat(client.situation().birth().orElseThrow().isCaesarean()).isTrue();
        assertThat(client.safety().symptoms().askedOn()).as("not asked").isEmpty();
        assertThat(people.page(stranger(), hers, 0).women()).isEmpty();
    }

    /** Two women may have one name, and one no year of birth told; one file sent twice at once brings each in once. */
    @Test
    void takesTwoOfOneNameAndAFileOnceHoweverOftenItIsPressed() throws Exception {
        String name = "Twice " + key();
        String lines = "name;birthYear;births;babies;situation\n" + name + ";1988;1;1;NEITHER\n" + name
                + ";1994;0;1;NEITHER\n" + name + ";;;;NEITHER\n";
        ExecutorService both = Executors.newFixedThreadPool(4);
        try {
            List<Callable<Integer>> presses = Collections.nCopies(
                    4,
                    () -> send(post("/people/file").param("written", lines).param("formKey", key()))
                            .getStatus());
            for (Future<Integer> answer : both.invokeAll(presses)) {
                assertThat(answer.get()).isEqualTo(302);
            }
        } finally {
            both.shutdownNow();
        }
        assertThat(people.page(ines, name, 0).women())
                .extracting(woman -> woman.about().birthYear())
                .containsExactlyInAnyOrder(1988, 1994, null);
    }

    @Test
    void saysWhatIsWrongWithTheFile() throws Exception {
        assertThat(look("name,shoeSize\nAda,38")).contains("not known or missing: shoeSize");
        assertThat(look("birthYear\n1990")).contains("not known or missing: name");
        assertThat(look("name,name\nAda,Ada")).contains("two columns have one name");
        assertThat(body(post("/people/file/look").param("written", " ")))
                .contains("Choose a file, or paste its lines.");
        assertThat(ofFile("name\nAda".getBytes(StandardCharsets.UTF_16))).contains("UTF-8");
    }

    /** Five hundred women at once, not one more. */
    @Test
    void takesFiveHundredLinesAtMost() throws Exception {
        String lines = IntStream.rangeClosed(1, 501)
                .mapToObj(number -> "Many " + number + ";NEITHER\n")
                .collect(Collectors.joining());
        String most = lines.substring(0, lines.indexOf("Many 501"));
        assertThat(Jsoup.parse(look("name;situation\n" + most)).text())
                .contains("New: 500. Here already, left alone: 0. Refused lines: 0.");
        assertThat(look("name;situation\n" + lines)).contains("Only the first 500 lines are read");
    }

    @Test
    void readsAFileAsItReadsItsLines() throws Exception {
        assertThat(ofFile("name;births;situation\nZoë of a file;1;NEITHER".getBytes(StandardCharsets.UTF_8)))
                .contains("Add her", "Zoë of a file");
    }

    private String ofFile(byte[] bytes) throws Exception {
        return send(multipart("/people/file/look").file("file", bytes)).getContentAsString(StandardCharsets.UTF_8);
    }

    /** Out, into another studio, and out again: the same sheet, whatever somebody typed. */
    @Test
    void everyWomanComesOutAsSheIsReadIn() throws Exception {
        String email = "una-" + key() + "@file.example";
        accounts.createStudio("Quay", "Europe/London", new NewAccount("Una", email, "far-away-studio-1"));
        SignedIn quay = (SignedIn) accounts.loadUserByUsername(email);
        String born = TODAY.minusWeeks(9).toString();
        String lines =
                "name;birthYear;births;goals;situation;birthDate;birthKind;conditions;since;clearedOn;clearedBy;limitWords\n"
                        + "\"=HYPERLINK(1)\";1991;1;\"-2 kg; \"\"soon\"\"\";AFTER_BIRTH;" + born
                        + ";CAESAREAN;ANAEMIA;ANAEMIA=" + born + ";"
                        + TODAY + ";@Hale;\"two\nlines\"\n";
        as(quay, post("/people/file").param("written", lines).param("formKey", key()));
        String out = as(quay, get("/people/women.csv")).getContentAsString(StandardCharsets.UTF_8);
        assertThat(out).contains("'=HYPERLINK(1)", "\"'-2 kg; \"\"soon\"\"\"", "ANAEMIA=" + born, "'@Hale");
        String other = "uma-" + key() + "@file.example";
        accounts.createStudio("Slip", "Europe/London", new NewAccount("Uma", other, "far-away-studio-1"));
        SignedIn slip = (SignedIn) accounts.loadUserByUsername(other);
        assertThat(as(slip, post("/people/file").param("written", out).param("formKey", key()))
                        .getRedirectedUrl())
                .endsWith("added=1");
        assertThat(as(slip, get("/people/women.csv")).getContentAsString(StandardCharsets.UTF_8))
                .isEqualTo(out);
        Woman woman = people.page(slip, "=HYPER", 0).women().get(0);
        assertThat(woman.name()).isEqualTo("=HYPERLINK(1)");
        assertThat(woman.goals()).isEqualTo("-2 kg; \"soon\"");
        assertThat(woman.clearance().orElseThrow().limits()).containsExactly("two", "lines");
    }
}
