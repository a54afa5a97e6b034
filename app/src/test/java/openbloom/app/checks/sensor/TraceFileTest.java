package openbloom.app.checks.sensor;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.pelvicfloor.trace.TraceUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TraceFileTest {
    /** Files that are refused: key and what it names, most often the line. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''|trace.empty|[]",
                "' / / '|trace.empty|[]",
                "time_s,value|trace.tooFew|[0]",
                "time_s,value/0,1|trace.tooFew|[1]",
                "time_s,value/0,1/0.1,two|trace.number|[3, two]",
                "time_s,value/0,1/later,2|trace.number|[3, later]",
                "time_s,value/0,1/0.1,2/0.05,3|trace.backwards|[4, 0.05, 0.1]",
                "time_s,value/NaN,1|trace.number|[2, NaN]",
                "time_s,value/0,1/0.1|trace.columns|[3]",
                "seconds;pressure/0;1|trace.header|[seconds;pressure]",
                "time,value/0,1|trace.header|[time,value]",
                "time_s,value,unit/0,1,cmH2O/0.1,2,uV|trace.unit|[3, uV, cmH2O]",
                "time_s,value_uV/0,1/0.1,2|trace.unit|[1, uv, cmH2O]",
                "time_s,value/0,1/1,2/2,3/3,4|trace.rate|[5.0, 2000.0, 1.0]",
                "time_s,value/0,1/0.1,2/200000,3|trace.tooLong|[4]",
                "GIF89a/0,1|trace.header|[GIF89a]"
            })
    void saysWhatIsWrongAndWhere(String file, String key, String named) throws IOException {
        Problem problem = read(file).problems().get(0);
        assertThat(problem.key()).isEqualTo(key);
        assertThat(problem.args()).hasToString(named);
    }

    /** Files that are accepted, with what was put right. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "time_s,value/0,1/0.1,2/0.2,3|''",
                "\uFEFFtime_s,value/0,1/0.1,2|byte order mark",
                "time_s,value (cmH2O)/0,1/0.1,2|''",
                "Time_s , Value/0,1/0.1,2|''",
                "0,1/0.1,2/0.2,3|no line of names",
                "time_s;value/0;1,5/0,1;2,5|Decimal commas",
                "time_s;value/0;1/0.1;2|semicolons",
                "time_s,value/0,1/0.1,NaN/0.2,3|1 sample without a value",
                "time_s,value/0,1/0.1,/0.2,3|1 sample without a value",
                "time_s,value/0,1/0.1,2/0.1,9/0.2,3|1 sample with the time of the one before",
                "time_s,value/0,1/0.1,2/0.2,3/0.3,3/5,4/5.1,4|A gap of 4.7 s at 0.3 s",
                "time_s,value,unit/0,1,cmH2O/0.1,2,|''",
                "time_s,value/0,1//0.1,2/|''"
            })
    void takesWhatItCanAndSaysWhatItPutRight(String file, String repaired) throws IOException {
        Outcome<TraceFile.TraceRead> read = read(file);
        assertThat(read.problems()).isEmpty();
        String repairs = String.join(" ", read.value().repairs());
        if (repaired.isEmpty()) {
            assertThat(repairs).isEmpty();
        } else {
            assertThat(repairs).contains(repaired);
        }
    }

    /** A line of a time and a value has at most 400 letters; spaces count. */
    @ParameterizedTest
    @CsvSource({"400, false", "401, true"})
    void aLineHasSoManyLettersAndNoMore(int letters, boolean refused) throws IOException {
        String line = "0.1," + " ".repeat(letters - 5) + "5";
        Outcome<TraceFile.TraceRead> read = read("time_s,value/0,5/" + line + "/0.2,5/0.3,5");
        assertThat(read.problems().stream().map(Problem::key).toList())
                .isEqualTo(refused ? List.of("trace.longLine") : List.of());
    }

    /** What no body gives is bridged and told with its line; more than one in twenty, and the file is refused at the first. */
    @Test
    void bridgesTheImpossibleAndNeverRectifiesAPressure() throws IOException {
        StringBuilder file = new StringBuilder("time_s,value");
        for (int i = 0; i < 100; i++) {
            file.append('/')
                    .append(1_700_000_000 + i / 10.0)
                    .append(',')
                    .append(i == 40 ? "9999" : i % 3 == 0 ? "-4" : "6");
        }
        TraceFile.TraceRead read = read(file.toString()).value();
        assertThat(read.repairs())
                .singleElement()
                .asString()
                .contains("1 sample of a size no body gives", "9999.0 in line 42");
        assertThat(read.trace().rectified()).isFalse();
        assertThat(read.trace().steps()).contains(-4f).doesNotContain(9999f);
        assertThat(read.trace().startSeconds()).isEqualTo(1_700_000_000);
        Problem problem = read("time_s,value/0,1/0.1,9999/0.2,3/0.3,-9999/0.4,1")
                .problems()
                .get(0);
        assertThat(problem.key()).isEqualTo("trace.impossible");
        assertThat(problem.args()).hasToString("[3, 9999.0]");
    }

    /** 100 MB, made while it is read: nothing of it is held. */
    @Test
    void readsAFileLargerThanItsMemory() throws IOException {
        long lines = 100_000_000L / 12;
        InputStream file = new InputStream() {
            private long line = -1;
            private byte[] now = "time_s,value\n".getBytes(StandardCharsets.US_ASCII);
            private int at;

            @Override
            public int read() {
                throw new UnsupportedOperationException("read in blocks");
            }

            @Override
            public int read(byte[] into, int from, int length) {
                int copied = 0;
                while (copied < length) {
                    if (at == now.length) {
                        if (++line >= lines) {
                            return copied == 0 ? -1 : copied;
                        }
                        now = line(line);
                        at = 0;
                    }
                    int part = Math.min(length - copied, now.length - at);
                    System.arraycopy(now, at, into, from + copied, part);
                    at += part;
                    copied += part;
                }
                return copied;
            }
        };
        TraceFile.TraceRead read = TraceFile.read(file, TraceUnit.CMH2O).value();
        assertThat(read.trace().samples()).isGreaterThan(4_000_000);
        assertThat(read.trace().steps().length).isLessThan(2_400_000);
    }

    /** {@code 000012.50,3}: two lines of every hundredth of a second, written by hand because formatting takes minutes. */
    private static byte[] line(long number) {
        byte[] line = "000000.00,0\n".getBytes(StandardCharsets.US_ASCII);
        long hundredths = number / 200 * 100 + number % 200 / 2;
        for (int i = 8; i >= 0; i--) {
            if (i != 6) {
                line[i] = (byte) ('0' + hundredths % 10);
                hundredths /= 10;
            }
        }
        line[10] = (byte) ('0' + number % 9);
        return line;
    }

    private static Outcome<TraceFile.TraceRead> read(String file) throws IOException {
        byte[] bytes = file.replace('/', '\n').getBytes(StandardCharsets.UTF_8);
        return TraceFile.read(new ByteArrayInputStream(bytes), TraceUnit.CMH2O);
    }
}
