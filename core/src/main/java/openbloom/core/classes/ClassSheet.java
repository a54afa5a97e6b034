package openbloom.core.classes;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import openbloom.core.record.Goal;

/**
 * What is taught to a class on a day: one sequence for all, and for each exercise how each woman does it.
 *
 * @param members who takes part, in their order; versions name them by their place here
 * @param cannotCome who takes no part, and why
 * @param unserved goals that nothing in it serves
 * @param seconds in all
 * @param changes of position
 * @param score what it is worth, in quarters of a point
 * @param gap by how much a better one might exceed the score at most, in quarters; empty where there is none
 * @param note why it is shorter than asked, or empty
 */
public record ClassSheet(
        List<ClassMember> members,
        List<CannotCome> cannotCome,
        List<ClassItem> items,
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

    /** A goal of a member that the sheet does not serve. */
    public record Unserved(String name, Goal goal) {}

    /**
     * Whom to watch, for what, and when.
     *
     * @param at seconds from the beginning
     */
    public record Watch(String name, String what, int at) {}

    /** A member's exercises, in order; empty where she rests. */
    public List<Optional<ClassVersion>> of(int member) {
        return items.stream()
                .map(item -> Optional.of(item.of(member)).filter(version -> version.how() != TakesPart.RESTS))
                .toList();
    }
}
