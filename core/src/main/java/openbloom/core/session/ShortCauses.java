package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Why less time was filled than was asked: only what, taken away, would have filled more is named. */
final class ShortCauses {
    private static final int ANY = 40;

    /** Less than this is no gain worth naming. */
    private static final int A_LITTLE_SECONDS = 20;

    private final SessionRequest request;
    private final ShapedWork.Limits limits;
    private final List<WorkItem> items;
    private final ShapedWork.Solved solved;

    ShortCauses(SessionRequest request, ShapedWork.Limits limits, List<WorkItem> items, ShapedWork.Solved solved) {
        this.request = request;
        this.limits = limits;
        this.items = items;
        this.solved = solved;
    }

    String words(boolean isTight) {
        List<String> causes = new ArrayList<>();
        WorkConstraints.Rules whole = limits.whole();
        WorkConstraints.Rules.Moves moves = whole.moves();
        if (lengthens(moves(new WorkConstraints.Rules.Moves(ANY, moves.fewest(), moves.fresh(), 0, true)))) {
            causes.add(moves.most() + " exercises of work are the most in it");
        }
        if (lengthens(moves(new WorkConstraints.Rules.Moves(moves.most(), moves.fewest(), ANY, 0, true)))) {
            causes.add(moves.fresh() + " exercises new to her are the most in one session");
        }
        if (whole.onTheBack().isPresent() && lengthens(offTheClockOnTheBack())) {
            causes.add("time on the back is limited");
        }
        if (isTight) {
            causes.add("with a floor that must let go, rest keeps its share");
        }
        return causes.isEmpty()
                ? "what suits what it is for and passes for her today is in it, "
                        + solved.chosen().size() + " exercises of work in all"
                : String.join(", and ", causes);
    }

    private boolean lengthens(WorkConstraints.Rules relaxed) {
        ShapedWork.Limits others = new ShapedWork.Limits(
                limits.opensIn(), limits.releasesIn(), limits.opening(), limits.fixed(), limits.most(), relaxed);
        return ShapedWork.solve(request, others, items).seconds() > solved.seconds() + A_LITTLE_SECONDS;
    }

    private WorkConstraints.Rules moves(WorkConstraints.Rules.Moves other) {
        return rules(other, limits.whole().onTheBack());
    }

    private WorkConstraints.Rules offTheClockOnTheBack() {
        return rules(limits.whole().moves(), Optional.empty());
    }

    private WorkConstraints.Rules rules(
            WorkConstraints.Rules.Moves moves, Optional<WorkConstraints.Rules.OnTheBack> onTheBack) {
        WorkConstraints.Rules whole = limits.whole();
        return new WorkConstraints.Rules(
                whole.target(),
                whole.most(),
                moves,
                onTheBack,
                whole.oneFrontSupport(),
                whole.pace(),
                whole.impactUntil(),
                whole.isLast(),
                whole.women());
    }
}
