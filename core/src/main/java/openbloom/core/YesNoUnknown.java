package openbloom.core;

/** An answer somebody gave, or did not. Unknown is never safe. */
public enum YesNoUnknown {
    YES,
    NO,
    UNKNOWN;

    public static YesNoUnknown of(boolean yes) {
        return yes ? YES : NO;
    }
}
