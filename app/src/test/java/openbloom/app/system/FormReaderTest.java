package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import openbloom.core.Problem;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.BirthKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FormReaderTest {
    private final FormReader typed = new FormReader();

    @ParameterizedTest
    @CsvSource({"2026-11-24, 2026-11-24", "' 2024-02-29 ', 2024-02-29", "1900-01-01, 1900-01-01"})
    void readsADay(String text, LocalDate day) {
        assertThat(typed.date("on", text)).contains(day);
        assertThat(typed.isClean()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"24.11.2026", "2026-02-30", "2026-13-01", "0001-01-01", "9999-01-01", "soon", "20261124"})
    void refusesWhatIsNoDay(String text) {
        assertThat(typed.date("on", text)).isEmpty();
        assertThat(typed.problems()).extracting(Problem::key).containsExactly("typed.date");
    }

    @ParameterizedTest
    @CsvSource({"5, 5", "' 7 ', 7", "0, 0", "010, 10"})
    void readsAWholeNumber(String text, int number) {
        assertThat(typed.whole("births", text, 0, 20)).contains(number);
    }

    @ParameterizedTest
    @ValueSource(strings = {"-1", "21", "1.5", "1,5", "x", "٣", "99999999999", "1e3", "+4"})
    void refusesWhatIsNoWholeNumberInRange(String text) {
        assertThat(typed.whole("births", text, 0, 20)).isEmpty();
        assertThat(typed.problems()).extracting(Problem::field).containsExactly("births");
    }

    @Test
    void tellsBlankFieldsOnlyWhereTheyAreNeeded() {
        assertThat(typed.date("a", "")).isEmpty();
        assertThat(typed.whole("b", null, 0, 5)).isEmpty();
        assertThat(typed.choice("c", " ", BirthKind.class)).isEmpty();
        assertThat(typed.text("d", null, 5)).isEmpty();
        assertThat(typed.isClean()).isTrue();
        typed.requiredDate("a", "");
        typed.requiredWhole("b", "", 0, 5);
        typed.requiredChoice("c", "", BirthKind.class);
        typed.requiredText("d", " ", 5);
        assertThat(typed.problems()).extracting(Problem::field).containsExactly("a", "b", "c", "d");
    }

    @Test
    void readsChoicesAndKeepsTheGoodOnesBesideTheProblem() {
        assertThat(typed.choices("symptoms", List.of("HEAVINESS", "PURPLE", "BACK_PAIN"), Symptom.class))
                .containsExactlyInAnyOrder(Symptom.HEAVINESS, Symptom.BACK_PAIN);
        assertThat(typed.problems()).hasSize(1);
        assertThat(typed.text("name", "  Ada  ", 3)).isEqualTo("Ada");
        assertThat(typed.text("name", "Adelaide", 3)).isEqualTo("Adelaide");
        assertThat(typed.problems()).extracting(Problem::key).contains("typed.long");
    }

    @Test
    void joinsAndSplitsColumns() {
        String kept = ColumnCodec.constants(List.of(Symptom.BACK_PAIN, Symptom.HEAVINESS));
        assertThat(kept).isEqualTo("{\"version\":1,\"values\":[\"HEAVINESS\",\"BACK_PAIN\"]}");
        assertThat(ColumnCodec.constants(kept, Symptom.class)).containsExactly(Symptom.HEAVINESS, Symptom.BACK_PAIN);
        assertThat(ColumnCodec.constants(List.of())).isEmpty();
        assertThat(ColumnCodec.constants("", Symptom.class)).isEmpty();
        assertThat(ColumnCodec.lines(ColumnCodec.lines(List.of("no \"heavy\" lifts", "a, b"))))
                .containsExactly("no \"heavy\" lifts", "a, b");
    }

    /** A word nobody knows, a version to come, and what is no JSON at all: passed over, and told apart from nothing. */
    @Test
    void tellsWordsItDoesNotKnowApart() {
        String other = ColumnCodec.lines(List.of("HEAVINESS", "PURPLE"));
        assertThat(ColumnCodec.known(other, Symptom.class)).containsExactly(Symptom.HEAVINESS);
        assertThat(ColumnCodec.unknown(other, Symptom.class)).containsExactly("PURPLE");
        for (String unreadable : List.of("{\"version\":2,\"values\":[]}", "HEAVINESS,BACK_PAIN")) {
            assertThat(ColumnCodec.known(unreadable, Symptom.class)).isEmpty();
            assertThat(ColumnCodec.unknown(unreadable, Symptom.class)).containsExactly(unreadable);
        }
        String days = ColumnCodec.days(Map.of(Symptom.HEAVINESS, LocalDate.of(2026, 11, 1)));
        assertThat(ColumnCodec.days(days, Symptom.class)).containsEntry(Symptom.HEAVINESS, LocalDate.of(2026, 11, 1));
        assertThat(ColumnCodec.areDays(days, Symptom.class)).isTrue();
        assertThat(ColumnCodec.areDays(days.replace("2026-11-01", "soon"), Symptom.class))
                .isFalse();
        assertThat(ColumnCodec.areDays(days.replace("HEAVINESS", "PURPLE"), Symptom.class))
                .isFalse();
    }

    /** Every key that the code can tell has a sentence, and no sentence is left over. */
    @Test
    void theMessagesFileHoldsExactlyTheSentencesThatCanBeTold() throws Exception {
        Properties sentences = read("/messages.properties");
        Pattern key = Pattern.compile(
                "\"((?:typed|dating|intake|visit|safe|body|gap|session|account|move|moves|yaml|api|life|csv|sheet|load|sides|trace|practice|opening|pose|program|response|floor|flow|women|review|wanted|path|edition|held|class|home|handOut|words|team|audit|erase|token|factor|takenIn|twin|letter|fhir|spreadsheet|saved)\\.[a-zA-Z]+)\"");
        TreeSet<String> used = new TreeSet<>();
        for (Path root : List.of(Path.of("src/main/java"), Path.of("../core/src/main/java"))) {
            try (Stream<Path> files = Files.walk(root)) {
                for (Path file :
                        files.filter(path -> path.toString().endsWith(".java")).toList()) {
                    Matcher matcher = key.matcher(Files.readString(file));
                    while (matcher.find()) {
                        used.add(matcher.group(1));
                    }
                }
            }
        }
        used.removeAll(read("/openbloom/app/language/hers_en.properties").stringPropertyNames());
        TreeSet<String> written = new TreeSet<>(sentences.stringPropertyNames());
        written.removeIf(name -> name.startsWith("intake.field.") || name.startsWith("tour."));
        assertThat(used).isEqualTo(written);
        assertThat(sentences.stringPropertyNames())
                .allSatisfy(name -> assertThat(sentences.getProperty(name)).isNotBlank());
    }

    private static Properties read(String file) throws IOException {
        Properties sentences = new Properties();
        try (Reader reader =
                new InputStreamReader(FormReaderTest.class.getResourceAsStream(file), StandardCharsets.UTF_8)) {
            sentences.load(reader);
        }
        return sentences;
    }
}
