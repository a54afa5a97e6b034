package openbloom.core.record;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.Properties;

/** The paragraph of each choice, from {@code approach.properties}. */
final class ApproachTexts {
    private static final Properties TEXTS = load();

    private ApproachTexts() {}

    static String about(Choice choice) {
        return Objects.requireNonNull(TEXTS.getProperty(choice.name()), () -> choice + " should have a paragraph");
    }

    private static Properties load() {
        Properties texts = new Properties();
        try (Reader file = new InputStreamReader(
                Objects.requireNonNull(ApproachTexts.class.getResourceAsStream("approach.properties")),
                StandardCharsets.UTF_8)) {
            texts.load(file);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return texts;
    }
}
