package openbloom.app.export;

import java.util.List;
import openbloom.core.Problem;

/** A file that is not taken in, and why; nothing of it was kept. */
final class NotTakenIn extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Problem problem;

    NotTakenIn(String key, Object... parts) {
        super(key);
        this.problem = Problem.of("file", key, parts);
    }

    List<Problem> problems() {
        return List.of(problem);
    }
}
