package openbloom.core.pelvicfloor.trace;

import openbloom.core.evidence.Published;

/**
 * How a contraction is found on a trace. No standard is published for sampled pressure or surface EMG, so these numbers are
 * our own convention, named and adjustable.
 *
 * @param onShare share of the squeeze above rest at which a contraction begins
 * @param offShare share at which it has ended; lower, so that a wavering hold stays one
 * @param shortestSeconds anything shorter is noise
 * @param holdSeconds from this length on it is a hold, below it a flick
 * @param fadeShare a hold has faded when it falls by this share of its first second (35 %, defined for palpation: here an
 *     extrapolation)
 */
public record Convention(
        double onShare, double offShare, double shortestSeconds, double holdSeconds, double fadeShare) {
    public static final Convention USUAL = new Convention(0.5, 0.3, 0.3, 2, Published.FADE.amount() / 100.0);

    /** @throws IllegalArgumentException unless 0 < off < on < 1 and the times are positive */
    public Convention {
        if (!(offShare > 0 && offShare < onShare && onShare < 1)) {
            throw new IllegalArgumentException(
                    "Thresholds must be 0 < off < on < 1, but were off " + offShare + " and on " + onShare);
        }
        if (!(shortestSeconds > 0 && holdSeconds > shortestSeconds && fadeShare > 0 && fadeShare < 1)) {
            throw new IllegalArgumentException("Times and fade must be positive, but were " + shortestSeconds + " s, "
                    + holdSeconds + " s and " + fadeShare);
        }
    }
}
