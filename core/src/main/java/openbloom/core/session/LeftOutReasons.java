package openbloom.core.session;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.Goal;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;

/** What somebody might ask for and does not find in a session: the next rung of a wanted strand, a pin, a usual move. */
final class LeftOutReasons {
    private final Judgement judgement;
    private final SessionRequest request;
    private final Set<Move> inIt;

    private LeftOutReasons(Judgement judgement, SessionRequest request, Timetable timetable) {
        this.judgement = judgement;
        this.request = request;
        this.inIt = timetable.items().stream().map(SessionItem::move).collect(Collectors.toSet());
    }

    static List<LeftOut> of(Judgement judgement, SessionRequest request, Timetable timetable) {
        return new LeftOutReasons(judgement, request, timetable).all();
    }

    private List<LeftOut> all() {
        List<LeftOut> left = new ArrayList<>();
        Set<Move> asked = new LinkedHashSet<>();
        Stream.concat(request.wishes().pinned().stream().sorted(), request.wishes().usual().stream())
                .flatMap(id -> judgement.catalogue().find(id).stream())
                .forEach(asked::add);
        strands().forEach(strand -> next(strand).ifPresent(asked::add));
        for (Move move : asked) {
            Verdict verdict = judgement.of(move);
            if (!inIt.contains(move) && !verdict.passes()) {
                left.add(new LeftOut(move, verdict.kind(), why(verdict)));
            }
        }
        return left;
    }

    private List<ExerciseGroup> strands() {
        Set<ExerciseGroup> wanted = request.wishes().aims().keySet();
        return Arrays.stream(ExerciseGroup.values())
                .filter(strand -> wanted.isEmpty() || wanted.contains(strand))
                .toList();
    }

    /**
     * The lowest move of a strand that is not hers yet; scar care only for a woman with a scar, and what belongs to a gym only for
     * one who wants to lift.
     */
    private Optional<Move> next(ExerciseGroup strand) {
        boolean lifts = request.wishes().goals().contains(Goal.LIFT);
        return judgement.catalogue().ladder(strand).stream()
                .filter(move -> !inIt.contains(move) && (lifts || !isOfTheGym(move)))
                .map(judgement::of)
                .filter(verdict -> verdict.kind().isStrongerThan(VerdictKind.SWAP))
                .filter(verdict -> verdict.gates().stream().noneMatch(gate -> gate.kind() == GateKind.SCAR_ON_FILE))
                .min(Comparator.comparing(verdict -> verdict.move().rung()))
                .map(Verdict::move);
    }

    private static boolean isOfTheGym(Move move) {
        return move.isGymStaple() || move.has(Demand.HEAVY) || move.has(Demand.THROWN);
    }

    private static String why(Verdict verdict) {
        Optional<Gate> missing =
                verdict.gates().stream().filter(gate -> !gate.met()).findFirst();
        Optional<String> reason = verdict.leading().map(Reason::fact);
        return missing.map(Gate::words).or(() -> reason).orElse("");
    }
}
