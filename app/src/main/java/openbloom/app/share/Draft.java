package openbloom.app.share;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A hand-out before it is made: its words can all be changed, its pictures and boxes stay where they are.
 *
 * @param under lines under the title
 */
public record Draft(String title, List<String> under, List<DraftPart> parts) {
    public Draft {
        under = List.copyOf(under);
        parts = List.copyOf(parts);
    }

    /** The lines under the title as they are typed. */
    public String underText() {
        return String.join("\n", under);
    }

    /** How a part stands on the paper. */
    public enum Look {
        PLAIN,
        /** Framed: what must not be overlooked. */
        BOX
    }

    /**
     * A part: a heading and lines, and where it has one a picture.
     *
     * @param boxes days to tick
     */
    public record DraftPart(
            String heading, List<String> lines, @Nullable Pictured pictured, List<String> boxes, Look look) {
        public DraftPart {
            lines = List.copyOf(lines);
            boxes = List.copyOf(boxes);
        }

        static DraftPart of(String heading, List<String> lines) {
            return new DraftPart(heading, lines, null, List.of(), Look.PLAIN);
        }

        static DraftPart explaining(String heading, String words, String view) {
            return new DraftPart(heading, List.of(words), Pictured.explaining(view, heading), List.of(), Look.PLAIN);
        }

        static DraftPart boxed(String heading, List<String> lines) {
            return new DraftPart(heading, lines, null, List.of(), Look.BOX);
        }

        /** Its lines as they are typed: one under the other. */
        public String text() {
            return String.join("\n", lines);
        }

        /** The same in other words. */
        DraftPart saying(String otherHeading, List<String> other) {
            return new DraftPart(otherHeading, other, pictured, boxes, look);
        }

        boolean isEmpty() {
            return heading.isBlank() && lines.isEmpty() && boxes.isEmpty();
        }
    }

    /**
     * An exercise as it is drawn.
     *
     * @param version what is changed in it, as an address says it
     * @param name what the picture shows, for whoever hears the page
     */
    public record Pictured(String moveId, boolean leftSide, String version, String name) {
        /** A view that explains, by its constant. */
        static Pictured explaining(String view, String name) {
            return new Pictured("", false, view, name);
        }

        boolean isExplaining() {
            return moveId.isEmpty();
        }
    }

    /** What was typed over it, part by part; a part left with nothing is left out when it is made. */
    record Typed(String title, String under, List<String> headings, List<String> lines) {}

    Draft saying(Typed typed) {
        List<DraftPart> changed = new ArrayList<>();
        for (int at = 0; at < parts.size(); at++) {
            String heading = at < typed.headings().size() ? typed.headings().get(at) : "";
            String lines = at < typed.lines().size() ? typed.lines().get(at) : "";
            changed.add(parts.get(at).saying(heading.strip(), linesOf(lines)));
        }
        return new Draft(typed.title().strip(), linesOf(typed.under()), changed);
    }

    /** What is printed. */
    Draft withoutEmptyParts() {
        return new Draft(
                title, under, parts.stream().filter(part -> !part.isEmpty()).toList());
    }

    private static List<String> linesOf(String typed) {
        return typed.lines().map(String::strip).filter(line -> !line.isEmpty()).toList();
    }
}
