package openbloom.core.verdict;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Kit;
import openbloom.core.moves.Move;
import openbloom.core.moves.Strand;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.words.Evidence;

/** One rung at a time, with what is at hand. */
final class LadderRules {
    private static final Rule NEXT = Rule.code("LADDER-NEXT")
            .client("One step at a time: the step below comes first.")
            .instructor("More than one rung above the highest she has done well in this strand.")
            .looks((facts, found) -> {
                for (Strand strand : Strand.values()) {
                    int achieved = facts.achieved(strand);
                    Evidence fact = new Evidence.RungDone(strand, achieved);
                    Gate below = Gate.of(GateKind.RUNG_BELOW, false, achieved == 0 ? "none done yet" : fact.words());
                    found.notYet(
                            move -> move.strand() == strand
                                    && move.isEarned()
                                    && move.rung() > achieved + 1
                                    && !isOutOfSeason(move, facts),
                            fact,
                            below);
                }
            });

    private static final Rule MISSING = Rule.code("KIT-MISSING")
            .client("We use what is at hand instead.")
            .instructor("Equipment not at hand: use the substitute, or another move of the same purpose.")
            .looks((facts, found) -> {
                found.adjust(move -> isReplaceable(move, facts), new Evidence.NotAtHand(), Adjustment.USE_SUBSTITUTE);
                found.swap(move -> isOutOfReach(move, facts), new Evidence.NotAtHand());
            });

    private LadderRules() {}

    static List<Rule> all() {
        return List.of(NEXT, MISSING);
    }

    /** Pregnancy sets curls and impact aside whatever rung she has reached: another move takes their place. */
    private static boolean isOutOfSeason(Move move, Facts facts) {
        return move.isCurl() && facts.isPregnantFrom(Published.SECOND_TRIMESTER.amount())
                || move.isImpact() && facts.isPregnantFrom(Published.THIRD_TRIMESTER.amount());
    }

    private static String strandWords(Strand strand) {
        return strand.words().toLowerCase(Locale.ROOT);
    }

    private static boolean isReplaceable(Move move, Facts facts) {
        return !isOutOfReach(move, facts) && missing(move, facts).isPresent();
    }

    private static boolean isOutOfReach(Move move, Facts facts) {
        return move.kit().stream()
                .anyMatch(item -> isMissing(item, facts) && item.substitute().isEmpty());
    }

    private static Optional<Kit> missing(Move move, Facts facts) {
        return move.kit().stream().filter(item -> isMissing(item, facts)).findFirst();
    }

    private static boolean isMissing(Kit item, Facts facts) {
        return !facts.client().equipment().contains(item.needs());
    }
}
