package openbloom.core.care;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A tiny practice tied to a moment of the day (common practice, no source: P-PF-5); in words to her.
 *
 * @see HabitPrompts
 */
public enum HabitPrompt {
    LET_GO_SITTING_DOWN("Each time you sit down: let jaw, belly and pelvic floor go.", HabitAct.LET_GO, null, 1),
    BEFORE_A_COUGH("A light lift just before a cough, a sneeze or a lift; let go after it.", HabitAct.LIFT, null, 0),
    ROLL_TO_THE_SIDE("Roll to your side to lie down and to get up.", HabitAct.MOVE, null, 0),
    BREATHS_BEFORE_A_FEED("Three easy breaths before each feed.", HabitAct.BREATHE, null, 0),
    OUT_AS_YOU_RISE("Breathe out as you stand up or lift.", HabitAct.MOVE, null, 1),
    TALL_ONCE_AN_HOUR("Once an hour: stand tall, three breaths into the side ribs.", HabitAct.BREATHE, null, 1),
    FEEDING_RELEASE(
            "Feeding the baby: five long in-breaths, feel the pelvic floor widen.",
            HabitAct.LET_GO,
            DailyActivity.FEEDING_A_BABY,
            1),
    FEEDING_LIFTS(
            "Feeding the baby: two light lifts, let go fully after each.",
            HabitAct.LIFT,
            DailyActivity.FEEDING_A_BABY,
            1),
    READING_RELEASE("Reading the news: five long in-breaths, feel the pelvic floor widen.", HabitAct.LET_GO, null, 1),
    READING_LIFTS("Reading the news: two light lifts, let go fully after each.", HabitAct.LIFT, null, 1),
    WAITING_SOFT("Waiting for the bus: let belly, jaw and seat go soft.", HabitAct.LET_GO, DailyActivity.WAITING, 1),
    WAITING_LIFT(
            "Waiting in a queue: one lift on an out-breath, about a fifth of your strength.",
            HabitAct.LIFT,
            DailyActivity.WAITING,
            1),
    RELEASE_BEFORE_SLEEP("Before sleep: one release position for two minutes.", HabitAct.LET_GO, null, 0),
    CLOSE_AND_OUT(
            "Before you pick the child up: come close, breathe out, then lift.",
            HabitAct.MOVE,
            DailyActivity.CARRYING_A_CHILD,
            0),
    RISE_FROM_THE_DESK(
            "At the desk, once an hour: breathe out as you stand up, then three breaths into the side ribs.",
            HabitAct.BREATHE,
            DailyActivity.DESK_WORK,
            1),
    BOTH_FEET(
            "Standing for long, once an hour: weight on both feet, knees soft, shoulders down.",
            HabitAct.MOVE,
            DailyActivity.STANDING_WORK,
            1),
    LOAD_CLOSE(
            "At each lift at work: feet apart, the load close, breathe out as it leaves the ground.",
            HabitAct.MOVE,
            DailyActivity.LIFTING_AT_WORK,
            0),
    RED_LIGHT("At a red light: shoulders down, one long breath out.", HabitAct.BREATHE, DailyActivity.DRIVING, 1),
    WHOLE_FOOT(
            "On the stairs: the whole foot on the step, breathe out as you rise.",
            HabitAct.MOVE,
            DailyActivity.STAIRS,
            0);

    /** What is done in it. */
    enum HabitAct {
        LET_GO,
        LIFT,
        BREATHE,
        MOVE
    }

    private final String words;
    private final HabitAct act;
    private final @Nullable DailyActivity tiedTo;
    private final int timesAnHour;

    HabitPrompt(String words, HabitAct act, @Nullable DailyActivity tiedTo, int timesAnHour) {
        this.words = words;
        this.act = act;
        this.tiedTo = tiedTo;
        this.timesAnHour = timesAnHour;
    }

    public String words() {
        return words;
    }

    boolean isLift() {
        return act == HabitAct.LIFT;
    }

    boolean isLettingGo() {
        return act == HabitAct.LET_GO;
    }

    /** The part of her day it is tied to; empty where it fits any day. */
    Optional<DailyActivity> tiedTo() {
        return Optional.ofNullable(tiedTo);
    }

    /** How often it comes in an hour: 1, or 0 for what comes seldom or by itself. */
    int timesAnHour() {
        return timesAnHour;
    }
}
