package openbloom.app.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import openbloom.app.system.Secrets;
import org.h2.tools.Server;

/**
 * Has the data file of a studio open for any number of processes of this machine ({@code ./bloom db}). Only who may read the
 * key in the folder is let in.
 */
public final class DatabaseServer implements AutoCloseable {
    private static final int KEY_BYTES = 32;

    private final Connection open;
    private final Server server;

    private DatabaseServer(Connection open, Server server) {
        this.open = open;
        this.server = server;
    }

    /**
     * Opens the file, makes it where there is none, and listens.
     *
     * @param store not a served one
     * @param port where it listens, on this machine alone; 0 for any that is free
     * @throws NotPossible with the reason: what {@link StartupChecks} finds, or a port that is taken
     */
    public static DatabaseServer start(StudioStore store, int port) {
        new StartupChecks(store).problem().ifPresent(problem -> {
            throw new NotPossible(problem);
        });
        try {
            // Held open, so that the file stays locked between two processes that come and go.
            Connection open = DriverManager.getConnection(store.url(), StudioStore.USER, store.password());
            try {
                Server server = Server.createTcpServer(
                                "-tcpPort",
                                String.valueOf(port),
                                "-key",
                                key(store),
                                store.folder().resolve("bloom").toString())
                        .start();
                new StartupChecks(store).protectFiles();
                return new DatabaseServer(open, server);
            } catch (SQLException | IOException refused) {
                open.close();
                throw refused;
            }
        } catch (SQLException | IOException refused) {
            throw new NotPossible(
                    "The studio in " + store.folder() + " cannot be served: " + refused.getMessage() + ".", refused);
        }
    }

    private static String key(StudioStore store) throws IOException {
        Path file = store.serverKeyFile();
        if (!Files.exists(file)) {
            if (Files.getFileStore(store.folder()).supportsFileAttributeView("posix")) {
                Files.createFile(
                        file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            }
            Files.writeString(file, Secrets.fresh(KEY_BYTES), StandardCharsets.US_ASCII);
        }
        return Files.readString(file).strip();
    }

    public int port() {
        return server.getPort();
    }

    @Override
    public void close() {
        server.stop();
        try {
            open.close();
        } catch (SQLException closed) {
            throw new NotPossible("The studio could not be closed: " + closed.getMessage(), closed);
        }
    }
}
