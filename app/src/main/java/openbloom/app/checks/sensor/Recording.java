package openbloom.app.checks.sensor;

import java.nio.ByteBuffer;
import java.time.LocalDate;
import java.util.List;
import openbloom.app.system.ColumnCodec;
import openbloom.core.YesNoUnknown;
import openbloom.core.pelvicfloor.trace.Trace;
import openbloom.core.pelvicfloor.trace.TraceUnit;

/**
 * A sensor's trace as it is kept.
 *
 * @param repairs what was put right when it was read
 * @param inwardLift whether an inward lift was seen; a trace cannot tell
 */
record Recording(long id, long womanId, Taken taken, String repairs, YesNoUnknown inwardLift, Steps steps) {
    /**
     * Where it comes from.
     *
     * @param source the file it came from, or the simulated sensor
     * @param protocol what was asked for
     */
    record Taken(LocalDate on, String by, TraceUnit unit, String source, SensorTask protocol) {}

    /**
     * Its values.
     *
     * @param startS time of the first, in s
     */
    record Steps(double startS, double perS, long samples, boolean rectified, byte[] values) {
        Trace trace() {
            float[] all = new float[values.length / Float.BYTES];
            ByteBuffer.wrap(values).asFloatBuffer().get(all);
            return new Trace(startS, perS, all, samples, rectified);
        }
    }

    Trace trace() {
        return steps.trace();
    }

    public List<String> repaired() {
        return ColumnCodec.lines(repairs);
    }

    static byte[] bytes(Trace trace) {
        ByteBuffer bytes = ByteBuffer.allocate(trace.steps().length * Float.BYTES);
        bytes.asFloatBuffer().put(trace.steps());
        return bytes.array();
    }
}
