package openbloom.core.verdict;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import openbloom.core.evidence.Published;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Kit;
import openbloom.core.moves.Move;
import openbloom.core.record.LadderStatus;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.words.Evidence;
import openbloom.core.words.Topic;
import org.jspecify.annotations.Nullable;

/** One rung at a time, with what is at hand. */
final class LadderRules {
    /** Load and pressure that are open as written when nothing is known of a ladder (practice). */
    private static final int OPEN_LOAD = 2;

    private static final int MOST_IMPACT = 3;
    private static final int REGULAR_SHIFT = 1;
    private static final int SPORT_SHIFT = 2;
    private static final int HIGHEST_SAID = 12;
    private static final Map<ExerciseGroup, List<Below>> BELOW = allBelow();

    /** What is said of a ladder on which a woman has done a rung: as the fact, and as what the next but one waits for. */
    private record Below(Evidence done, List<Gate> gates) {}

    private static final Rule NEXT = Rule.code("LADDER-NEXT")
            .client("One step at a time: the step below comes first.")
            .instructor("More than one level above the highest she has done well in this exercise group.")
            .steady()
            .looks((facts, found) -> {
                for (ExerciseGroup strand : ExerciseGroup.values()) {
                    if (facts.isWritten(strand)) {
                        next(strand, facts, found.on(strand));
                    }
                }
            });

    private static final Rule START = Rule.code("LADDER-START")
            .client("We try this with one set first and see how it goes.")
            .instructor("No level written down: what one step of load above her start asks is tried with one set.")
            .steady()
            .looks((facts, found) -> found.adjust(
                    move -> isUnwritten(move, facts) && !isLanding(move) && level(move) == openLoad(facts) + 1,
                    start(facts),
                    Adjustment.TRY_ONE_SET));

    private static final Rule START_LATER = Rule.code("LADDER-START-LATER")
            .client("We start a little lower and find your step first.")
            .instructor(
                    "No level written down: this is more than a step above where she begins by her training before; the"
                            + " opening check or a lower level comes first.")
            .steady()
            .looks((facts, found) -> found.notYet(
                    move -> isUnwritten(move, facts) && !isLanding(move) && level(move) > openLoad(facts) + 1,
                    start(facts),
                    Gate.of(GateKind.START_LEVEL, false, start(facts).words())));

    private static final Rule START_IMPACT = Rule.code("LADDER-START-IMPACT")
            .client("Before jumping or running we look at how you land.")
            .instructor(
                    "Impact waits for a level that was seen, unless she trained regularly before; an athlete begins soft"
                            + " and low.")
            .steady()
            .looks((facts, found) -> {
                if (facts.isWritten(ExerciseGroup.IMPACT)) {
                    return;
                }
                int most = impactBy(facts);
                found.notYet(
                        move -> move.isImpact() && move.demands().impact() > most && !isOutOfSeason(move, facts),
                        start(facts),
                        Gate.of(GateKind.START_LEVEL, false, start(facts).words()));
                found.adjust(Move::isImpact, start(facts), Adjustment.SOFT_AND_LOW);
            });

    private static final Rule MISSING = Rule.code("KIT-MISSING")
            .client("We use what is at hand instead.")
            .instructor("Equipment not at hand: use the substitute, or another exercise of the same purpose.")
            .steady()
            .looks((facts, found) -> {
                found.adjust(move -> isReplaceable(move, facts), new Evidence.NotAtHand(), Adjustment.USE_SUBSTITUTE);
                found.swap(move -> isOutOfReach(move, facts), new Evidence.NotAtHand());
            });

    private LadderRules() {}

    static List<Rule> all() {
        return List.of(NEXT, START, START_LATER, START_IMPACT, MISSING);
    }

    private static void next(ExerciseGroup strand, Facts facts, Findings found) {
        int achieved = facts.achieved(strand);
        Below below = below(strand, achieved);
        boolean isStartKnown = isStartKnown(strand, achieved, facts);
        found.notYet(
                move -> move.strand() == strand
                        && move.isEarned()
                        && move.rung() > achieved + 1
                        && !isOutOfSeason(move, facts)
                        && !(isStartKnown && isOpenByStart(move, facts)),
                below.done(),
                below.gates());
        if (isStartKnown) {
            found.adjust(
                    move -> move.strand() == strand
                            && move.rung() > achieved + 1
                            && !isOutOfSeason(move, facts)
                            && !isLanding(move)
                            && move.isEarned()
                            && level(move) == openLoad(facts) + 1,
                    start(facts),
                    Adjustment.TRY_ONE_SET);
        }
    }

