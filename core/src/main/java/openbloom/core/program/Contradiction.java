package openbloom.core.program;

import java.util.List;
import java.util.Set;
import openbloom.core.record.Goal;

/**
 * Two aims that ask for opposite things: one comes first whatever their order, and it is said why (common practice, no
 * source). The rules see to it move by move; this says it once, in the words of the aims.
 */
enum Contradiction {
    LETTING_GO(
            Goal.LET_GO,
            Set.of(Goal.STOP_LEAKING, Goal.EASE_HEAVINESS),
            "no lifts are asked of a floor that does not let go; strength comes after"),
    HEAVINESS(
            Goal.EASE_HEAVINESS,
            Set.of(Goal.RUN, Goal.JUMP, Goal.LIFT),
            "impact and heavy loads wait until she is asked and tells no heaviness"),
    PELVIS(Goal.EASE_PELVIS, Set.of(Goal.RUN, Goal.JUMP), "a sore pelvis stands on both legs first"),
    BONES(Goal.STRONG_BONES, Set.of(Goal.CRUNCH), "fragile bones are not bent against a load"),
    BIRTH(
            Goal.READY_FOR_BIRTH,
            Set.of(Goal.RUN, Goal.JUMP, Goal.LIFT, Goal.CRUNCH, Goal.PLANK),
            "no level rises any more before the birth");

    private final Goal first;
    private final Set<Goal> waiting;
    private final String why;

    Contradiction(Goal first, Set<Goal> waiting, String why) {
        this.first = first;
        this.waiting = waiting;
        this.why = why;
    }

    /** What waits for what among some aims, in their order. */
    static List<Program.LeftOver> among(List<Goal> aims) {
        return aims.stream()
                .flatMap(aim -> List.of(values()).stream()
                        .filter(one -> aims.contains(one.first) && one.waiting.contains(aim))
                        .map(one -> new Program.LeftOver(
                                aim.words(), "waits for “" + one.first.words() + "”, which comes first: " + one.why)))
                .toList();
    }
}
