package openbloom.core.care;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.core.evidence.Published;
import openbloom.core.pelvicfloor.Track;
import openbloom.core.screening.Symptom;
import openbloom.core.verdict.Facts;

/**
 * Moments of the day; one or two an hour at most (common practice, no source: P-PF-5).
 *
 * @see HabitPrompt
 * @see Facts
 */
public final class HabitPrompts {
    /** What is told with every lift of the pelvic floor in the day. */
    public static final String LIMIT = "A couple of times an hour at most, and never while passing urine.";

    static final int MOST = 3;
    static final int MOST_AN_HOUR = 2;

    private HabitPrompts() {}

    /**
     * For any day, three at most.
     *
     * @param letsGo whether letting go comes first for her: then nothing is lifted
     */
    public static List<HabitPrompt> of(Facts facts, boolean letsGo) {
        return usual(facts, letsGo).stream().limit(MOST).toList();
    }

    /**
     * Fitted to what she told of her days: what they are made of comes first. Three at most, and two an hour at most in all.
     *
     * @param told empty where nobody asked: then as for any day
     */
    public static List<HabitPrompt> fitted(Facts facts, boolean letsGo, Set<DailyActivity> told) {
        if (told.isEmpty()) {
            return of(facts, letsGo);
        }
        boolean lifts = !letsGo && !facts.client().has(Symptom.PAIN_WITH_LIFTS);
        Stream<HabitPrompt> hers = Arrays.stream(HabitPrompt.values())
                .filter(prompt -> prompt.tiedTo().filter(told::contains).isPresent())
                .filter(prompt -> lifts ? !prompt.isLettingGo() : !prompt.isLift());
        List<HabitPrompt> fitted = new ArrayList<>();
        int anHour = 0;
        List<HabitPrompt> wanted =
                Stream.concat(hers, usual(facts, letsGo).stream()).distinct().toList();
        for (HabitPrompt prompt : wanted) {
            if (fitted.size() < MOST && anHour + prompt.timesAnHour() <= MOST_AN_HOUR) {
                fitted.add(prompt);
                anHour += prompt.timesAnHour();
            }
        }
        return List.copyOf(fitted);
    }

    /** For a floor that is practised. */
    public static List<HabitPrompt> ofTheFloor(Track track, boolean withABaby) {
        return track == Track.RELEASE
                ? List.of(
                        withABaby ? HabitPrompt.FEEDING_RELEASE : HabitPrompt.READING_RELEASE,
                        HabitPrompt.WAITING_SOFT,
                        HabitPrompt.RELEASE_BEFORE_SLEEP)
                : List.of(
                        withABaby ? HabitPrompt.FEEDING_LIFTS : HabitPrompt.READING_LIFTS,
                        HabitPrompt.WAITING_LIFT,
                        HabitPrompt.BEFORE_A_COUGH);
    }

    private static List<HabitPrompt> usual(Facts facts, boolean letsGo) {
        List<HabitPrompt> prompts = new ArrayList<>();
        if (letsGo) {
            prompts.add(HabitPrompt.LET_GO_SITTING_DOWN);
        } else if (facts.client().has(Symptom.LEAK_WITH_EFFORT)) {
            prompts.add(HabitPrompt.BEFORE_A_COUGH);
        }
        boolean newly = facts.recentBirth()
                .filter(birth -> birth.daysOn(facts.day()) < 7L * Published.EARLIEST_STRENGTHEN.amount())
                .isPresent();
        if (newly) {
            prompts.add(HabitPrompt.ROLL_TO_THE_SIDE);
            prompts.add(HabitPrompt.BREATHS_BEFORE_A_FEED);
        }
        prompts.add(HabitPrompt.OUT_AS_YOU_RISE);
        prompts.add(HabitPrompt.TALL_ONCE_AN_HOUR);
        return prompts;
    }
}
