package openbloom.core.record;

import java.util.Set;
import openbloom.core.moves.Equipment;

/**
 * What was told at intake and since.
 *
 * @param approach her own choices over her studio's over the usual ones
 * @param equipment what she has at home
 * @see CaseNotes
 */
public record IntakeFacts(
        Background background, Situation situation, Medical medical, Approach approach, Set<Equipment> equipment) {
    /** The same intake with training told later. */
    public IntakeFacts trained(Training before) {
        return new IntakeFacts(background.trained(before), situation, medical, approach, equipment);
    }
}
