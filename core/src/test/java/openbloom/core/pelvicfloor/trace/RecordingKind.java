package openbloom.core.pelvicfloor.trace;

import java.util.function.LongFunction;

/** Nearly sixty ways in which sensors and bodies make a recording; a practitioner would meet every one within a month. */
enum RecordingKind {
    HOLDS(false, seed -> start(seed).with(made -> holds(made, 5, 8, 8))),
    FLICKS(false, seed -> start(seed).with(made -> flicks(made, 8, 2.5))),
    HOLDS_AND_FLICKS(
            false, seed -> start(seed).with(made -> flicks(holds(made, 5, 6, 6).rests(8), 7, 3))),
    PROTOCOL_60(false, seed -> start(seed).with(RecordingKind::protocol)),
    FATIGUE(false, seed -> start(seed).with(made -> holds(made.fading(0.6), 4, 10, 10))),
    LONG_HOLD_FADING(
            false, seed -> start(seed).with(made -> made.fading(0.5).hold(60, 1).rests(30))),
    TWO_LONG_HOLDS(
            false,
            seed -> start(seed)
                    .with(made -> made.hold(60, 1).rests(12).hold(60, 0.9).rests(30))),
    DOUBLE_PEAKS(false, seed -> start(seed).with(made -> wavering(holds(made, 5, 8, 8)))),
    WEAK(
            false,
            seed -> new Making(new MadeRecording(seed, 7, 4).noise(0.06)).with(made -> holds(made.rests(12), 5, 6, 7))),
    VERY_STRONG(
            false, seed -> new Making(new MadeRecording(seed, 12, 90)).with(made -> holds(made.rests(12), 5, 8, 8))),
    SLOW_LETTING_GO(false, seed -> start(seed).with(made -> holds(made.lettingGoIn(0.9), 5, 8, 10))),
    HIGH_REST(false, seed -> new Making(new MadeRecording(seed, 34, 10)).with(made -> holds(made.rests(15), 5, 5, 8))),
    EIGHT_BITS(
            false,
            seed -> start(seed)
                    .with(made -> flicks(holds(made.quantised(0.5), 4, 8, 8).rests(8), 5, 3))),
    TEN_HERTZ(
            false,
            seed -> start(seed)
                    .with(made -> flicks(holds(made.rate(10), 5, 8, 8).rests(8), 5, 3))),
    THOUSAND_HERTZ(
            false,
            seed -> start(seed)
                    .with(made -> flicks(holds(made.rate(1000), 3, 6, 6).rests(8), 5, 3))),
    EPOCH_TIMES(false, seed -> start(seed).with(made -> holds(made.epoch(1_700_000_000), 5, 8, 8))),
    EMG_ENVELOPE(
            false,
            seed -> new Making(new MadeRecording(seed, 4, 22).noise(0.08))
                    .with(made -> flicks(holds(made.rests(15), 5, 8, 8).rests(8), 5, 3))),
    EMG_RAW(
            false,
            seed -> new Making(new MadeRecording(seed, 4, 30).rawEmg().rate(1000))
                    .with(made -> flicks(holds(made.rests(15), 4, 8, 8).rests(8), 5, 3))),
    FAST_FLICKS_1(false, seed -> start(seed).with(made -> train(made, 10, 1.0))),
    FAST_FLICKS_1_5(false, seed -> start(seed).with(made -> train(made, 15, 1.5))),
    WEAK_AFTER_STRONG(false, seed -> start(seed).with(RecordingKind::weakening)),
    FLICKS_STRONGER(false, seed -> start(seed).with(RecordingKind::strongFlicks)),
    CREEPING_REST(false, seed -> start(seed).with(made -> holds(made.keeping(0.09), 7, 6, 8))),
    NO_LETTING_GO(
            false,
            seed -> start(seed).with(made -> made.keeping(0.45).hold(8, 1).rests(20))),
    DRIFT(false, seed -> start(seed).with(made -> holds(made.drift(0.25), 6, 8, 10))),
    BREATHING_BELOW(false, seed -> start(seed).with(made -> holds(made.breathing(0.08), 5, 8, 8))),
    REST_ONLY(false, seed -> new Making(new MadeRecording(seed, 9, 15)).with(made -> made.rests(120))),
    REST_BREATHING(
            false,
            seed -> new Making(new MadeRecording(seed, 9, 15))
                    .with(made -> made.breathing(0.2).rests(120))),
    REST_DRIFTING(
            false,
            seed -> new Making(new MadeRecording(seed, 9, 15))
                    .with(made -> made.drift(0.3).restMovedBy(0.3).rests(120))),
    NOISY(
            true,
            seed -> start(seed)
                    .with(made -> flicks(holds(made.noise(0.3), 5, 8, 8).rests(8), 5, 3))),
    HUM(true, seed -> start(seed).with(made -> holds(made.hum(0.25), 5, 8, 8))),
    CLIPPED(true, seed -> start(seed).with(made -> holds(made.clippedAt(24), 5, 8, 8))),
    JITTER(true, seed -> start(seed).with(made -> holds(made.jittered(0.9), 5, 8, 8))),
    COUGHS(true, seed -> start(seed).with(RecordingKind::coughing)),
    /** One cough after the other, at no rhythm: no heart. */
    COUGHING_FIT(true, seed -> new Making(new MadeRecording(seed, 9, 15)).with(RecordingKind::fit)),
    KNOCKS_AT_REST(true, seed -> new Making(new MadeRecording(seed, 9, 15)).with(RecordingKind::knocking)),
    STEP_UP(
            true,
            seed -> start(seed)
                    .with(made -> holds(
                            holds(made, 3, 8, 8)
                                    .rests(3)
                                    .step(made.chance(0.6, 1.2))
                                    .rests(6),
                            3,
                            8,
                            8))),
    STEP_DOWN(
            true,
            seed -> start(seed)
                    .with(made -> holds(
                            holds(made, 3, 8, 8)
                                    .rests(3)
                                    .step(-made.chance(0.6, 1.2))
                                    .rests(6),
                            3,
                            8,
                            8))),
    STEP_AND_NOTHING(
            true,
            seed -> start(seed)
                    .with(made -> holds(made, 4, 8, 8)
                            .rests(3)
                            .step(made.chance(0.6, 1))
                            .rests(25))),
    BEGINS_HELD(
            true,
            seed -> new Making(new MadeRecording(seed, 9, 20))
                    .with(made -> holds(made.beginningHeld(made.chance(3, 7)).rests(10), 4, 8, 8))),
    LEAD_IN(
            true,
            seed -> new Making(new MadeRecording(seed, 25, 18))
                    .with(made -> holds(made.leadIn(made.chance(3, 12), 1).rests(14), 5, 7, 7))),
    DROP_OUTS(true, seed -> start(seed).with(made -> lossy(holds(made, 5, 8, 8)))),
    ZEROS(true, seed -> start(seed).with(made -> zeroed(holds(made, 5, 8, 8)))),
    COUGH_IN_A_HOLD(true, seed -> start(seed).with(RecordingKind::coughingWithin)),
    STRONG_BREATHING(true, seed -> start(seed).with(made -> holds(made.breathing(0.14), 5, 8, 8))),
    DEEP_DIPS(false, seed -> start(seed).with(RecordingKind::dipping)),
    /** She lets go to a fifth, and has it again in less than a second: each is one. */
    SHORT_RESTS(false, seed -> start(seed).with(RecordingKind::hardlyResting)),
    DOUBLE_TOPS(false, seed -> start(seed).with(RecordingKind::doubling)),
    TIRING_WITHIN(false, seed -> start(seed).with(RecordingKind::tiring)),
    CATCHING_UP(false, seed -> start(seed).with(RecordingKind::catchingUp)),
    BREATHING_ON_FLICKS(true, seed -> start(seed).with(made -> flicks(made.breathing(0.14), 8, 2.5))),
    EMG_WEAK(
            false,
            seed -> new Making(new MadeRecording(seed, 1.2, 3).noise(0.02).rectified())
                    .with(made -> flicks(holds(made.rests(15), 5, 8, 8).rests(8), 5, 3))),
    EMG_HEARTBEAT(
            true,
            seed -> new Making(new MadeRecording(seed, 1.5, 6).noise(0.02).rectified())
                    .with(made -> holds(
                            made.heart(made.chance(58, 92), made.chance(0.4, 0.8))
                                    .rests(15),
                            5,
                            8,
                            8))),
    EMG_HEARTBEAT_AT_REST(
            true,
            seed -> new Making(new MadeRecording(seed, 1.5, 6).noise(0.02).rectified())
                    .with(made -> made.heart(made.chance(58, 92), made.chance(0.4, 0.8))
                            .rests(120))),
    EMG_RAW_MAINS_50(true, seed -> mains(seed, 50)),
    EMG_RAW_MAINS_60(true, seed -> mains(seed, 60)),
    SWITCHED_ON(
            true,
            seed -> start(seed)
                    .with(made -> flicks(
                            holds(made.switchedOn(made.chance(1, 4), made.chance(0.2, 1.2)), 4, 8, 8)
                                    .rests(8),
                            5,
                            3))),
    LONG_GAP(
            true,
            seed -> start(seed)
                    .with(made -> holds(holds(made, 3, 8, 8).rests(4).gap(40).rests(48), 3, 8, 8)));

