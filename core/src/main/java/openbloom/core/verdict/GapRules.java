package openbloom.core.verdict;

import static openbloom.core.evidence.Published.SECOND_TRIMESTER;

import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Purpose;
import openbloom.core.moves.Rotation;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Question;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.words.Evidence;

/** What the abdominal midline allows, in every strand. */
final class GapRules {
    /** Moves of this midline load and more rest on a gap reading. */
    private static final int LOAD_THAT_NEEDS_A_READING = 3;

    private static final int LOAD_TO_WATCH = 2;
    private static final int STRONG_MIDLINE_LOAD = 4;
    private static final int HEAD_LIFT_RUNG = 2;

    /** Strands that load the midline alike: where one domes, moves of the same midline load in the other wait too. */
    private static final Map<ExerciseGroup, List<ExerciseGroup>> SIBLINGS = Map.of(
            ExerciseGroup.FRONT_SUPPORT, List.of(ExerciseGroup.STRENGTH_PUSH),
            ExerciseGroup.STRENGTH_PUSH, List.of(ExerciseGroup.FRONT_SUPPORT),
            ExerciseGroup.LIMB_LOAD, List.of(ExerciseGroup.FLEXION));

    private static final Rule LOAD = Rule.code("GAP-LOAD")
            .client(
                    "The middle of your belly is wide but firm, so the hardest loads come back one flat step at a time.")
            .instructor(
                    "Wide, but flat and firm: the middle loads with the midline in view, the hardest as far as a load"
                            + " check of the last {} days showed them flat.",
                    Published.GAP_STALE)
            .source(Source.E_DUFOUR)
            .by(Question.A1)
            .looks(GapRules::load);

    private static final Rule DEEP = Rule.code("GAP-DEEP")
            .client("The middle of your belly gives way under load, so we build it up with lighter exercises first.")
            .instructor(
                    "Domes on the lift, or deep and soft: the middle and hardest loads wait in every exercise group, but for"
                            + " levels a fresh load check showed flat.")
            .source(Source.E_DUFOUR)
            .looks((facts, found) -> soften(facts, found, true));

    private static final Rule UNSEEN = Rule.code("GAP-UNSEEN")
            .client("Nobody has looked at the middle of your belly lately, so the harder loads wait until we have.")
            .instructor(
                    "The midline not looked at, or not lately: the middle and hardest loads wait in every exercise group, but for"
                            + " levels a fresh load check showed flat.")
            .looks((facts, found) -> soften(facts, found, false));

    private static final Rule OLD = Rule.code("GAP-OLD")
            .client("The middle of your belly was well recovered; we look again when it suits.")
            .instructor(
                    "Recovered and flat, read more than {} days ago: it stays so until a birth, doming or a belly that pushes"
                            + " out; looking again is advice.",
                    Published.GAP_SETTLED)
            .looks((facts, found) -> {
                if (facts.midline() == Midline.HOLDING && !facts.isGapReadLately()) {
                    found.advise(
                            move -> needsAReading(move) || move.isCurl(),
                            facts.evidence().lastRead());
                }
            });

    private static final Rule FLEX = Rule.code("GAP-FLEX")
            .client("Curling up comes back in steps, as long as the belly stays flat.")
            .instructor(
                    "Curls: open when the gap has recovered by her approach and is flat; wide but firm, one level above"
                            + " what was flat, from twelve weeks after birth; doming or a soft floor waits.")
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
            .instructor("Front supports with a gap by her approach: a progression of surfaces stopped by doming.")
            .source(Source.E_DUFOUR)
            .by(Question.A2)
            .looks(GapRules::plank);

    private static final Rule STALE = Rule.code("GAP-STALE")
            .client("We look at the gap again first.")
            .instructor(
                    "This rests on a gap reading and there is none of the last {} days: check again.",
                    Published.GAP_STALE)
            .looks(GapRules::stale);

    private static final Rule OUT = Rule.code("GAP-OUT")
            .client("Your belly pushes out with effort, so we take the easier version.")
            .instructor("Belly pushes out or domes in daily tasks: one version easier.")
            .source(Source.E_DUFOUR)
            .looks((facts, found) -> {
                if (facts.has(Symptom.BELLY_PUSHES_OUT)) {
                    Evidence fact = facts.evidence().told(Symptom.BELLY_PUSHES_OUT);
                    found.swap(move -> needsAReading(move) || move.isCurl(), fact);
                    found.adjust(
                            move -> move.demands().flexion() == Flexion.HEAD || move.has(Demand.HEAVY),
                            fact,
                            Adjustment.WATCH_MIDLINE);
                }
            });

    private GapRules() {}

    static List<Rule> all() {
        List<Rule> domes =
                List.of(ExerciseGroup.values()).stream().map(GapRules::dome).toList();
        return Stream.concat(
                        List.of(STALE, OLD, DEEP, UNSEEN, LOAD, FLEX, HEAD, TWIST, PLANK, OUT).stream(), domes.stream())
                .toList();
    }

