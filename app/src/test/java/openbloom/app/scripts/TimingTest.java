package openbloom.app.scripts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The pure half of teaching, asked by itself: every row worked out by hand before it was run. A breath takes 6 s (P-BRE-1), so
 * eight repetitions of one breath take 48 s, and two sets of them with 30 s between 126 s.
 */
class TimingTest {
    private static final Map<String, Object> SETS = count("MOVE:3", 8, 2, 30, "REPETITIONS", 0, 16);
    private static final Map<String, Object> HOLDS = count("LIFT_AND_HOLD:5 LET_GO:10", 4, 1, 0, "REPETITIONS", 0, 4);
    private static final Map<String, Object> ONE_HOLD = count("BREATHE_OUT:3", 1, 2, 20, "SECONDS", 0, 12);
    private static final Map<String, Object> BREATHS = count("BREATHE_OUT:3", 1, 1, 0, "BREATHS", 0, 1);
    private static final Map<String, Object> CLOCK = count("MOVE:3", 8, 1, 0, "REPETITIONS", 50, 50);
    private static ScriptPage page;

    @BeforeAll
    static void open() {
        page = new ScriptPage();
    }

    @AfterAll
    static void close() {
        page.close();
    }

    /** Steps as {@code KIND:seconds}; a step in front, {@code BREATHE_IN:3}, where there is but one. */
    private static Map<String, Object> count(
            String steps, int repetitions, int sets, int rest, String by, int clock, int total) {
        String all = steps.contains(" ") ? steps : "BREATHE_IN:3 " + steps;
        List<Map<String, Object>> each = List.of(all.split(" ")).stream()
                .map(step -> step.split(":"))
                .map(step -> Map.<String, Object>of(
                        "kind", step[0],
                        "words", step[0].toLowerCase().replace('_', ' '),
                        "seconds", Integer.parseInt(step[1])))
                .toList();
        return Map.of(
                "steps",
                each,
                "repetitions",
                repetitions,
                "sets",
                sets,
                "rest",
                rest,
                "by",
                by,
                "clock",
                clock,
                "total",
                total);
    }

    private static Map<String, Object> named(String name) {
        return switch (name) {
            case "SETS" -> SETS;
            case "HOLDS" -> HOLDS;
            case "ONE_HOLD" -> ONE_HOLD;
            case "BREATHS" -> BREATHS;
            default -> CLOCK;
        };
    }

    private static Object ask(String expression, Object argument) {
        return page.ask(
                "async (given) => { const t = await import('/js/timing.js'); return " + expression + "; }", argument);
    }

