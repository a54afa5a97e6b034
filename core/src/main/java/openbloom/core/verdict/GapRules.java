package openbloom.core.verdict;

import static openbloom.core.evidence.Published.SECOND_TRIMESTER;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Purpose;
import openbloom.core.moves.Rotation;
import openbloom.core.moves.Strand;
import openbloom.core.record.Choice;
import openbloom.core.record.Question;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.stage.Told;
import openbloom.core.words.Evidence;

/** What the abdominal midline allows. */
final class GapRules {
    /** Moves of this midline load and more rest on a gap reading. */
    private static final int LOAD_THAT_NEEDS_A_READING = 3;

    private static final int STRONG_MIDLINE_LOAD = 4;

    /** Strands that load the midline alike: where one domes, moves of the same midline load in the other wait too. */
    private static final Map<Strand, List<Strand>> SIBLINGS = Map.of(
            Strand.FRONT_SUPPORT, List.of(Strand.STRENGTH_PUSH),
            Strand.STRENGTH_PUSH, List.of(Strand.FRONT_SUPPORT),
            Strand.LIMB_LOAD, List.of(Strand.FLEXION));

    private static final Rule FLEX = Rule.code("GAP-FLEX")
            .client("Curling up comes back when the gap has recovered and the belly stays flat on a head lift.")
            .instructor(
                    "Loaded flexion needs the gap recovered by her approach, no doming on the head lift and a reading"
                            + " of the last 14 days.")
            .source(Source.E_CURL)
            .by(Question.A1)
            .looks(GapRules::flex);

    private static final Rule HEAD = Rule.code("GAP-HEAD")
            .client("Lift the head only as far as the belly stays flat.")
            .instructor("Head lifts with a gap: connect first, stop at the first sign of a ridge.")
            .source(Source.E_CURL)
            .looks(GapRules::head);

    private static final Rule TWIST = Rule.code("GAP-TWIST")
            .client("Turning comes back small first, to the end of the range last.")
            .instructor("Twists with a gap by her approach: resist rotation first, then a small range, end range last.")
            .by(Question.A3)
            .looks(GapRules::twist);

    private static final Rule PLANK = Rule.code("GAP-PLANK")
            .client("Front supports climb from the wall down, as far as the belly stays flat.")
            .instructor("Front supports with a gap by her approach: a ladder of surfaces stopped by doming.")
            .source(Source.E_DUFOUR)
            .by(Question.A2)
            .looks(GapRules::plank);

    private static final Rule STALE = Rule.code("GAP-STALE")
            .client("We look at the gap again first.")
            .instructor("This rests on a gap reading and there is none of the last 14 days: check again.")
            .looks(GapRules::stale);

    private static final Rule OUT = Rule.code("GAP-OUT")
            .client("Your belly pushes out with effort, so we take the easier version.")
            .instructor("Belly pushes out or domes in daily tasks: one version easier.")
            .source(Source.E_DUFOUR)
            .looks((facts, found) -> {
                if (facts.has(Symptom.BELLY_PUSHES_OUT)) {
                    Evidence fact = facts.told(Symptom.BELLY_PUSHES_OUT);
                    found.swap(move -> move.demands().midlineLoad() >= LOAD_THAT_NEEDS_A_READING, fact);
                }
            });

    private GapRules() {}

    static List<Rule> all() {
        List<Rule> domes = List.of(Strand.values()).stream().map(GapRules::dome).toList();
        return Stream.concat(List.of(STALE, FLEX, HEAD, TWIST, PLANK, OUT).stream(), domes.stream())
                .toList();
    }

    private static Rule dome(Strand strand) {
        return Rule.code("GAP-DOME-" + strand.name().replace('_', '-'))
                .client("The belly domed one step further, so this waits until the step below stays flat.")
                .instructor("Doming sets today's ceiling in " + strand.words().toLowerCase(Locale.ROOT)
                        + " and at the matching load in its sibling strands.")
                .source(Source.E_DUFOUR)
                .looks((facts, found) -> {
                    Integer ceiling = facts.client().standing().ceilings().get(strand);
                    if (ceiling != null) {
                        Evidence fact = new Evidence.FlatUpTo(strand, ceiling);
                        boolean curlsSwapAnyway = facts.isPregnantFrom(SECOND_TRIMESTER.amount());
                        found.notYet(
                                above(strand, ceiling).and(move -> !(curlsSwapAnyway && move.isCurl())),
                                fact,
                                Gate.of(GateKind.NO_DOMING, false, fact.words()));
                    }
                });
    }

