package openbloom.core.review;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Strand;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.program.Aim;
import openbloom.core.program.RunningPath;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Told;
import openbloom.core.verdict.Judgement;

/**
 * What an aim came to.
 *
 * @param why the fact that says so
 */
public record AimLook(Aim aim, State state, String why) {
    /** How far. */
    public enum State {
        REACHED("reached"),
        ON_THE_WAY("on the way"),
        NO_CHANGE_SINCE("no change since");

        private final String words;

        State(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private static final int FREE_WEEKS = 4;
    private static final int FIRM_AND_FLAT = 7;
    private static final int QUIET_SCAR = 4;

    static AimLook of(Aim aim, Look look) {
        return switch (aim) {
            case STOP_LEAKING -> symptom(aim, look, Set.of(Symptom.LEAK_WITH_EFFORT));
            case EASE_HEAVINESS -> symptom(aim, look, Set.of(Symptom.HEAVINESS));
            case EASE_PELVIS -> symptom(aim, look, Set.of(Symptom.PELVIC_GIRDLE_PAIN));
            case EASE_BACK -> symptom(aim, look, Set.of(Symptom.BACK_PAIN));
            case LET_GO -> lettingGo(aim, look);
            case REBUILD_MIDLINE -> rebuilt(aim, look);
            case SUPPORT_MIDLINE -> supported(aim, look);
            case SCAR_AT_EASE -> scar(aim, look);
            case KEEP_ACTIVE -> minutes(aim, look);
            case READY_FOR_BIRTH ->
                look.after().facts().isPregnant()
                        ? new AimLook(aim, State.ON_THE_WAY, "still pregnant")
                        : new AimLook(aim, State.REACHED, "the birth is recorded");
            case STRONG_BONES -> rungs(aim, look);
            case RUN -> wish(aim, look, RunningPath.of(look.after(), List.of()).ready(), "the tests and times");
            case JUMP -> wish(aim, look, passes(look.after(), Move::isImpact), "a jump on the spot");
            case LIFT -> wish(aim, look, passes(look.after(), AimLook::isHeavyLift), "a heavy lift");
            case CRUNCH ->
                wish(aim, look, passes(look.after(), move -> move.demands().flexion() == Flexion.CURL), "a curl");
            case PLANK -> wish(aim, look, passes(look.after(), Move::isFullFrontSupport), "a full front support");
        };
    }

    private static AimLook symptom(Aim aim, Look look, Set<Symptom> symptoms) {
        String name = symptoms.iterator().next().words();
        if (look.isFreeFor(FREE_WEEKS, symptoms)) {
            return new AimLook(aim, State.REACHED, "asked and none in each of " + FREE_WEEKS + " weeks");
        }
        long times = look.times(symptoms);
        boolean now = symptoms.stream().anyMatch(look::toldNow);
        if (!now && (times > 0 || symptoms.stream().anyMatch(look::toldBefore))) {
            return new AimLook(
                    aim, State.ON_THE_WAY, "none told at the last asking, but not yet for " + FREE_WEEKS + " weeks");
        }
        return new AimLook(aim, State.NO_CHANGE_SINCE, name + " told " + times + (times == 1 ? " time" : " times"));
    }

    private static AimLook lettingGo(Aim aim, Look look) {
        PelvicFloorCheck now = look.after().facts().client().checks().pelvicFloor();
        PelvicFloorCheck then = look.before().facts().client().checks().pelvicFloor();
        boolean quiet = now.pain() != Told.YES && !look.toldNow(Symptom.PELVIC_PAIN);
        if (now.lettingGo() == LettingGo.FULL && !now.isTight() && quiet) {
            return new AimLook(
                    aim,
                    State.REACHED,
                    Published.said(
                            "full letting-go on {} of 10 on two days, nothing hurts", Published.LETTING_GO_NEEDED));
        }
        boolean better = then.lettingGo() == LettingGo.ABSENT && now.lettingGo() == LettingGo.PARTIAL
                || now.lettingGo() == LettingGo.FULL;
        return new AimLook(
                aim,
                better ? State.ON_THE_WAY : State.NO_CHANGE_SINCE,
                now.lettingGo().words());
    }

    private static AimLook rebuilt(Aim aim, Look look) {
        boolean flat = look.after().facts().achieved(Strand.LIMB_LOAD) >= FIRM_AND_FLAT;
        if (!look.after().facts().hasGapOrDoming() || flat) {
            return new AimLook(aim, State.REACHED, flat ? "flat at limb load rung 7" : "recovered by her approach");
        }
        boolean better = Measures.of(look).stream()
                .anyMatch(measure -> measure.verdict() == Measure.Verdict.REAL_CHANGE
                        && (measure.what().startsWith("Gap") || measure.what().startsWith("Midline")));
        return better ? new AimLook(aim, State.ON_THE_WAY, "the gap has really changed") : rungs(aim, look);
    }

    private static AimLook supported(Aim aim, Look look) {
        boolean domes = !look.after().facts().client().standing().ceilings().isEmpty();
        return domes
                ? new AimLook(aim, State.NO_CHANGE_SINCE, "doming holds a ladder")
                : new AimLook(aim, State.ON_THE_WAY, "rungs kept without doming; no width is promised");
    }

    private static AimLook scar(Aim aim, Look look) {
        boolean quiet = !look.toldNow(Symptom.SCAR_PAIN);
        int rung = look.after().facts().achieved(Strand.SCAR);
        if (rung >= QUIET_SCAR && quiet) {
            return new AimLook(aim, State.REACHED, "scar rung " + rung + " without pain");
        }
        return rungs(aim, look);
    }

    private static AimLook minutes(Aim aim, Look look) {
        boolean afterBirth = look.after().facts().recentBirth().isPresent();
        int target = (afterBirth ? Published.WEEKLY_MINUTES_AFTER_BIRTH : Published.WEEKLY_MINUTES).amount();
        long met = look.done().weeks().stream()
                .limit(FREE_WEEKS)
                .filter(minutes -> minutes >= target)
                .count();
        if (met >= FREE_WEEKS) {
            return new AimLook(aim, State.REACHED, target + " minutes in each of " + FREE_WEEKS + " weeks");
        }
        boolean any = look.done().doneMinutes() > 0;
        return new AimLook(
                aim,
                any ? State.ON_THE_WAY : State.NO_CHANGE_SINCE,
                met + " of the last " + FREE_WEEKS + " weeks with " + target + " minutes");
    }

    /** Any wanted ladder that stands higher than before. */
    private static AimLook rungs(Aim aim, Look look) {
        Optional<Strand> higher = aim.strands().stream()
                .filter(strand -> look.after().facts().achieved(strand)
                        > look.before().facts().achieved(strand))
                .findFirst();
        return higher.map(strand -> new AimLook(
                        aim,
                        State.ON_THE_WAY,
                        strand.words() + ": rung " + look.after().facts().achieved(strand)))
                .orElseGet(() -> new AimLook(aim, State.NO_CHANGE_SINCE, "no wanted ladder stands higher"));
    }

    private static AimLook wish(Aim aim, Look look, boolean passes, String what) {
        return passes ? new AimLook(aim, State.REACHED, what + " passes for her now") : rungs(aim, look);
    }

    private static boolean isHeavyLift(Move move) {
        return move.has(Demand.HEAVY) && move.strand() == Strand.STRENGTH_LEGS;
    }

    private static boolean passes(Judgement judgement, Predicate<Move> kind) {
        return judgement.catalogue().moves().stream()
                .filter(kind)
                .anyMatch(move -> judgement.of(move).kind().passes());
    }
}