    @ParameterizedTest
    @CsvSource({"SETS, 126", "HOLDS, 60", "ONE_HOLD, 32", "BREATHS, 6", "CLOCK, 50"})
    void knowsHowLongAnItemTakes(String item, int seconds) {
        assertThat(ask("t.totalSeconds(given)", named(item))).isEqualTo(seconds);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "SETS|0|0|of 8, set 1 of 2|ready",
                "SETS|2.9|1|of 8, set 1 of 2|breathe in",
                "SETS|3|1|of 8, set 1 of 2|move",
                "SETS|6|2|of 8, set 1 of 2|breathe in",
                "SETS|47.9|8|of 8, set 1 of 2|move",
                "SETS|48|30|seconds of rest, set 1 of 2|rest",
                "SETS|77.5|1|seconds of rest, set 1 of 2|rest",
                "SETS|78|1|of 8, set 2 of 2|breathe in",
                "SETS|125.9|8|of 8, set 2 of 2|move",
                "HOLDS|4.9|1|of 4, 5 s each|lift and hold",
                "HOLDS|5|1|of 4, 5 s each|let go",
                "HOLDS|15|2|of 4, 5 s each|lift and hold",
                "ONE_HOLD|0|6|seconds left of 6, set 1 of 2|ready",
                "ONE_HOLD|4|2|seconds left of 6, set 1 of 2|breathe out",
                "ONE_HOLD|6|20|seconds of rest, set 1 of 2|rest",
                "BREATHS|0|0|of 1 breaths|ready",
                "BREATHS|1|1|of 1 breaths|breathe in",
                "CLOCK|0|50|seconds left of 50|ready",
                "CLOCK|49.2|1|seconds left of 50|breathe in"
            })
    void saysTheNumberWhatItIsOfAndWhatSheDoes(String item, double elapsed, int number, String of, String doing) {
        assertThat(ask("t.reading(given.count, given.elapsed)", Map.of("count", named(item), "elapsed", elapsed)))
                .isEqualTo(Map.of("number", number, "of", of, "doing", doing));
    }

    /** Only what is whole counts, and a rest adds nothing. */
    @ParameterizedTest
    @CsvSource({
        "SETS, 5.9, 0",
        "SETS, 6, 1",
        "SETS, 47.9, 7",
        "SETS, 48, 8",
        "SETS, 77, 8",
        "SETS, 84, 9",
        "SETS, 126, 16",
        "HOLDS, 14, 0",
        "HOLDS, 15, 1",
        "ONE_HOLD, 4.7, 4",
        "ONE_HOLD, 20, 6",
        "ONE_HOLD, 28.2, 8",
        "CLOCK, 33.4, 33"
    })
    void countsWhatWasReallyDone(String item, double elapsed, int done) {
        assertThat(ask("t.counted(given.count, given.elapsed)", Map.of("count", named(item), "elapsed", elapsed)))
                .isEqualTo(done);
    }

    /** What one side managed is what the other does; all of it, none of it or a single hold changes nothing there. */
    @ParameterizedTest
    @CsvSource({
        "SETS, 0, 0",
        "SETS, 3, 1",
        "SETS, 31, 5",
        "SETS, 60, 8",
        "SETS, 91, 10",
        "SETS, 126, 0",
        "ONE_HOLD, 3, 0",
        "CLOCK, 20, 0"
    })
    void givesTheOtherSideWhatTheFirstManaged(String item, double elapsed, int repetitions) {
        assertThat(ask(
                        "(t.asOtherSide(given.count, given.elapsed) ?? { total: 0 }).total",
                        Map.of("count", named(item), "elapsed", elapsed)))
                .isEqualTo(repetitions);
    }

    /** The figure stands at its end in the middle of a repetition, and while she holds; the ring is widest after the in-breath. */
    @ParameterizedTest
    @CsvSource({
        "SETS, 0, 0, 30",
        "SETS, 3, 1, 50",
        "SETS, 6, 0, 24",
        "HOLDS, 3, 1, 50",
        "HOLDS, 5.5, 0.5, 28.3",
        "ONE_HOLD, 1, 0.5, 32.7"
    })
    void movesTheFigureAndTheRing(String item, double elapsed, double figure, double ring) {
        List<?> both = (List<?>) ask(
                "[t.figureAt(given.count, given.elapsed), t.ring(given.count, given.elapsed)].map((n) => Math.round(n * 10) / 10.0)",
                Map.of("count", named(item), "elapsed", elapsed));
        assertThat(both.stream().map(one -> ((Number) one).doubleValue()).toList())
                .containsExactly(figure, ring);
    }

    /** 4 s in, 5 s of lifting, 5 s of letting go: the lift counts when it is over. */
    @ParameterizedTest
    @CsvSource({"0, 0, 4, 0", "3.5, 0, 0.5, 0", "4, 1, 5, 0", "8.9, 1, 0.1, 0", "9, 2, 5, 1", "14, 3, 0, 1"})
    void pacesAPractice(double elapsed, int index, double left, int done) {
        List<Map<String, Object>> phases = List.of(
                Map.of("kind", "BREATHE_IN", "seconds", 4, "counts", false),
                Map.of("kind", "LIFT", "seconds", 5, "counts", true),
                Map.of("kind", "LET_GO", "seconds", 5, "counts", false));
        List<?> told = (List<?>) ask(
                "[t.phaseAt(given.phases, given.elapsed).index, t.phaseAt(given.phases, given.elapsed).left, t.phasesDone(given.phases, 'LIFT', given.elapsed)].map((n) => Math.round(n * 10) / 10.0)",
                Map.of("phases", phases, "elapsed", elapsed));
        assertThat(told.stream().map(one -> ((Number) one).doubleValue()).toList())
                .containsExactly((double) index, left, (double) done);
    }

    /**
     * Four responses while the connection is gone: they wait in the store, stand on the page when it is loaded anew, and reach
     * the server in order, each once, with what takes the place of what.
     */
    @Test
    void sendsEveryResponseOnceAndInOrder() {
        Object sent = page.ask("""
                async () => {
                  const { notes, outbox } = await import('/js/noted.js');
                  const kept = new Map();
                  const store = { getItem: (name) => kept.get(name) ?? null, setItem: (name, text) => kept.set(name, text) };
                  const arrived = [];
                  const said = [];
                  let down = true;
                  const open = () => outbox({ name: 'one', store, say: (words) => said.push(words), again: () => {},
                    post: async (body) => {
                      if (down) throw new Error('no network');
                      arrived.push(Object.fromEntries(new URLSearchParams(body)));
                      return { ok: true, status: 204 };
                    } });
                  const first = open();
                  const noted = notes(first);
                  noted.put(2, 'HURT');
                  noted.put(2, 'HURT', { place: 'BACK', pain: '4' });
                  noted.takeBack(2, 'HURT');
                  noted.put(2, 'DONE');
                  const anew = notes(open());
                  anew.restore(2, 'HURT:old TOO_EASY:kept');
                  const shown = anew.of(2).sort().join(' ');
                  await first.send();
                  const waited = JSON.parse(kept.get('one')).length;
                  down = false;
                  const second = open();
                  await second.send();
                  return [shown, waited, said[0], arrived.length, arrived[1].instead === arrived[0].formKey, arrived[1].place,
                    arrived[2].instead === arrived[1].formKey, arrived[2].takenBack, noted.has(2, 'HURT'), JSON.parse(kept.get('one')).length];
                }
                """, null);
        assertThat((List<Object>) sent)
                .containsExactly(
                        "DONE TOO_EASY", 4, "4 not kept yet, trying again", 4, true, "BACK", true, "yes", false, 0);
    }

    /** The page that comes may have been written before the answer arrived: it is kept for that page, which sends it once more. */
    @Test
    @SuppressWarnings("unchecked")
    void keepsWhatArrivesWhileThePageIsLeft() {
        Object sent = page.ask("""
                async () => {
                  const { notes, outbox } = await import('/js/noted.js');
                  const kept = new Map();
                  const store = { getItem: (name) => kept.get(name) ?? null, setItem: (name, text) => kept.set(name, text) };
                  const arrived = [];
                  let leaving = true;
                  let again = 0;
                  const open = () => outbox({ name: 'one', store, say: () => {}, again: () => { again += 1; }, isLeaving: () => leaving,
                    post: async (body) => {
                      arrived.push(new URLSearchParams(body).get('formKey'));
                      return { ok: true, status: 204 };
                    } });
                  const first = open();
                  const noted = notes(first);
                  noted.restore(2, 'TOO_EASY:kept');
                  noted.takeBack(2, 'TOO_EASY');
                  await first.send();
                  const next = open();
                  const shown = notes(next);
                  shown.restore(2, 'TOO_EASY:kept');
                  const stale = shown.has(2, 'TOO_EASY');
                  leaving = false;
                  await next.send();
                  return [stale, again, arrived.length, arrived[0] === arrived[1], next.isEmpty()];
                }
                """, null);
        assertThat((List<Object>) sent).containsExactly(false, 1, 2, true, true);
    }
}
