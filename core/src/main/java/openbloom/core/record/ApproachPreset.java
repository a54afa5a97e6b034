package openbloom.core.record;

import static openbloom.core.record.ApproachChoice.*;

import java.util.Set;

/**
 * Approaches that go well together.
 *
 * @see Approach
 * @see ApproachChoice
 */
public enum ApproachPreset {
    GENTLE_COORDINATION("Gentle coordination", Approach.USUAL),
    STRUCTURED_STRENGTH(
            "Structured strength", Approach.of(Set.of(FUNCTIONAL, STRONG_LIFT, SMALL_SPIRALS, SQUEEZE_IF_COMFORTABLE))),
    SPORT_AND_GYM(
            "Sport and gym",
            Approach.of(Set.of(
                    FUNCTIONAL, STILL_HOLDS_WELCOME, SMALL_SPIRALS, STRONG_LIFT, BY_SYMPTOMS, SQUEEZE_IF_COMFORTABLE)));

    private final String words;
    private final Approach approach;

    ApproachPreset(String words, Approach approach) {
        this.words = words;
        this.approach = approach;
    }

    public String words() {
        return words;
    }

    public Approach approach() {
        return approach;
    }
}