    private final boolean artefact;
    private final LongFunction<Making> make;

    RecordingKind(boolean artefact, LongFunction<Making> make) {
        this.artefact = artefact;
        this.make = make;
    }

    /** Whether something else than the body made it hard: the bars are lower. */
    boolean isArtefact() {
        return artefact;
    }

    MadeRecording made(long seed) {
        return make.apply(1_000L * ordinal() + seed).made;
    }

    /** A recording in the making. */
    private record Making(MadeRecording made) {
        Making with(java.util.function.Consumer<MadeRecording> what) {
            what.accept(made);
            return this;
        }
    }

    private static Making start(long seed) {
        return new Making(new MadeRecording(seed, 9, 20)).with(made -> made.rests(made.chance(10, 20)));
    }

    private static Making mains(long seed, double hertz) {
        return new Making(new MadeRecording(seed, 4, 30).rawEmg().rate(1000))
                .with(made -> flicks(
                        holds(made.mains(hertz, made.chance(0.4, 1.2)).rests(15), 4, 8, 8)
                                .rests(8),
                        5,
                        3));
    }

    private static MadeRecording holds(MadeRecording made, int count, double seconds, double rest) {
        for (int i = 0; i < count; i++) {
            made.hold(seconds * made.chance(0.85, 1.1), made.chance(0.85, 1.1)).rests(rest * made.chance(0.9, 1.3));
        }
        return made;
    }

