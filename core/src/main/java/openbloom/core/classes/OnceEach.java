package openbloom.core.classes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.moves.Move;
import openbloom.core.session.Pick;

/** Lets nobody do an exercise twice in a class, where something else stands in for it as well. */
final class OnceEach {
    private final ClassFitting fitting;
    private final List<CommonExercise> exercises;

    private OnceEach(ClassFitting fitting, List<CommonExercise> exercises) {
        this.fitting = fitting;
        this.exercises = new ArrayList<>(exercises);
    }

    /** The same exercises in the same order. */
    static List<CommonExercise> of(ClassFitting fitting, List<CommonExercise> exercises, int women) {
        OnceEach once = new OnceEach(fitting, exercises);
        for (int woman = 0; woman < women; woman++) {
            once.varied(woman);
        }
        return List.copyOf(once.exercises);
    }

    private void varied(int woman) {
        Set<Move> done = new HashSet<>();
        for (CommonExercise exercise : exercises) {
            if (exercise.doesItself(woman)) {
                done.add(exercise.move());
            }
        }
        for (int at = 0; at < exercises.size(); at++) {
            CommonExercise exercise = exercises.get(at);
            Optional<Pick> another = exercise.another(woman);
            if (another.isPresent() && !done.add(another.get().move())) {
                Optional<CommonExercise> varied = varied(exercise, woman, done);
                varied.ifPresent(
                        other -> done.add(other.another(woman).orElseThrow().move()));
                exercises.set(at, varied.orElse(exercise));
            }
        }
    }

    /** With something she does nowhere else, where that makes no way too many. */
    private Optional<CommonExercise> varied(CommonExercise exercise, int woman, Set<Move> done) {
        return fitting.alike(exercise.move()).stream()
                .filter(move -> !done.contains(move))
                .flatMap(move -> fitting.fitsHer(woman, move).stream())
                .filter(exercise::canStandIn)
                .sorted(Comparator.comparingInt(pick -> -pick.worth().total()))
                .map(pick -> exercise.withAnother(woman, pick))
                .filter(other -> other.ways() <= CommonExercise.MOST_WAYS)
                .findFirst();
    }
}
