package openbloom.core.review;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.program.RunningPath;
import openbloom.core.record.Goal;
import openbloom.core.record.LadderStatus;
import openbloom.core.screening.Symptom;
import openbloom.core.verdict.Facts;
import openbloom.core.verdict.Judgement;

/**
 * What an aim came to. Nothing is reached on what nobody asked or read, nor on a day on which a ladder of it domed.
 *
 * @param why the fact that says so
 *
 * @see Recommendation
 * @see ProgramReview
 */
public record GoalOutcome(Goal aim, State state, String why) {
    /** How far. */
    public enum State {
        REACHED("reached"),
        ON_THE_WAY("on the way"),
        NO_CHANGE_SINCE("no change since"),
        /** Nobody asked, read or looked: neither yes nor no. */
        NOT_READ("not read"),
        /** What it was for has ended. */
        CLOSED("closed");

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

    static GoalOutcome of(Goal aim, ReviewPeriod look) {
        GoalOutcome found = found(aim, look);
        return found.state() == State.REACHED && look.hasJustDomed(aim)
                ? new GoalOutcome(
                        aim,
                        State.ON_THE_WAY,
                        "a progression of it domed; " + found.why() + " counts again 48 hours later")
                : found;
    }

    private static GoalOutcome found(Goal aim, ReviewPeriod look) {
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
            case READY_FOR_BIRTH -> birth(aim, look);
            case STRONG_BONES -> rungs(aim, look);
            case RUN -> wish(aim, look, RunningPath.of(look.after(), List.of()).ready(), "the tests and times");
            case JUMP -> wish(aim, look, passes(look.after(), Move::isImpact), "a jump on the spot");
            case LIFT -> wish(aim, look, passes(look.after(), GoalOutcome::isHeavyLift), "a heavy lift");
            case CRUNCH ->
                wish(aim, look, passes(look.after(), move -> move.demands().flexion() == Flexion.CURL), "a curl");
            case PLANK -> wish(aim, look, passes(look.after(), Move::isFullFrontSupport), "a full front support");
        };
    }

    /** A birth that was recorded since; a pregnancy that ended without one is none. */
    private static GoalOutcome birth(Goal aim, ReviewPeriod look) {
        if (look.after().facts().isPregnant()) {
            return new GoalOutcome(aim, State.ON_THE_WAY, "still pregnant");
        }
        boolean born = look.after()
                .facts()
                .client()
                .situation()
                .birth()
                .filter(birth -> !birth.date().isBefore(look.from()))
                .isPresent();
        return born
                ? new GoalOutcome(aim, State.REACHED, "the birth is recorded")
                : new GoalOutcome(aim, State.CLOSED, "the pregnancy ended, and no birth is recorded");
    }

    private static GoalOutcome symptom(Goal aim, ReviewPeriod look, Set<Symptom> symptoms) {
        String name = symptoms.iterator().next().words();
        if (look.isFreeFor(FREE_WEEKS, symptoms)) {
            return new GoalOutcome(aim, State.REACHED, "asked and none in each of " + FREE_WEEKS + " weeks");
        }
        boolean now = symptoms.stream().anyMatch(look::toldNow);
        if (!now && !look.after().facts().isAskedForSymptoms()) {
            return notAsked(aim);
        }
        if (!now) {
            return new GoalOutcome(
                    aim,
                    State.ON_THE_WAY,
                    "none reported at the last asking, but not yet for " + FREE_WEEKS + " weeks");
        }
        long times = look.times(symptoms);
        return new GoalOutcome(
                aim, State.NO_CHANGE_SINCE, name + " reported " + times + (times == 1 ? " time" : " times"));
    }

    private static GoalOutcome notAsked(Goal aim) {
        return new GoalOutcome(
                aim, State.NOT_READ, Published.said("not asked in the last {} days", Published.SYMPTOM_MEMORY));
    }

    private static GoalOutcome lettingGo(Goal aim, ReviewPeriod look) {
        PelvicFloorCheck now = look.after().facts().client().checks().pelvicFloor();
        PelvicFloorCheck then = look.before().facts().client().checks().pelvicFloor();
        if (now.lettingGo() == LettingGo.UNKNOWN) {
            return new GoalOutcome(aim, State.NOT_READ, "letting go was not checked");
        }
        if (!look.after().facts().isAskedForSymptoms()) {
            return notAsked(aim);
        }
        boolean quiet = now.pain() == YesNoUnknown.NO && !look.after().facts().isFloorPainful();
        if (now.lettingGo() == LettingGo.FULL && !now.isTight() && quiet) {
            return new GoalOutcome(
                    aim,
                    State.REACHED,
                    Published.said(
                            "full letting-go on {} of 10 on two days, nothing hurts", Published.LETTING_GO_NEEDED));
        }
        boolean better = then.lettingGo() == LettingGo.ABSENT && now.lettingGo() == LettingGo.PARTIAL
                || now.lettingGo() == LettingGo.FULL;
        return new GoalOutcome(
                aim,
                better ? State.ON_THE_WAY : State.NO_CHANGE_SINCE,
                now.lettingGo().words());
    }

