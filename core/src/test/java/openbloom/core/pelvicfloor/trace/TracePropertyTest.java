package openbloom.core.pelvicfloor.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What may not depend on the sensor's amplifier, on when the recording began, or on how fast it samples. */
@net.jqwik.api.Tag("long")
@org.junit.jupiter.api.Tag("long")
class TracePropertyTest {
    private static final double RATE = 50;

    /** A louder amplifier and a sensor that began later find the same contractions, higher and later. */
    @Property(tries = 60, seed = "20261125")
    void findsTheSameLouderAndLater(
            @ForAll SensorProfile profile,
            @ForAll @IntRange(max = 1_000) int seed,
            @ForAll @DoubleRange(min = 1, max = 40) double gain,
            @ForAll @DoubleRange(min = 0, max = 5_000) double later) {
        List<SimulatedSensor.Sample> samples = samples(profile, seed);
        TraceFindings plain = analysed(samples, 1, 0);
        TraceFindings moved = analysed(samples, gain, later);
        assertThat(moved.contractions()).hasSameSizeAs(plain.contractions());
        assertThat(moved.restLevel()).isCloseTo(gain * plain.restLevel(), within(0.001 * gain * plain.peak()));
        assertThat(moved.letsGoFully()).isEqualTo(plain.letsGoFully());
        for (int i = 0; i < plain.contractions().size(); i++) {
            Contraction one = plain.contractions().get(i);
            Contraction same = moved.contractions().get(i);
            assertThat(same.hold()).isEqualTo(one.hold());
            assertThat(same.start()).isCloseTo(one.start() + later, within(0.05));
            assertThat(same.seconds()).isCloseTo(one.seconds(), within(0.05));
            assertThat(same.amplitude()).isCloseTo(gain * one.amplitude(), within(0.02 * gain * one.amplitude()));
        }
    }

    /** Every contraction has its order: one after the other, inside the trace, fading within it, no higher than the peak. */
    @Property(tries = 80, seed = "20261125")
    void everythingFoundLiesInOrderWithinTheTrace(
            @ForAll SensorProfile profile, @ForAll @IntRange(max = 1_000) int seed) {
        List<SimulatedSensor.Sample> samples = samples(profile, seed);
        TraceFindings found = analysed(samples, 1, 0);
        double last = samples.get(samples.size() - 1).seconds();
        double before = 0;
        for (Contraction one : found.contractions()) {
            assertThat(one.start()).isGreaterThanOrEqualTo(before);
            assertThat(one.end()).isBetween(one.start(), last + 1);
            assertThat(one.mean()).isLessThanOrEqualTo(one.amplitude());
            assertThat(one.hold()).isEqualTo(one.seconds() >= Convention.USUAL.holdSeconds());
            one.faded().ifPresent(after -> assertThat(after).isBetween(0.0, one.seconds()));
            one.returnSeconds().ifPresent(after -> assertThat(after).isNotNegative());
            before = one.end();
        }
        assertThat(found.enduranceSeconds())
                .isLessThanOrEqualTo(found.holds().stream()
                        .mapToDouble(Contraction::seconds)
                        .max()
                        .orElse(0));
    }

    /** A step holds the mean of its samples, as a general library reckons it, whatever the rate. */
    @Property(tries = 200, seed = "20261125")
    void aStepIsTheMeanOfItsSamples(@ForAll @IntRange(min = 100, max = 2_000) int perSecond) {
        TraceBuilder builder = new TraceBuilder(TraceUnit.CMH2O);
        List<DescriptiveStatistics> steps = new ArrayList<>();
        for (int i = 0; i < 3 * perSecond; i++) {
            double seconds = i / (double) perSecond;
            double value = 5 + Math.sin(seconds * 3) + i % 7;
            builder.add(seconds, value);
            int step = (int) Math.floor(seconds * RATE + 1e-6);
            while (steps.size() <= step) {
                steps.add(new DescriptiveStatistics());
            }
            steps.get(step).addValue(value);
        }
        Trace trace = builder.build();
        assertThat(trace.rate()).isCloseTo(RATE, within(1e-6));
        assertThat(trace.samples()).isEqualTo(3L * perSecond);
        for (int i = 0; i < steps.size(); i++) {
            assertThat(trace.steps()[i]).isCloseTo((float) steps.get(i).getMean(), within(0.001f));
        }
    }

    /** A signal that swings about zero, as raw EMG does, is rectified; a pressure below zero for a moment is not. */
    @ParameterizedTest
    @CsvSource({"UV, 0.5, true", "UV, 0.2, true", "UV, 0.05, false", "UV, 0, false", "CMH2O, 0.5, false"})
    void rectifiesOnlyARawSignal(TraceUnit unit, double shareBelowZero, boolean rectified) {
        TraceBuilder builder = new TraceBuilder(unit);
        for (int i = 0; i < 1_000; i++) {
            builder.add(i / 100.0, i % 100 < 100 * shareBelowZero ? -4 : 4);
        }
        Trace trace = builder.build();
        assertThat(trace.rectified()).isEqualTo(rectified);
        if (rectified) {
            assertThat(trace.steps()).containsOnly(4f);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0.3, 0.3, 2, 0.35, edge 0.0",
        "1, 0.3, 0.3, 2, 0.35, edge 1.0",
        "0.5, 0, 0.3, 2, 0.35, dip 0.0",
        "0.5, 0.3, 0, 2, 0.35, were 0.0 s",
        "0.5, 0.3, 3, 2, 0.35, were 3.0 s",
        "0.5, 0.3, 0.3, 2, 1, fade 1.0"
    })
    void refusesAConventionThatMakesNoSense(
            double edge, double dip, double shortest, double hold, double fade, String named) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Convention(edge, dip, shortest, hold, fade))
                .withMessageContaining(named);
    }

    @Test
    void aFlatTraceHoldsNothingAndLetsNothingGo() {
        TraceBuilder builder = new TraceBuilder(TraceUnit.CMH2O);
        for (int i = 0; i < 600; i++) {
            builder.add(i / 20.0, 7);
        }
        TraceFindings found = TraceAnalyser.analyse(builder.build(), TraceUnit.CMH2O, Convention.USUAL);
        assertThat(found.contractions()).isEmpty();
        assertThat(found.letsGoFully()).isEmpty();
        assertThat(found.restLevel()).isEqualTo(7);
        assertThat(Protocol.of(4, 6, 8, 7).beside(found))
                .containsExactly("0 of 4 holds were found.", "0 of 7 flicks were found.", "Held for 0 of 24 s asked.");
    }

    private static List<SimulatedSensor.Sample> samples(SensorProfile profile, int seed) {
        SimulatedSensor sensor = new SimulatedSensor(profile, Protocol.of(4, 6, 8, 6), RATE, 26, 0.1, seed);
        List<SimulatedSensor.Sample> samples = new ArrayList<>();
        while (sensor.hasNext()) {
            samples.add(sensor.next());
        }
        return samples;
    }

    private static TraceFindings analysed(List<SimulatedSensor.Sample> samples, double gain, double later) {
        TraceBuilder builder = new TraceBuilder(TraceUnit.CMH2O);
        samples.stream()
                .filter(sample -> !Double.isNaN(sample.value()))
                .forEach(sample -> builder.add(sample.seconds() + later, gain * sample.value()));
        return TraceAnalyser.analyse(builder.build(), TraceUnit.CMH2O, Convention.USUAL);
    }
}
