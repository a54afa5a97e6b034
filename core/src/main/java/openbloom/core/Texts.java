package openbloom.core;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.Properties;

/** Paragraphs that stand in a file beside the values they are about, one for each constant. */
public final class Texts {
    private final Properties all;

    private Texts(Properties all) {
        this.all = all;
    }

    /** The texts of a file beside a class. */
    public static Texts beside(Class<?> owner, String file) {
        Properties all = new Properties();
        try (Reader reader = new InputStreamReader(
                Objects.requireNonNull(owner.getResourceAsStream(file)), StandardCharsets.UTF_8)) {
            all.load(reader);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return new Texts(all);
    }

    /**
     * The text of a constant.
     *
     * @throws NullPointerException if it has none
     */
    public String of(Enum<?> constant) {
        return Objects.requireNonNull(
                all.getProperty(constant.name()), () -> constant + " should have a text, but had none");
    }
}