    private static MadeRecording flicks(MadeRecording made, int count, double rest) {
        for (int i = 0; i < count; i++) {
            made.flick(made.chance(0.8, 1.1)).rests(rest * made.chance(0.8, 1.2));
        }
        return made.rests(8);
    }

    private static void train(MadeRecording made, int count, double aSecond) {
        double on = 0.5 / aSecond;
        for (int i = 0; i < count; i++) {
            made.flick(made.chance(0.9, 1.1), on, 0.14).rests(1 / aSecond - on);
        }
        made.rests(12);
    }

    private static void protocol(MadeRecording made) {
        made.rests(30);
        for (int i = 0; i < 5; i++) {
            made.flick(made.chance(0.9, 1.1)).rests(10);
        }
        holds(made, 5, 10, 10);
        made.fading(0.3).hold(60, 1).rests(60);
    }

    /** A dip of a quarter in the middle of every hold. */
    private static void wavering(MadeRecording made) {
        var holds = made.truth();
        made.layer(time -> {
            double dip = 0;
            for (MadeRecording.Truth one : holds) {
                double middle = (one.start() + one.end()) / 2;
                dip -= 0.25 * Math.exp(-Math.pow((time - middle) / 0.5, 2));
            }
            return dip;
        });
    }

    /** She loses it for some tenths of a second, down to about two fifths, and has it again. */
    private static void dipping(MadeRecording made) {
        for (int i = 0; i < 5; i++) {
            double seconds = made.chance(7, 10);
            double at = made.chance(2.5, seconds - 2.5);
            double depth = made.chance(0.5, 0.62);
            double width = made.chance(0.2, 0.4);
            made.hold(seconds, made.chance(0.9, 1.1), since -> 1 - depth * bell(since - at, width))
                    .rests(8);
        }
    }

