package openbloom.core.session;

import java.util.List;

/** Asks the general solver for the work of a class. */
public final class ClassSolver {
    private ClassSolver() {}

    /** The best it found, in quarters, and whether it proved that there is no better. */
    public record ClassBest(int quarters, boolean proved) {}

    public static ClassBest best(CommonWork work, List<CommonWork.CommonItem> items, ClassRests rests, double seconds) {
        AgainstASolver.Found found = AgainstASolver.together(work, items, rests, seconds);
        return new ClassBest(found.score(), found.proved());
    }
}
