package openbloom.core.session;

import java.util.List;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Kit;
import openbloom.core.moves.Purpose;

/**
 * A candidate as the solver sees it.
 *
 * @param options numbers of sets that may be chosen, each with its steps of ten seconds and its worth in quarters
 * @param kit what has to be fetched for it; empty for none
 */
record WorkItem(Pick pick, Family family, List<Option> options, List<Equipment> kit) {
    /** So many sets, so many steps of ten seconds rounded up, so much worth in quarters. */
    record Option(int sets, int steps, int quarters) {}

    static WorkItem of(Pick pick, List<Option> options) {
        List<Equipment> kit =
                pick.move().kit().stream().map(Kit::needs).sorted().toList();
        return new WorkItem(pick, Family.of(pick.move()), options, kit);
    }

    boolean isWrist() {
        return pick.move().has(Demand.WRIST);
    }

    /** P-WARM-1: the first work is light. */
    boolean isLight() {
        return HardLine.isLight(pick.move());
    }

    boolean isImpact() {
        return pick.move().isImpact();
    }

    boolean isFrontSupport() {
        return pick.move().purpose() == Purpose.FRONT_SUPPORT;
    }

    boolean isNew() {
        return pick.isNew();
    }
}
