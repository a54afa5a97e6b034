package openbloom.app.system;

import java.util.List;
import java.util.stream.Collectors;
import openbloom.core.Problem;

/**
 * A line of a file that is not taken in.
 *
 * @param line its number, 1 for the first of the file
 * @param problems what is wrong in it, by the name of its column; never empty
 */
public record RefusedLine(long line, List<Problem> problems) {
    /** As the page shows it: each column and what is wrong there. */
    public record Shown(long line, String why) {}

    /** All of them in sentences, in this order. */
    public static List<Shown> shown(List<RefusedLine> refused, MessageFormatter sentences) {
        return refused.stream()
                .map(one -> new Shown(one.line(), one.why(sentences)))
                .toList();
    }

    private String why(MessageFormatter sentences) {
        return problems.stream()
                .map(problem -> problem.field() + ": " + sentences.of(problem))
                .collect(Collectors.joining(" "));
    }
}
