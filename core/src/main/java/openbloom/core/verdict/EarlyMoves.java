package openbloom.core.verdict;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Move;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;

/**
 * What the first weeks after a birth allow by themselves: they are no bed rest. From the first day tilts, heel slides, ankles and
 * the knee falling out; from two weeks what hips and shoulders do lying and at a wall; from four weeks body weight (E-RUN lists
 * squats, lunges and bridging for weeks two to four; the days are practice). Only for her who was asked and told nothing.
 */
final class EarlyMoves {
    private static final Set<String> FIRST_AFTER_A_CAESAREAN =
            Set.of("pelvic-tilts", "heel-slide", "seated-heel-slide", "toes-arch", "calf-raise");

    private static final Map<String, Published> FROM = from();

    private EarlyMoves() {}

    private static Map<String, Published> from() {
        Map<String, Published> from = new HashMap<>();
        FIRST_AFTER_A_CAESAREAN.forEach(id -> from.put(id, Published.EARLY_FIRST));
        List.of("knee-fallout", "seated-knee-open").forEach(id -> from.put(id, Published.EARLY_FIRST));
        List.of(
                        "clam",
                        "side-leg-lift",
                        "bridge",
                        "pushup-wall",
                        "sit-to-stand",
                        "box-squat",
                        "band-row-seated",
                        "band-row")
                .forEach(id -> from.put(id, Published.EARLY_SECOND));
        List.of("squat", "step-up", "pushup-counter").forEach(id -> from.put(id, Published.EARLY_THIRD));
        return Map.copyOf(from);
    }

    static boolean isListed(Move move) {
        return FROM.containsKey(move.id());
    }

    /** Whether a move is open by this alone, whatever the weeks ask otherwise. */
    static boolean areOpen(Facts facts, Move move) {
        Published from = FROM.get(move.id());
        return from != null
                && facts.isAskedAndFree()
                && facts.recentBirth()
                        .filter(birth -> isOpen(birth, from, move, facts))
                        .isPresent();
    }

    /** How many of its steps are open on her day: days with the same step open the same. */
    static int stepOf(Facts facts) {
        if (!facts.isAskedAndFree()) {
            return 0;
        }
        return facts.recentBirth()
                .map(birth -> (int) Stream.of(Published.EARLY_FIRST, Published.EARLY_SECOND, Published.EARLY_THIRD)
                        .flatMapToInt(
                                from -> IntStream.of(from.days(), from.days() + Published.EARLY_CAESAREAN_LATER.days()))
                        .distinct()
                        .filter(from -> birth.daysOn(facts.day()) >= from)
                        .count())
                .orElse(0);
    }

    private static boolean isOpen(Birth birth, Published from, Move move, Facts facts) {
        boolean dayOne = from == Published.EARLY_FIRST;
        if (birth.isCaesarean()) {
            boolean first = FIRST_AFTER_A_CAESAREAN.contains(move.id());
            int later = first ? 0 : Published.EARLY_CAESAREAN_LATER.days();
            return birth.daysOn(facts.day()) >= from.days() + later
                    && (first || birth.woundClosed() == YesNoUnknown.YES);
        }
        boolean easy =
                birth.kind() != BirthKind.UNKNOWN && !birth.tear().reachesSphincter() && birth.tear() != Tear.UNKNOWN;
        boolean closed = birth.woundClosed() == YesNoUnknown.YES
                || birth.woundClosed() == YesNoUnknown.UNKNOWN && (dayOne || birth.tear() == Tear.NONE);
        return easy && closed && birth.daysOn(facts.day()) >= from.days();
    }
}
