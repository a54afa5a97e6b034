package openbloom.core.figure;

/** What the week adds to the trunk's outline. */
record Belly(double stands, double upper, double peak) {
    private static final double LOWER = -0.02;

    static Belly of(BodyStage stage) {
        int past = Math.max(0, stage.shapeWeek() - 14);
        return new Belly(stage.belly(), 0.125 + 0.004 * past, 0.064 + 0.0015 * past);
    }

    /** Added in front at a height above the hips. */
    double front(double s) {
        if (s <= LOWER || s >= upper) {
            return 0;
        }
        return s <= peak
                ? stands * Math.sin(Math.PI / 2 * (s - LOWER) / (peak - LOWER))
                : stands * Math.pow(Math.sin(Math.PI / 2 * (upper - s) / (upper - peak)), 1.35);
    }

    double side(double s) {
        return 0.22 * front(s);
    }

    /** The bust follows mildly. */
    double bust(double s) {
        return 0.12 * stands * Math.exp(-Math.pow((s - 0.2) / 0.03, 2));
    }

    /** Where the front of the waistband lies: it sinks below the belly between weeks 13 and 30. */
    double waistband() {
        double share = Math.max(0, Math.min(1, (stands - 0.008) / 0.06));
        return 0.088 * (1 - share * share * (3 - 2 * share));
    }
}
