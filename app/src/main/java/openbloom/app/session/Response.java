package openbloom.app.session;

import java.time.LocalDate;
import openbloom.core.moves.Strand;

/**
 * One thing noted about one item of a session.
 *
 * @param place where it hurt, as {@link HurtAt}; empty if it was not asked
 * @param finished whether the session was taught to its end
 */
public record Response(
        long womanId,
        long sessionId,
        LocalDate on,
        int item,
        String moveId,
        Strand strand,
        int rung,
        Told told,
        String place,
        boolean finished) {}
