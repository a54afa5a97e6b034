package openbloom.core.classes;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import openbloom.core.Problem;

/**
 * What is asked of a class.
 *
 * @param minutes 20 to 90
 * @param members 1 to 16, each name once
 * @see ClassComposer
 */
public record ClassRequest(int minutes, List<ClassMember> members) {
    public static final int SHORTEST_MINUTES = 20;
    public static final int LONGEST_MINUTES = 90;
    public static final int MOST_MEMBERS = 16;

    public ClassRequest {
        members = List.copyOf(members);
    }

    /** What makes no sense in it, by the fields {@code minutes} and {@code members[0].name}. */
    public List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        if (minutes < SHORTEST_MINUTES || minutes > LONGEST_MINUTES) {
            problems.add(Problem.of("minutes", "class.minutes", SHORTEST_MINUTES, LONGEST_MINUTES, minutes));
        }
        if (members.isEmpty() || members.size() > MOST_MEMBERS) {
            problems.add(Problem.of("members", "class.members", 1, MOST_MEMBERS, members.size()));
        }
        Set<String> names = new HashSet<>();
        for (int i = 0; i < members.size(); i++) {
            if (!names.add(members.get(i).name())) {
                problems.add(Problem.of(
                        "members[" + i + "].name", "class.twice", members.get(i).name()));
            }
        }
        return problems;
    }
}
