package openbloom.core.program;

import java.util.List;
import java.util.Set;

/**
 * Two aims that ask for opposite things: one comes first whatever their order, and it is said why (common practice, no
 * source). The rules see to it move by move; this says it once, in the words of the aims.
 */
enum Contradiction {
    LETTING_GO(
            Aim.LET_GO,
            Set.of(Aim.STOP_LEAKING, Aim.EASE_HEAVINESS),
            "no lifts are asked of a floor that does not let go; strength comes after"),
    HEAVINESS(
            Aim.EASE_HEAVINESS,
            Set.of(Aim.RUN, Aim.JUMP, Aim.LIFT),
            "impact and heavy loads wait until she is asked and tells no heaviness"),
    PELVIS(Aim.EASE_PELVIS, Set.of(Aim.RUN, Aim.JUMP), "a sore pelvis stands on both legs first"),
    BONES(Aim.STRONG_BONES, Set.of(Aim.CRUNCH), "fragile bones are not bent against a load"),
    BIRTH(
            Aim.READY_FOR_BIRTH,
            Set.of(Aim.RUN, Aim.JUMP, Aim.LIFT, Aim.CRUNCH, Aim.PLANK),
            "no rung rises any more before the birth");

    private final Aim first;
    private final Set<Aim> waiting;
    private final String why;

    Contradiction(Aim first, Set<Aim> waiting, String why) {
        this.first = first;
        this.waiting = waiting;
        this.why = why;
    }

    /** What waits for what among some aims, in their order. */
    static List<Program.Left> among(List<Aim> aims) {
        return aims.stream()
                .flatMap(aim -> List.of(values()).stream()
                        .filter(one -> aims.contains(one.first) && one.waiting.contains(aim))
                        .map(one -> new Program.Left(
                                aim.words(), "waits for “" + one.first.words() + "”, which comes first: " + one.why)))
                .toList();
    }
}
