package openbloom.core.session;

import openbloom.core.moves.Move;

/** Who of a class rests in what, as a solver has to know it. */
public interface ClassRests {
    int women();

    /** How often running at most. */
    int most();

    boolean rests(Move move, int woman);

    /** How often running she rests up to the beginning of the work. */
    int before(int woman);

    /** How often running from its end on. */
    int after(int woman);
}
