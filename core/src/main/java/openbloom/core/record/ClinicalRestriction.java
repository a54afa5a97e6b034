package openbloom.core.record;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Predicate;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;

/**
 * Limits a clinician sets that the rules can read. Anything else she writes is kept as her words.
 *
 * @see Clearance
 */
public enum ClinicalRestriction {
    NO_LYING_ON_THE_BACK("no lying on the back", Move::isOnTheBack),
    NO_IMPACT("no impact", move -> move.demands().impact() > 0),
    NO_ARMS_OVERHEAD("no arms overhead", move -> move.has(Demand.OVERHEAD)),
    LIGHT_LOAD_ONLY(
            "light load only: load 1, nothing heavy in the hands",
            move -> move.load() > 1 || move.has(Demand.HEAVY) || move.needs(Equipment.BARBELL)),
    NO_FRONT_SUPPORT("no weight on hands or forearms facing down", Move::isOnTheHands),
    NO_FLOOR_CONTRACTIONS("no pelvic floor contractions", Move::isSqueezeOrLift),
    BREATH_ONLY("breath only", move -> move.strand() != ExerciseGroup.BREATH),
    NO_SINGLE_LEG("nothing on one leg", move -> move.has(Demand.SINGLE_LEG)),
    WORDS_UNDERSTOOD("the words below are read; what they mean is ticked here", move -> false);

    private final String words;
    private final Predicate<Move> excludes;

    ClinicalRestriction(String words, Predicate<Move> excludes) {
        this.words = words;
        this.excludes = excludes;
    }

    public static Optional<ClinicalRestriction> parse(String code) {
        return Arrays.stream(values())
                .filter(limit -> limit.name().equals(code) || limit.formerly().equals(code))
                .findFirst();
    }

    /** What it was called before; kept records and other programs may still say so. */
    private String formerly() {
        return this == NO_LYING_ON_THE_BACK ? "NOTHING_ON_THE_BACK" : "";
    }

    public String words() {
        return words;
    }

    public boolean excludes(Move move) {
        return excludes.test(move);
    }
}
