package openbloom.core.gap;

import openbloom.core.evidence.Published;

/**
 * How a width is measured. Series of different methods are never joined (E-RELI).
 *
 * @see School
 * @see RepeatabilityInUse
 */
public enum Method {
    FINGERS("fingers", "fingers", 0.5, 1),
    CALIPERS("calipers", "mm", 1, Published.NOMINAL_FINGER.amount()),
    ULTRASOUND("ultrasound", "mm", 1, Published.NOMINAL_FINGER.amount());

    private final String words;
    private final String unit;
    private final double step;
    private final double oneFinger;

    Method(String words, String unit, double step, double oneFinger) {
        this.words = words;
        this.unit = unit;
        this.step = step;
        this.oneFinger = oneFinger;
    }

    public String words() {
        return words;
    }

    /** Unit of its readings: fingers or mm. */
    public String unit() {
        return unit;
    }

    /** Smallest difference its readings can show, in its unit. */
    public double step() {
        return step;
    }

    /** One finger in its unit. */
    double oneFinger() {
        return oneFinger;
    }

    public boolean readsFingers() {
        return this == FINGERS;
    }

    /** A width in its unit. */
    public static double amountOf(Width width) {
        return width instanceof Width.Fingers fingers ? fingers.fingers() : ((Width.Millimetres) width).mm();
    }

    /** {@code 1 finger}, {@code 0.67 fingers}, {@code 4.5 mm}: a mean lies between the steps; without its sign. */
    public String meanWords(double amount) {
        String size = RepeatabilityInUse.number(Math.abs(amount));
        return size + (readsFingers() && size.equals("1") ? " finger" : " " + unit);
    }

    /** {@code 1½ fingers}, {@code 4 mm}; the amount without its sign. */
    public String words(double amount) {
        double size = Math.abs(amount);
        if (!readsFingers()) {
            return Math.round(size) + " mm";
        }
        return new Width.Fingers((int) Math.round(2 * size)).words();
    }
}
