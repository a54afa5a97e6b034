package openbloom.app.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import openbloom.app.system.Secrets;

/**
 * Where a studio is kept, and what opens it.
 *
 * @param folder the folder of the data file {@value #FILE}
 * @param fileKey what the file is encrypted with, as 64 hexadecimal digits; empty when it is not encrypted
 */
public record StudioStore(Path folder, String fileKey) {
    /** The data file. */
    public static final String FILE = "bloom.mv.db";

    /** Whom the store knows. */
    public static final String USER = "bloom";

    private static final int SHORTEST_KEY = 16;

    public StudioStore {
        folder = folder.toAbsolutePath().normalize();
    }

    /**
     * The store of a folder, with the key of a file.
     *
     * @param keyFile path of a file whose text is the key, 16 characters or more; empty for none
     * @throws NotPossible if the key file cannot be read, or its text is too short
     */
    public static StudioStore of(Path folder, String keyFile) {
        return new StudioStore(folder, keyFile.isBlank() ? "" : keyIn(Path.of(keyFile.strip())));
    }

    private static String keyIn(Path file) {
        try {
            String text = Files.readString(file).strip();
            if (text.length() < SHORTEST_KEY) {
                throw new NotPossible("The key in " + file + " must have " + SHORTEST_KEY
                        + " characters or more, but it has " + text.length() + ". Nothing was changed.");
            }
            return Secrets.digest(text);
        } catch (IOException unreadable) {
            throw new NotPossible("The key file " + file + " cannot be read. Nothing was changed.", unreadable);
        }
    }

    public boolean isEncrypted() {
        return !fileKey.isEmpty();
    }

    public Path file() {
        return folder.resolve(FILE);
    }

    /** What was acknowledged survives a killed process: {@code WRITE_DELAY=0} stands in every address. */
    public String url() {
        return "jdbc:h2:file:" + folder.resolve("bloom") + ";WRITE_DELAY=0" + (isEncrypted() ? ";CIPHER=AES" : "");
    }

    /** The key of the file before the password of the user, which is empty. */
    public String password() {
        return isEncrypted() ? fileKey + " " : "";
    }

    /**
     * Opens what is there; nothing is made.
     *
     * @throws SQLException if it is in use, damaged, or encrypted with another key
     */
    public Connection open() throws SQLException {
        return DriverManager.getConnection(url() + ";IFEXISTS=TRUE;TRACE_LEVEL_FILE=0", USER, password());
    }
}
