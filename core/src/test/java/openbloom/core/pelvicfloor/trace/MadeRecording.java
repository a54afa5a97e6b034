package openbloom.core.pelvicfloor.trace;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;

/**
 * A recording made by hand, sample by sample, with the truth known. A contraction rises exponentially and decays more slowly;
 * breathing, noise, coughs, steps, hum, quantisation, clipping, jitter and gaps are laid over it. Nothing of the program's own
 * simulated sensor is used.
 */
final class MadeRecording {
    /** What was really done: between half of its first and half of its last level. */
    record Truth(boolean hold, double start, double end, double height) {}

    private record Squeeze(
            double on, double off, double height, double up, double down, DoubleUnaryOperator held, double keeps) {
        double at(double time) {
            if (time < on) {
                return 0;
            }
            double since = Math.min(time, off) - on;
            double level = height * (1 - Math.exp(-since / up)) * (off - on > 2 ? held.applyAsDouble(since) : 1);
            return time <= off ? level : level * ((1 - keeps) * Math.exp(-(time - off) / down) + keeps);
        }
    }

    private final Random random;
    private final double rest;
    private final double squeeze;
    private final List<Squeeze> squeezes = new ArrayList<>();
    private final List<Truth> truth = new ArrayList<>();
    private final List<DoubleUnaryOperator> layers = new ArrayList<>();
    private final List<double[]> gaps = new ArrayList<>();
    private final List<double[]> zeros = new ArrayList<>();
    private double at;
    private double rate = 100;
    private double noise;
    private double quantum;
    private double most = Double.MAX_VALUE;
    private double jitter;
    private double epoch;
    private double down = 0.4;
    private double fade;
    private double keeps;
    private boolean raw;
    private boolean rectified;
    private DoubleUnaryOperator mains = time -> 0;
    private double restTold;
    private boolean cleanlyLetGo = true;
    private OptionalDouble faded = OptionalDouble.empty();

    MadeRecording(long seed, double rest, double squeeze) {
        this.random = new Random(seed);
        this.rest = rest;
        this.restTold = rest;
        this.squeeze = squeeze;
        this.noise = squeeze * (0.01 + 0.03 * random.nextDouble());
    }

    double chance(double from, double to) {
        return from + (to - from) * random.nextDouble();
    }

    MadeRecording rate(double perSecond) {
        rate = perSecond;
        return this;
    }

    MadeRecording noise(double shareOfSqueeze) {
        noise = shareOfSqueeze * squeeze;
        return this;
    }

    MadeRecording rests(double seconds) {
        at += seconds;
        return this;
    }

    MadeRecording lettingGoIn(double tau) {
        down = tau;
        return this;
    }

    MadeRecording fading(double share) {
        fade = share;
        return this;
    }

    /** Share of every contraction that stays for good. */
    MadeRecording keeping(double share) {
        keeps = share;
        cleanlyLetGo = share == 0;
        return this;
    }

    MadeRecording hold(double seconds, double shareOfSqueeze) {
        double lost = fade;
        contract(true, seconds, shareOfSqueeze, chance(0.12, 0.3), since -> 1 - lost * since / seconds);
        if (fade > 0.36) {
            double after = seconds * 0.35 / fade;
            faded = OptionalDouble.of(Math.max(after, faded.orElse(0)));
        } else {
            faded = OptionalDouble.of(Math.max(seconds, faded.orElse(0)));
        }
        at += seconds;
        return this;
    }

    /**
     * A hold that changes while it lasts.
     *
     * @param share of its height, by the seconds since it began
     */
    MadeRecording hold(double seconds, double shareOfSqueeze, DoubleUnaryOperator share) {
        contract(true, seconds, shareOfSqueeze, chance(0.12, 0.3), share);
        faded = OptionalDouble.of(Math.max(endured(squeezes.get(squeezes.size() - 1)), faded.orElse(0)));
        at += seconds;
        return this;
    }

