package openbloom.app.checks.sensor;

import java.time.LocalDate;
import java.util.List;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.StudioDay;
import openbloom.core.pelvicfloor.trace.SensorProfile;
import openbloom.core.pelvicfloor.trace.SimulatedSensor;
import openbloom.core.pelvicfloor.trace.TraceBuilder;
import openbloom.core.pelvicfloor.trace.TraceUnit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what a sensor recorded. */
@Service
public class SensorRecordings {
    static final double SIMULATED_RATE = 50;
    private static final double SIMULATED_DECIBELS = 24;
    private static final double NOISY_DECIBELS = 12;
    private static final double SIMULATED_DRIFT = 0.1;
    private static final int LONGEST_SOURCE = 120;

    private final RecordingMapper recordings;
    private final StudioDay day;

    SensorRecordings(RecordingMapper recordings, StudioDay day) {
        this.recordings = recordings;
        this.day = day;
    }

    /** Where a recording came from. */
    record From(TraceUnit unit, String source, SensorTask protocol, String formKey) {}

    /** The simulated sensor; the same seed always gives the same trace. */
    static SimulatedSensor sensor(SensorProfile profile, SensorTask asked, long seed) {
        double decibels = profile == SensorProfile.NOISY ? NOISY_DECIBELS : SIMULATED_DECIBELS;
        return new SimulatedSensor(profile, asked.protocol(), SIMULATED_RATE, decibels, SIMULATED_DRIFT, seed);
    }

    /** Keeps a recording. */
    @Transactional
    long keep(SignedIn me, Woman woman, TraceFile.TraceRead read, From from) {
        LocalDate today = day.today(me);
        String source =
                from.source().length() > LONGEST_SOURCE ? from.source().substring(0, LONGEST_SOURCE) : from.source();
        return recordings.insert(
                new RecordingMapper.NewRecording(
                        woman.id(),
                        from.formKey(),
                        new RecordingMapper.TakenRow(today, me.accountId(), day.instant(), from.unit(), source),
                        from.protocol(),
                        read.trace(),
                        ColumnCodec.lines(read.repairs()),
                        Recording.bytes(read.trace())),
                from.unit().name());
    }

    /** Keeps a whole short protocol of the simulated sensor. */
    public void keepSimulated(SignedIn me, Woman woman, SensorProfile profile, String formKey) {
        String source = "simulated sensor, " + profile.words();
        From from = new From(TraceUnit.CMH2O, source, SensorTask.SHORT, formKey);
        keep(
                me,
                woman,
                simulated(
                        profile,
                        SensorTask.SHORT,
                        woman.id(),
                        SensorTask.SHORT.protocol().seconds()),
                from);
    }

    /** What the simulated sensor recorded up to a moment. */
    static TraceFile.TraceRead simulated(SensorProfile profile, SensorTask asked, long seed, double seconds) {
        SimulatedSensor sensor = sensor(profile, asked, seed);
        TraceBuilder builder = new TraceBuilder(TraceUnit.CMH2O);
        long lost = 0;
        while (sensor.hasNext()) {
            SimulatedSensor.Sample sample = sensor.next();
            if (sample.seconds() > seconds) {
                break;
            }
            if (Double.isNaN(sample.value())) {
                lost++;
            } else {
                builder.add(sample.seconds(), sample.value());
            }
        }
        List<String> repairs = lost == 0 ? List.of() : List.of(TraceFile.samples(lost) + " without contact.");
        return new TraceFile.TraceRead(builder.build(), repairs);
    }
}
