package openbloom.app.home;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Her page as it is shown, in her words.
 *
 * @param greeting with her first name
 * @param day the day it is for
 * @param stop what to do where a sign stops her; empty where none does
 * @param practice empty where there is none to do today
 */
public record HomeView(
        String greeting,
        LocalDate day,
        Optional<StopShown> stop,
        AskedFirst asked,
        Optional<PracticeShown> practice,
        TodaySaid said,
        AtHand atHand,
        List<QuestionShown> questions) {
    /**
     * What a stop says: what she told, and what to do.
     *
     * @param isUnnamed whether she has not said yet which sign it is
     */
    public record StopShown(String told, List<String> toDo, boolean isUnnamed) {}

    /** A sign she can choose, with what to do about it. */
    public record SignChoice(String name, String words, String toDo) {}

    /** One thing she can choose: a constant and its words. */
    public record Choice(String name, String words) {}

    /**
     * What is asked before anything else.
     *
     * @param unnamed what to do about a sign before she has said which
     * @param isAnswered whether she has said today that there is no sign
     * @param morning the practice whose pain is asked about; null where none is
     */
    public record AskedFirst(
            List<SignChoice> signs,
            String unnamed,
            boolean isAnswered,
            @Nullable Long morning) {}

    /**
     * Today’s practice.
     *
     * @param summary minutes and number of exercises
     * @param isBegun whether something of it was told
     */
    public record PracticeShown(long session, String summary, int minutes, List<LineShown> lines, boolean isBegun) {}

    /**
     * An exercise.
     *
     * @param figure address of its steps; empty where it cannot be drawn
     * @param count how it is counted, as JSON
     * @param isLeftOut whether it may not be done any more today
     * @param loads the places it loads; pain there leaves it out
     */
    public record LineShown(
            LineNamed named,
            LineTaught taught,
            String figure,
            String count,
            int changeSeconds,
            boolean isLeftOut,
            List<String> loads,
            String ended) {}

    /** What it is called, on which side, and how much of it. */
    public record LineNamed(String name, String side, String dose, String group) {}

    /** How it is done. */
    public record LineTaught(String setup, String cue, String breath, String changes) {}

    /**
     * What stands where there is no practice, and besides.
     *
     * @param noPractice why there is none today, and when the next is; empty where there is one
     */
    public record TodaySaid(List<String> noPractice, boolean isDone) {}

    /** What is always at hand: her week, her moments, her floor practice, when to stop. */
    public record AtHand(
            List<WeekDay> week,
            MomentsShown moments,
            Optional<FloorShown> floor,
            List<SignGroup> stops,
            List<PlaceShown> places,
            List<CardShown> explained) {}

    /** A small set for a place: what she does there, each with its cue. */
    public record PlaceShown(String title, List<SmallOne> moves) {}

    /** One of a small set. */
    public record SmallOne(String name, String cue) {}

    /**
     * A card that explains.
     *
     * @param id by which its picture is found
     * @param picture what is to be seen in it, in words
     */
    public record CardShown(String id, String title, String words, String picture) {}

    /** A day of her week. */
    public record WeekDay(String day, List<String> what, boolean isToday) {}

    /** Moments of her day, and what her days may be made of. */
    public record MomentsShown(List<String> prompts, List<Choice> days, List<String> told) {}

    /**
     * One set for the pelvic floor.
     *
     * @param phases second by second, as JSON
     */
    public record FloorShown(List<String> words, String phases, int holds, int flicks, String todays) {}

    /** Signs with what to do about them. */
    public record SignGroup(String toDo, List<String> signs) {}

    /** A question of hers with its answer. */
    public record QuestionShown(String day, String text, String answered, String reply) {}
}
