package openbloom.app.checks.sensor;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.pelvicfloor.trace.Trace;
import openbloom.core.pelvicfloor.trace.TraceBuilder;
import openbloom.core.pelvicfloor.trace.TraceUnit;
import org.jspecify.annotations.Nullable;

/**
 * Reads a sensor's file line by line, however long it is: {@code time_s,value}, with semicolons or tabs, decimal commas and
 * a byte order mark accepted. What was put right is told; what cannot be is refused with its line.
 */
public final class TraceFile {
    private static final double SLOWEST = 5;
    private static final double FASTEST = 2_000;
    private static final double LONG_GAP_SECONDS = 1;
    private static final int GAPS_TOLD = 3;
    private static final double LARGEST_VALUE = 100_000;
    private static final double MOST_IMPOSSIBLE = 0.05;
    private static final double LARGEST_SECONDS = 1e11;
    private static final int LONGEST_LINE = 400;
    private static final String BYTE_ORDER_MARK = "\uFEFF";
    private static final Pattern VALUE_WITH_UNIT = Pattern.compile("value[\\s_(\\[]*([a-zµ0-9]*)[\\s)\\]]*");

    private final TraceUnit unit;
    private final TraceBuilder builder;
    private final List<String> repairs = new ArrayList<>();
    private char delimiter = ',';
    private boolean decimalCommas;
    private long line;
    private long without;
    private long sameTime;
    private long impossible;
    private Impossible firstImpossible = new Impossible(0, 0);
    private int gaps;
    private double firstSeconds;

    private TraceFile(TraceUnit unit) {
        this.unit = unit;
        this.builder = new TraceBuilder(unit);
    }

    /** A trace and what was put right in it. */
    public record TraceRead(Trace trace, List<String> repairs) {}

    /** A value no body gives, and where it stands. */
    private record Impossible(long line, double value) {}

    /** A line that cannot be read. */
    private static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1;
        private final transient Problem problem;

