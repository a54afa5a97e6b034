package openbloom.core.pelvicfloor.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * A sensor that is not there: pressure or EMG as a profile would give it, with the truth known. The same seed gives the same
 * trace.
 *
 * @see SensorProfile
 * @see Protocol
 */
public final class SimulatedSensor {
    private static final double FLICK_RAMP = 0.25;
    private static final double FAST_FLICK_SECONDS = 0.35;
    private static final double FAST_FLICK_APART = 0.75;
    private static final double WEAKER_EACH_TIME = 0.85;
    private static final double COUGH_SECONDS = 0.08;
    private static final double MOVED_BY = 0.7;
    private static final double CONTACT_LOST_SECONDS = 30;

    /** Share of the squeeze that stays each time. */
    private static final double CREEP = 0.09;

    private final SensorProfile profile;
    private final double rate;
    private final double noise;
    private final double drift;
    private final Random random;
    private final List<Truth> truth = new ArrayList<>();
    private final List<Double> coughs = new ArrayList<>();
    private final List<double[]> holes = new ArrayList<>();
    private double movedAt = Double.MAX_VALUE;
    private final double seconds;
    private long sample;

    /**
     * A contraction as it was made: start and end where it passes half of its level.
     *
     * @param hold or, if not, a flick
     * @param start in seconds
     * @param end in seconds
     * @param ramp seconds from rest to its level
     * @param height above rest, in the unit of the sensor
     * @param fade share of the height lost by its end, 0 to 1
     */
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

    /**
     * One sample; the value is NaN while the sensor has no contact.
     *
     * @param seconds since the beginning
     * @param value in the unit of the sensor, NaN without contact
     */
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
        for (Protocol.ProtocolStep step : protocol.steps()) {
            if (step.ask() != Protocol.Ask.REST) {
                contract(step, at);
            }
            at += step.seconds();
        }
        behave();
        int losses = profile == SensorProfile.DROP_OUTS ? (int) (seconds / 20) : 0;
        for (int i = 0; i < losses; i++) {
            double from = random.nextDouble() * seconds;
            holes.add(new double[] {from, from + 0.1 + 0.3 * random.nextDouble()});
        }
    }

    /** What happens in the rests. */
    private void behave() {
        for (int i = 1; i < truth.size() && profile == SensorProfile.COUGHING; i += 3) {
            coughs.add((truth.get(i - 1).end() + truth.get(i).start()) / 2 + 0.3);
        }
        int half = truth.size() / 2;
        double longest = 0;
        for (int i = 1; i < truth.size() && profile == SensorProfile.MOVING; i++) {
            double rest = truth.get(i).start() - truth.get(i - 1).end();
            movedAt = rest > longest ? (truth.get(i - 1).end() + truth.get(i).start()) / 2 : movedAt;
            longest = Math.max(longest, rest);
        }
        if (profile == SensorProfile.LOST_CONTACT && half > 0) {
            double from = truth.get(half).start() - 1;
            holes.add(new double[] {from, from + CONTACT_LOST_SECONDS});
            truth.removeIf(one -> one.end() > from && one.start() < from + CONTACT_LOST_SECONDS);
        }
    }

    private void contract(Protocol.ProtocolStep step, double at) {
        boolean hold = step.ask() == Protocol.Ask.HOLD;
        boolean fast = !hold && profile == SensorProfile.FAST_FLICKS;
        double ramp = hold ? profile.rampSeconds() : FLICK_RAMP;
        double late = 0.3 * random.nextDouble();
        double lasts = hold ? step.seconds() - 0.4 * random.nextDouble() : 0.7 + 0.4 * random.nextDouble();
        double height = profile.squeeze() * (0.9 + 0.2 * random.nextDouble());
        double start = at + late + ramp / 2;
        if (profile == SensorProfile.WEAK_AFTER_STRONG) {
            height *= Math.max(0.4, Math.pow(WEAKER_EACH_TIME, truth.size()));
        }
        int times = fast ? 2 : 1;
        for (int i = 0; i < times; i++) {
            double from = start + i * FAST_FLICK_APART;
            double to = from + (fast ? FAST_FLICK_SECONDS : lasts);
            truth.add(new Truth(hold, from, to, fast ? FLICK_RAMP / 2 : ramp, height, hold ? profile.fade() : 0));
        }
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
        double moved = time >= movedAt ? MOVED_BY * profile.squeeze() : 0;
        return profile.rest() + slow + moved + crept(time) + coughed(time) + Math.max(height + wobble, kept);
    }

    private double coughed(double time) {
        return coughs.stream()
                .mapToDouble(at -> 1.4 * profile.squeeze() * Math.exp(-Math.pow((time - at) / COUGH_SECONDS, 2)))
                .sum();
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
