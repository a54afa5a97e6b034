package openbloom.core.classes;

/** What a class is worth beside what its exercises are worth to each woman, in points (common practice, no source). */
final class ClassScore {
    static final int QUARTERS = 4;

    /** For each way above one in which an exercise is done. */
    static final int A_WAY_MORE = 4;

    /** For each woman who does another exercise than the one called out. */
    static final int ANOTHER = 4;

    /** For each woman who rests while the others work. */
    static final int A_REST = 15;

    /** More for each exercise of the sheet before in which she rested, so that it is another's turn. */
    static final int A_REST_AGAIN = 5;

    /** At most so many of them count. */
    static final int MOST_RESTS_COUNTED = 3;

    private ClassScore() {}
}
