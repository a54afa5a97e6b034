package openbloom.app.session;

import java.time.LocalDate;
import openbloom.core.moves.Strand;
import openbloom.core.record.HurtAt;
import openbloom.core.record.Noted;
import openbloom.core.record.Response;

/**
 * A row of the responses.
 *
 * @param item number of the item in its session, from 0
 * @param place where it hurt, as {@link HurtAt}; empty if it was not asked
 * @param finished whether the session was taught to its end
 */
public record StoredResponse(
        long womanId,
        long sessionId,
        LocalDate on,
        int item,
        String moveId,
        Strand strand,
        int rung,
        Noted told,
        String place,
        boolean finished) {
    /**
     * The response as the rules read it.
     *
     * @throws IllegalStateException if it stands in words this version does not know
     */
    @SuppressWarnings("ConstantValue")
    public Response response() {
        if (told == null || strand == null) {
            throw new IllegalStateException("A response of session " + sessionId + " stands in unknown words");
        }
        return new Response(on, sessionId, moveId, strand, rung, told, HurtAt.named(place), finished);
    }
}
