package openbloom.core.record;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.Enums;

/**
 * What she told from home of one practice. Nothing is averaged: where answers contradict each other the more careful one counts,
 * and both are shown.
 *
 * @param howMuch how much of it she said she did
 * @param efforts how hard she said it was
 * @param troubles leak, heaviness or pain she told
 * @param isUntroubled whether she also said that there was nothing
 * @param mornings pain of the morning after, 0 to 10
 * @see Noted
 */
public record PracticeTold(
        Set<HowMuch> howMuch, Set<Noted> efforts, Set<Noted> troubles, boolean isUntroubled, Set<Integer> mornings) {
    public PracticeTold {
        howMuch = Enums.copyOf(howMuch);
        efforts = Enums.copyOf(efforts);
        troubles = Enums.copyOf(troubles);
        mornings = Set.copyOf(mornings);
    }

    /** How much of a practice she did, the least first. */
    public enum HowMuch {
        NOTHING("none of it"),
        PART("some of it"),
        ALL("all of it");

        private final String words;

        HowMuch(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The least she told. */
    public Optional<HowMuch> done() {
        return howMuch.stream().min(Comparator.naturalOrder());
    }

    /** The hardest she told. */
    public Optional<Noted> effort() {
        return efforts.stream().max(Comparator.naturalOrder());
    }

    /** The worst she told of the morning after, 0 to 10. */
    public OptionalInt morning() {
        return mornings.stream().mapToInt(Integer::intValue).max();
    }

    /** What she told that cannot all be so, in words; empty where nothing contradicts anything. */
    public List<String> contradictions() {
        List<String> both = new ArrayList<>();
        both(howMuch.stream().sorted().map(HowMuch::words).toList(), both);
        both(efforts.stream().sorted().map(Noted::words).toList(), both);
        both(
                mornings.stream()
                        .sorted()
                        .map(pain -> "pain " + pain + " of 10 next morning")
                        .toList(),
                both);
        if (isUntroubled && !troubles.isEmpty()) {
            both.add("“none of these” and "
                    + troubles.stream().sorted().map(Noted::words).collect(Collectors.joining(", ")));
        }
        return both;
    }

    private static void both(Collection<String> told, List<String> both) {
        if (told.size() > 1) {
            both.add("“" + String.join("” and “", told) + "”");
        }
    }
}
