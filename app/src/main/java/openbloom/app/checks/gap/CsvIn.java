package openbloom.app.checks.gap;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import openbloom.app.studio.Account;
import openbloom.app.system.CsvText;
import openbloom.app.system.FormReader;
import openbloom.app.system.RefusedLine;
import openbloom.core.Problem;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.Site;
import openbloom.core.gap.Spot;
import openbloom.core.gap.Width;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads a file of readings line by line. Commas or semicolons, decimal points or decimal commas, and a byte order mark
 * are accepted. Nothing is thrown for what somebody wrote: every line becomes a reading or a list of problems.
 */
final class CsvIn {
    static final int MOST_LINES = 5_000;
    private static final int LONGEST_NAME = 120;

    private final List<Account> team;
    private final Account me;
    private final LocalDate today;

    CsvIn(List<Account> team, Account me, LocalDate today) {
        this.team = team;
        this.me = me;
        this.today = today;
    }

    /** One line that makes sense. */
    record ReadingRow(long line, LocalDate date, Measured.Examiner by, Method method, int reading, GapReading read) {
        CheckKey key() {
            return new CheckKey(date, by, method, reading);
        }
    }

    /** What belongs to one check. */
    record CheckKey(LocalDate date, Measured.Examiner by, Method method, int reading) {}

    /** One line that does not. */

    /** Everything read. */
    record ReadingsRead(List<ReadingRow> rows, List<RefusedLine> refused) {
        static ReadingsRead nothing(Problem problem) {
            return new ReadingsRead(List.of(), List.of(new RefusedLine(1, List.of(problem))));
        }
    }

    ReadingsRead read(String file) {
        if (file.replace("\uFEFF", "").isBlank()) {
            return ReadingsRead.nothing(Problem.of("file", "csv.empty"));
        }
        try (CSVParser parser = CsvText.open(file)) {
            return read(parser);
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            return ReadingsRead.nothing(Problem.of("file", "csv.broken"));
        }
    }

    private ReadingsRead read(CSVParser parser) {
        Set<String> missing = new HashSet<>(CsvColumns.headers());
        parser.getHeaderNames().forEach(name -> missing.remove(name.toLowerCase(Locale.ROOT)));
        missing.removeAll(Set.of("examiner", "sore", "reading", "domed", "width_fingers", "width_mm"));
        if (!missing.isEmpty()) {
            return ReadingsRead.nothing(
                    Problem.of("file", "csv.columns", missing.stream().sorted().toList()));
        }
        List<ReadingRow> rows = new ArrayList<>();
        List<RefusedLine> refused = new ArrayList<>();
        Set<Object> seen = new HashSet<>();
        for (CSVRecord line : parser) {
            if (line.getRecordNumber() > MOST_LINES) {
                refused.add(new RefusedLine(
                        parser.getCurrentLineNumber(), List.of(Problem.of("file", "csv.tooMany", MOST_LINES))));
                break;
            }
            long number = parser.getCurrentLineNumber();
            FormReader typed = new FormReader();
            Optional<ReadingRow> row = row(line, number, typed);
            if (row.isPresent() && typed.isClean() && !seen.add(placeOf(row.get()))) {
                typed.refuse("site", "csv.twice");
            }
            if (row.isPresent() && typed.isClean()) {
                rows.add(row.get());
            } else {
                refused.add(new RefusedLine(number, typed.problems()));
            }
        }
        return new ReadingsRead(List.copyOf(rows), List.copyOf(refused));
    }

    private static Object placeOf(ReadingRow row) {
        return List.of(row.key(), row.read().spot(), row.read().state());
    }

