package openbloom.core.program;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Kit;
import openbloom.core.moves.Move;
import openbloom.core.moves.Strand;
import openbloom.core.record.Choice;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;

/**
 * The work a woman may do, most wanted first: one move of each strand before a second of any, the strands of her core
 * before the others, what she has not done lately before what she has.
 */
final class WorkQueue {
    /** How much a strand is wanted; breath, connect and release have places of their own (common practice). */
    private static final Map<Strand, Integer> WEIGHT = Map.ofEntries(
            Map.entry(Strand.LIMB_LOAD, 10),
            Map.entry(Strand.BRIDGE, 9),
            Map.entry(Strand.HANDS_AND_KNEES, 9),
            Map.entry(Strand.PELVIC_FLOOR_ENDURANCE, 9),
            Map.entry(Strand.SIDE_SUPPORT, 8),
            Map.entry(Strand.FRONT_SUPPORT, 8),
            Map.entry(Strand.UPRIGHT_CONTROL, 8),
            Map.entry(Strand.STRENGTH_LEGS, 8),
            Map.entry(Strand.STRENGTH_PULL, 6),
            Map.entry(Strand.PELVIC_FLOOR_QUICK, 6),
            Map.entry(Strand.FLEXION, 5),
            Map.entry(Strand.MOBILITY, 5),
            Map.entry(Strand.STRENGTH_PUSH, 5),
            Map.entry(Strand.PELVIC_FLOOR_AREAS, 4),
            Map.entry(Strand.BALANCE, 3),
            Map.entry(Strand.SCAR, 4),
            Map.entry(Strand.STRENGTH_PRESS, 3),
            Map.entry(Strand.IMPACT, 2));

    /** More than any strand's own weight: what the program wants on a day comes before what it does not. */
    private static final double WANTED_TODAY = 20;

    private static final double SECOND_OF_A_STRAND = 12;
    private static final double DONE_LATELY = 4;
    private static final double CHANCE = 3;
    private static final int SESSIONS_REMEMBERED = 3;

    private final Judgement judgement;
    private final SessionRequest request;
    private final Random random;

    /** Other moves each time, rather than the same few until they are easy (A15). */
    private final boolean rotates;

    private WorkQueue(Judgement judgement, SessionRequest request) {
        this.judgement = judgement;
        this.request = request;
        this.random = new Random(request.seed());
        this.rotates = !judgement.facts().client().approach().is(Choice.SAME_FEW);
    }

    /** A pick and how much it is wanted. */
    private record Wanted(Pick pick, double score) {}

    static List<Pick> of(Judgement judgement, SessionRequest request) {
        return new WorkQueue(judgement, request).ordered();
    }

    private List<Pick> ordered() {
        List<Wanted> wanted = new ArrayList<>();
        for (Strand strand : Strand.values()) {
            if (WEIGHT.containsKey(strand)) {
                wanted.addAll(of(strand));
            }
        }
        wanted.sort(Comparator.comparingDouble(Wanted::score).reversed());
        return distinct(wanted.stream().map(Wanted::pick).toList());
    }

    private List<Wanted> of(Strand strand) {
        List<Wanted> wanted = new ArrayList<>();
        for (Verdict verdict : fromTheTop(strand)) {
            Optional<Pick> pick = Pick.of(verdict, judgement).filter(found -> request.takes(found.move()));
            double score = WEIGHT.getOrDefault(strand, 0)
                    + (request.wanted().contains(strand) ? WANTED_TODAY : 0)
                    - SECOND_OF_A_STRAND * wanted.size()
                    - (rotates ? DONE_LATELY : -DONE_LATELY) * timesDone(verdict.move())
                    + CHANCE * random.nextDouble();
            pick.ifPresent(found -> wanted.add(new Wanted(found, score)));
        }
        return wanted;
    }

    /** Her next rung first, then down; a rung beyond the next is never reached for. */
    private List<Verdict> fromTheTop(Strand strand) {
        int next = judgement.facts().reach(strand);
        return judgement.catalogue().ladder(strand).stream()
                .filter(move -> !move.isEarned() || move.rung() <= next)
                .filter(this::isAtHand)
                .sorted(Comparator.comparing(Move::rung).reversed().thenComparing(Move::id))
                .map(judgement::of)
                .filter(verdict -> !verdict.adjustments().contains(Adjustment.TRY_ONE_SET))
                .toList();
    }

    /** Gym staples are planned only where their equipment is; everything else has its substitute. */
    private boolean isAtHand(Move move) {
        Set<Equipment> atHand = judgement.facts().client().equipment();
        return !move.isGymStaple() || move.kit().stream().map(Kit::needs).allMatch(atHand::contains);
    }

    private long timesDone(Move move) {
        return request.recent().stream()
                .limit(SESSIONS_REMEMBERED)
                .filter(moves -> moves.contains(move.id()))
                .count();
    }

    private static List<Pick> distinct(List<Pick> picks) {
        Map<String, Pick> byMove = new LinkedHashMap<>();
        picks.forEach(pick -> byMove.putIfAbsent(pick.move().id(), pick));
        return List.copyOf(byMove.values());
    }
}
