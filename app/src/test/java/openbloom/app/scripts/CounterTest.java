package openbloom.app.scripts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What counts item after item, told the time. Two items of 48 s each, eight breaths of 6 s (P-BRE-1); a story is a row of acts, each
 * {@code name:value}, and what is true after it was written before it ran.
 */
class CounterTest {
    private static final String PLAY = """
            async (acts) => {
              const { counter } = await import('/js/counter.js');
              const item = { steps: [{ kind: 'MOVE', seconds: 6 }], repetitions: 8, sets: 1, rest: 0, clock: 0, total: 8 };
              const counting = counter([item, item]);
              const ends = [];
              for (const act of acts) {
                const [name, value] = act.split(':');
                const values = (value ?? '').split('/').filter(Boolean).map(Number);
                if (counting[name](...values) === true) ends.push(values[0]);
              }
              const runs = counting.isRunning() ? 'runs' : 'stands';
              return `${counting.line()} ${counting.elapsed()} ${counting.changing()} ${runs} ends:${ends.join(',')}`;
            }
            """;
    private static ScriptPage page;

    @BeforeAll
    static void open() {
        page = new ScriptPage();
    }

    @AfterAll
    static void close() {
        page.close();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "nothing begun,                        pass:5000,                                        0 0 0 stands ends:",
        "five seconds,                         toggle:1000 pass:6000,                            0 5 0 runs ends:",
        "a pause is no time,                   toggle:0 pass:4000 toggle:4000 toggle:9000 pass:10000, 0 5 0 runs ends:",
        "one millisecond before its end,       toggle:0 pass:47999,                              0 47.999 0 runs ends:",
        "the end is told once,                 toggle:0 pass:48000 pass:50000,                   0 48 0 stands ends:48000",
        "begun anew after its end,             toggle:0 pass:48000 toggle:60000 pass:61000,      0 1 0 runs ends:48000",
        "the change comes first,               goTo:1/10 toggle:0 pass:4000,                     1 0 6 runs ends:",
        "a change never runs below nothing,    goTo:1/10 toggle:0 pass:12000 pass:13000,         1 1 0 runs ends:",
        "another item stands still,            toggle:0 pass:5000 goTo:1,                        1 0 0 stands ends:",
        "once more,                            toggle:0 pass:5000 again,                         0 0 0 stands ends:",
        "stopped in the change,                goTo:1/10 toggle:0 pause skipChange,              1 0 0 stands ends:",
    })
    void storyOf(String story, String acts, String then) {
        assertThat(page.ask(PLAY, List.of(acts.split(" ")))).as(story).isEqualTo(then);
    }

    /** What is shown stays a hundredth of a second before the end, so that the last repetition is still the last. */
    @ParameterizedTest
    @CsvSource({"toggle:0 pass:48000, 47.99", "toggle:0 pass:12000, 12"})
    void shownAfter(String acts, double seconds) {
        Object shown =
                page.ask(PLAY.replaceFirst("return `[^`]*`", "return counting.shown()"), List.of(acts.split(" ")));
        assertThat(((Number) shown).doubleValue()).isEqualTo(seconds);
    }
}