    private static void hardlyResting(MadeRecording made) {
        made.lettingGoIn(0.45);
        for (int i = 0; i < 6; i++) {
            made.hold(made.chance(3, 5), made.chance(0.9, 1.1)).rests(made.chance(0.7, 0.85));
        }
        made.rests(10);
    }

    /** Two tops, the second a little lower, and a saddle between them. */
    private static void doubling(MadeRecording made) {
        for (int i = 0; i < 5; i++) {
            double seconds = made.chance(6, 9);
            double second = made.chance(0.75, 0.95);
            double at = seconds / 2;
            made.hold(
                            seconds,
                            made.chance(0.9, 1.1),
                            since -> (since < at ? 1 : second) - 0.45 * bell(since - at, seconds / 14))
                    .rests(8);
        }
    }

    private static double bell(double from, double width) {
        return Math.exp(-Math.pow(from / width, 2));
    }

    /** Weaker from the first second on, down to a third of its height. */
    private static void tiring(MadeRecording made) {
        for (int i = 0; i < 5; i++) {
            made.hold(made.chance(8, 11), made.chance(0.9, 1.1), since -> 0.3 + 0.7 * Math.exp(-since / 3))
                    .rests(9);
        }
    }

    /** Falls by a third in three seconds, is caught again, falls again. */
    private static void catchingUp(MadeRecording made) {
        for (int i = 0; i < 5; i++) {
            double seconds = made.chance(8.5, 11.5);
            made.hold(seconds, made.chance(0.9, 1.1), since -> 1 - 0.33 * (since % 3) / 3)
                    .rests(9);
        }
    }

    private static void weakening(MadeRecording made) {
        for (double share : new double[] {1, 0.95, 0.85, 0.6, 0.45, 0.35}) {
            made.hold(6, share).rests(8);
        }
    }

    private static void strongFlicks(MadeRecording made) {
        for (int i = 0; i < 5; i++) {
            made.flick(made.chance(1.6, 2)).rests(3);
        }
        holds(made.rests(6), 4, 8, 8);
    }

    private static void coughing(MadeRecording made) {
        for (int i = 0; i < 4; i++) {
            made.hold(7, made.chance(0.9, 1.1))
                    .rests(4)
                    .cough(made.chance(1, 2), made.chance(0.1, 0.2))
                    .rests(5);
        }
    }

    private static void coughingWithin(MadeRecording made) {
        for (int i = 0; i < 4; i++) {
            made.rests(4).cough(0.8, made.chance(0.1, 0.2)).rests(-4);
            made.hold(8, made.chance(0.9, 1.1)).rests(8);
        }
    }

    /** Contact is lost in a hold and written as nothing. */
    private static void zeroed(MadeRecording made) {
        for (MadeRecording.Truth one : made.truth()) {
            made.zeroAt(one.start() + made.chance(1, 5), made.chance(0.2, 0.6));
        }
    }

    private static void knocking(MadeRecording made) {
        for (int i = 0; i < 10; i++) {
            made.rests(made.chance(4, 9)).cough(made.chance(0.8, 2), made.chance(0.06, 0.16));
        }
        made.rests(10);
    }

    private static void fit(MadeRecording made) {
        made.rests(10);
        for (int i = 0; i < 16; i++) {
            made.rests(made.chance(0.5, 2.5)).cough(made.chance(0.8, 2), made.chance(0.06, 0.16));
        }
        made.rests(10);
    }

    private static void lossy(MadeRecording made) {
        for (MadeRecording.Truth one : made.truth()) {
            made.gapAt(one.start() + made.chance(1, 5), made.chance(0.2, 0.6));
        }
    }
}
