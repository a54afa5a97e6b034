package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import openbloom.core.Problem;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;

/** Text comes from a file or as it was typed, and neither is too long. */
class TextGivenTest {
    private static final String FULL = "a".repeat(TextGiven.LARGEST_BYTES);

    private static MockMultipartFile file(String text) {
        return new MockMultipartFile("file", "a.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void aFileComesFirstAndWhatIsTypedWhereThereIsNone() {
        assertThat(TextGiven.of(file("from the file"), "typed").value()).isEqualTo("from the file");
        assertThat(TextGiven.of(file(""), "typed").value()).isEqualTo("typed");
        assertThat(TextGiven.of(null, "typed").value()).isEqualTo("typed");
        assertThat(TextGiven.of(null, " \n ").problems())
                .extracting(Problem::key)
                .containsExactly("csv.nothing");
    }

    @Test
    void bothEndAtTheSameLength() {
        assertThat(TextGiven.of(file(FULL), "").value()).hasSize(TextGiven.LARGEST_BYTES);
        assertThat(TextGiven.of(null, FULL).value()).hasSize(TextGiven.LARGEST_BYTES);
        assertThat(TextGiven.of(file(FULL + "a"), "").problems())
                .extracting(Problem::key)
                .containsExactly("csv.tooLarge");
        assertThat(TextGiven.of(null, FULL + "a").problems())
                .extracting(Problem::key)
                .containsExactly("csv.tooLarge");
    }
}
