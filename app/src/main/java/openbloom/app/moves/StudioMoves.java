package openbloom.app.moves;

/** A studio's own moves as one YAML document, in the form of the shipped files. */
record StudioMoves(long studioId, int version, String yaml) {
    static final StudioMoves NONE = new StudioMoves(0, 0, "");
}
