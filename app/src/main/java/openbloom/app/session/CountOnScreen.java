package openbloom.app.session;

import java.util.List;
import java.util.function.Function;
import openbloom.core.session.Counting;
import openbloom.core.session.Format;

/** How an item is counted, as the page gives it to the script that counts; seconds throughout. */
record CountOnScreen(
        List<ScreenStep> steps, int repetitions, int sets, int rest, Counting.CountedBy by, int clock, int total) {
    /** One step of a repetition, with the words the screen says. */
    record ScreenStep(Counting.CountStepKind kind, String words, int seconds) {}

    /** @param words what the screen says in a step */
    static CountOnScreen of(SessionLine line, Format format, Function<Counting.CountStepKind, String> words) {
        Counting counting = line.counting(format);
        return new CountOnScreen(
                counting.repetition().stream()
                        .map(step -> new ScreenStep(step.kind(), words.apply(step.kind()), step.seconds()))
                        .toList(),
                counting.repetitions(),
                counting.sets(),
                counting.restSeconds(),
                counting.by(),
                counting.clockSeconds(),
                counting.total());
    }
}
