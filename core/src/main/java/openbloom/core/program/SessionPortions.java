package openbloom.core.program;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.record.Goal;
import openbloom.core.session.Shape;

/** How the minutes of a planned session are divided among what it is for, as its {@link Shape} divides them. */
final class SessionPortions {
    private static final Predicate<ExerciseGroup> SETTLES =
            group -> group == ExerciseGroup.BREATH || group == ExerciseGroup.CONNECT;

    /** What takes no longer, whatever the time: the prescribed set is short, and a scar is worked two to three minutes. */
    private static final Map<ExerciseGroup, Integer> LONGEST = new EnumMap<>(Map.of(
            ExerciseGroup.PELVIC_FLOOR_ENDURANCE, 3,
            ExerciseGroup.PELVIC_FLOOR_QUICK, 2,
            ExerciseGroup.PELVIC_FLOOR_AREAS, 3,
            ExerciseGroup.SCAR, 3));

    /** No group is worked for more than so many times as long as its neighbours on average (common practice, no source). */
    private static final double MOST_OF_AVERAGE = 1.5;

    private final List<ExerciseGroup> groups;
    private final double[] shares;

    private SessionPortions(List<ExerciseGroup> groups) {
        this.groups = groups;
        this.shares = new double[groups.size()];
    }

    /** Whole minutes in the order of the groups; together the minutes of the session. */
    static List<Program.Portion> of(int minutes, List<ExerciseGroup> groups, List<Goal> goals) {
        SessionPortions portions = new SessionPortions(groups);
        boolean settles = groups.stream().anyMatch(SETTLES);
        boolean letsGo = groups.contains(ExerciseGroup.RELEASE);
        double arriving = settles ? Shape.arriveMinutes(minutes) : 0;
        double lettingGo = letsGo ? Shape.letGoMinutes(minutes) : 0;
        portions.work(minutes - arriving - lettingGo, Shape.of(minutes, goals).slots());
        portions.shorten();
        portions.add(SETTLES, arriving);
        portions.add(group -> group == ExerciseGroup.RELEASE, lettingGo);
        return portions.whole(minutes);
    }

    /** Each group serves the first goal that wants it; what a part has no group for goes to the others. */
    private void work(double minutes, List<Shape.ShapeSlot> slots) {
        List<Integer> left =
                new ArrayList<>(IntStream.range(0, groups.size()).boxed().toList());
        double[] asked = new double[groups.size()];
        for (Shape.ShapeSlot slot : slots) {
            List<Integer> mine = left.stream()
                    .filter(i -> !SETTLES.test(groups.get(i)))
                    .filter(i -> slot.goal()
                            .map(goal -> goal.strands().contains(groups.get(i)))
                            .orElse(groups.get(i) != ExerciseGroup.RELEASE))
                    .toList();
            mine.forEach(i -> asked[i] = (double) slot.share() / mine.size());
            left.removeAll(mine);
        }
        double all = IntStream.range(0, asked.length).mapToDouble(i -> asked[i]).sum();
        for (int i = 0; i < asked.length; i++) {
            shares[i] = all > 0 ? minutes * asked[i] / all : minutes / asked.length;
        }
    }

    /** What takes longer than it can goes to the rest of the work, evenly; where there is no rest, it stays. */
    private void shorten() {
        double average = IntStream.range(0, shares.length)
                .filter(this::isWork)
                .mapToDouble(i -> shares[i])
                .average()
                .orElse(0);
        double usual = MOST_OF_AVERAGE * average;
        double[] longest = groups.stream()
                .mapToDouble(group -> LONGEST.containsKey(group) ? LONGEST.get(group) : usual)
                .toArray();
        double over = 0;
        for (int i = 0; i < shares.length; i++) {
            over += isWork(i) ? Math.max(0, shares[i] - longest[i]) : 0;
        }
        List<Integer> rest = IntStream.range(0, shares.length)
                .filter(i -> isWork(i) && !LONGEST.containsKey(groups.get(i)) && shares[i] < longest[i])
                .boxed()
                .toList();
        if (rest.isEmpty()) {
            return;
        }
        for (int i = 0; i < shares.length; i++) {
            shares[i] = isWork(i) ? Math.min(shares[i], longest[i]) : shares[i];
        }
        for (int i : rest) {
            shares[i] += over / rest.size();
        }
    }

    private boolean isWork(int i) {
        return !SETTLES.test(groups.get(i)) && groups.get(i) != ExerciseGroup.RELEASE;
    }

    private void add(Predicate<ExerciseGroup> which, double minutes) {
        long count = groups.stream().filter(which).count();
        for (int i = 0; i < shares.length; i++) {
            shares[i] += which.test(groups.get(i)) ? minutes / count : 0;
        }
    }

    /** Rounded down, and the minutes that are left to the largest remainders. */
    private List<Program.Portion> whole(int minutes) {
        int[] rounded = new int[shares.length];
        int left = minutes;
        for (int i = 0; i < shares.length; i++) {
            rounded[i] = (int) shares[i];
            left -= rounded[i];
        }
        IntStream.range(0, shares.length)
                .boxed()
                .sorted(Comparator.comparing(i -> -(shares[i] - rounded[i])))
                .limit(left)
                .forEach(i -> rounded[i]++);
        return IntStream.range(0, rounded.length)
                .filter(i -> rounded[i] > 0)
                .mapToObj(i -> new Program.Portion(groups.get(i), rounded[i]))
                .toList();
    }
}