    /** Until it has lost 35 % of its highest for good. */
    private static double endured(Squeeze one) {
        double highest = 0;
        double last = one.on();
        for (double time = one.on(); time < one.off(); time += 0.01) {
            highest = Math.max(highest, one.at(time));
            last = one.at(time) >= 0.65 * highest ? time : last;
        }
        return last - one.on();
    }

    MadeRecording flick(double shareOfSqueeze) {
        return flick(shareOfSqueeze, chance(0.5, 0.9), down);
    }

    MadeRecording flick(double shareOfSqueeze, double seconds, double tau) {
        double before = down;
        down = tau;
        contract(false, seconds, shareOfSqueeze / (1 - Math.exp(-seconds / 0.1)), 0.1, since -> 1);
        down = before;
        at += seconds;
        return this;
    }

    private void contract(boolean hold, double seconds, double share, double up, DoubleUnaryOperator held) {
        double height = share * squeeze * (hold ? chance(0.95, 1.05) : 1);
        Squeeze one = new Squeeze(at, at + seconds, height, up, down, held, keeps);
        squeezes.add(one);
        double half = up * Math.log(2);
        truth.add(new Truth(hold, at + half, at + seconds + down * Math.log(2), one.at(at + seconds)));
    }

    MadeRecording layer(DoubleUnaryOperator shareOfSqueeze) {
        layers.add(time -> squeeze * shareOfSqueeze.applyAsDouble(time));
        return this;
    }

    MadeRecording breathing(double shareOfSqueeze) {
        double frequency = chance(0.2, 0.35);
        double phase = chance(0, 6);
        return layer(time -> shareOfSqueeze * Math.sin(2 * Math.PI * frequency * time + phase));
    }

    MadeRecording hum(double shareOfSqueeze) {
        return layer(time -> shareOfSqueeze * Math.sin(2 * Math.PI * 50.3 * time));
    }

    /** Where nothing is done, the level at rest is that of the middle. */
    MadeRecording restMovedBy(double shareOfSqueeze) {
        restTold += shareOfSqueeze * squeeze;
        return this;
    }

    MadeRecording drift(double shareOfSqueezeAMinute) {
        return layer(time -> shareOfSqueezeAMinute * time / 60);
    }

    /** From now on everything is higher or lower. */
    MadeRecording step(double shareOfSqueeze) {
        double from = at;
        return layer(time -> time >= from ? shareOfSqueeze * Math.min(1, (time - from) / 0.2) : 0);
    }

    /** A cough: up and down within a fifth of a second. */
    MadeRecording cough(double shareOfSqueeze, double seconds) {
        double middle = at;
        return layer(time -> shareOfSqueeze * Math.exp(-Math.pow((time - middle) / (seconds / 1.665), 2)));
    }

    /** Before the sensor lies where it should, it reads far below everything later. */
    MadeRecording leadIn(double seconds, double level) {
        layer(time -> time < seconds ? (level - rest) / squeeze : 0);
        at += seconds;
        return this;
    }

    /** The recording begins in the middle of a contraction. */
    MadeRecording beginningHeld(double seconds) {
        squeezes.add(new Squeeze(at - 5, at + seconds, squeeze, 0.2, down, since -> 1, 0));
        at += seconds;
        return this;
    }

    MadeRecording gap(double seconds) {
        gaps.add(new double[] {at, at + seconds});
        return this;
    }

    MadeRecording gapAt(double from, double seconds) {
        gaps.add(new double[] {from, from + seconds});
        return this;
    }

    MadeRecording zeroAt(double from, double seconds) {
        zeros.add(new double[] {from, from + seconds});
        return this;
    }

    MadeRecording quantised(double step) {
        quantum = step;
        return this;
    }

    MadeRecording clippedAt(double value) {
        most = value;
        return this;
    }

