package openbloom.core.program;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import openbloom.core.moves.Strand;
import openbloom.core.stage.Gate;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Kind;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.Verdict;

/**
 * Composes a session: settle and breathe, connect, work ordered so that changes of position are few, release, up by the
 * side. Only moves that pass for her are in it, both sides get the same, and its time is within 5 % of what was asked
 * whenever what she may do fills that time.
 */
public final class Composer {
    private static final int SECOND_RELEASE_FROM_MINUTES = 12;
    private static final int THIRD_RELEASE_FROM_MINUTES = 35;
    private static final double TOLERANCE = 0.05;
    private static final int MOST_ROUNDS = 3;

    private final Judgement judgement;
    private final SessionRequest request;
    private final List<Pick> breaths;
    private final List<Pick> connects;
    private final List<Pick> releases;
    private final List<Pick> work;

    private Composer(Judgement judgement, SessionRequest request) {
        this.judgement = judgement;
        this.request = request;
        this.work = WorkQueue.of(judgement, request);
        Comparator<Pick> leastDone = Comparator.comparing(this::timesDone);
        Comparator<Pick> lowest = Comparator.comparing(pick -> pick.move().rung());
        this.breaths = passing(Strand.BREATH, leastDone.thenComparing(lowest));
        this.connects = passing(Strand.CONNECT, leastDone.thenComparing(lowest.reversed()));
        this.releases = passing(Strand.RELEASE, leastDone);
    }

    /** @throws IllegalArgumentException if the request has problems */
    public static Session compose(Judgement judgement, SessionRequest request) {
        if (!request.problems().isEmpty()) {
            throw new IllegalArgumentException("Minutes must be 5 to 120, but were " + request.minutes());
        }
        return new Composer(judgement, request).compose();
    }

    private Session compose() {
        Draft draft = new Draft(
                request.seconds(),
                opening(),
                closing(),
                judgement.facts().client().checks().sides().weaker());
        if (draft.free() < 0) {
            draft.shrink();
        }
        work.forEach(draft::addWorkIfItFits);
        draft.stretch();
        for (int round = 1; round < MOST_ROUNDS && isShort(draft); round++) {
            moreOfTheGentle(draft);
        }
        Timetable timetable = draft.timetable();
        return new Session(
                timetable.items(), timetable.transitions(), timetable.endsLying(), leftOut(timetable), note(timetable));
    }

    private boolean isShort(Draft draft) {
        return draft.free() > TOLERANCE * request.seconds();
    }

    private void moreOfTheGentle(Draft draft) {
        releases.stream().skip(closing().size()).forEach(draft::addReleaseIfItFits);
        breaths.stream().skip(1).forEach(draft::addBreathIfItFits);
        connects.stream().skip(1).forEach(draft::addBreathIfItFits);
        work.stream().filter(pick -> pick.move().load() <= 1).forEach(draft::addWorkIfItFits);
        draft.stretch();
    }

    private List<Pick> opening() {
        List<Pick> opening = new ArrayList<>();
        breaths.stream().findFirst().ifPresent(opening::add);
        connects.stream()
                .filter(pick -> timesDone(pick) == timesDone(connects.get(0)))
                .min(Comparator.comparing(pick -> opening.isEmpty() || isChanged(opening.get(0), pick)))
                .ifPresent(opening::add);
        return opening;
    }

    private static boolean isChanged(Pick from, Pick to) {
        return from.move().position().isChangedBy(to.move().position());
    }

    private List<Pick> closing() {
        int count = request.minutes() >= THIRD_RELEASE_FROM_MINUTES
                ? 3
                : request.minutes() >= SECOND_RELEASE_FROM_MINUTES ? 2 : 1;
        return releases.stream()
                .limit(count)
                .sorted(Comparator.comparing(pick -> pick.move().position()))
                .toList();
    }

    private List<Pick> passing(Strand strand, Comparator<Pick> order) {
        int next = judgement.facts().reach(strand);
        return judgement.catalogue().ladder(strand).stream()
                .filter(move -> !move.isEarned() || move.rung() <= next)
                .map(judgement::of)
                .filter(Verdict::passes)
                .flatMap(verdict -> Pick.of(verdict, judgement).stream())
                .filter(pick -> request.takes(pick.move()))
                .sorted(order)
                .toList();
    }

    private long timesDone(Pick pick) {
        return request.recent().stream()
                .filter(moves -> moves.contains(pick.move().id()))
                .count();
    }

    /** For every strand the lowest move that is not yet hers, with the first thing that is missing. */
    private List<LeftOut> leftOut(Timetable timetable) {
        List<LeftOut> left = new ArrayList<>();
        for (Strand strand : Strand.values()) {
            judgement.catalogue().ladder(strand).stream()
                    .filter(move -> timetable.items().stream().noneMatch(item -> item.move() == move))
                    .map(judgement::of)
                    .filter(verdict -> verdict.kind().isStrongerThan(Kind.SWAP))
                    .min(Comparator.comparing(verdict -> verdict.move().rung()))
                    .map(verdict -> new LeftOut(verdict.move(), verdict.kind(), why(verdict)))
                    .ifPresent(left::add);
        }
        return left;
    }

    private static String why(Verdict verdict) {
        Optional<Gate> missing =
                verdict.gates().stream().filter(gate -> !gate.met()).findFirst();
        Optional<String> reason = verdict.leading().map(Reason::fact);
        return missing.map(Gate::words).or(() -> reason).orElse("");
    }

    private String note(Timetable timetable) {
        boolean fits = request.seconds() - timetable.seconds() <= TOLERANCE * request.seconds();
        if (timetable.items().isEmpty()) {
            return "Nothing is allowed today.";
        }
        return fits ? "" : "Shorter than asked: this is all she may do today.";
    }
}
