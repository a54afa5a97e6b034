package openbloom.core.gap;

import openbloom.core.evidence.Published;

/**
 * How wide the gap is, in the unit it was measured in. A finger series and a millimetre series are never joined.
 *
 * @see ConnectedGain
 * @see Method
 */
public sealed interface Width {
    /** Widest that is taken for a reading rather than a slip: ten fingers, or 200 mm. */
    int WIDEST_HALF_FINGERS = 20;

    int WIDEST_MM = 200;

    /** Read with the examiner's own fingers, in halves: 5 is two and a half fingers. */
    record Fingers(int halves) implements Width {
        /** @throws IllegalArgumentException outside 0 to 20 halves */
        public Fingers {
            if (halves < 0 || halves > WIDEST_HALF_FINGERS) {
                throw new IllegalArgumentException(
                        "Width must be 0 to " + WIDEST_HALF_FINGERS + " half fingers, but was " + halves);
            }
        }

        /** {@code 2½ fingers}. */
        @Override
        public String words() {
            return count() + (halves == 1 || halves == 2 ? " finger" : " fingers");
        }

        /** {@code 2½}. */
        public String count() {
            String half = halves % 2 == 1 ? "½" : "";
            return halves == 1 ? half : halves / 2 + half;
        }

        public double fingers() {
            return halves / 2.0;
        }

        @Override
        public double roughMm() {
            return fingers() * Published.NOMINAL_FINGER.amount();
        }
    }

    /** Read with calipers or ultrasound. */
    record Millimetres(int mm) implements Width {
        /** @throws IllegalArgumentException outside 0 to 200 mm */
        public Millimetres {
            if (mm < 0 || mm > WIDEST_MM) {
                throw new IllegalArgumentException("Width must be 0 to " + WIDEST_MM + " mm, but was " + mm);
            }
        }

        @Override
        public String words() {
            return mm + " mm";
        }

        @Override
        public double roughMm() {
            return mm;
        }
    }

    static Width ofHalfFingers(int halves) {
        return new Fingers(halves);
    }

    /** For people, with the unit. */
    String words();

    /** In mm, fingers at the nominal breadth: to draw and to put in order, never to judge. */
    double roughMm();
}