    /** Asked for every ladder of every day of a season: the usual rungs are said once. */
    private static Below below(ExerciseGroup strand, int achieved) {
        List<Below> said = BELOW.get(strand);
        return achieved < said.size() ? said.get(achieved) : saidBelow(strand, achieved);
    }

    private static Below saidBelow(ExerciseGroup strand, int achieved) {
        Evidence done = new Evidence.RungDone(strand, achieved);
        String words = achieved == 0 ? "none done yet" : done.words();
        return new Below(done, List.of(Gate.of(GateKind.RUNG_BELOW, false, words)));
    }

    private static Map<ExerciseGroup, List<Below>> allBelow() {
        Map<ExerciseGroup, List<Below>> all = new EnumMap<>(ExerciseGroup.class);
        for (ExerciseGroup strand : ExerciseGroup.values()) {
            all.put(
                    strand,
                    IntStream.rangeClosed(0, HIGHEST_SAID)
                            .mapToObj(rung -> saidBelow(strand, rung))
                            .toList());
        }
        return all;
    }

    /** A rung that was done makes nothing stricter than none; doming, a hold, pain or being set down set the ladder anew. */
    private static boolean isStartKnown(ExerciseGroup strand, int achieved, Facts facts) {
        LadderStatus standing = facts.client().standing();
        return !standing.ceilings().containsKey(strand)
                && !standing.flat().containsKey(strand)
                && !isSetDown(standing.working().get(strand), achieved)
                && !standing.against().domed().containsKey(strand)
                && !standing.isHeld(strand);
    }

    /** Whether somebody decided on less than she has done. */
    private static boolean isSetDown(LadderStatus.@Nullable Working decided, int done) {
        return decided != null && decided.rung() < done;
    }

    /** A landing of the ladder of impact: it goes by impact; elsewhere an impact goes by its load, too. */
    private static boolean isLanding(Move move) {
        return move.strand() == ExerciseGroup.IMPACT && move.isImpact();
    }

    private static boolean isOpenByStart(Move move, Facts facts) {
        return isLanding(move) ? move.demands().impact() <= impactBy(facts) : level(move) <= openLoad(facts) + 1;
    }

    /** A rung nobody wrote down is no inability: where she begins is known from her training before. */
    private static boolean isUnwritten(Move move, Facts facts) {
        return move.isEarned() && !facts.isWritten(move.strand()) && !isOutOfSeason(move, facts);
    }

    private static int level(Move move) {
        return Math.max(move.demands().midlineLoad(), move.demands().pressure());
    }

    private static int openLoad(Facts facts) {
        return OPEN_LOAD + shift(facts);
    }

    private static int shift(Facts facts) {
        return facts.client()
                .background()
                .training()
                .map(before -> switch (before) {
                    case NONE, LIGHT -> 0;
                    case REGULAR -> REGULAR_SHIFT;
                    case SPORT -> SPORT_SHIFT;
                })
                .orElse(0);
    }

    /** The hardest impact of one who wrote down no rung: none, a jog for the regular, all of it for the athlete. */
    private static int impactBy(Facts facts) {
        return shift(facts) == SPORT_SHIFT ? MOST_IMPACT : shift(facts) == REGULAR_SHIFT ? 2 : 0;
    }

    private static Evidence start(Facts facts) {
        return facts.client()
                .background()
                .training()
                .<Evidence>map(Evidence.TrainedBefore::new)
                .orElse(new Evidence.NotAsked(Topic.TRAINING));
    }

    /** Pregnancy sets curls and impact aside whatever rung she has reached: another move takes their place. */
    private static boolean isOutOfSeason(Move move, Facts facts) {
        return move.isCurl() && facts.isPregnantFrom(Published.SECOND_TRIMESTER.amount())
                || move.isImpact() && facts.isPregnantFrom(Published.THIRD_TRIMESTER.amount());
    }

    private static boolean isReplaceable(Move move, Facts facts) {
        if (move.kit().isEmpty()) {
            return false;
        }
        boolean isAnyMissing = false;
        for (Kit item : move.kit()) {
            isAnyMissing |= isMissing(item, facts);
        }
        return isAnyMissing && !isOutOfReach(move, facts);
    }

    private static boolean isOutOfReach(Move move, Facts facts) {
        for (Kit item : move.kit()) {
            if (isMissing(item, facts) && !item.isReplaceable(facts.client().equipment())) {
                return true;
            }
        }
        return false;
    }

    private static boolean isMissing(Kit item, Facts facts) {
        return item.isMissing(facts.client().equipment());
    }
}
