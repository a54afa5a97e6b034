package openbloom.app.system;

import java.io.IOException;
import java.io.StringReader;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.DuplicateHeaderMode;

/** Spreadsheets as they are saved: commas or semicolons, with or without a byte order mark. */
public final class CsvText {
    private CsvText() {}

    /**
     * Opens a file whose first row names its columns.
     *
     * @throws IllegalArgumentException when a column is named twice or has no name
     */
    public static CSVParser open(String file) throws IOException {
        String text = file.startsWith("\uFEFF") ? file.substring(1) : file;
        String head = text.lines().findFirst().orElse("");
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(head.contains(";") ? ';' : ',')
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
                .get();
        return CSVParser.parse(new StringReader(text), format);
    }

    /** A text that no spreadsheet takes for a formula: one that would be gets an apostrophe before it. */
    public static String safe(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    /** The text that {@link #safe} was given. */
    public static String plain(String cell) {
        return cell.length() > 1
                        && cell.charAt(0) == '\''
                        && !safe(cell.substring(1)).equals(cell.substring(1))
                ? cell.substring(1)
                : cell;
    }
}