    private static GoalOutcome rebuilt(Goal aim, ReviewPeriod look) {
        Facts now = look.after().facts();
        if (now.midlineRecovered() == YesNoUnknown.YES) {
            return new GoalOutcome(aim, State.REACHED, "recovered by her approach: " + now.gapWords());
        }
        if (now.isMidlineFirmAndFlat() && now.achieved(ExerciseGroup.LIMB_LOAD) >= FIRM_AND_FLAT) {
            return new GoalOutcome(aim, State.REACHED, "firm, and flat at limb load level " + FIRM_AND_FLAT);
        }
        if (now.midlineRecovered() == YesNoUnknown.UNKNOWN) {
            return new GoalOutcome(
                    aim, State.NOT_READ, now.gapWords() + "; " + now.gapRead().words());
        }
        return OutcomeMeasures.isNarrower(look)
                ? new GoalOutcome(aim, State.ON_THE_WAY, "the gap is really narrower")
                : rungs(aim, look);
    }

    private static GoalOutcome supported(Goal aim, ReviewPeriod look) {
        LadderStatus standing = look.after().facts().client().standing();
        if (!standing.ceilings().isEmpty()) {
            return new GoalOutcome(aim, State.NO_CHANGE_SINCE, "doming holds a progression");
        }
        boolean looked = aim.strands().stream()
                .anyMatch(strand ->
                        standing.rungs().containsKey(strand) || standing.flat().containsKey(strand));
        return looked
                ? new GoalOutcome(aim, State.ON_THE_WAY, "levels kept without doming; no width is promised")
                : new GoalOutcome(aim, State.NOT_READ, "no load check, and no level done on two days");
    }

    private static GoalOutcome scar(Goal aim, ReviewPeriod look) {
        int rung = look.after().facts().achieved(ExerciseGroup.SCAR);
        if (rung < QUIET_SCAR || look.toldNow(Symptom.SCAR_PAIN)) {
            return rungs(aim, look);
        }
        return look.after().facts().isAskedForSymptoms()
                ? new GoalOutcome(aim, State.REACHED, "scar level " + rung + " without pain")
                : notAsked(aim);
    }

    private static GoalOutcome minutes(Goal aim, ReviewPeriod look) {
        boolean afterBirth = look.after().facts().recentBirth().isPresent();
        if (look.done().weeks().isEmpty()) {
            return new GoalOutcome(aim, State.NOT_READ, "no minutes are recorded");
        }
        int target = (afterBirth ? Published.WEEKLY_MINUTES_AFTER_BIRTH : Published.WEEKLY_MINUTES).amount();
        long met = look.done().weeks().stream()
                .limit(FREE_WEEKS)
                .filter(minutes -> minutes >= target)
                .count();
        if (met >= FREE_WEEKS) {
            return new GoalOutcome(aim, State.REACHED, target + " minutes in each of " + FREE_WEEKS + " weeks");
        }
        int done = look.done().doneMinutes();
        return done > 0
                ? new GoalOutcome(
                        aim,
                        State.ON_THE_WAY,
                        done + " minutes done in this time; " + met + " of the last " + FREE_WEEKS + " weeks reached "
                                + target)
                : new GoalOutcome(aim, State.NO_CHANGE_SINCE, "no session done in this time");
    }

    /** Any wanted ladder that stands higher than before. */
    private static GoalOutcome rungs(Goal aim, ReviewPeriod look) {
        Optional<ExerciseGroup> higher = aim.strands().stream()
                .filter(strand -> look.after().facts().achieved(strand)
                        > look.before().facts().achieved(strand))
                .findFirst();
        return higher.map(strand -> new GoalOutcome(
                        aim,
                        State.ON_THE_WAY,
                        strand.words() + ": level " + look.after().facts().achieved(strand)))
                .orElseGet(() -> new GoalOutcome(aim, State.NO_CHANGE_SINCE, "no wanted progression stands higher"));
    }

    private static GoalOutcome wish(Goal aim, ReviewPeriod look, boolean passes, String what) {
        return passes ? new GoalOutcome(aim, State.REACHED, what + " passes for her now") : rungs(aim, look);
    }

    private static boolean isHeavyLift(Move move) {
        return move.has(Demand.HEAVY) && move.strand() == ExerciseGroup.STRENGTH_LEGS;
    }

    private static boolean passes(Judgement judgement, Predicate<Move> kind) {
        return judgement.catalogue().moves().stream()
                .filter(kind)
                .anyMatch(move -> judgement.of(move).kind().passes());
    }
}
