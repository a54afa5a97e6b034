package openbloom.app.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.springframework.util.FileSystemUtils;

/** A backup: a zip with the data file of a studio, as the store itself writes it. */
final class BackupFile {
    /** A data file does not shrink by more than this: what does was made to fill a disk. */
    private static final int MOST_SHRUNK = 2_000;

    private final Path zip;

    BackupFile(Path zip) {
        this.zip = zip.toAbsolutePath().normalize();
    }

    /**
     * Takes the data file out into a folder.
     *
     * @throws NotPossible if it is no backup, is damaged, or there is no room for it
     */
    void unpackInto(Path folder) {
        try (ZipFile read = new ZipFile(zip.toFile())) {
            ZipEntry only = onlyEntry(read);
            if (only.getSize() > Files.getFileStore(folder).getUsableSpace()) {
                throw new NotPossible("There is no room for " + zip + ": it needs " + only.getSize() / 1_000_000
                        + " MB. Nothing was changed.");
            }
            try (InputStream from = read.getInputStream(only);
                    OutputStream into = Files.newOutputStream(folder.resolve(StudioStore.FILE))) {
                from.transferTo(into);
            }
        } catch (ZipException damaged) {
            throw new NotPossible(
                    "The file " + zip + " is no backup of Open Bloom, or is damaged. Nothing was changed.", damaged);
        } catch (IOException unreadable) {
            throw new NotPossible(
                    "The file " + zip + " cannot be read: " + unreadable.getMessage() + ". Nothing was changed.",
                    unreadable);
        }
    }

    private ZipEntry onlyEntry(ZipFile read) {
        List<? extends ZipEntry> all = read.stream().toList();
        boolean ours = all.size() == 1
                && all.get(0).getName().equals(StudioStore.FILE)
                && all.get(0).getSize() / MOST_SHRUNK <= Math.max(1, all.get(0).getCompressedSize());
        if (!ours) {
            throw new NotPossible("The file " + zip + " is no backup of Open Bloom: it must hold " + StudioStore.FILE
                    + " and nothing else. Nothing was changed.");
        }
        return all.get(0);
    }

    /**
     * Opens it with a key and reads every row of every table.
     *
     * @param newestKnown the newest schema this version knows
     * @return how many rows it holds
     * @throws NotPossible with the reason, by name of the file
     */
    long verified(String fileKey, int newestKnown) {
        try {
            Path trial = Files.createTempDirectory(zip.getParent(), ".verify-");
            try {
                unpackInto(trial);
                return read(new StudioStore(trial, fileKey), newestKnown);
            } finally {
                FileSystemUtils.deleteRecursively(trial);
            }
        } catch (IOException noRoom) {
            throw new NotPossible(
                    "The backup " + zip + " could not be opened to look at it: " + noRoom.getMessage() + ".", noRoom);
        }
    }

    private long read(StudioStore copy, int newestKnown) {
        try (Connection opened = copy.open();
                Statement statement = opened.createStatement()) {
            int schema = schemaOf(statement);
            if (schema > newestKnown) {
                throw new NotPossible("The backup " + zip + " was made by a newer version of Open Bloom (schema "
                        + schema + ", this one knows " + newestKnown + "). Nothing was changed.");
            }
            long rows = 0;
            for (String table : tables(statement)) {
                rows += rowsOf(statement, table);
            }
            return rows;
        } catch (SQLException refused) {
            throw new NotPossible(reason(refused), refused);
        } catch (IllegalStateException damaged) {
            throw new NotPossible("The backup " + zip + " is damaged. Nothing was changed.", damaged);
        }
    }

    private String reason(SQLException refused) {
        boolean key =
                String.valueOf(refused.getMessage()).toLowerCase(Locale.ROOT).contains("encrypt")
                        || refused.getErrorCode() == 90049;
        return key
                ? "The backup " + zip + " was made with another key, or without one. Nothing was changed."
                : "The backup " + zip + " cannot be opened; it is damaged, or made with another key. Nothing was"
                        + " changed.";
    }

    private static int schemaOf(Statement statement) throws SQLException {
        String latest =
                "select max(cast(\"version\" as int)) from \"flyway_schema_history\" where \"version\" is not null";
        try (ResultSet found = statement.executeQuery(latest)) {
            return found.next() ? found.getInt(1) : 0;
        }
    }

    private static List<String> tables(Statement statement) throws SQLException {
        List<String> names = new ArrayList<>();
        try (ResultSet found = statement.executeQuery(
                "select table_name from information_schema.tables where table_schema = 'PUBLIC' order by 1")) {
            while (found.next()) {
                names.add(found.getString(1));
            }
        }
        return names;
    }

    /** Every value is read: a page that is damaged is found here and not on the day it is needed. */
    private static long rowsOf(Statement statement, String table) throws SQLException {
        long rows = 0;
        try (ResultSet all = statement.executeQuery("select * from \"" + table + "\"")) {
            int columns = all.getMetaData().getColumnCount();
            while (all.next()) {
                for (int column = 1; column <= columns; column++) {
                    all.getString(column);
                }
                rows++;
            }
        }
        return rows;
    }
}
