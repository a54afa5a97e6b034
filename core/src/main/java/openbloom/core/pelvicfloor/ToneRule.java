package openbloom.core.pelvicfloor;

import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;

/**
 * Tone from the answers, in the words of E-ICS. The rule is ours, stated here and on the page; an instructor may overrule
 * it with a reason.
 *
 * @see YesNoUnknown
 * @see Tone
 */
public final class ToneRule {
    private ToneRule() {}

    /**
     * What the check answers.
     *
     * @param liftFelt whether a lift was felt at all
     * @param bearsDown whether she bears down when asked to lift
     * @param strains constipation, straining or pelvic pain
     */
    public record ToneAnswers(
            YesNoUnknown liftFelt,
            YesNoUnknown bearsDown,
            YesNoUnknown strains,
            YesNoUnknown painWithLifts,
            LettingGo lettingGo,
            int holdSeconds,
            int flicks) {}

    /**
     * A tone and the answer that decided it.
     *
     * @param tone the {@link Tone} that is assumed
     * @param because the answer, as it is said
     */
    public record ToneFound(Tone tone, String because) {}

    public static ToneFound of(ToneAnswers answers) {
        if (answers.lettingGo() == LettingGo.ABSENT) {
            return new ToneFound(Tone.TIGHT, "she does not let go");
        }
        boolean hurtsOrStrains = answers.strains() == YesNoUnknown.YES || answers.painWithLifts() == YesNoUnknown.YES;
        if (answers.lettingGo() == LettingGo.PARTIAL && hurtsOrStrains) {
            return new ToneFound(Tone.TIGHT, "she lets go in part, and there is pain or straining");
        }
        if (answers.bearsDown() == YesNoUnknown.YES) {
            return new ToneFound(Tone.UNCOORDINATED, "she bears down when asked to lift");
        }
        if (answers.liftFelt() == YesNoUnknown.NO) {
            return new ToneFound(Tone.NONE_FELT, "no lift is felt");
        }
        if (answers.lettingGo() == LettingGo.UNKNOWN || answers.holdSeconds() == 0) {
            return new ToneFound(Tone.UNKNOWN, "letting go or holding was not checked");
        }
        int weak = Published.WEAK_BELOW.amount();
        if (answers.holdSeconds() < weak || answers.flicks() < weak) {
            return new ToneFound(Tone.WEAK, "best hold under " + weak + " s or fewer than " + weak + " flicks");
        }
        return new ToneFound(Tone.TYPICAL, "she lifts, holds " + answers.holdSeconds() + " s and lets go");
    }
}
