package openbloom.core.record;

/** What can be told of a woman at all: the same for forms, files and other programs. */
public final class InputRanges {
    public static final int YOUNGEST_YEARS = 10;
    public static final int OLDEST_YEARS = 110;
    public static final int MOST_BIRTHS = 25;
    public static final int MOST_BABIES = 10;

    private InputRanges() {}
}
