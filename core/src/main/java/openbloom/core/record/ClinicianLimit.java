package openbloom.core.record;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Predicate;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Move;
import openbloom.core.moves.Purpose;

/** Limits a clinician sets that the rules can read. Anything else she writes is kept as her words. */
public enum ClinicianLimit {
    NOTHING_ON_THE_BACK("nothing on the back", Move::isOnTheBack),
    NO_IMPACT("no impact", move -> move.demands().impact() > 0),
    NO_ARMS_OVERHEAD("no arms overhead", move -> move.has(Demand.OVERHEAD)),
    LIGHT_LOAD_ONLY("light load only", move -> move.load() > 2),
    NO_FRONT_SUPPORT("no front support", move -> move.purpose() == Purpose.FRONT_SUPPORT),
    NO_SINGLE_LEG("nothing on one leg", move -> move.has(Demand.SINGLE_LEG)),
    WORDS_UNDERSTOOD("the words below are read; what they mean is ticked here", move -> false);

    private final String words;
    private final Predicate<Move> excludes;

    ClinicianLimit(String words, Predicate<Move> excludes) {
        this.words = words;
        this.excludes = excludes;
    }

    public static Optional<ClinicianLimit> parse(String code) {
        return Arrays.stream(values())
                .filter(limit -> limit.name().equals(code))
                .findFirst();
    }

    public String words() {
        return words;
    }

    public boolean excludes(Move move) {
        return excludes.test(move);
    }
}
