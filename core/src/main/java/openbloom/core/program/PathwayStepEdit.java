package openbloom.core.program;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.core.Problem;
import openbloom.core.program.Pathways.Path;

/**
 * What an instructor made of a step of a way.
 *
 * @param to the day it was moved to; only for {@link EditKind#MOVED}
 * @param note why, or empty
 */
public record PathwayStepEdit(String path, String step, EditKind kind, Optional<LocalDate> to, String note) {
    /** What can be made of a step. */
    public enum EditKind {
        MOVED("moved"),
        DONE("done"),
        LEFT_OUT("left out"),
        AS_PLANNED("as planned");

        private final String words;

        EditKind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Whether it is about this step. */
    private boolean isOf(Path way, Pathways.PathwayStep other) {
        return path.equals(way.id()) && step.equals(other.id());
    }

    /**
     * What is wrong with it: a step that is not on her ways, or a day before the one on which it opens. A step may come later
     * than it was generated, never sooner: its day is the earliest.
     */
    public Optional<Problem> check(List<Path> ways) {
        Optional<Pathways.PathwayStep> found = ways.stream()
                .flatMap(way -> way.steps().stream().filter(other -> isOf(way, other)))
                .findFirst();
        if (found.isEmpty()) {
            return Optional.of(Problem.of("step", "path.noStep"));
        }
        if (kind == EditKind.MOVED && to.isEmpty()) {
            return Optional.of(Problem.of("to", "path.noDay"));
        }
        Optional<LocalDate> opens = found.get().from();
        return to.filter(day -> opens.isPresent() && day.isBefore(opens.get()))
                .map(day -> Problem.of("to", "path.tooEarly", opens.get()));
    }

    /**
     * The ways with what was made of them; of several edits of a step the last counts. One that is no longer possible, because
     * the day on which the step opens has moved behind it, changes nothing.
     */
    public static List<Path> made(List<Path> ways, List<PathwayStepEdit> edits) {
        return ways.stream()
                .map(way -> way.with(
                        way.steps().stream().map(step -> made(way, step, edits)).toList()))
                .toList();
    }

    private static Pathways.PathwayStep made(Path way, Pathways.PathwayStep step, List<PathwayStepEdit> edits) {
        List<PathwayStepEdit> own = new ArrayList<>(
                edits.stream().filter(edit -> edit.isOf(way, step)).toList());
        if (own.isEmpty()) {
            return step;
        }
        PathwayStepEdit last = own.get(own.size() - 1);
        boolean changesNothing =
                last.kind() == EditKind.AS_PLANNED || last.check(List.of(way)).isPresent();
        return changesNothing
                ? step
                : new Pathways.PathwayStep(
                        step.id(), last.to().or(step::from), step.what(), step.condition(), Optional.of(last));
    }
}
