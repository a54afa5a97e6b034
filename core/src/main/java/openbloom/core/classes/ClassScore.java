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

    private ClassScore() {}
}
