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
 * @param served host and port of the {@link DatabaseServer} that has the file open; empty when it is opened by whoever wants it
 */
public record StudioStore(Path folder, String fileKey, String served) {
    /** The data file. */
    public static final String FILE = "bloom.mv.db";

    /** Whom the store knows. */
    public static final String USER = "bloom";

    /** Lets whoever may read it, the operator alone, into a file that is served. */
    static final String SERVER_KEY = "server-key";

    private static final int SHORTEST_KEY = 16;

    public StudioStore {
        folder = folder.toAbsolutePath().normalize();
    }

    /** A store that is opened by whoever wants it. */
    public StudioStore(Path folder, String fileKey) {
        this(folder, fileKey, "");
    }

    /**
     * The store of a folder, with the key of a file.
     *
     * @param keyFile path of a file whose text is the key, 16 characters or more; empty for none
     * @throws NotPossible if the key file cannot be read, or its text is too short
     */
    public static StudioStore of(Path folder, String keyFile) {
        return of(folder, keyFile, "");
    }

    /**
     * The same, served by a process of its own.
     *
     * @param served host and port; empty when it is not
     * @throws NotPossible also if it is served and the address is none, or its key is not in the folder
     */
    public static StudioStore of(Path folder, String keyFile, String served) {
        return new StudioStore(
                folder,
                keyFile.isBlank() ? "" : keyIn(Path.of(keyFile.strip())),
                served.isBlank() ? "" : address(served.strip()));
    }

    private static String address(String served) {
        if (!served.matches("[\\w.-]+:\\d{1,5}")) {
            throw new NotPossible(
                    "BLOOM_DB is \"" + served + "\", but must be a host and a port, like 127.0.0.1:9092.");
        }
        return served;
    }

    /** Whether an address of a data source is one that keeps anything. */
    public static boolean keeps(String url) {
        return url.startsWith("jdbc:h2:file:") || url.startsWith("jdbc:h2:tcp:");
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

    public boolean isServed() {
        return !served.isEmpty();
    }

    /** The same store while nobody serves it. */
    StudioStore itself() {
        return new StudioStore(folder, fileKey);
    }

    /**
     * What was acknowledged survives a killed process: {@code WRITE_DELAY=0} stands in every address.
     *
     * @throws NotPossible if it is served and the key of its server cannot be read
     */
    public String url() {
        String where = isServed() ? "tcp://" + served + "/" + serverKey() : "file:" + folder.resolve("bloom");
        return "jdbc:h2:" + where + ";WRITE_DELAY=0" + (isEncrypted() ? ";CIPHER=AES" : "");
    }

    Path serverKeyFile() {
        return folder.resolve(SERVER_KEY);
    }

    private String serverKey() {
        try {
            return Files.readString(serverKeyFile()).strip();
        } catch (IOException unreadable) {
            throw new NotPossible(
                    "The key of the server, " + serverKeyFile()
                            + ", cannot be read. ./bloom db makes it; BLOOM_HOME must be" + " the same for both.",
                    unreadable);
        }
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
        String only = isServed() ? "" : ";IFEXISTS=TRUE;TRACE_LEVEL_FILE=0";
        return DriverManager.getConnection(url() + only, USER, password());
    }
}
