package openbloom.app.api;

import java.util.List;
import openbloom.core.Problem;

/** A request whose values make no sense; answered with 422 and every problem beside its field. */
final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient List<Problem> problems;

    Refusal(List<Problem> problems) {
        super("refused: " + problems);
        this.problems = List.copyOf(problems);
    }

    List<Problem> problems() {
        return problems;
    }
}
