package openbloom.app.system;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** A form whose key was used before, or that has no key it could be kept under. Nothing of it was kept now. */
public final class IdempotencyConflict extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** One field, as it was kept and as it came now. */
    public record DifferingField(String field, String kept, String sent) {
        public boolean differs() {
            return !kept.equals(sent);
        }
    }

    /** What of the form can be shown. */
    enum TwoVersions {
        /** The same person kept the key: both contents. */
        BOTH,
        /** Somebody else, or an earlier version: only what came now. */
        ONLY_SENT,
        /** There is no key. */
        NO_KEY,
        /** The same was kept before the process ended that was to answer. */
        KEPT_UNANSWERED
    }

    private final transient List<DifferingField> lines;
    private final TwoVersions shown;

    private IdempotencyConflict(List<DifferingField> lines, TwoVersions shown) {
        super("a form could not be kept under its key");
        this.lines = lines;
        this.shown = shown;
    }

    /** The key was kept by the same person; what she sent then may be shown. */
    static IdempotencyConflict from(Map<String, String> kept, Map<String, String> sent) {
        List<DifferingField> lines = new ArrayList<>();
        TreeSet<String> fields = new TreeSet<>(kept.keySet());
        fields.addAll(sent.keySet());
        fields.forEach(field ->
                lines.add(new DifferingField(field, kept.getOrDefault(field, ""), sent.getOrDefault(field, ""))));
        lines.removeIf(line -> line.kept().isEmpty() && line.sent().isEmpty());
        return new IdempotencyConflict(List.copyOf(lines), TwoVersions.BOTH);
    }

    /** The key was kept by somebody else, or by an earlier version: only what came now may be shown. */
    static IdempotencyConflict unknown(Map<String, String> sent) {
        return new IdempotencyConflict(from(Map.of(), sent).lines, TwoVersions.ONLY_SENT);
    }

    /** A form without a key, or with one that is none. */
    static IdempotencyConflict withoutKey(Map<String, String> sent) {
        return new IdempotencyConflict(from(Map.of(), sent).lines, TwoVersions.NO_KEY);
    }

    /** It was kept, whatever became of the answer; where that would have led nobody knows any more. */
    static IdempotencyConflict keptUnanswered(Map<String, String> sent) {
        return new IdempotencyConflict(from(Map.of(), sent).lines, TwoVersions.KEPT_UNANSWERED);
    }

    List<DifferingField> lines() {
        return lines;
    }

    TwoVersions shown() {
        return shown;
    }
}
