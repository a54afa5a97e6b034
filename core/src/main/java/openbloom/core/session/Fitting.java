package openbloom.core.session;

import java.util.Optional;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Judgement;

/**
 * What of the catalogue fits one woman in a session, each exercise with her verdict, her dose and its worth to her.
 *
 * @see Candidates
 * @see Judgement
 */
public final class Fitting {
    private final Candidates candidates;

    private Fitting(Candidates candidates) {
        this.candidates = candidates;
    }

    public static Fitting of(Judgement judgement, SessionRequest request) {
        return new Fitting(new Candidates(judgement, request));
    }

    /** The exercise as she would do it, as written or changed; empty where it is not for her today or beyond her level. */
    public Optional<Pick> itself(Move move) {
        return candidates.itself(move);
    }

    /** Whether her time on the back comes in short bouts. */
    public static boolean isLimitedOnTheBack(Judgement judgement) {
        return OpeningAndRelease.isLimitedOnTheBack(judgement);
    }
}
