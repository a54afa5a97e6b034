package openbloom.core.stage;

/** An answer somebody gave, or did not. Unknown is never safe. */
public enum Told {
    YES,
    NO,
    UNKNOWN;

    public static Told of(boolean yes) {
        return yes ? YES : NO;
    }
}
