package openbloom.core.pelvicfloor.trace;

import openbloom.core.evidence.Published;

/**
 * How a contraction is found on a trace. No standard is published for sampled pressure or surface EMG, so these numbers are
 * our own convention, named here and nowhere else; those an instructor may try out stand in the record.
 *
 * @param edgeShare share of its own level at which a contraction begins and ends
 * @param dipShare depth of a dip, as a share of the lower peak beside it, from which one contraction is two; a wavering hold
 *     stays one
 * @param shortestSeconds anything shorter is noise
 * @param holdSeconds from this length on it is a hold, below it a flick
 * @param fadeShare a hold has faded when it falls by this share of its first second (35 %, defined for palpation: here an
 *     extrapolation)
 * @see Finder
 * @see TraceAnalyser
 */
public record Convention(
        double edgeShare, double dipShare, double shortestSeconds, double holdSeconds, double fadeShare) {
    public static final Convention USUAL = new Convention(0.5, 0.4, 0.3, 2, Published.FADE.amount() / 100.0);

    /** Mean over so long to find contractions: longer than a heartbeat's ripple, shorter than a flick. */
    static final double FIND_SECONDS = 0.3;

    /** The same where the noise is more than {@link #NOISY_SHARE} of all the trace spans. */
    static final double FIND_IN_NOISE_SECONDS = 0.6;

    static final double NOISY_SHARE = 0.08;

    /** Mean over so long to tell one flick from the next and to measure height: it costs a flick under 5 % of its peak. */
    static final double FINE_SECONDS = 0.1;

    /** Levels so far apart are compared to learn the noise: quiet breathing counts as noise, drift does not. */
    static final double NOISE_SECONDS = 0.8;

    /** The same for what is faster than a breath. */
    static final double QUICK_NOISE_SECONDS = 0.3;

    /** A contraction stands at least so many times the noise above rest. */
    static final double CLEAR_OF_NOISE = 3.5;

    /** A dip in the finely smoothed trace splits only if it is so many times its noise. */
    static final double CLEAR_DIP = 8;

    /** A repetition weaker than this share of the usual squeeze is not told from a wavering rest. */
    static final double WEAKEST_SHARE = 0.2;

    /** A hold that dips stays one if it is held for so long on either side of the dip … */
    static final double HELD_BESIDE_A_DIP_SECONDS = 1.5;

    /** … never comes as near to rest as this share of its height … */
    static final double NOT_LET_GO = 0.3;

    /** … and stays below this share of it … */
    static final double LOW_IN_A_DIP = 0.6;

    /** … no longer than this. */
    static final double DIP_SECONDS = 1;

    /** Narrower than this at half its height, before any smoothing, is a cough or a knock; a flick takes longer. */
    static final double COUGH_SECONDS = 0.28;

    /** Fewer steps a second cannot show how narrow a cough is. */
    static final double COUGH_STEPS_A_SECOND = 25;

    /** A fall far below rest, or to nothing at all, that lasts no longer than this is lost contact and no letting go. */
    static final double DROP_OUT_SECONDS = 0.6;

    /** A hole longer than this divides the recording; a shorter one is bridged in a straight line. */
    static final double DIVIDES_SECONDS = 20;

    /** Level before a contraction: over so long just before it. */
    static final double BEFORE_SECONDS = 2;

    /** Let go when back to within this share of its height of the level it rose from. */
    static final double LET_GO_SHARE = 0.2;

    /** Over the whole recording the level at rest may rise by this share of the squeeze, beyond the sensor's drift. */
    static final double CREEP_SHARE = 1 / 3.0;

    /** How long after a contraction the level at rest is looked at. */
    static final double SETTLED_SECONDS = 1.5;

    /** A rest shorter than this says nothing of drift or of a level. */
    static final double SHORTEST_REST_SECONDS = 3;

    /** The lowest of so long to either side is the first guess of the level at rest: it reaches over a hold of a minute. */
    static final double REST_REACH_SECONDS = 75;

    /** The level at rest is learnt from the quiet time so near, and bridged where there is none. */
    static final double REST_NEAR_SECONDS = 12;

    /** A lead-in is no longer than this. */
    static final double LEAD_IN_SECONDS = 45;

    /** @throws IllegalArgumentException unless shares lie between 0 and 1 and the times are positive */
    public Convention {
        if (!(isShare(edgeShare) && isShare(dipShare) && isShare(fadeShare))) {
            throw new IllegalArgumentException("Shares must lie between 0 and 1, but were edge " + edgeShare + ", dip "
                    + dipShare + " and fade " + fadeShare);
        }
        if (!(shortestSeconds > 0 && holdSeconds > shortestSeconds)) {
            throw new IllegalArgumentException(
                    "Times must be positive, but were " + shortestSeconds + " s and " + holdSeconds + " s");
        }
    }

    private static boolean isShare(double share) {
        return share > 0 && share < 1;
    }
}
