package openbloom.core.classes;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Move;
import openbloom.core.session.CommonWork;
import openbloom.core.session.Family;
import openbloom.core.session.Pick;

/**
 * The best work in which nobody rests more than twice running: the best without that line is a bound; where somebody would
 * rest longer in it, it is looked for again without each of the exercises in turn.
 */
final class RestRuns {
    /** How often the work is solved at most: about 200 ms for twelve women and 45 minutes. */
    private static final int MOST_SOLVED = 4;

    private static final int PERCENT = 100;

    private final CommonWork frame;
    private final int women;
    private final Map<Move, CommonExercise> known;

    RestRuns(CommonWork frame, int women, Map<Move, CommonExercise> known) {
        this.frame = frame;
        this.women = women;
        this.known = known;
    }

    /** @param gap how much more a better one could be worth at most, in quarters; empty where none is better */
    record WorkFound(List<Pick> work, int quarters, OptionalInt gap) {}

    /** What is looked for without some exercises, and what it can be worth at most. */
    private record Without(Set<Move> left, int most) {}

    WorkFound best(List<CommonWork.CommonItem> items) {
        PriorityQueue<Without> open = new PriorityQueue<>(Comparator.comparingInt(one -> -one.most()));
        open.add(new Without(Set.of(), Integer.MAX_VALUE));
        Optional<CommonWork.CommonSolution> best = Optional.empty();
        Optional<CommonWork.CommonSolution> first = Optional.empty();
        for (int solved = 0; solved < MOST_SOLVED && !open.isEmpty(); solved++) {
            Without at = open.remove();
            if (best.filter(found -> isGoodEnough(found.quarters(), at.most())).isPresent()) {
                break;
            }
            CommonWork.CommonSolution solution = frame.best(items.stream()
                    .filter(item -> !at.left().contains(item.pick().move()))
                    .toList());
            first = first.or(() -> Optional.of(solution));
            List<Pick> tooLong = tooLong(solution.work());
            Optional<CommonWork.CommonSolution> kept = arranged(solution, items);
            if (kept.isPresent()) {
                CommonWork.CommonSolution found = kept.get();
                best = best.filter(other -> other.quarters() >= found.quarters())
                        .or(() -> kept);
            }
            boolean isBest = kept.filter(one -> isGoodEnough(one.quarters(), solution.quarters()))
                    .isPresent();
            for (Pick pick : isBest ? List.<Pick>of() : tooLong) {
                Set<Move> left = new HashSet<>(at.left());
                left.add(pick.move());
                open.add(new Without(left, solution.quarters()));
            }
        }
        int bound = first.orElseThrow().quarters();
        CommonWork.CommonSolution found = best.orElse(first.orElseThrow());
        List<Pick> work = shortened(found.work());
        int quarters = work.size() == found.work().size() ? found.quarters() : frame.worth(items, work);
        return new WorkFound(work, quarters, bound > quarters ? OptionalInt.of(bound - quarters) : OptionalInt.empty());
    }

    /** Within one per cent of what can be had at most nothing more is looked for. */
    private static boolean isGoodEnough(int quarters, int most) {
        return most != Integer.MAX_VALUE && (long) (most - quarters) * PERCENT <= Math.max(0, most);
    }

    /** The same work with two exercises of one family of positions changed over, so that nobody rests too long. */
    private Optional<CommonWork.CommonSolution> arranged(
            CommonWork.CommonSolution solution, List<CommonWork.CommonItem> items) {
        List<Pick> work = solution.work();
        if (tooLong(work).isEmpty()) {
            return Optional.of(solution);
        }
        Optional<CommonWork.CommonSolution> best = Optional.empty();
        for (int i = 1; i < work.size(); i++) {
            for (int j = i + 1; j < work.size(); j++) {
                if (areFree(work.get(i).move(), work.get(j).move())) {
                    List<Pick> other = new ArrayList<>(work);
                    Collections.swap(other, i, j);
                    if (tooLong(other).isEmpty()) {
                        int worth = frame.worth(items, other);
                        best = best.filter(one -> one.quarters() >= worth)
                                .or(() -> Optional.of(new CommonWork.CommonSolution(other, worth)));
                    }
                }
            }
        }
        return best;
    }

    /** Where the order of the two binds nobody: one family, no impact, nothing on the wrists. */
    private static boolean areFree(Move one, Move other) {
        return Family.of(one) == Family.of(other)
                && Stream.of(one, other).noneMatch(move -> move.isImpact() || move.has(Demand.WRIST));
    }

    /** Where nothing was found that lets nobody rest too long, what makes her rest is left out. */
    private List<Pick> shortened(List<Pick> work) {
        List<Pick> left = new ArrayList<>(work);
        List<Pick> tooLong = tooLong(left);
        while (!tooLong.isEmpty()) {
            left.remove(tooLong.get(tooLong.size() - 1));
            tooLong = tooLong(left);
        }
        return left;
    }

    /** The exercises of the work in which somebody rests for the third time running, with those before; empty where nobody does. */
    private List<Pick> tooLong(List<Pick> work) {
        List<Pick> all = Stream.of(frame.opening(), work, frame.release())
                .flatMap(List::stream)
                .toList();
        for (int member = 0; member < women; member++) {
            List<Pick> running = new ArrayList<>();
            for (Pick pick : all) {
                if (!known.get(pick.move()).rests(member)) {
                    running.clear();
                } else {
                    running.add(pick);
                }
                if (running.size() > ClassComposer.MOST_RESTS_RUNNING) {
                    List<Pick> work3 = running.stream().filter(work::contains).toList();
                    if (!work3.isEmpty()) {
                        return work3;
                    }
                }
            }
        }
        return List.of();
    }
}
