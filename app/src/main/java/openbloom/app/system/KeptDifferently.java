package openbloom.app.system;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** A form whose key has been kept with other content. Nothing of it was kept; both are shown. */
public final class KeptDifferently extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** One field, as it was kept and as it came now. */
    public record Line(String field, String kept, String sent) {
        public boolean differs() {
            return !kept.equals(sent);
        }
    }

    private final transient List<Line> lines;
    private final boolean known;

    private KeptDifferently(List<Line> lines, boolean known) {
        super("a form key was used for other content");
        this.lines = lines;
        this.known = known;
    }

    /** The key was kept by the same person; what she sent then may be shown. */
    static KeptDifferently from(Map<String, String> kept, Map<String, String> sent) {
        List<Line> lines = new ArrayList<>();
        TreeSet<String> fields = new TreeSet<>(kept.keySet());
        fields.addAll(sent.keySet());
        fields.forEach(field -> lines.add(new Line(field, kept.getOrDefault(field, ""), sent.getOrDefault(field, ""))));
        lines.removeIf(line -> line.kept().isEmpty() && line.sent().isEmpty());
        return new KeptDifferently(List.copyOf(lines), true);
    }

    /** The key was kept by somebody else, or by an earlier version: only what came now may be shown. */
    static KeptDifferently unknown(Map<String, String> sent) {
        KeptDifferently shown = from(Map.of(), sent);
        return new KeptDifferently(shown.lines, false);
    }

    List<Line> lines() {
        return lines;
    }

    boolean isKnown() {
        return known;
    }
}
