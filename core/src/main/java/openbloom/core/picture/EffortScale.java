package openbloom.core.picture;

import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.screening.EffortCheck;

/**
 * Perceived exertion from 6 to 20 with the stretch she should work in, and what the talk test said.
 *
 * @see EffortCheck
 * @see YesNoUnknown
 */
public final class EffortScale {
    private static final double LEFT = 24;
    private static final double POINT = 36;
    private static final double BAR = 74;
    private static final Letters QUIET = Letters.of(14.5, Palette.MUTED);

    private EffortScale() {}

    public static String of(EffortCheck check) {
        double wide = 2 * LEFT + POINT * (EffortCheck.MOST_EXERTION - EffortCheck.LEAST_EXERTION);
        Svg svg = Svg.drawing(0, 0, wide, 150, describe(check), "effort-scale");
        svg.box(LEFT, BAR, wide - 2 * LEFT, 22, 4, Paint.filled("#EAE4D7"));
        double from = x(Published.EXERTION_LEAST.amount()) - POINT / 2;
        double to = x(Published.EXERTION_MOST.amount()) + POINT / 2;
        svg.box(from, BAR, to - from, 22, 0, Paint.filled("#A9C3B4"));
        for (int score = EffortCheck.LEAST_EXERTION; score <= EffortCheck.MOST_EXERTION; score++) {
            svg.words(String.valueOf(score), x(score), BAR + 42, QUIET.centred());
        }
        svg.words(
                "work here: " + Published.EXERTION_LEAST.amount() + "–" + Published.EXERTION_MOST.amount(),
                (from + to) / 2,
                BAR + 66,
                Letters.of(14.5, Palette.MOSS).strong().centred());
        check.exertion().ifPresent(score -> mark(svg, score, check.isTooHard()));
        svg.words(
                talkWords(check.talks()),
                LEFT,
                22,
                Letters.of(16, tone(check.talks())).strong());
        return svg.finish();
    }

    private static void mark(Svg svg, int score, boolean tooHard) {
        String tone = tooHard ? Palette.CLAY : Palette.INK;
        svg.path("M" + Svg.point(x(score), BAR + 24) + "L" + Svg.point(x(score), BAR - 6), Paint.line(tone, 4));
        svg.words(
                score + " of 20",
                x(score),
                BAR - 14,
                Letters.of(15, tone).strong().centred());
    }

    private static String talkWords(YesNoUnknown talks) {
        return switch (talks) {
            case YES -> "Talks in full sentences while working";
            case NO -> "Cannot talk in full sentences: too hard";
            case UNKNOWN -> "Talk test not done";
        };
    }

    private static String tone(YesNoUnknown talks) {
        return talks == YesNoUnknown.NO ? Palette.CLAY : talks == YesNoUnknown.YES ? Palette.MOSS : Palette.MUTED;
    }

    private static String describe(EffortCheck check) {
        return talkWords(check.talks())
                + check.exertion().map(score -> ", effort " + score + " of 20").orElse("");
    }

    private static double x(int score) {
        return LEFT + POINT * (score - EffortCheck.LEAST_EXERTION);
    }
}
