package openbloom.core.record;

import java.util.Optional;
import openbloom.core.dating.Dating;
import openbloom.core.stage.Birth;

/**
 * Where she is: pregnant, after a birth, or neither.
 *
 * @see Client
 * @see CaseNotes
 */
public sealed interface Situation {
    /**
     * Pregnant by a dating.
     *
     * @param earlier the latest birth before this pregnancy, where it was told
     */
    record Pregnant(Dating dating, Optional<Birth> earlier) implements Situation {}

    /** She has given birth and is not known to be pregnant again. */
    record AfterBirth(Birth latest) implements Situation {}

    /** Neither was told. */
    record Neither() implements Situation {}

    static Situation of(Optional<Dating> pregnancy, Optional<Birth> birth) {
        if (pregnancy.isPresent()) {
            return new Pregnant(pregnancy.get(), birth);
        }
        return birth.<Situation>map(AfterBirth::new).orElseGet(Neither::new);
    }

    default Optional<Dating> pregnancy() {
        return this instanceof Pregnant pregnant ? Optional.of(pregnant.dating()) : Optional.empty();
    }

    /** The latest birth, before a pregnancy too. */
    default Optional<Birth> birth() {
        if (this instanceof Pregnant pregnant) {
            return pregnant.earlier();
        }
        return this instanceof AfterBirth after ? Optional.of(after.latest()) : Optional.empty();
    }
}
