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
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Threads;
import org.openjdk.jmh.annotations.Warmup;

/** A sensor's trace from its samples to its findings: ten seconds held, ten seconds rest, over and over. */
@State(Scope.Benchmark)
@Threads(1)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class TraceBenchmark {
    @Benchmark
    @Fork(1)
    @Warmup(iterations = 5)
    @Measurement(iterations = 10)
    public TraceFindings oneHourAt100Hz() {
        return analysed(3_600, 100);
    }

    /** In a heap of 512 MB. */
    @Benchmark
    @Fork(value = 1, jvmArgsAppend = "-Xmx512m")
    @Warmup(iterations = 0)
    @Measurement(iterations = 1)
    public TraceFindings oneDayAt1000Hz() {
        return analysed(24 * 3_600, 1_000);
    }

    private static TraceFindings analysed(int seconds, int rate) {
        TraceBuilder builder = new TraceBuilder();
        long samples = (long) seconds * rate;
        for (long i = 0; i < samples; i++) {
            double time = i / (double) rate;
            boolean held = time % 20 > 10;
            builder.add(time, (held ? 28 : 8) + 0.5 * Math.sin(i * 0.7));
        }
        return TraceAnalyser.analyse(builder.build(), TraceUnit.CMH2O, Convention.USUAL);
    }
}
