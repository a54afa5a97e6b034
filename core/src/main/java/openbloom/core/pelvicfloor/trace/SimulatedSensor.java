package openbloom.core.pelvicfloor.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * A sensor that is not there: pressure or EMG as a profile would give it, with the truth known. The same seed gives the same
 * trace.
 */
public final class SimulatedSensor {
    private static final double FLICK_RAMP = 0.25;

    private final SensorProfile profile;
    private final double rate;
    private final double noise;
    private final double drift;
    private final Random random;
    private final List<Truth> truth = new ArrayList<>();
    /** Share of the squeeze that stays each time. */
    private static final double CREEP = 0.09;

    private final List<double[]> holes = new ArrayList<>();
    private final double seconds;
    private long sample;

    /** A contraction as it was made: start and end where it passes half of its level. */
    public record Truth(boolean hold, double start, double end, double ramp, double height, double fade) {
        /** Height at a time, without wobble. */
        double at(double time) {
            double from = start - ramp / 2;
            double to = end + ramp / 2;
            if (time <= from || time >= to) {
                return 0;
            }
            double up = eased((time - from) / ramp);
            double down = eased((to - time) / ramp);
            double share = Math.max(0, Math.min(1, (time - start) / Math.max(0.1, end - start)));
            return height * (1 - fade * share) * Math.min(up, down);
        }

        private static double eased(double share) {
            return share >= 1 ? 1 : (1 - Math.cos(Math.PI * Math.max(0, share))) / 2;
        }
    }

    /** One sample; the value is NaN while the sensor has no contact. */
    public record Sample(double seconds, double value) {}

    /**
     * @param rate samples a second
     * @param decibels squeeze over noise, 20·log10 of the squeeze over the noise's SD
     * @param drift how far the level drifts from start to end, as a share of the squeeze
     */
    public SimulatedSensor(
            SensorProfile profile, Protocol protocol, double rate, double decibels, double drift, long seed) {
        this.profile = profile;
        this.rate = rate;
        this.noise = profile.squeeze() / Math.pow(10, decibels / 20);
        this.drift = drift * profile.squeeze();
        this.random = new Random(seed);
        this.seconds = protocol.seconds();
        perform(protocol);
    }

    private void perform(Protocol protocol) {
        double at = 0;
        for (Protocol.Step step : protocol.steps()) {
            if (step.ask() != Protocol.Ask.REST) {
                contract(step, at);
            }
            at += step.seconds();
        }
        int losses = profile == SensorProfile.DROP_OUTS ? (int) (seconds / 20) : 0;
        for (int i = 0; i < losses; i++) {
            double from = random.nextDouble() * seconds;
            holes.add(new double[] {from, from + 0.1 + 0.3 * random.nextDouble()});
        }
    }

    private void contract(Protocol.Step step, double at) {
        boolean hold = step.ask() == Protocol.Ask.HOLD;
        double ramp = hold ? profile.rampSeconds() : FLICK_RAMP;
        double late = 0.3 * random.nextDouble();
        double lasts = hold ? step.seconds() - 0.4 * random.nextDouble() : 0.7 + 0.4 * random.nextDouble();
        double height = profile.squeeze() * (0.9 + 0.2 * random.nextDouble());
        double start = at + late + ramp / 2;
        truth.add(new Truth(hold, start, start + lasts, ramp, height, hold ? profile.fade() : 0));
    }

    public List<Truth> truth() {
        return List.copyOf(truth);
    }

    public double seconds() {
        return seconds;
    }

    public boolean hasNext() {
        return sample / rate < seconds;
    }

    public Sample next() {
        double time = sample++ / rate;
        boolean lost = holes.stream().anyMatch(hole -> time >= hole[0] && time < hole[1]);
        double value = level(time) + noise * random.nextGaussian();
        return new Sample(time, lost ? Double.NaN : value);
    }

    /** Rest, drift, what she does not let go of, and the contraction of the moment. */
    private double level(double time) {
        double height = 0;
        double kept = 0;
        for (Truth one : truth) {
            double now = one.at(time);
            height = Math.max(height, now);
            if (time > one.start()) {
                kept = profile.keeps() * one.height() * Math.exp(-(time - one.end()) / 60);
                kept = time < one.end() ? Math.min(kept, profile.keeps() * one.height()) : kept;
            }
        }
        double wobble = height == 0 ? 0 : profile.wobble() * height * Math.sin(2 * Math.PI * 0.7 * time);
        double slow = drift * time / seconds + 0.03 * profile.squeeze() * Math.sin(2 * Math.PI * time / 47);
        return profile.rest() + slow + crept(time) + Math.max(height + wobble, kept);
    }

    /** What stays of every contraction of a floor that lets go a little less each time. */
    private double crept(double time) {
        return profile == SensorProfile.CREEPING_REST
                ? CREEP
                        * profile.squeeze()
                        * truth.stream().filter(one -> time > one.start()).count()
                : 0;
    }

    /** The level at rest before anything is asked. */
    public double restTruth() {
        double until = truth.isEmpty() ? seconds : truth.get(0).start() - 1;
        double sum = 0;
        int steps = 200;
        for (int i = 0; i < steps; i++) {
            sum += level(until * i / steps);
        }
        return sum / steps;
    }
}
