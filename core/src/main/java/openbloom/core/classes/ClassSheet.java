package openbloom.core.classes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import openbloom.core.record.Goal;
import openbloom.core.session.SessionItem;
import openbloom.core.session.Side;

/**
 * What is taught to a class on a day: one sequence for all, and for each exercise how each woman does it.
 *
 * @param members who takes part, in their order; versions name them by their place here
 * @param cannotCome who takes no part, and why
 * @param lines the items as they are counted: each side of one that is done on each has a line of its own
 * @param unserved goals that nothing in it serves
 * @param seconds in all
 * @param changes of position
 * @param score what it is worth, in quarters of a point
 * @param gap by how much a better one might exceed the score at most, in quarters; empty where there is none
 * @param note why it is shorter than asked, or empty
 * @see ClassComposer
 * @see ComeTogether
 */
public record ClassSheet(
        List<ClassMember> members,
        List<CannotCome> cannotCome,
        List<ClassItem> items,
        List<SessionItem> lines,
        List<Unserved> unserved,
        List<Watch> watch,
        int seconds,
        int changes,
        int score,
        OptionalInt gap,
        String note) {
    public ClassSheet {
        members = List.copyOf(members);
        cannotCome = List.copyOf(cannotCome);
        items = List.copyOf(items);
        lines = List.copyOf(lines);
        unserved = List.copyOf(unserved);
        watch = List.copyOf(watch);
    }

    /**
     * Somebody who cannot take part today.
     *
     * @param kind what stands against it
     * @param why as a sentence
     * @param instead what she could do by herself meanwhile, by name; empty where nothing passes
     */
    public record CannotCome(String name, CannotComeKind kind, String why, List<String> instead) {
        public CannotCome {
            instead = List.copyOf(instead);
        }
    }

    /** What stands against taking part. */
    public enum CannotComeKind {
        /** Nobody asked her about warning signs. */
        NOT_ASKED,
        /** Something stops everything. */
        STOPPED,
        /** Early after a birth a session is shorter than this class. */
        HEALING,
        /** Too little of what the others do is hers. */
        LITTLE_IN_COMMON
    }

    /**
     * A goal of a member that the sheet does not serve.
     *
     * @param name as she is called in the class
     * @param goal one of hers no line of the sheet works for
     */
    public record Unserved(String name, Goal goal) {}

    /**
     * Whom to watch, for what, and when.
     *
     * @param at seconds from the beginning
     */
    public record Watch(String name, String what, int at) {}

    /** Nobody takes part. */
    public static ClassSheet nobody(List<CannotCome> cannotCome) {
        return new ClassSheet(
                List.of(), cannotCome, List.of(), List.of(), List.of(), List.of(), 0, 0, 0, OptionalInt.empty(), "");
    }

    /** The same, with more who take no part. */
    public ClassSheet withoutThese(List<CannotCome> more) {
        List<CannotCome> all = new ArrayList<>(cannotCome);
        all.addAll(more);
        return new ClassSheet(members, all, items, lines, unserved, watch, seconds, changes, score, gap, note);
    }

    /** The item a line belongs to. */
    public ClassItem itemOf(int line) {
        int item = -1;
        for (int at = 0; at <= line; at++) {
            item += at > 0 && lines.get(at).isOtherSideOf(lines.get(at - 1)) ? 0 : 1;
        }
        return items.get(item);
    }

    /** How a member does a line, as it is called out to her. */
    public ClassCell cell(int line, int member) {
        return ClassCell.of(
                members.get(member),
                itemOf(line).of(member),
                lines.get(line).dose().sets());
    }

    /** What a member does in a line, in the time the others take for it; empty where she rests. */
    public Optional<SessionItem> lineOf(int line, int member) {
        SessionItem called = lines.get(line);
        return itemOf(line).of(member).pick().map(pick -> {
            int work = Math.min(
                    called.workSeconds(),
                    called.side() == Side.ALTERNATING || called.side() == Side.BOTH
                            ? pick.workSeconds()
                            : pick.dose().seconds(pick.move().breath()));
            return new SessionItem(pick, called.side(), work, called.seconds() - work, called.part(), called.round());
        });
    }
}
