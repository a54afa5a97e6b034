package openbloom.app.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** The backups of a studio: made while it is open, opened and read through before they count, the older ones thinned out. */
public final class Backups {
    private static final DateTimeFormatter NAME =
            DateTimeFormatter.ofPattern("'bloom-'yyyy-MM-dd'T'HHmmss'.zip'", Locale.ROOT);

    private final StudioStore store;
    private final Path folder;
    private final Room room;

    /** @param folder where those that are made by themselves lie */
    public Backups(StudioStore store, Path folder) {
        this(store, folder, path -> Files.getFileStore(path).getUsableSpace());
    }

    Backups(StudioStore store, Path folder, Room room) {
        this.store = store;
        this.folder = folder.toAbsolutePath().normalize();
        this.room = room;
    }

    /** How many bytes are free in a folder. */
    interface Room {
        long in(Path folder) throws IOException;
    }

    /**
     * A backup that was made and opened.
     *
     * @param rows how many rows of all tables it holds
     */
    public record BackupMade(Path file, long rows) {}

    /**
     * Backs up into a file that is not there yet. Writing goes on meanwhile; what was acknowledged before is in it.
     *
     * @throws NotPossible if there is no room, the file is there already, or what was made cannot be opened
     */
    public BackupMade into(Connection opened, Path file) {
        Path target = file.toAbsolutePath().normalize();
        if (Files.exists(target)) {
            throw new NotPossible(
                    "The file " + target + " is there already. Choose another name; nothing was changed.");
        }
        Path unfinished = target.resolveSibling("." + target.getFileName() + ".unfinished");
        try {
            Files.createDirectories(target.getParent());
            look(target.getParent());
            write(opened, unfinished);
            long rows = new BackupFile(unfinished).verified(store.fileKey(), StartupChecks.newestKnown());
            protect(unfinished);
            Files.move(unfinished, target, StandardCopyOption.ATOMIC_MOVE);
            return new BackupMade(target, rows);
        } catch (FileAlreadyExistsException occupied) {
            throw new NotPossible("The folder of " + target + " cannot be made: " + occupied.getFile() + " is a file.");
        } catch (IOException broken) {
            throw new NotPossible(
                    "The backup " + target + " could not be written: " + broken.getMessage() + ".", broken);
        } finally {
            delete(unfinished);
        }
    }

    /** The file itself and its zip, and once more to open it. */
    private void look(Path into) throws IOException {
        long needed = 2 * Files.size(store.file());
        long free = room.in(into);
        if (free < needed) {
            throw new NotPossible("There is no room for a backup in " + into + ": it needs " + needed / 1_000_000
                    + " MB, and " + free / 1_000_000 + " MB are free.");
        }
    }

    private static void write(Connection opened, Path file) {
        try (Statement statement = opened.createStatement()) {
            statement.execute("backup to '" + file.toString().replace("'", "''") + "'");
        } catch (SQLException refused) {
            throw new NotPossible("The backup " + file + " could not be written: " + refused.getMessage(), refused);
        }
    }

    private static void protect(Path file) throws IOException {
        if (Files.getFileStore(file).supportsFileAttributeView("posix")) {
            Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        }
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException left) {
            throw new UncheckedIOException(left);
        }
    }

    /** The one made by itself at a moment; only once it was opened does an older one go. */
    public BackupMade madeAt(Connection opened, LocalDateTime now) {
        BackupMade made = into(opened, folder.resolve(NAME.format(now)));
        Set<LocalDateTime> kept = Retention.kept(moments());
        moments().stream()
                .filter(moment -> !kept.contains(moment))
                .forEach(moment -> delete(folder.resolve(NAME.format(moment))));
        return made;
    }

    /**
     * When the last good one was made; one that could not be opened never gets its name. One that seems to be made later than now
     * was made while the clock was wrong: it says nothing about when.
     */
    public Optional<LocalDateTime> last(LocalDateTime now) {
        return moments().stream().filter(made -> !made.isAfter(now)).max(Comparator.naturalOrder());
    }

    private List<LocalDateTime> moments() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> moment(file.getFileName().toString()))
                    .flatMap(Optional::stream)
                    .toList();
        } catch (IOException unreadable) {
            return List.of();
        }
    }

    private static Optional<LocalDateTime> moment(String name) {
        try {
            return Optional.of(LocalDateTime.parse(name, NAME));
        } catch (DateTimeParseException another) {
            return Optional.empty();
        }
    }
}
