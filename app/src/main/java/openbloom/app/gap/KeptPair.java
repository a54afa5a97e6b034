package openbloom.app.gap;

import java.util.Objects;
import openbloom.core.gap.Method;
import openbloom.core.gap.Repeatability;
import org.jspecify.annotations.Nullable;

/** First and blind second width at one spot in one state, as they are kept. */
record KeptPair(
        long examinerId,
        Method method,
        @Nullable Integer firstHalfFingers,
        @Nullable Integer firstMm,
        @Nullable Integer secondHalfFingers,
        @Nullable Integer secondMm) {
    Repeatability.Pair pair() {
        return new Repeatability.Pair(amount(firstHalfFingers, firstMm), amount(secondHalfFingers, secondMm));
    }

    private static double amount(@Nullable Integer halves, @Nullable Integer mm) {
        return halves == null ? Objects.requireNonNull(mm) : halves / 2.0;
    }
}
