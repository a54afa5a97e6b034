package openbloom.core.record;

import static openbloom.core.evidence.Source.*;
import static openbloom.core.record.Question.*;

import java.util.List;
import openbloom.core.Texts;
import openbloom.core.evidence.Source;

/**
 * One answer to a question of approach; the first of each question is the default.
 *
 * @see Approach
 * @see Question
 */
public enum ApproachChoice {
    TWO_FINGERS(A1, "more than two fingers at any site", E_BOISS),
    FUNCTIONAL(A1, "width together with depth and firmness", E_DUFOUR),
    MILLIMETRE_NORMS(A1, "millimetre norms by age and site", E_RATH),
    FOUR_FINGERS(A1, "four fingers: only for reading notes from elsewhere, unlocks nothing"),
    SURFACE_LADDER(A2, "a progression of surfaces, stopped by doming", E_DUFOUR),
    NO_SUPPORT_UNTIL_RECOVERED(A2, "none until the gap has recovered"),
    STILL_HOLDS_WELCOME(A2, "still holds welcome if nothing pushes out"),
    RESIST_THEN_SMALL(A3, "resist rotation only, then a small range"),
    SMALL_SPIRALS(A3, "small elastic spirals are useful"),
    NO_TWIST_UNTIL_RECOVERED(A3, "none until the gap has recovered"),
    NEUTRAL_BACK(A4, "neutral, anchored without pressing"),
    PRESSED_BACK(A4, "pressed lightly down"),
    CUE_AS_FOUND(A5, "whichever the connect check found"),
    CUE_WHOLE_HUG(A5, "whole-belly hug"),
    CUE_UPWARD_SWEEP(A5, "upward sweep"),
    CUE_NAVEL_DRAW(A5, "navel draw"),
    GENTLE_LIFT(A6, "gentle, about 20–30 %"),
    STRONG_LIFT(A6, "strong, once full relaxation is reliable", E_BO),
    EVEN_ALL_ROUND(A7, "even all round"),
    BELLY_FIRST(A7, "belly first, ribs later"),
    LIMITED_FROM_20_NONE_FROM_28(A8, "limited from 20 weeks, none from 28", E_SUPINE),
    NONE_FROM_18(A8, "none from 18 weeks", E_SUPINE),
    BY_SYMPTOMS(A8, "by symptoms, short bouts only", E_CAN2018),
    SQUEEZE_AFTER_BIRTH(A9, "useful after birth, not while pregnant"),
    SQUEEZE_IF_COMFORTABLE(A9, "throughout, if comfortable"),
    SQUEEZE_AVOIDED(A9, "avoided"),
    BY_CHECK(A10, "decided by the check: release or train", E_DOWN, E_PERFECT),
    TRAIN_EVERYONE(A10, "train everyone who can relax fully", E_NICE),
    THREE_A_WEEK(A11, "three sessions a week and daily breath", E_NICE),
    FIVE_MINUTES_DAILY(A11, "five minutes every day"),
    ONCE_OR_TWICE_DAILY(A11, "once or twice a day, 4–5 repetitions"),
    NEUTRAL_PELVIS(A12, "neutral pelvis"),
    TAIL_TUCKED(A12, "tail tucked, vertebra by vertebra"),
    LET_GO_EACH_TIME(A13, "let go after each repetition"),
    LIGHT_BRACE(A13, "a light brace held while breathing"),
    NO_EMPTY_PAUSE(A14, "not used"),
    EMPTY_AFTER_BIRTH(A14, "after birth only"),
    ROTATE(A15, "rotate"),
    SAME_FEW(A15, "the same few until they are easy"),
    LEVEL_AND_ROUND(A16, "level and round"),
    ALSO_ARCH(A16, "also arch gently"),
    WHOLE_FLOOR(A17, "the whole floor at once"),
    ONE_AFTER_ANOTHER(A17, "one opening after the other");

    private final Question question;
    private final String words;
    private final List<Source> sources;

    ApproachChoice(Question question, String words, Source... sources) {
        this.question = question;
        this.words = words;
        this.sources = sources.length == 0 ? List.of(COMMON_PRACTICE) : List.of(sources);
    }

    public Question question() {
        return question;
    }

    public String words() {
        return words;
    }

    /** What it is, who prefers it and why, and what speaks against it. */
    public String about() {
        return ChoiceText.TEXTS.of(this);
    }

    /** Where it comes from: at least one source; common practice where nothing is published. */
    public List<Source> sources() {
        return sources;
    }

    /** Read when first asked for. */
    private static final class ChoiceText {
        private static final Texts TEXTS = Texts.beside(ApproachChoice.class, "approach.properties");
    }
}
