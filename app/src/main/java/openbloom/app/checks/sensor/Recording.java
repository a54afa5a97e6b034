package openbloom.app.checks.sensor;

import java.nio.ByteBuffer;
import java.time.LocalDate;
import java.util.List;
import openbloom.app.system.Columns;
import openbloom.core.pelvicfloor.trace.Trace;
import openbloom.core.pelvicfloor.trace.TraceUnit;
import openbloom.core.stage.Told;

/**
 * A sensor's trace as it is kept.
 *
 * @param source the file it came from, or the simulated sensor
 * @param protocol what was asked for
 * @param repairs what was put right when it was read
 * @param inwardLift whether an inward lift was seen; a trace cannot tell
 */
record Recording(
        long id,
        long womanId,
        LocalDate recordedOn,
        String recordedBy,
        TraceUnit unit,
        String source,
        SensorTask protocol,
        double startS,
        double stepsPerS,
        long samples,
        boolean rectified,
        String repairs,
        Told inwardLift,
        byte[] steps) {
    Trace trace() {
        float[] values = new float[steps.length / Float.BYTES];
        ByteBuffer.wrap(steps).asFloatBuffer().get(values);
        return new Trace(startS, stepsPerS, values, samples, rectified);
    }

    public List<String> repaired() {
        return Columns.lines(repairs);
    }

    static byte[] bytes(Trace trace) {
        ByteBuffer bytes = ByteBuffer.allocate(trace.steps().length * Float.BYTES);
        bytes.asFloatBuffer().put(trace.steps());
        return bytes.array();
    }
}