    private static Rule dome(ExerciseGroup strand) {
        return Rule.code("GAP-DOME-" + strand.name().replace('_', '-'))
                .client("Your belly domed one step further, so this waits until the step below stays flat.")
                .instructor("Doming sets today's ceiling in " + strand.wordsWithin()
                        + " and at the matching load in its sibling exercise groups; elsewhere more load goes with the midline"
                        + " in view.")
                .source(Source.E_DUFOUR)
                .onlyOf(record -> record.standing().ceilings().containsKey(strand))
                .looks((facts, found) -> {
                    Integer ceiling = facts.client().standing().ceilings().get(strand);
                    if (ceiling != null) {
                        Evidence fact = new Evidence.FlatUpTo(strand, ceiling);
                        boolean curlsSwapAnyway = facts.isPregnantFrom(SECOND_TRIMESTER.amount());
                        found.notYet(
                                above(strand, ceiling).and(move -> !(curlsSwapAnyway && move.isCurl())),
                                fact,
                                Gate.of(GateKind.NO_DOMING, false, fact.words()));
                        found.adjust(
                                move -> needsAReading(move)
                                        && move.demands().midlineLoad() > loadOf(ceiling)
                                        && !facts.isSeenFlat(move),
                                fact,
                                Adjustment.WATCH_MIDLINE);
                    }
                });
    }

    private static Predicate<Move> above(ExerciseGroup strand, int ceiling) {
        List<ExerciseGroup> siblings = SIBLINGS.getOrDefault(strand, List.of());
        return move -> move.strand() == strand && move.rung() > ceiling
                || siblings.contains(move.strand()) && move.demands().midlineLoad() > loadOf(ceiling);
    }

    /** The midline load that a rung of the two sibling ladders stands for: about one for every two rungs. */
    private static int loadOf(int rung) {
        return (rung + 1) / 2;
    }

    private static Predicate<Move> loads(int least) {
        return move -> move.demands().midlineLoad() >= least && move.demands().flexion() == Flexion.NONE;
    }

    /** Loads the midline enough that somebody should have looked at it (rule 4 of the second version). */
    static boolean needsAReading(Move move) {
        return move.demands().midlineLoad() >= LOAD_THAT_NEEDS_A_READING;
    }

    /** Whether a fresh load check opened this rung, or set its ceiling: then its own rule speaks. */
    private static Predicate<Move> seenFlat(Facts facts) {
        return facts::isSeenFlat;
    }

    private static void load(Facts facts, Findings found) {
        if (facts.midline() != Midline.PART) {
            return;
        }
        Predicate<Move> hardest = loads(STRONG_MIDLINE_LOAD);
        boolean stillHolds = facts.follows(ApproachChoice.STILL_HOLDS_WELCOME)
                && facts.gates().frontSupportFlat().met();
        Predicate<Move> welcome =
                move -> stillHolds && move.purpose() == Purpose.FRONT_SUPPORT && !move.has(Demand.MOVING);
        found.notYet(
                hardest.and(seenFlat(facts).or(welcome).negate()),
                facts.evidence().gap(),
                loadCheckGate(),
                facts.gates().gapRead());
        found.adjust(loads(LOAD_THAT_NEEDS_A_READING), facts.evidence().gap(), Adjustment.WATCH_MIDLINE);
    }

    private static Gate loadCheckGate() {
        return Gate.of(
                GateKind.LOAD_CHECKED,
                false,
                Published.said("no load check of the last {} days went so far", Published.GAP_STALE));
    }

    /** Domes, deep and soft, or nobody has looked: the middle loads wait but for what a load check opened. */
    private static void soften(Facts facts, Findings found, boolean seen) {
        if (facts.midline() != Midline.SOFT || isSeen(facts) != seen) {
            return;
        }
        Evidence fact = soft(facts);
        found.notYet(
                loads(LOAD_THAT_NEEDS_A_READING).and(seenFlat(facts).negate()),
                fact,
                facts.gates().noDoming(),
                tensionGate(facts),
                facts.gates().gapRead());
        found.adjust(loads(LOAD_TO_WATCH), fact, Adjustment.WATCH_MIDLINE);
    }

    private static boolean isSeen(Facts facts) {
        return Midline.wasSeenSoft(facts) || facts.domed() == YesNoUnknown.YES;
    }

    private static Evidence soft(Facts facts) {
        return facts.client()
                .checks()
                .gap()
                .<Evidence>map(check -> isSeen(facts)
                        ? new Evidence.MidlineSoft(facts.domed() == YesNoUnknown.YES, check.date())
                        : facts.evidence().lastRead())
                .orElseGet(() -> facts.evidence().doming());
    }

    private static Gate tensionGate(Facts facts) {
        boolean firm = Midline.isFirmEverywhere(facts);
        String words = firm
                ? "firm, or shallow, wherever it was read"
                : Midline.wasSeenSoft(facts) ? "deep and soft under the fingers" : "depth and floor not read";
        return Gate.of(GateKind.GAP_FIRM, firm, words);
    }

