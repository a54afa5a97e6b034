package openbloom.core.classes;

import openbloom.core.session.Fitting;
import openbloom.core.session.SessionRequest;
import openbloom.core.verdict.Judgement;

/**
 * A woman of a class on its day.
 *
 * @param name by which she is called; no two of a class share one
 * @param judgement with the kit of the room
 * @param request what a session of her own would be asked for: her goals, what she did before, whether today is a low day
 * @param rested in how many exercises of the sheet before she rested while the others worked, 0 and more
 * @see ComeTogether
 * @see ClassEdited
 */
public record ClassMember(String name, Judgement judgement, SessionRequest request, int rested) {
    /** Who rested in none of the sheet before, or was not there. */
    public ClassMember(String name, Judgement judgement, SessionRequest request) {
        this(name, judgement, request, 0);
    }

    Fitting fitting() {
        return Fitting.of(judgement, request);
    }

    /** Whether she has never been taught. */
    boolean isFirst() {
        return request.history().isFirstSession();
    }

    /** The side she begins with, where one is weaker: {@code left side first}; else empty. */
    public String begins() {
        return switch (judgement.facts().client().checks().sides().weaker()) {
            case LEFT -> "left side first";
            case RIGHT -> "right side first";
            default -> "";
        };
    }

    boolean isPregnant() {
        return judgement.facts().isPregnant();
    }
}
