package openbloom.core.pelvicfloor.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Recordings in which holds, flicks and what disturbs them come together as they like; the bars are ours (common practice, no
 * source). {@code -Dbloom.mixtures=400} tries more.
 */
@Tag("long")
class RecordingMixturesTest {
    private static final int TRIED = Integer.getInteger("bloom.mixtures", 80);

    @Test
    void areReadNearlyAsWellAsEachKindAlone() {
        FoundAgain holds = new FoundAgain();
        FoundAgain flicks = new FoundAgain();
        List<String> poor = new ArrayList<>();
        for (int seed = 0; seed < TRIED; seed++) {
            List<String> said = new ArrayList<>();
            MadeRecording made = mixture(seed, said);
            TraceFindings found = TraceAnalyser.analyse(made.trace(), TraceUnit.CMH2O, Convention.USUAL);
            FoundAgain ofThis = new FoundAgain();
            ofThis.add(made.truth().stream().filter(MadeRecording.Truth::hold).toList(), found.holds());
            holds.add(made.truth().stream().filter(MadeRecording.Truth::hold).toList(), found.holds());
            ofThis.add(made.truth().stream().filter(one -> !one.hold()).toList(), found.flicks());
            flicks.add(made.truth().stream().filter(one -> !one.hold()).toList(), found.flicks());
            if (Math.min(ofThis.precision(), ofThis.recall()) < 0.8) {
                poor.add(seed + " " + said + String.format(" %.2f/%.2f", ofThis.precision(), ofThis.recall()));
            }
        }
        System.out.printf(
                "%d mixtures: holds %.3f/%.3f, flicks %.3f/%.3f, %d below 0.80: %s%n",
                TRIED, holds.precision(), holds.recall(), flicks.precision(), flicks.recall(), poor.size(), poor);
        assertThat(Math.min(holds.precision(), holds.recall())).as("holds").isGreaterThanOrEqualTo(0.95);
        assertThat(Math.min(flicks.precision(), flicks.recall())).as("flicks").isGreaterThanOrEqualTo(0.93);
        assertThat(poor).as("recordings that are read poorly").hasSizeLessThanOrEqualTo(TRIED / 20);
    }

    private static MadeRecording mixture(long seed, List<String> said) {
        MadeRecording made = new MadeRecording(77_000 + seed, 4 + seed % 20, 8 + 3 * (seed % 13));
        List<Consumer<MadeRecording>> disturbing = List.of(
                one -> one.breathing(one.chance(0.04, 0.12)),
                one -> one.drift(one.chance(-0.15, 0.2)),
                one -> one.noise(one.chance(0.03, 0.12)),
                one -> one.quantised(one.chance(0.1, 0.6)),
                one -> one.rate(one.chance(30, 250)),
                one -> one.jittered(one.chance(0.2, 0.8)),
                one -> one.lettingGoIn(one.chance(0.3, 0.8)),
                one -> one.fading(one.chance(0.1, 0.5)),
                one -> one.switchedOn(one.chance(0.5, 3), one.chance(0.2, 1)));
        List<String> names = List.of(
                "breathing",
                "drift",
                "noise",
                "quantised",
                "rate",
                "jitter",
                "slow letting go",
                "fading",
                "switched on");
        for (int i = 0; i < disturbing.size(); i++) {
            if (made.chance(0, 1) < 0.25) {
                disturbing.get(i).accept(made);
                said.add(names.get(i));
            }
        }
        made.rests(made.chance(10, 20));
        int parts = 2 + (int) made.chance(0, 3);
        for (int i = 0; i < parts; i++) {
            part(made, (int) made.chance(0, 6), said);
        }
        return made.rests(10);
    }

    private static void part(MadeRecording made, int which, List<String> said) {
        said.add(List.of("holds", "flicks", "a long one", "coughs", "dips", "a step")
                .get(which));
        switch (which) {
            case 0 -> {
                for (int i = 0; i < 4; i++) {
                    made.hold(made.chance(3, 10), made.chance(0.7, 1.1)).rests(made.chance(5, 10));
                }
            }
            case 1 -> {
                for (int i = 0; i < 6; i++) {
                    made.flick(made.chance(0.7, 1.2)).rests(made.chance(1.6, 3.5));
                }
                made.rests(6);
            }
            case 2 -> made.hold(made.chance(25, 60), made.chance(0.7, 1)).rests(12);
            case 3 ->
                made.hold(made.chance(4, 8), 1)
                        .rests(4)
                        .cough(made.chance(0.8, 1.6), made.chance(0.1, 0.18))
                        .rests(6);
            case 4 -> {
                double seconds = made.chance(7, 10);
                double at = made.chance(3, seconds - 3);
                made.hold(seconds, 1, since -> 1 - 0.5 * Math.exp(-Math.pow((since - at) / 0.3, 2)))
                        .rests(8);
            }
            default -> made.rests(3).step(made.chance(-0.5, 0.8)).rests(8);
        }
    }
}
