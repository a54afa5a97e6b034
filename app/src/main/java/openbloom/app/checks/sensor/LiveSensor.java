package openbloom.app.checks.sensor;

import java.io.IOException;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import openbloom.core.pelvicfloor.trace.SimulatedSensor;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Streams the simulated sensor as it would record: ten events a second, each the mean of its samples. */
@Component
class LiveSensor {
    private static final long EVERY_MS = 100;
    private static final long LONGEST_MS = 15 * 60 * 1_000L;

    private final ScheduledExecutorService clockwork = Executors.newScheduledThreadPool(2, work -> {
        Thread thread = new Thread(work, "simulated-sensor");
        thread.setDaemon(true);
        return thread;
    });
    private final Set<SseEmitter> open = ConcurrentHashMap.newKeySet();

    SseEmitter stream(SimulatedSensor sensor) {
        SseEmitter emitter = new SseEmitter(LONGEST_MS);
        open.add(emitter);
        ScheduledFuture<?> work =
                clockwork.scheduleAtFixedRate(() -> send(emitter, sensor), EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
        Runnable end = () -> {
            open.remove(emitter);
            work.cancel(false);
        };
        emitter.onCompletion(end);
        emitter.onTimeout(end);
        emitter.onError(broken -> end.run());
        return emitter;
    }

    private static void send(SseEmitter emitter, SimulatedSensor sensor) {
        try {
            if (!sensor.hasNext()) {
                emitter.send(SseEmitter.event().name("end").data("end"));
                emitter.complete();
                return;
            }
            emitter.send(SseEmitter.event().name("sample").data(next(sensor)));
        } catch (IOException | IllegalStateException gone) {
            emitter.completeWithError(gone);
        }
    }

    /** {@code 12.3,8.71}: time in seconds and value, or {@code 12.3,} without contact. */
    private static String next(SimulatedSensor sensor) {
        double sum = 0;
        int known = 0;
        double time = 0;
        for (int i = 0; i < SensorRecordings.SIMULATED_RATE * EVERY_MS / 1_000 && sensor.hasNext(); i++) {
            SimulatedSensor.Sample sample = sensor.next();
            time = sample.seconds();
            if (!Double.isNaN(sample.value())) {
                sum += sample.value();
                known++;
            }
        }
        return known == 0
                ? String.format(Locale.ROOT, "%.2f,", time)
                : String.format(Locale.ROOT, "%.2f,%.3f", time, sum / known);
    }

    /** Open streams would hold up the shutdown. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        clockwork.shutdownNow();
        open.forEach(SseEmitter::complete);
    }
}