    private Optional<ReadingRow> row(CSVRecord line, long number, FormReader typed) {
        Optional<LocalDate> date = typed.requiredDate("date", at(line, CsvColumns.DATE))
                .flatMap(day -> typed.pastDate("date", day.toString(), today));
        Optional<Measured.Examiner> by = examiner(at(line, CsvColumns.EXAMINER), typed);
        Optional<Method> method = typed.requiredChoice("method", upper(line, CsvColumns.METHOD), Method.class);
        Optional<Integer> reading = typed.whole("reading", at(line, CsvColumns.READING), 1, 2);
        Optional<GapReading> read = method.flatMap(known -> reading(line, known, typed));
        if (date.isEmpty() || by.isEmpty() || method.isEmpty() || read.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new ReadingRow(number, date.get(), by.get(), method.get(), reading.orElse(1), read.get()));
    }

    private Optional<Measured.Examiner> examiner(String written, FormReader typed) {
        String name = written.startsWith("'") ? written.substring(1) : written;
        if (name.isBlank()) {
            return Optional.of(new Measured.Examiner(me.id(), me.name()));
        }
        Optional<Account> found = team.stream()
                .filter(account ->
                        account.name().equalsIgnoreCase(name) || account.email().equalsIgnoreCase(name))
                .findFirst();
        if (found.isEmpty()) {
            typed.refuse("examiner", "csv.examiner", name.substring(0, Math.min(LONGEST_NAME, name.length())));
        }
        return found.map(account -> new Measured.Examiner(account.id(), account.name()));
    }

    private static Optional<GapReading> reading(CSVRecord line, Method method, FormReader typed) {
        Optional<Site> site = typed.requiredChoice("site", upper(line, CsvColumns.SITE), Site.class);
        Optional<Integer> offset =
                typed.requiredWhole("offset_mm", at(line, CsvColumns.OFFSET_MM), 0, Spot.FURTHEST_MM);
        Optional<GapState> state = typed.requiredChoice("state", upper(line, CsvColumns.STATE), GapState.class);
        Optional<Width> width = width(line, method, typed);
        Optional<Depth> depth = typed.requiredChoice("depth", upper(line, CsvColumns.DEPTH), Depth.class);
        Optional<Integer> firmness = typed.requiredWhole("firmness", at(line, CsvColumns.FIRMNESS), 0, 3);
        YesNoUnknown domed = typed.choice("domed", upper(line, CsvColumns.DOMED), YesNoUnknown.class)
                .orElse(YesNoUnknown.UNKNOWN);
        YesNoUnknown sore = typed.choice("sore", upper(line, CsvColumns.SORE), YesNoUnknown.class)
                .orElse(YesNoUnknown.UNKNOWN);
        if (!typed.isClean() || width.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new GapReading(
                new Spot(site.orElseThrow(), offset.orElseThrow()),
                state.orElseThrow(),
                width.get(),
                depth,
                firmness.map(Firmness::of),
                domed,
                sore == YesNoUnknown.YES));
    }

    private static Optional<Width> width(CSVRecord line, Method method, FormReader typed) {
        CsvColumns own = method.readsFingers() ? CsvColumns.WIDTH_FINGERS : CsvColumns.WIDTH_MM;
        CsvColumns other = method.readsFingers() ? CsvColumns.WIDTH_MM : CsvColumns.WIDTH_FINGERS;
        if (!at(line, other).isBlank()) {
            typed.refuse(other.header(), "csv.otherUnit", method.words(), own.header());
            return Optional.empty();
        }
        String written = at(line, own);
        Optional<Width> width = method.readsFingers() ? GapForm.fingers(written) : GapForm.millimetres(written);
        if (width.isEmpty()) {
            typed.refuse(own.header(), method.readsFingers() ? "gap.width" : "gap.widthMm", written);
        }
        return width;
    }

    private static String at(CSVRecord line, CsvColumns column) {
        return line.isMapped(column.header()) && line.isSet(column.header()) ? line.get(column.header()) : "";
    }

    private static String upper(CSVRecord line, CsvColumns column) {
        return at(line, column).toUpperCase(Locale.ROOT);
    }
}
