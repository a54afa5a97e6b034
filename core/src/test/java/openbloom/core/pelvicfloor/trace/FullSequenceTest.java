package openbloom.core.pelvicfloor.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * A sequence of five parts told from the usual holds and flicks, and read part by part. Expected from what the simulated sensor is
 * told to do, written before anything ran: 8 at rest and 20 above it, 5 % less at the end of a hold (fading: 6, 9 and 45 %), so that over a
 * minute the last ten seconds are 4 % (38 %) below the first; 0.5 s up and down, of which a tenth to nine tenths take 0.3 s.
 */
class FullSequenceTest {
    private static Trace read(SensorProfile profile, Protocol protocol, double rate, double decibels) {
        SimulatedSensor sensor = new SimulatedSensor(profile, protocol, rate, decibels, 0, 11);
        TraceBuilder builder = new TraceBuilder(TraceUnit.UV);
        while (sensor.hasNext()) {
            SimulatedSensor.Sample sample = sensor.next();
            builder.add(sample.seconds(), sample.value());
        }
        return builder.build();
    }

    private static Optional<FullSequence> found(
            SensorProfile profile, Protocol protocol, double rate, double decibels) {
        Trace trace = read(profile, protocol, rate, decibels);
        return FullSequence.in(trace, TraceAnalyser.analyse(trace, TraceUnit.UV, Convention.USUAL));
    }

    @ParameterizedTest
    @CsvSource({"20, 30", "100, 25", "250, 20"})
    void isReadPartByPart(double rate, double decibels) {
        FullSequence found =
                found(SensorProfile.TYPICAL, Protocol.glazer(), rate, decibels).orElseThrow();
        assertThat(found.before().seconds()).isCloseTo(60, within(1.0));
        assertThat(found.before().level()).isCloseTo(8, within(0.4));
        assertThat(found.after().level()).isCloseTo(8, within(0.6));
        assertThat(found.before().unrest()).as("noise of the sensor alone").isLessThan(2.2);
        assertThat(found.quick().count()).isEqualTo(5);
        assertThat(found.quick().peak()).isCloseTo(20, within(3.0));
        assertThat(found.holds().count()).isEqualTo(5);
        assertThat(found.holds().mean()).isCloseTo(19.4, within(1.0));
        assertThat(found.holds().riseSeconds()).isCloseTo(0.3, within(0.25));
        assertThat(found.holds().fallSeconds().orElseThrow()).isLessThan(1.2);
        assertThat(found.endurance().seconds()).isCloseTo(60, within(1.5));
        assertThat(found.endurance().mean()).isCloseTo(19.5, within(1.0));
        assertThat(found.endurance().drop()).isCloseTo(4, within(3.0));
    }

    @Test
    void aMinuteThatTiresSaysByHowMuch() {
        FullSequence found =
                found(SensorProfile.WEAK_FADING, Protocol.glazer(), 100, 30).orElseThrow();
        assertThat(found.before().level()).isCloseTo(6, within(0.4));
        assertThat(found.endurance().drop()).isCloseTo(38, within(6.0));
        assertThat(found.endurance().spread())
                .as("unrest of one that sinks by 45 % of its height: 0.45 / √12 of 0.775, 17 %")
                .isCloseTo(17, within(4.0));
    }

    private static Protocol without(int part) {
        List<Protocol.ProtocolStep> steps = new ArrayList<>(Protocol.glazer().steps());
        switch (part) {
            case 0 -> steps.set(0, new Protocol.ProtocolStep(Protocol.Ask.REST, 12));
            case 1 -> steps.subList(1, 11).clear();
            case 2 -> steps.subList(11, 21).clear();
            case 3 -> steps.set(21, new Protocol.ProtocolStep(Protocol.Ask.REST, 1));
            default -> steps.set(22, new Protocol.ProtocolStep(Protocol.Ask.REST, 9));
        }
        return new Protocol("without part " + part, steps);
    }

    @ParameterizedTest
    @CsvSource({"0", "1", "2", "3", "4"})
    void oneWithAPartMissingIsNone(int part) {
        assertThat(found(SensorProfile.TYPICAL, without(part), 50, 30)).isEmpty();
    }

    @Test
    void theUsualHoldsAndFlicksAreNone() {
        assertThat(found(SensorProfile.TYPICAL, Protocol.of(4, 6, 8, 7), 50, 30))
                .isEmpty();
        assertThat(found(SensorProfile.TYPICAL, Protocol.of(10, 10, 10, 10), 50, 30))
                .isEmpty();
    }
}
