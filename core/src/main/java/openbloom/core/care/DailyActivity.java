package openbloom.core.care;

/**
 * What her days are made of, as she tells it; her moments of the day are tied to it.
 *
 * @see HabitPrompt
 * @see HabitPrompts
 */
public enum DailyActivity {
    FEEDING_A_BABY("feeding a baby"),
    CARRYING_A_CHILD("picking up and carrying a child"),
    DESK_WORK("work at a desk"),
    STANDING_WORK("work on your feet"),
    LIFTING_AT_WORK("lifting at work"),
    WAITING("waiting: buses, queues, school gates"),
    DRIVING("driving"),
    STAIRS("stairs");

    private final String words;

    DailyActivity(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
