package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.Problem;

/**
 * How much of the work each goal has, as somebody wants it for a session; the whole body has the rest.
 *
 * @param percent of the first, second and third goal, each 10 to 80 %, together 90 % at most
 *
 * @see Shape
 * @see Wishes
 */
public record Shares(List<Integer> percent) {
    public static final int LEAST = 10;
    public static final int MOST = 80;
    public static final int MOST_TOGETHER = 90;

    /** So many goals have a share of their own at most. */
    public static final int MOST_GOALS = 3;

    /** Of one, two and three goals (common practice, no source). */
    private static final List<Shares> USUAL = List.of(
            new Shares(List.of()),
            new Shares(List.of(60)),
            new Shares(List.of(45, 25)),
            new Shares(List.of(40, 20, 10)));

    public Shares {
        percent = List.copyOf(percent);
    }

    /** What so many goals have where nobody wants it otherwise; of more than three the first three. */
    public static Shares usual(int goals) {
        return USUAL.get(Math.max(0, Math.min(USUAL.size() - 1, goals)));
    }

    /** What makes no sense in them, by the field {@code shares[0]} and so on. */
    public List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        for (int i = 0; i < percent.size(); i++) {
            if (percent.get(i) < LEAST || percent.get(i) > MOST) {
                problems.add(Problem.of("shares[" + i + "]", "session.share", LEAST, MOST, percent.get(i)));
            }
        }
        int together = percent.stream().mapToInt(Integer::intValue).sum();
        if (together > MOST_TOGETHER) {
            problems.add(Problem.of("shares[0]", "session.shares", MOST_TOGETHER, together));
        }
        return problems;
    }
}