    private static Predicate<Move> above(Strand strand, int ceiling) {
        List<Strand> siblings = SIBLINGS.getOrDefault(strand, List.of());
        return move -> move.strand() == strand && move.rung() > ceiling
                || siblings.contains(move.strand()) && move.demands().midlineLoad() > loadOf(ceiling);
    }

    /** The midline load that a rung of the two sibling ladders stands for: about one for every two rungs. */
    private static int loadOf(int rung) {
        return (rung + 1) / 2;
    }

    private static void flex(Facts facts, Findings found) {
        if (!facts.isPregnantFrom(SECOND_TRIMESTER.amount())) {
            found.unlessMet(
                    Move::isCurl, facts.gap(), facts.gapRecoveredGate(), facts.noDomingGate(), facts.gapReadGate());
        }
    }

    private static void head(Facts facts, Findings found) {
        Predicate<Move> headLift = move -> move.demands().flexion() == Flexion.HEAD;
        if (facts.domed() != Told.NO) {
            found.unlessMet(headLift, facts.doming(), facts.noDomingGate());
        } else if (facts.gapRecovered() != Told.YES) {
            found.adjust(headLift, facts.gap(), Adjustment.SMALLER_RANGE);
        }
    }

    private static void twist(Facts facts, Findings found) {
        if (facts.gapRecovered() == Told.YES || facts.isPregnantFrom(SECOND_TRIMESTER.amount())) {
            return;
        }
        Predicate<Move> small = move -> move.demands().rotation() == Rotation.SMALL && move.load() > 0;
        Predicate<Move> end = move -> move.demands().rotation() == Rotation.END;
        found.notYet(end, facts.gap(), facts.gapRecoveredGate(), facts.gapReadGate());
        if (facts.follows(Choice.NO_TWIST_UNTIL_RECOVERED)) {
            found.notYet(small, facts.gap(), facts.gapRecoveredGate(), facts.gapReadGate());
        } else if (facts.follows(Choice.RESIST_THEN_SMALL)) {
            found.adjust(small, facts.gap(), Adjustment.SMALLER_RANGE);
        }
    }

    private static void plank(Facts facts, Findings found) {
        if (facts.gapRecovered() == Told.YES) {
            return;
        }
        Predicate<Move> support = move -> move.purpose() == Purpose.FRONT_SUPPORT;
        Predicate<Move> strong = support.and(move -> move.demands().midlineLoad() >= STRONG_MIDLINE_LOAD);
        Predicate<Move> still = strong.and(move -> !move.has(Demand.MOVING));
        found.adjust(support, facts.gap(), Adjustment.SURFACE_UP_IF_IT_DOMES);
        if (facts.follows(Choice.NO_SUPPORT_UNTIL_RECOVERED)) {
            found.notYet(support, facts.gap(), facts.gapRecoveredGate(), facts.gapReadGate());
        } else if (facts.follows(Choice.STILL_HOLDS_WELCOME)) {
            found.unlessMet(still, facts.gap(), facts.flatOnFrontSupportGate(), facts.gapReadGate());
            found.unlessMet(strong.and(still.negate()), facts.gap(), facts.gapRecoveredGate(), facts.gapReadGate());
        } else {
            found.unlessMet(strong, facts.gap(), facts.flatOnFrontSupportGate(), facts.gapReadGate());
            flatOnTheHeadLift(strong, facts, found);
        }
    }

    /** A midline that domes on a small head lift is not ready for the strongest supports, whatever was held before. */
    private static void flatOnTheHeadLift(Predicate<Move> strong, Facts facts, Findings found) {
        if (facts.domed() == Told.YES) {
            found.notYet(strong, facts.doming(), facts.noDomingGate());
        }
    }

    private static void stale(Facts facts, Findings found) {
        if (facts.isGapFresh()) {
            return;
        }
        boolean swapsAnyway = facts.isPregnantFrom(SECOND_TRIMESTER.amount());
        Predicate<Move> rests = move -> restsOnAReading(move) || !swapsAnyway && bendsOrTurnsFar(move);
        Evidence fact = facts.lastRead();
        found.notYet(rests, fact, facts.gapReadGate());
        found.adjust(
                move -> move.purpose() == Purpose.FRONT_SUPPORT && !rests.test(move),
                fact,
                Adjustment.SURFACE_UP_IF_IT_DOMES);
    }

    private static boolean restsOnAReading(Move move) {
        boolean frontLoad = move.purpose() == Purpose.FRONT_SUPPORT || move.isFullFrontSupport();
        return frontLoad && move.demands().midlineLoad() >= LOAD_THAT_NEEDS_A_READING;
    }

    private static boolean bendsOrTurnsFar(Move move) {
        return move.isCurl() || move.demands().rotation() == Rotation.END;
    }
}
