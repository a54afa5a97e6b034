package openbloom.bench;

import java.util.concurrent.TimeUnit;
import openbloom.core.pelvicfloor.trace.Convention;
import openbloom.core.pelvicfloor.trace.TraceAnalyser;
import openbloom.core.pelvicfloor.trace.TraceBuilder;
import openbloom.core.pelvicfloor.trace.TraceFindings;
import openbloom.core.pelvicfloor.trace.TraceUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Threads;
import org.openjdk.jmh.annotations.Warmup;

/** A sensor's trace from its samples to its findings: ten seconds held, ten seconds rest, over and over. */
@State(Scope.Benchmark)
@Threads(1)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class TraceBenchmark {
    private static final int HOUR = 3_600;
    private final double[] hour = new double[HOUR * 100];

    @Setup
    public void record() {
        for (int i = 0; i < hour.length; i++) {
            hour[i] = value(i / 100.0, i);
        }
    }

    private static double value(double time, long sample) {
        return (time % 20 > 10 ? 28 : 8) + 0.5 * Math.sin(sample * 0.7);
    }

    @Benchmark
    @Fork(1)
    @Warmup(iterations = 5)
    @Measurement(iterations = 10)
    public TraceFindings oneHourAt100Hz() {
        TraceBuilder builder = new TraceBuilder(TraceUnit.CMH2O);
        for (int i = 0; i < hour.length; i++) {
            builder.add(i / 100.0, hour[i]);
        }
        return TraceAnalyser.analyse(builder.build(), TraceUnit.CMH2O, Convention.USUAL);
    }

    /** In a heap of 512 MB. */
    @Benchmark
    @Fork(value = 1, jvmArgsAppend = "-Xmx512m")
    @Warmup(iterations = 0)
    @Measurement(iterations = 1)
    public TraceFindings oneDayAt1000Hz() {
        TraceBuilder builder = new TraceBuilder(TraceUnit.CMH2O);
        for (long i = 0; i < 24L * HOUR * 1_000; i++) {
            builder.add(i / 1_000.0, value(i / 1_000.0, i));
        }
        return TraceAnalyser.analyse(builder.build(), TraceUnit.CMH2O, Convention.USUAL);
    }
}
