package openbloom.core.pelvicfloor.trace;

/** Steps of a trace, from inclusive, to exclusive. */
record Stretch(int from, int to) {
    int length() {
        return to - from;
    }

    boolean holds(int at) {
        return at >= from && at < to;
    }
}
