package openbloom.app.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.h2.tools.ChangeFileEncryption;
import org.springframework.util.FileSystemUtils;

/** Puts a backup in the place of a studio, and changes how a studio's file is encrypted; while it is not open. */
public final class Restoring {
    private static final DateTimeFormatter REPLACED =
            DateTimeFormatter.ofPattern("'replaced-'yyyy-MM-dd'T'HHmmss", Locale.ROOT);

    private final StudioStore store;

    public Restoring(StudioStore store) {
        this.store = store;
    }

    /**
     * A studio that was restored.
     *
     * @param rows how many rows of all tables it holds
     * @param replaced where what was there before lies now; empty if there was nothing
     */
    public record Restored(long rows, Optional<Path> replaced) {}

    /**
     * Opens and reads the backup through first; only then is anything moved.
     *
     * @param replace whether a studio that is there already may give way
     * @throws NotPossible if it is no good backup, or there is a studio and it may not give way, or it is open
     */
    public Restored restore(Path backup, boolean replace, LocalDateTime now) {
        if (!Files.isRegularFile(backup)) {
            throw new NotPossible("There is no file " + backup.toAbsolutePath().normalize() + ". Nothing was changed.");
        }
        boolean occupied = Files.exists(store.file());
        if (occupied && !replace) {
            throw new NotPossible("There is a studio in " + store.folder()
                    + " already. To put the backup in its place, add --replace; what is there now is kept beside it.");
        }
        closedOrRefused();
        long rows = new BackupFile(backup).verified(store.fileKey(), StartupChecks.newestKnown());
        try {
            Files.createDirectories(store.folder());
            Path fresh = Files.createTempDirectory(store.folder(), ".restore-");
            try {
                new BackupFile(backup).unpackInto(fresh);
                Optional<Path> replaced = occupied ? Optional.of(putAside(now)) : Optional.empty();
                Files.move(fresh.resolve(StudioStore.FILE), store.file(), StandardCopyOption.ATOMIC_MOVE);
                new StartupChecks(store).protectFiles();
                return new Restored(rows, replaced);
            } finally {
                FileSystemUtils.deleteRecursively(fresh);
            }
        } catch (IOException broken) {
            throw new NotPossible(
                    "The studio could not be put into " + store.folder() + ": " + broken.getMessage() + ".", broken);
        }
    }

    private Path putAside(LocalDateTime now) throws IOException {
        Path aside = Files.createDirectory(store.folder().resolve(REPLACED.format(now)));
        List<Path> files;
        try (Stream<Path> all = Files.list(store.folder())) {
            files = all.filter(file -> file.getFileName().toString().startsWith("bloom."))
                    .toList();
        }
        for (Path file : files) {
            Files.move(file, aside.resolve(file.getFileName()));
        }
        return aside;
    }

    /** One that is open would be pulled away under who works in it; one that is damaged may give way. */
    private void closedOrRefused() {
        if (!Files.exists(store.file())) {
            return;
        }
        try (Connection opened = store.open()) {
            opened.isValid(1);
        } catch (SQLException refused) {
            if (refused.getErrorCode() == StartupChecks.IN_USE) {
                throw new NotPossible("The studio in " + store.folder() + " is open. Stop Open Bloom first; nothing was"
                        + " changed.");
            }
        } catch (IllegalStateException damaged) {
            // What is damaged is what a backup is for.
        }
    }

    /**
     * Encrypts the file of the studio with the key of the store.
     *
     * @throws NotPossible if there is no key, no studio, or it is open or encrypted already
     */
    public void encrypt() {
        if (!store.isEncrypted()) {
            throw new NotPossible("There is no key: set BLOOM_KEY_FILE to the file of the key first.");
        }
        StudioStore plain = new StudioStore(store.folder(), "");
        Optional<String> problem = new StartupChecks(plain).problem();
        if (problem.isPresent() || !Files.exists(plain.file())) {
            throw new NotPossible(problem.orElse("There is no studio in " + store.folder() + "."));
        }
        try {
            ChangeFileEncryption.execute(
                    store.folder().toString(),
                    "bloom",
                    "AES",
                    null,
                    store.fileKey().toCharArray(),
                    true);
        } catch (SQLException refused) {
            throw new NotPossible("The studio could not be encrypted: " + refused.getMessage(), refused);
        }
        new StartupChecks(store).problem().ifPresent(still -> {
            throw new NotPossible(still);
        });
    }
}