    MadeRecording jittered(double shareOfStep) {
        jitter = shareOfStep;
        return this;
    }

    MadeRecording epoch(double seconds) {
        epoch = seconds;
        return this;
    }

    /** Raw surface EMG: noise as strong as the muscle works, swinging about zero. */
    MadeRecording rawEmg() {
        raw = true;
        restTold = rest * Math.sqrt(2 / Math.PI);
        return this;
    }

    /** Rectified and smoothed by the device: its noise grows with the muscle's work, and it never falls below nothing. */
    MadeRecording rectified() {
        rectified = true;
        return this;
    }

    /** Mains hum under a raw signal. */
    MadeRecording mains(double hertz, double shareOfSqueeze) {
        mains = time -> shareOfSqueeze * squeeze * Math.sin(2 * Math.PI * hertz * time + 1);
        return this;
    }

    /** A heart that beats under the sensor: narrow peaks, never quite as far apart as the ones before. */
    MadeRecording heart(double beatsAMinute, double shareOfSqueeze) {
        List<Double> beats = new ArrayList<>();
        for (double beat = 0.3; beat < 1_200; beat += 60 / beatsAMinute * chance(0.94, 1.06)) {
            beats.add(beat);
        }
        return layer(time -> {
            int next = Collections.binarySearch(beats, time);
            int at = next < 0 ? -next - 1 : next;
            double near = Math.min(
                    at < beats.size() ? beats.get(at) - time : Double.MAX_VALUE,
                    at > 0 ? time - beats.get(at - 1) : Double.MAX_VALUE);
            return shareOfSqueeze * Math.exp(-Math.pow(near / 0.045, 2));
        });
    }

    /** What an amplifier does when it is switched on: it starts far above and comes down to rest. */
    MadeRecording switchedOn(double shareOfSqueeze, double tau) {
        return layer(time -> shareOfSqueeze * Math.exp(-time / tau));
    }

    Trace trace() {
        TraceBuilder builder = new TraceBuilder(raw ? TraceUnit.UV : TraceUnit.CMH2O);
        long samples = Math.round(at * rate);
        int first = 0;
        double[] kept = new double[squeezes.size()];
        for (long i = 0; i < samples; i++) {
            double time = i / rate;
            boolean lost = gaps.stream().anyMatch(gap -> time >= gap[0] && time < gap[1]);
            double value = rest;
            while (first < squeezes.size() && time > squeezes.get(first).off() + 20 && keeps == 0) {
                first++;
            }
            for (int k = first; k < squeezes.size() && squeezes.get(k).on() <= time; k++) {
                value += squeezes.get(k).at(time);
            }
            for (DoubleUnaryOperator layer : layers) {
                value += layer.applyAsDouble(time);
            }
            value = raw
                    ? value * random.nextGaussian() + mains.applyAsDouble(time)
                    : value + noise * random.nextGaussian();
            value = rectified ? Math.max(0, value * (1 + 0.15 * random.nextGaussian())) : value;
            value = quantum > 0 ? Math.round(value / quantum) * quantum : value;
            value = Math.min(most, value);
            value = zeros.stream().anyMatch(zero -> time >= zero[0] && time < zero[1]) ? 0 : value;
            double stamp = epoch + time + jitter / rate * (random.nextDouble() - 0.5);
            if (!lost) {
                builder.add(stamp, value);
            }
        }
        return builder.build();
    }

    List<Truth> truth() {
        return truth.stream()
                .map(one -> new Truth(one.hold(), one.start() + epoch, one.end() + epoch, one.height()))
                .toList();
    }

    double rest() {
        return restTold;
    }

    double squeeze() {
        return squeeze * (raw ? Math.sqrt(2 / Math.PI) : 1);
    }

    Optional<Boolean> letsGo() {
        return truth.isEmpty() ? Optional.empty() : Optional.of(cleanlyLetGo);
    }

    OptionalDouble endurance() {
        return faded;
    }
}
