package openbloom.core.record;

import java.time.LocalDate;
import java.util.Optional;
import openbloom.core.moves.Strand;
import openbloom.core.screening.Symptom;

/**
 * One thing noted about a move while she was taught.
 *
 * @param session number of the session; both sides of a move in it belong together
 * @param finished whether the session was taught to its end
 * @param place where it hurt; empty if it did not or was not asked
 */
public record Response(
        LocalDate on,
        long session,
        String moveId,
        Strand strand,
        int rung,
        Noted noted,
        Optional<HurtAt> place,
        boolean finished) {
    /** What it counts as until she is asked again. */
    Optional<Symptom> symptom() {
        return switch (noted) {
            case LEAKED -> Optional.of(Symptom.LEAK_WITH_EFFORT);
            case HEAVY -> Optional.of(Symptom.HEAVINESS);
            case HURT -> place.flatMap(HurtAt::symptom);
            default -> Optional.empty();
        };
    }

    /** It hurt, and no symptom the rules know says where. */
    boolean isPainElsewhere() {
        return noted == Noted.HURT && symptom().isEmpty();
    }
}
