package openbloom.core.pelvicfloor.trace;

/**
 * How the simulated sensor behaves. Shares are of the squeeze.
 *
 * @see SimulatedSensor
 */
public enum SensorProfile {
    TYPICAL("typical", 8, 20, 0.05, 0, 0.5, 0.02),
    WEAK_FADING("weak, fading", 6, 9, 0.45, 0, 0.6, 0.03),
    TIGHT_HIGH_REST("tight, high rest", 28, 10, 0.1, 0, 0.8, 0.03),
    NO_RELEASE("no release", 12, 18, 0.05, 0.4, 0.6, 0.02),
    CREEPING_REST("lets go a little less each time", 8, 20, 0.05, 0, 0.6, 0.02),
    WEAK_AFTER_STRONG("weaker each time", 8, 20, 0.05, 0, 0.5, 0.02),
    FAST_FLICKS("flicks faster than asked", 8, 20, 0.05, 0, 0.5, 0.02),
    COUGHING("coughs in between", 8, 20, 0.05, 0, 0.5, 0.02),
    MOVING("moves, and the sensor with her", 8, 20, 0.05, 0, 0.5, 0.02),
    LOST_CONTACT("loses contact for half a minute", 8, 20, 0.05, 0, 0.5, 0.02),
    BEARING_DOWN("bearing down suspected", 8, 30, 0, 0, 1.1, 0.1),
    NOISY("noisy", 8, 18, 0.1, 0, 0.5, 0.02),
    DROP_OUTS("drop-outs", 8, 20, 0.05, 0, 0.5, 0.02);

    private final String words;
    private final double rest;
    private final double squeeze;
    private final double fade;
    private final double keeps;
    private final double rampSeconds;
    private final double wobble;

    /**
     * @param rest level at rest, in the unit
     * @param squeeze height of a squeeze above rest, in the unit
     * @param fade share a hold loses to its end
     * @param keeps share that stays after every contraction because she does not let go
     * @param rampSeconds how long rising and returning take in a hold
     * @param wobble share by which a hold wavers
     */
    SensorProfile(
            String words, double rest, double squeeze, double fade, double keeps, double rampSeconds, double wobble) {
        this.words = words;
        this.rest = rest;
        this.squeeze = squeeze;
        this.fade = fade;
        this.keeps = keeps;
        this.rampSeconds = rampSeconds;
        this.wobble = wobble;
    }

    public String words() {
        return words;
    }

    public double rest() {
        return rest;
    }

    public double squeeze() {
        return squeeze;
    }

    double fade() {
        return fade;
    }

    double keeps() {
        return keeps;
    }

    double rampSeconds() {
        return rampSeconds;
    }

    double wobble() {
        return wobble;
    }
}
