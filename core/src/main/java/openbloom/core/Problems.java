package openbloom.core;

import java.util.ArrayList;
import java.util.List;

/**
 * Collects everything that makes no sense in a form, a file or a call, each with the field it stands in.
 *
 * @see Problem
 */
public final class Problems {
    private final List<Problem> all = new ArrayList<>();

    public void refuse(String field, String key, Object... args) {
        all.add(Problem.of(field, key, args));
    }

    public void refuseAll(List<Problem> more) {
        all.addAll(more);
    }

    public boolean isClean() {
        return all.isEmpty();
    }

    public List<Problem> all() {
        return List.copyOf(all);
    }

    /** What was read if nothing was refused; otherwise everything that was. */
    public <T> Outcome<T> outcome(T read) {
        return isClean() ? Outcome.accepted(read) : new Outcome.Refused<>(all());
    }
}
