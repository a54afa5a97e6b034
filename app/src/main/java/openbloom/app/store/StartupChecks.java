package openbloom.app.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * Looks at the folder, the data file and the port before anything is started, so that what is wrong is one sentence and not
 * a stack trace. The folder and its files belong to their owner alone.
 */
public final class StartupChecks {
    private static final String FILE = StudioStore.FILE;
    private static final String FIRST_BYTES = "H:";
    private static final String FIRST_BYTES_ENCRYPTED = "H2encrypt";
    static final int IN_USE = 90020;
    private static final int WRONG_USER = 28000;
    private static final int WRONG_KEY = 90049;
    private static final int NO_SUCH_TABLE = 42102;
    private static final int NO_SUCH_TABLE_EITHER = 42104;

    private final StudioStore store;
    private final Path folder;

    public StartupChecks(StudioStore store) {
        this.store = store;
        this.folder = store.folder();
    }

    /** What keeps the studio from being opened, in one sentence; empty when nothing does. */
    public Optional<String> problem() {
        if (store.isServed()) {
            return folderProblem().or(this::serverProblem);
        }
        Path file = folder.resolve(FILE);
        return folderProblem()
                .or(() -> fileProblem(file))
                .or(() -> Files.exists(file) ? contentProblem(file) : Optional.empty());
    }

    /** Asks the server once: not there, another key, a newer version. */
    private Optional<String> serverProblem() {
        try (Connection opened = store.open()) {
            return versionProblem(opened);
        } catch (NotPossible why) {
            return Optional.of(String.valueOf(why.getMessage()));
        } catch (SQLException refused) {
            return Optional.of(
                    switch (refused.getErrorCode()) {
                        case WRONG_USER ->
                            "The server at " + store.served() + " serves another studio: the key in "
                                    + store.serverKeyFile() + " is not its key.";
                        case WRONG_KEY ->
                            "The studio served at " + store.served() + " is encrypted with another key than the one in"
                                    + " BLOOM_KEY_FILE, or is not encrypted.";
                        default ->
                            "No studio is served at " + store.served() + ". Start ./bloom db there, or leave BLOOM_DB"
                                    + " away.";
                    });
        }
    }

    private Optional<String> folderProblem() {
        try {
            if (Files.exists(folder) && !Files.isDirectory(folder)) {
                return Optional.of("The folder " + folder + " cannot be used: it is a file.");
            }
            Files.createDirectories(folder);
            protect(folder, "rwx------");
            Path trial = Files.createTempFile(folder, "trial", ".tmp");
            Files.delete(trial);
            return Optional.empty();
        } catch (FileAlreadyExistsException occupied) {
            return Optional.of("The folder " + folder + " cannot be made: " + occupied.getFile() + " is a file.");
        } catch (AccessDeniedException denied) {
            return Optional.of(
                    "The folder " + folder + " may not be written to. Give its owner the right to, or set BLOOM_HOME.");
        } catch (IOException broken) {
            return Optional.of("The folder " + folder + " cannot be written to: " + broken.getMessage() + ".");
        }
    }

    /** An empty or foreign file is not a new studio, and a used folder without its file has lost one. */
    private Optional<String> fileProblem(Path file) {
        try {
            if (!Files.exists(file)) {
                return isUsed()
                        ? Optional.of("The folder " + folder + " was used by a studio, but its file " + FILE
                                + " is missing. Put it back from a copy, or choose another folder with BLOOM_HOME.")
                        : Optional.empty();
            }
            if (!Files.isReadable(file) || !Files.isWritable(file)) {
                return Optional.of("The file " + file + " may not be read and written. Give its owner the right to.");
            }
            if (Files.size(file) == 0) {
                return Optional.of(
                        "The file " + file + " is empty: the studio's data is not in it. Put it back from a copy;"
                                + " nothing was changed.");
            }
            return beginningProblem(file);
        } catch (IOException broken) {
            return Optional.of("The file " + file + " cannot be read: " + broken.getMessage() + ".");
        }
    }

    private Optional<String> beginningProblem(Path file) throws IOException {
        boolean encrypted = beginsWith(file, FIRST_BYTES_ENCRYPTED);
        if (!encrypted && !beginsWith(file, FIRST_BYTES)) {
            return Optional.of("The file " + file + " is no studio of Open Bloom, or is damaged. Nothing was changed.");
        }
        if (encrypted && !store.isEncrypted()) {
            return Optional.of("The file " + file + " is encrypted: set BLOOM_KEY_FILE to the file of its key. Nothing"
                    + " was changed.");
        }
        return !encrypted && store.isEncrypted()
                ? Optional.of("The file " + file + " is not encrypted yet, but BLOOM_KEY_FILE is set: encrypt it once"
                        + " with ./bloom encrypt. Nothing was changed.")
                : Optional.empty();
    }

