package openbloom.core;

import java.util.List;

/**
 * One thing wrong with what somebody typed: where, and the key of the sentence that says so.
 *
 * @param field name of the field it stands beside
 * @param key key of the sentence in the messages file
 * @param args values the sentence names, in order
 * @see Problems
 */
public record Problem(String field, String key, List<Object> args) {
    public Problem {
        args = List.copyOf(args);
    }

    public static Problem of(String field, String key, Object... args) {
        return new Problem(field, key, List.of(args));
    }

    /** The same problem seen from a form in which the field sits below {@code parent}. */
    public Problem under(String parent) {
        return new Problem(parent + "." + field, key, args);
    }
}
