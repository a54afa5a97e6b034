package openbloom.core.program;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.moves.ExerciseGroup;

/**
 * The sessions of a week by letter: what is wanted is dealt to A, B and C so that each exercise group comes twice a week as far
 * as visits and minutes allow. Breath, connect, release, mobility, scar and the prescribed lifts are in every letter.
 */
final class SessionLetters {
    private static final List<String> NAMES = List.of("A", "B", "C");
    private static final int TWICE = 2;

    private final List<Set<ExerciseGroup>> letters;
    private final int visitsPerWeek;

    private SessionLetters(List<Set<ExerciseGroup>> letters, int visitsPerWeek) {
        this.letters = letters;
        this.visitsPerWeek = visitsPerWeek;
    }

    /**
     * @param wanted groups to be dealt, the most wanted first
     * @param visitsPerWeek 0 to 7
     * @param room how many of them a visit has room for, at least 1
     */
    static SessionLetters deal(List<ExerciseGroup> wanted, int visitsPerWeek, int room) {
        int count = wanted.size() <= room ? 1 : Math.min(NAMES.size(), Math.max(TWICE, visitsPerWeek));
        List<Set<ExerciseGroup>> letters = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            letters.add(new LinkedHashSet<>());
        }
        for (int round = 0; round < count; round++) {
            wanted.forEach(group -> letters.stream()
                    .filter(letter -> letter.size() < room && !letter.contains(group))
                    .min(Comparator.comparing(Set::size))
                    .ifPresent(letter -> letter.add(group)));
        }
        return new SessionLetters(letters, visitsPerWeek);
    }

    /** Which letter a visit is; none where every visit has room for everything. */
    Optional<String> nameOf(int week, int visit) {
        return letters.size() == 1 ? Optional.empty() : Optional.of(NAMES.get(at(week, visit)));
    }

    /** What is dealt to a visit. */
    Set<ExerciseGroup> of(int week, int visit) {
        return letters.get(at(week, visit));
    }

    /** A week begins with A; where it has fewer visits than there are letters, the next week goes on with the next. */
    private int at(int week, int visit) {
        int before = visitsPerWeek < letters.size() ? week * visitsPerWeek : 0;
        return (before + visit) % letters.size();
    }
}
