package openbloom.core.pelvicfloor.trace;

import uk.me.berndporr.iirj.Butterworth;

/** Leaves the hum of the mains out of a raw signal, sample by sample: 50 and 60 Hz, whichever the studio stands in. */
final class MainsHum {
    /** Fewer samples a second fold the hum onto other frequencies. */
    static final double FEWEST_A_SECOND = 240;

    private static final double WIDTH_HERTZ = 4;
    private static final double THERE_SHARE = 0.2;

    private final Butterworth fifty = new Butterworth();
    private final Butterworth sixty = new Butterworth();
    private double withHum;
    private double without;

    MainsHum(double perSecond) {
        fifty.bandStop(2, perSecond, 50, WIDTH_HERTZ);
        sixty.bandStop(2, perSecond, 60, WIDTH_HERTZ);
    }

    double leftOut(double value) {
        double left = sixty.filter(fifty.filter(value));
        withHum += value * value;
        without += left * left;
        return left;
    }

    /** Whether what was left out was more than a muscle gives in so narrow a band. */
    boolean wasThere() {
        return withHum - without > THERE_SHARE * withHum;
    }
}
