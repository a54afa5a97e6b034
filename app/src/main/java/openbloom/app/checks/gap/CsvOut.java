package openbloom.app.checks.gap;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.app.system.CsvText;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.Width;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes readings as RFC 4180 CSV. A name that a spreadsheet would take for a formula is quoted with an apostrophe. */
final class CsvOut {
    private CsvOut() {}

    static String write(List<GapChecks.KeptCheck> checks, Map<Long, GapChecks.KeptCheck> seconds) {
        StringBuilder text = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(CsvColumns.headers().toArray(String[]::new))
                .get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (GapChecks.KeptCheck check : checks) {
                write(printer, check, 1);
                Optional<GapChecks.KeptCheck> second = Optional.ofNullable(seconds.get(check.root()));
                if (second.isPresent()) {
                    write(printer, second.get(), 2);
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static void write(CSVPrinter printer, GapChecks.KeptCheck check, int reading) throws IOException {
        for (GapReading one : check.check().readings()) {
            printer.printRecord(
                    check.check().date(),
                    CsvText.safe(check.examiner()),
                    check.measured().method(),
                    one.site(),
                    one.offsetMm(),
                    one.state(),
                    one.width() instanceof Width.Fingers fingers ? fingers.fingers() : "",
                    one.width() instanceof Width.Millimetres millimetres ? millimetres.mm() : "",
                    one.depth().orElseThrow(),
                    one.firmness().orElseThrow().grade(),
                    one.domed(),
                    one.sore() ? "YES" : "NO",
                    reading);
        }
    }
}