    private static boolean beginsWith(Path file, String text) throws IOException {
        try (InputStream bytes = Files.newInputStream(file)) {
            return new String(bytes.readNBytes(text.length()), StandardCharsets.US_ASCII).equals(text);
        }
    }

    private boolean isUsed() throws IOException {
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, "bloom.*")) {
            return files.iterator().hasNext();
        }
    }

    /** Opens it once: in use, damaged, or made by a newer version. */
    private Optional<String> contentProblem(Path file) {
        try (Connection opened = store.open()) {
            return versionProblem(opened);
        } catch (SQLException refused) {
            return Optional.of(
                    switch (refused.getErrorCode()) {
                        case IN_USE ->
                            "The studio in " + folder + " is open already: another Open Bloom uses it. Stop that"
                                    + " one first, or set BLOOM_DB if it is ./bloom db.";
                        case WRONG_KEY ->
                            "The file " + file + " is encrypted with another key than the one in BLOOM_KEY_FILE, or"
                                    + " was damaged. Nothing was changed.";
                        case WRONG_USER -> "The file " + file + " is no studio of Open Bloom. Nothing was changed.";
                        default ->
                            "The file " + file + " cannot be opened; it may be damaged. Put it back from a copy;"
                                    + " nothing was changed.";
                    });
        } catch (IllegalStateException damaged) {
            return Optional.of("The file " + file + " is damaged. Put it back from a copy; nothing was changed.");
        }
    }

    private Optional<String> versionProblem(Connection opened) throws SQLException {
        String latest =
                "select max(cast(\"version\" as int)) from \"flyway_schema_history\" where \"version\" is not null";
        try (Statement statement = opened.createStatement();
                ResultSet found = statement.executeQuery(latest)) {
            int kept = found.next() ? found.getInt(1) : 0;
            return kept > newestKnown()
                    ? Optional.of("The studio in " + folder + " was made by a newer version of Open Bloom (schema "
                            + kept + ", this one knows " + newestKnown()
                            + "). Start the newer version; nothing was changed.")
                    : Optional.empty();
        } catch (SQLException noHistory) {
            if (noHistory.getErrorCode() == NO_SUCH_TABLE || noHistory.getErrorCode() == NO_SUCH_TABLE_EITHER) {
                if (isNew(opened)) {
                    return Optional.empty();
                }
                return Optional.of("The file in " + folder + " is no studio of Open Bloom. Nothing was changed.");
            }
            throw noHistory;
        }
    }

    /** {@code ./bloom db} makes it before anybody has put a table into it. */
    private boolean isNew(Connection opened) throws SQLException {
        String tables = "select count(*) from information_schema.tables where table_schema = 'PUBLIC'";
        try (Statement statement = opened.createStatement();
                ResultSet found = statement.executeQuery(tables)) {
            return found.next() && found.getInt(1) == 0;
        }
    }

    /** The newest schema this version knows. */
    static int newestKnown() {
        try {
            Resource[] migrations =
                    new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql");
            return Arrays.stream(migrations)
                    .map(Resource::getFilename)
                    .flatMap(Stream::ofNullable)
                    .mapToInt(name -> Integer.parseInt(name.substring(1, name.indexOf('_'))))
                    .max()
                    .orElse(0);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** What keeps the port from being used, in one sentence. */
    public static Optional<String> portProblem(String address, int port) {
        try (ServerSocket trial = new ServerSocket()) {
            trial.setReuseAddress(true);
            trial.bind(new InetSocketAddress(InetAddress.getByName(address), port));
            return Optional.empty();
        } catch (IOException taken) {
            return Optional.of("Port " + port + " at " + address + " cannot be used: " + taken.getMessage()
                    + ". Stop what uses it, or set PORT and BLOOM_BIND.");
        }
    }

    /** The data is its owner's alone. */
    public void protectFiles() throws IOException {
        protect(folder, "rwx------");
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, "bloom.*")) {
            for (Path file : files) {
                protect(file, "rw-------");
            }
        }
    }

    private static void protect(Path path, String permissions) throws IOException {
        if (Files.getFileStore(path).supportsFileAttributeView("posix")) {
            Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(permissions));
        }
    }
}
