package openbloom.app.session;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.progress.DoseStep;
import openbloom.core.record.Noted;
import openbloom.core.record.Occasion;
import openbloom.core.record.PainSite;
import openbloom.core.record.SessionObservation;
import org.jspecify.annotations.Nullable;

/**
 * A row of the responses.
 *
 * @param place where it hurt, as {@link PainSite}, or what took over, as {@link openbloom.core.record.CompensationSite}; empty if
 *     it was not asked
 * @param of the session: whether it was taught to its end, and how hard it was all in all
 */
public record StoredResponse(long id, ResponseTime when, What what, Noted told, String place, ResponsesOf of, How how) {
    /**
     * Of whom, in which session and when.
     *
     * @param item number of the item in its session, from 0
     * @param key under which it was sent; what takes its place names it
     */
    public record ResponseTime(long womanId, long sessionId, LocalDate on, int item, String key) {}

    /**
     * What is known of its session by now.
     *
     * @param effort how hard it was all in all; empty when nobody asked
     * @param occasion by herself, in a class, or at home
     */
    public record ResponsesOf(boolean finished, @Nullable Noted effort, Occasion occasion) {
        /** While it is being taught. */
        public static ResponsesOf teaching(Occasion occasion) {
            return new ResponsesOf(false, null, occasion);
        }
    }

    /** The move it was noted about. */
    public record What(String moveId, ExerciseGroup strand, int rung) {}

    public long womanId() {
        return when.womanId();
    }

    public long sessionId() {
        return when.sessionId();
    }

    public LocalDate on() {
        return when.on();
    }

    public int item() {
        return when.item();
    }

    public String moveId() {
        return what.moveId();
    }

    public ExerciseGroup strand() {
        return what.strand();
    }

    public int rung() {
        return what.rung();
    }

    /**
     * How it went.
     *
     * @param pain 0 to 10; empty when no number was told
     * @param done repetitions, or seconds of a hold, that were really counted; empty when nobody counted
     * @param asked of as many
     * @param doseStep 1 to 3
     * @param kilograms what she lifted; empty where nobody told or there is nothing to lift
     * @param note a short one of the instructor's, or empty
     */
    public record How(
            @Nullable Integer pain,
            @Nullable Integer done,
            @Nullable Integer asked,
            int doseStep,
            @Nullable BigDecimal kilograms,
            String note) {
        /** Noted without a number or a word. */
        public static final How UNTOLD = new How(null, null, null, DoseStep.WRITTEN, null, "");
    }

    /**
     * The response as the rules read it.
     *
     * @throws IllegalStateException if it stands in words this version does not know
     */
    @SuppressWarnings("ConstantValue")
    public SessionObservation response() {
        if (told == null || strand() == null) {
            throw new IllegalStateException("A response of session " + sessionId() + " stands in unknown words");
        }
        OptionalInt pain = how.pain() == null ? OptionalInt.empty() : OptionalInt.of(how.pain());
        return new SessionObservation(
                id,
                on(),
                in(),
                moveId(),
                strand(),
                rung(),
                told,
                new SessionObservation.Hurt(PainSite.named(place), pain));
    }

    /** Its session as the rules read it. */
    public SessionObservation.In in() {
        return new SessionObservation.In(sessionId(), of.finished(), Optional.ofNullable(of.effort()), of.occasion());
    }
}
