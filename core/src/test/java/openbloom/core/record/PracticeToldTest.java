package openbloom.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import openbloom.core.record.PracticeTold.HowMuch;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What counts where answers from home contradict each other: the more careful one, never the mean. */
class PracticeToldTest {
    private static <T> Set<T> set(String words, Function<String, T> of) {
        return words == null
                ? Set.of()
                : Arrays.stream(words.split("\\+")).map(of).collect(Collectors.toSet());
    }

    @ParameterizedTest
    @CsvSource({
        "ALL, RIGHT, , ALL, RIGHT, -1, 0",
        "ALL+PART, RIGHT, , PART, RIGHT, -1, 1",
        "ALL+NOTHING+PART, TOO_EASY, , NOTHING, TOO_EASY, -1, 1",
        "PART, TOO_EASY+TOO_HARD, , PART, TOO_HARD, -1, 1",
        "PART, TOO_EASY+RIGHT, 0, PART, RIGHT, 0, 1",
        "ALL, , 0+4, ALL, , 4, 1",
        ", , , , , -1, 0"
    })
    void theMoreCarefulAnswerCounts(
            String much, String efforts, String mornings, HowMuch done, Noted effort, int morning, int both) {
        PracticeTold told = new PracticeTold(
                set(much, HowMuch::valueOf),
                set(efforts, Noted::valueOf),
                Set.of(),
                false,
                set(mornings, Integer::valueOf));
        assertThat(told.done().orElse(null)).isEqualTo(done);
        assertThat(told.effort().orElse(null)).isEqualTo(effort);
        assertThat(told.morning().orElse(-1)).isEqualTo(morning);
        assertThat(told.contradictions()).hasSize(both);
    }

    @Test
    void nothingWrongAndALeakAreShownTogether() {
        PracticeTold told = new PracticeTold(Set.of(), Set.of(), Set.of(Noted.LEAKED), true, Set.of());
        assertThat(told.contradictions()).containsExactly("“none of these” and leaked");
        assertThat(new PracticeTold(Set.of(), Set.of(), Set.of(Noted.LEAKED), false, Set.of()).contradictions())
                .isEmpty();
    }
}
