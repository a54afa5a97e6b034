package openbloom.core.record;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.screening.Symptom;

/**
 * One thing noted about a move while she was taught.
 *
 * @param id its number; later ones are higher
 * @param in the session it was noted in
 * @param hurt where and how much it hurt; {@link Hurt#NOT_TOLD} if it did not
 */
public record SessionObservation(
        long id, LocalDate on, In in, String moveId, ExerciseGroup strand, int rung, Noted noted, Hurt hurt) {
    /**
     * The session something was noted in.
     *
     * @param session its number; both sides of a move in it belong together
     * @param finished whether it was taught to its end
     * @param effort how hard it was all in all; empty when nobody asked
     * @param occasion what she did at home may hold back and lower, it never moves her on
     */
    public record In(long session, boolean finished, Optional<Noted> effort, Occasion occasion) {
        /** By herself, in the studio. */
        public In(long session, boolean finished, Optional<Noted> effort) {
            this(session, finished, effort, Occasion.STUDIO);
        }
    }

    /**
     * Where and how much.
     *
     * @param place empty when it was not told
     * @param pain 0 to 10; empty when it was not told
     */
    public record Hurt(Optional<PainSite> place, OptionalInt pain) {
        public static final Hurt NOT_TOLD = new Hurt(Optional.empty(), OptionalInt.empty());
    }

    /** What it counts as until she is asked again. */
    Optional<Symptom> symptom() {
        return noted.symptom(hurt.place());
    }

    /** It hurt, and no symptom the rules know says where. */
    boolean isPainElsewhere() {
        return noted == Noted.HURT && symptom().isEmpty();
    }
}
