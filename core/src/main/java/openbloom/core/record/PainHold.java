package openbloom.core.record;

import java.time.LocalDate;
import java.util.OptionalInt;
import openbloom.core.Days;
import openbloom.core.evidence.Published;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;

/**
 * Pain that holds: too much of it in a move (E-PAIN), or any with a lift of the pelvic floor (E-DOWN). It holds the ladder
 * and every move that loads the place, from the moment it was noted until a {@link PainLift} answers it.
 *
 * @param response number of what was noted; a later lift names it
 * @param since the day it hurt
 * @param place where; elsewhere if nobody said
 * @param strand the ladder it hurt on
 * @param moveId the move it hurt in
 * @param pain 0 to 10; empty when nobody told a number
 */
public record PainHold(
        long response, LocalDate since, PainSite place, ExerciseGroup strand, String moveId, OptionalInt pain) {
    static final int ACCEPTABLE = Published.PAIN_ACCEPTABLE.amount();

    /** Pain above this, 0 to 10, holds. */
    public static final int HOLDS_ABOVE = Published.PAIN_TOO_MUCH.amount();

    /** Whether what was noted holds, and as what. */
    static boolean isHeldBy(SessionObservation noted) {
        if (noted.noted() != Noted.HURT) {
            return false;
        }
        boolean tooMuch = noted.hurt().pain().orElse(0) > HOLDS_ABOVE;
        return tooMuch || isWithALift(noted.strand(), placeOf(noted));
    }

    static PainHold of(SessionObservation noted) {
        return new PainHold(
                noted.id(),
                noted.on(),
                placeOf(noted),
                noted.strand(),
                noted.moveId(),
                noted.hurt().pain());
    }

    /** A lift of the pelvic floor that hurts hurts there unless somebody said otherwise. */
    private static PainSite placeOf(SessionObservation noted) {
        PainSite unsaid = noted.strand().isPelvicFloorLift() ? PainSite.PELVIC_FLOOR : PainSite.ELSEWHERE;
        return noted.hurt().place().orElse(unsaid);
    }

    private static boolean isWithALift(ExerciseGroup strand, PainSite place) {
        return strand.isPelvicFloorLift() && place == PainSite.PELVIC_FLOOR;
    }

    /** Pain with a lift of the pelvic floor is lifted by her clinician's word alone. */
    public boolean needsClinician() {
        return isWithALift(strand, place);
    }

    /** Whether it holds a move: its ladder where rungs are earned, otherwise the move itself; and what loads the place. */
    public boolean holds(Move move) {
        boolean ladder = move.strand() == strand && move.isEarned();
        return ladder || move.id().equals(moveId) || place.isLoadedBy(move);
    }

    /**
     * Whether an answer lets her go on: asked again with hardly any pain there (floor and scar: none), or her clinician's
     * word of a later day.
     */
    public boolean isLiftedBy(PainLift lift) {
        boolean named = lift.place() == place && lift.response() >= response;
        return named
                && (isQuiet(lift.pain())
                        || lift.clinician().filter(on -> on.isAfter(since)).isPresent());
    }

    private boolean isQuiet(OptionalInt now) {
        return !needsClinician() && now.isPresent() && now.getAsInt() <= place.quietAtMost();
    }

    /** {@code pain 8 of 10 at the back, 24 Nov 2026}. */
    public String words() {
        String amount = pain.isPresent() ? "pain " + pain.getAsInt() + " of 10" : "pain";
        String where = place == PainSite.ELSEWHERE ? "" : " at the " + place.words();
        return amount + where + ", " + Days.words(since);
    }

    /** What lets her go on, in words, after "needs". */
    public String needs() {
        if (needsClinician()) {
            return "her clinician’s word after " + Days.words(since);
        }
        String quiet =
                place.quietAtMost() == 0 ? "no pain there" : "pain " + place.quietAtMost() + " of 10 or less there";
        return "her to be asked again (" + quiet + ") or her clinician’s word after " + Days.words(since)
                + ", and somebody who says by name why it goes on";
    }
}
