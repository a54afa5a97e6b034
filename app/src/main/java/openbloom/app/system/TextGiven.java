package openbloom.app.system;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.web.multipart.MultipartFile;

/** A spreadsheet as a page gives it: a file, or its lines pasted. */
public final class TextGiven {
    public static final int LARGEST_BYTES = 1_000_000;

    private TextGiven() {}

    /** The text, or what is wrong with it, for the field {@code file}: larger than 1 MB, nothing at all, or no UTF-8. */
    public static Outcome<String> of(@Nullable MultipartFile file, String written) {
        if (file != null && file.getSize() > LARGEST_BYTES || written.length() > LARGEST_BYTES) {
            return Outcome.refused(tooLarge());
        }
        try {
            String text = file == null || file.isEmpty() ? written : decoded(file);
            return text.isBlank() ? Outcome.refused(Problem.of("file", "csv.nothing")) : Outcome.accepted(text);
        } catch (CharacterCodingException notText) {
            return Outcome.refused(Problem.of("file", "csv.notText"));
        }
    }

    public static Problem tooLarge() {
        return Problem.of("file", "csv.tooLarge", LARGEST_BYTES / 1_000_000);
    }

    private static String decoded(MultipartFile file) throws CharacterCodingException {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file.getBytes()))
                    .toString();
        } catch (CharacterCodingException notText) {
            throw notText;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