    /** Everything that makes a midline {@link Midline#HOLDING}; one of them is open as long as it is not. */
    private static Gate[] holding(Facts facts) {
        return new Gate[] {
            facts.gates().gapRecovered(),
            facts.gates().noDoming(),
            tensionGate(facts),
            facts.gates().gapRead()
        };
    }

    private static void flex(Facts facts, Findings found) {
        Midline midline = facts.midline();
        if (facts.isPregnant()) {
            if (facts.domed() != YesNoUnknown.NO && !facts.isPregnantFrom(SECOND_TRIMESTER.amount())) {
                found.adjust(Move::isCurl, facts.evidence().doming(), Adjustment.WATCH_MIDLINE);
            }
            return;
        }
        if (midline == Midline.NO_GATE) {
            return;
        }
        Predicate<Move> next = move -> move.isCurl()
                && Midline.mayBeginCurls(facts)
                && facts.achieved(ExerciseGroup.FLEXION) >= HEAD_LIFT_RUNG
                && move.rung() <= facts.achieved(ExerciseGroup.FLEXION) + 1;
        if (midline == Midline.HOLDING) {
            found.unlessMet(Move::isCurl, facts.evidence().gap(), holding(facts));
            return;
        }
        found.notYet(move -> move.isCurl() && !next.test(move), facts.evidence().gap(), holding(facts));
        found.adjust(next, facts.evidence().gap(), Adjustment.WATCH_MIDLINE);
    }

    private static void head(Facts facts, Findings found) {
        Predicate<Move> headLift = move -> move.demands().flexion() == Flexion.HEAD;
        if (facts.isPregnant()) {
            if (facts.domed() == YesNoUnknown.YES
                    || facts.domed() == YesNoUnknown.UNKNOWN && facts.isPregnantFrom(SECOND_TRIMESTER.amount())) {
                found.notYet(headLift, facts.evidence().doming(), facts.gates().noDoming());
            } else if (facts.domed() == YesNoUnknown.UNKNOWN) {
                found.adjust(headLift, facts.evidence().doming(), Adjustment.WATCH_MIDLINE);
            } else {
                found.adjust(headLift, facts.evidence().weeks(), Adjustment.SMALLER_RANGE);
            }
        } else if (facts.midline() == Midline.SOFT) {
            found.notYet(
                    headLift,
                    facts.evidence().doming(),
                    facts.gates().noDoming(),
                    tensionGate(facts),
                    facts.gates().gapRead());
        } else if (facts.midline() == Midline.PART && !Midline.mayBeginCurls(facts)) {
            found.notYet(headLift, facts.evidence().gap(), facts.gates().gapRecovered());
        } else if (facts.midline() == Midline.PART) {
            found.adjust(headLift, facts.evidence().gap(), Adjustment.SMALLER_RANGE);
        }
    }

    /** While she is pregnant width holds nothing back; a woman whose midline nobody needs to look at has no gap. */
    private static boolean isOpen(Facts facts) {
        return facts.isPregnant() || facts.midline() == Midline.NO_GATE || facts.midline() == Midline.HOLDING;
    }

    private static void twist(Facts facts, Findings found) {
        if (isOpen(facts)) {
            return;
        }
        Predicate<Move> small = move -> move.demands().rotation() == Rotation.SMALL && move.load() > 0;
        Predicate<Move> end = move -> move.demands().rotation() == Rotation.END;
        found.notYet(end, facts.evidence().gap(), holding(facts));
        if (facts.follows(ApproachChoice.NO_TWIST_UNTIL_RECOVERED)) {
            found.notYet(small, facts.evidence().gap(), holding(facts));
        } else if (facts.follows(ApproachChoice.RESIST_THEN_SMALL)) {
            found.adjust(small, facts.evidence().gap(), Adjustment.SMALLER_RANGE);
        }
    }

    private static void plank(Facts facts, Findings found) {
        if (isOpen(facts)) {
            return;
        }
        Predicate<Move> support = move -> move.purpose() == Purpose.FRONT_SUPPORT;
        if (facts.follows(ApproachChoice.NO_SUPPORT_UNTIL_RECOVERED)) {
            found.notYet(support, facts.evidence().gap(), holding(facts));
        } else {
            found.adjust(support, facts.evidence().gap(), Adjustment.SURFACE_UP_IF_IT_DOMES);
        }
    }

    private static void stale(Facts facts, Findings found) {
        if (facts.isGapFresh() || facts.isPregnant() || facts.midline() == Midline.NO_GATE) {
            return;
        }
        Predicate<Move> rests = move -> move.isCurl()
                || move.demands().rotation() == Rotation.END
                || needsAReading(move) && !facts.isSeenFlat(move);
        found.notYet(rests, facts.evidence().lastRead(), facts.gates().gapRead());
    }
}
