package openbloom.core.classes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.session.Part;
import openbloom.core.session.Pick;

/**
 * A class sheet as an instructor changes it: exercise by exercise what is called out, and what each woman does in it. Every change
 * makes another outline; what it means for them is judged by {@link ClassEdited}.
 *
 * @param lines in the order they are taught, without those that were taken out
 */
public record ClassOutline(List<ClassLine> lines) {
    public ClassOutline {
        lines = List.copyOf(lines);
    }

    /**
     * One exercise, both its sides together.
     *
     * @param dose as it is called out; nobody does more than her own
     * @param note short, the instructor's own
     * @param because why it is so although it breaks a hard line; empty where it breaks none
     * @param does for each woman in her place the exercise she does, this or another; empty where she rests
     */
    public record ClassLine(Move move, Part part, Dose dose, String note, String because, List<Optional<Move>> does) {
        public ClassLine {
            does = List.copyOf(does);
        }

        ClassLine dosed(Dose other) {
            return new ClassLine(move, part, other, note, because, does);
        }

        ClassLine noted(String words) {
            return new ClassLine(move, part, dose, words, because, does);
        }

        /** With why it stays. */
        public ClassLine because(String why) {
            return new ClassLine(move, part, dose, note, why, does);
        }

        ClassLine done(int woman, Optional<Move> other) {
            List<Optional<Move>> changed = new ArrayList<>(does);
            changed.set(woman, other);
            return new ClassLine(move, part, dose, note, because, changed);
        }
    }

    /** The outline of a composed sheet. */
    public static ClassOutline of(ClassSheet sheet) {
        return new ClassOutline(sheet.items().stream()
                .map(item -> new ClassLine(
                        item.move(),
                        item.part(),
                        item.pick().dose(),
                        "",
                        "",
                        IntStream.range(0, sheet.members().size())
                                .mapToObj(member -> item.of(member).pick().map(Pick::move))
                                .toList()))
                .toList());
    }

    private ClassOutline with(int at, ClassLine line) {
        List<ClassLine> changed = new ArrayList<>(lines);
        changed.set(at, line);
        return new ClassOutline(changed);
    }

    /** Another exercise for all in place of one. */
    public ClassOutline swapped(int at, ClassLine other) {
        return with(at, other);
    }

    /** What one woman does in a line; empty to rest. */
    public ClassOutline done(int at, int woman, Optional<Move> other) {
        return with(at, lines.get(at).done(woman, other));
    }

    public ClassOutline dosed(int at, Dose dose) {
        return with(at, lines.get(at).dosed(dose));
    }

    public ClassOutline noted(int at, String words) {
        return with(at, lines.get(at).noted(words));
    }

    public ClassOutline because(int at, String why) {
        return with(at, lines.get(at).because(why));
    }

    /** A line moved to another place; the parts keep their order in time all the same. */
    public ClassOutline moved(int from, int to) {
        List<ClassLine> changed = new ArrayList<>(lines);
        ClassLine line = changed.remove(from);
        changed.add(Math.max(0, Math.min(changed.size(), to)), line);
        return new ClassOutline(changed);
    }

    public ClassOutline without(int at) {
        List<ClassLine> changed = new ArrayList<>(lines);
        changed.remove(at);
        return new ClassOutline(changed);
    }

    /** With another line at the end of its part. */
    public ClassOutline with(ClassLine line) {
        List<ClassLine> changed = new ArrayList<>(lines);
        int at = 0;
        for (int i = 0; i < changed.size(); i++) {
            if (changed.get(i).part().compareTo(line.part()) <= 0) {
                at = i + 1;
            }
        }
        changed.add(at, line);
        return new ClassOutline(changed);
    }
}
