package openbloom.core.record;

import java.util.Arrays;
import java.util.List;

/**
 * The questions on which practitioners differ.
 *
 * @see ApproachChoice
 * @see Approach
 */
public enum Question {
    A1(
            "When is a gap a separation?",
            "It decides when curl-ups, end-range turns and full front supports may come back."),
    A2(
            "Front supports with a gap?",
            "Some load the midline early and stop at doming, some wait, some welcome any hold that stays flat."),
    A3(
            "Twisting with a gap?",
            "Resisting rotation is safe for everyone; practitioners differ on how soon small turns return."),
    A4(
            "The low back when lying?",
            "Neutral lets the deep layer work as it does upright; a light press gives some women a steadier start."),
    A5(
            "Which cue family?",
            "Women differ in the words that find the deep layer; the connect check shows which work for her."),
    A6(
            "How strong is a pelvic floor lift?",
            "A light lift trains timing and full relaxation; a strong one trains strength once full relaxation is reliable."),
    A7(
            "Belly or ribs first?",
            "Even breath spreads the pressure; belly first can help a woman who only breathes high."),
    A8(
            "On the back in pregnancy?",
            "Published cut-offs differ; all agree that feeling unwell on the back ends it at once."),
    A9(
            "Inner-thigh squeeze?",
            "The squeeze wakes the inner thigh and pelvic floor, but presses on the front of the pelvis under a bump."),
    A10(
            "First aim for the pelvic floor?",
            "A pelvic floor that cannot relax fully is released first under either choice."),
    A11("Rhythm?", "Little and often works under any rhythm; choose the one she will keep."),
    A12("Bridge?", "Neutral keeps the spine long under load; tail-tucked teaches one vertebra at a time."),
    A13(
            "Effort between repetitions?",
            "Full relaxation trains the whole range of the muscle; a light brace trains what carrying asks."),
    A14(
            "Breathing out fully and pausing empty?",
            "The pause lets some women feel the deep layer draw in; it is not for pregnancy, heaviness or pain."),
    A15("Variety?", "New exercises keep interest; the same few, done until they are easy, show what changes."),
    A16("Rounding on hands and knees?", "A gentle arch stretches the front; with doming, level and round is enough."),
    A17(
            "How is a lift cued?",
            "Some find the whole pelvic floor at once, some only when each opening is named in turn.");

    private final String words;
    private final String why;

    Question(String words, String why) {
        this.words = words;
        this.why = why;
    }

    /** What hangs on the choice. */
    public String why() {
        return why;
    }

    public String words() {
        return words;
    }

    /** Its choices, the default first. */
    public List<ApproachChoice> choices() {
        return Arrays.stream(ApproachChoice.values())
                .filter(choice -> choice.question() == this)
                .toList();
    }

    public ApproachChoice usual() {
        return choices().get(0);
    }
}
