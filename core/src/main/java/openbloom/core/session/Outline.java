package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;

/**
 * A session as an instructor changes it: one entry a move, both its sides together. Every change makes another outline; what
 * it means for her is judged by {@link Edited}.
 *
 * @param entries in order
 * @param format how it is laid out and counted, see {@link Format}
 */
public record Outline(List<OutlineLine> entries, Format format) {
    public Outline {
        entries = List.copyOf(entries);
    }

    /**
     * One line.
     *
     * @param step dose step the dose was made at, 0 where the prescription says it
     * @param note short, the instructor's own
     * @param because why it is in although it breaks a hard line; empty where it breaks none
     */
    public record OutlineLine(Move move, Part part, Dose dose, int step, String note, String because) {
        OutlineLine with(Dose other) {
            return new OutlineLine(move, part, other, step, note, because);
        }

        OutlineLine noted(String words) {
            return new OutlineLine(move, part, dose, step, words, because);
        }

        OutlineLine because(String why) {
            return new OutlineLine(move, part, dose, step, note, why);
        }
    }

    /** The outline of a composed session. */
    public static Outline of(Session session) {
        List<OutlineLine> entries = new ArrayList<>();
        List<Integer> entryOf = Sided.entriesOf(session.items());
        for (int at = 0; at < entryOf.size(); at++) {
            if (entryOf.get(at) == entries.size()) {
                SessionItem item = session.items().get(at);
                entries.add(new OutlineLine(
                        item.move(), item.part(), item.dose(), item.pick().step(), "", ""));
            }
        }
        return new Outline(entries, session.format());
    }

    private List<OutlineLine> copy() {
        return new ArrayList<>(entries);
    }

    /** Another move in place of one, at the dose given. */
    public Outline swapped(int at, OutlineLine other) {
        List<OutlineLine> changed = copy();
        changed.set(at, other);
        return new Outline(changed, format);
    }

    /** A line moved to another place. */
    public Outline moved(int from, int to) {
        List<OutlineLine> changed = copy();
        OutlineLine entry = changed.remove(from);
        changed.add(Math.max(0, Math.min(changed.size(), to)), entry);
        return new Outline(changed, format);
    }

    public Outline dosed(int at, Dose dose) {
        return swapped(at, entries.get(at).with(dose));
    }

    public Outline noted(int at, String words) {
        return swapped(at, entries.get(at).noted(words));
    }

    /** With the reason why a line stays although it breaks a hard line. */
    public Outline because(int at, String why) {
        return swapped(at, entries.get(at).because(why));
    }

    public Outline without(int at) {
        List<OutlineLine> changed = copy();
        changed.remove(at);
        return new Outline(changed, format);
    }

    /** With another line at the end of its part. */
    public Outline with(OutlineLine entry) {
        List<OutlineLine> changed = copy();
        int at = 0;
        for (int i = 0; i < changed.size(); i++) {
            if (changed.get(i).part().compareTo(entry.part()) <= 0) {
                at = i + 1;
            }
        }
        changed.add(at, entry);
        return new Outline(changed, format);
    }
}