        Unreadable(String key, Object... args) {
            super(key);
            this.problem = Problem.of("file", key, args);
        }
    }

    /** @throws IOException if the stream breaks off */
    public static Outcome<TraceRead> read(InputStream bytes, TraceUnit unit) throws IOException {
        try {
            return Outcome.accepted(new TraceFile(unit)
                    .read(new BufferedReader(new InputStreamReader(bytes, StandardCharsets.UTF_8), 1 << 16)));
        } catch (Unreadable unreadable) {
            return Outcome.refused(unreadable.problem);
        }
    }

    private TraceRead read(BufferedReader lines) throws IOException, Unreadable {
        String first = next(lines);
        while (first != null && first.isBlank()) {
            first = next(lines);
        }
        if (first == null) {
            throw new Unreadable("trace.empty");
        }
        if (first.startsWith(BYTE_ORDER_MARK)) {
            repairs.add("A byte order mark at the start was passed over.");
        }
        head(first.startsWith(BYTE_ORDER_MARK) ? first.substring(1) : first);
        for (String row = next(lines); row != null; row = next(lines)) {
            if (!row.isBlank()) {
                row(row);
            }
        }
        return finished();
    }

    private @Nullable String next(BufferedReader lines) throws IOException {
        line++;
        return lines.readLine();
    }

    private void head(String first) throws Unreadable {
        delimiter = first.indexOf(';') >= 0 ? ';' : first.indexOf('\t') >= 0 ? '\t' : ',';
        if (delimiter != ',') {
            repairs.add("Columns are parted by " + (delimiter == ';' ? "semicolons." : "tabs."));
        }
        String plain = first.strip().toLowerCase(Locale.ROOT).replace("\"", "");
        boolean named = plain.startsWith("time");
        if (named) {
            String[] names = plain.split(String.valueOf(delimiter));
            Matcher value = VALUE_WITH_UNIT.matcher(names.length < 2 ? "" : names[1].strip());
            if (!names[0].strip().equals("time_s") || !value.matches()) {
                throw new Unreadable("trace.header", first);
            }
            unit(value.group(1));
            return;
        }
        if (first.isEmpty() || Character.isLetter(first.strip().charAt(0))) {
            throw new Unreadable("trace.header", first);
        }
        repairs.add("There is no line of names: the first column was taken as seconds, the second as the value.");
        row(first);
    }

    private void row(String row) throws Unreadable {
        if (row.length() > LONGEST_LINE) {
            throw new Unreadable("trace.longLine", line);
        }
        int end = row.indexOf(delimiter);
        if (end < 0) {
            throw new Unreadable("trace.columns", line);
        }
        int then = row.indexOf(delimiter, end + 1);
        if (then >= 0) {
            unit(row.substring(then + 1).strip());
        }
        String value = (then < 0 ? row.substring(end + 1) : row.substring(end + 1, then)).strip();
        add(number(row.substring(0, end).strip()), value);
    }

    private void unit(String written) throws Unreadable {
        boolean same = written.isEmpty()
                || TraceUnit.parse(written.replace("µV", "uV"))
                        .filter(unit::equals)
                        .isPresent();
        if (!same) {
            throw new Unreadable("trace.unit", line, written, unit.toString());
        }
    }

    private void add(double seconds, String written) throws Unreadable {
        boolean missing = written.isEmpty() || written.equalsIgnoreCase("nan");
        if (!Double.isFinite(seconds)) {
            throw new Unreadable("trace.number", line, "NaN");
        }
        double value = missing ? 0 : number(written);
        if (Double.isFinite(value) && Math.abs(value) > LARGEST_VALUE || Math.abs(seconds) > LARGEST_SECONDS) {
            throw new Unreadable("trace.impossible", line, missing ? seconds : value);
        }
        if (missing || !Double.isFinite(value)) {
            without++;
            return;
        }
        if (!unit.canBe(value)) {
            firstImpossible = impossible == 0 ? new Impossible(line, value) : firstImpossible;
            impossible++;
            return;
        }
        double last = builder.lastSeconds();
        if (seconds == last) {
            sameTime++;
            return;
        }
        if (seconds < last) {
            throw new Unreadable("trace.backwards", line, seconds, last);
        }
        gap(last, seconds);
        try {
            builder.add(seconds, value);
        } catch (IllegalArgumentException tooLong) {
            throw new Unreadable("trace.tooLong", line);
        }
    }

    private void gap(double last, double seconds) {
        if (builder.samples() == 0) {
            firstSeconds = seconds;
        } else if (seconds - last > LONG_GAP_SECONDS && ++gaps <= GAPS_TOLD) {
            repairs.add(String.format(Locale.ROOT, "A gap of %.1f s at %.1f s was bridged.", seconds - last, last));
        }
    }

    private double number(String written) throws Unreadable {
        String plain = written.indexOf('"') >= 0 ? written.replace("\"", "") : written;
        if (plain.indexOf(',') >= 0 && delimiter != ',') {
            plain = plain.replace(',', '.');
            decimalCommas = true;
        }
        try {
            return Double.parseDouble(plain);
        } catch (NumberFormatException noNumber) {
            throw new Unreadable("trace.number", line, plain);
        }
    }

    static String samples(long count) {
        return count == 1 ? "1 sample" : count + " samples";
    }

    static String were(long count) {
        return count == 1 ? "was" : "were";
    }

    private TraceRead finished() throws Unreadable {
        if (builder.samples() < 2) {
            throw new Unreadable("trace.tooFew", builder.samples());
        }
        if (impossible > MOST_IMPOSSIBLE * (builder.samples() + impossible)) {
            throw new Unreadable("trace.impossible", firstImpossible.line(), firstImpossible.value());
        }
        double rate = (builder.samples() + without + impossible - 1) / (builder.lastSeconds() - firstSeconds);
        Trace trace = builder.build();
        if (rate > FASTEST || trace.rate() < SLOWEST * 0.9) {
            throw new Unreadable("trace.rate", SLOWEST, FASTEST, Math.round(rate * 10) / 10.0);
        }
        if (decimalCommas) {
            repairs.add("Decimal commas were read as points.");
        }
        if (without > 0) {
            repairs.add(samples(without) + " without a value " + were(without) + " bridged.");
        }
        if (impossible > 0) {
            repairs.add(String.format(
                    Locale.ROOT,
                    "%s of a size no body gives, the first %s in line %d, %s bridged.",
                    samples(impossible),
                    firstImpossible.value(),
                    firstImpossible.line(),
                    were(impossible)));
        }
        if (sameTime > 0) {
            repairs.add(samples(sameTime) + " with the time of the one before " + were(sameTime) + " left out.");
        }
        if (gaps > GAPS_TOLD) {
            repairs.add("Further gaps: " + (gaps - GAPS_TOLD) + ".");
        }
        if (trace.rectified()) {
            repairs.add("The signal goes below zero as a raw one does; it was rectified.");
        }
        if (builder.hummed()) {
            repairs.add("Mains hum was left out of it.");
        }
        return new TraceRead(trace, List.copyOf(repairs));
    }
}
