package openbloom.core.picture;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.moves.ExerciseGroup;

/**
 * A session to the scale of its time, each item in the tone of its strand, its parts above, positions beneath.
 *
 * @see LadderBeads
 * @see RungsPicture
 */
public final class SessionStrip {
    private static final double WIDTH = 1000;
    private static final double BAR = 30;
    private static final double TOP = 24;
    private static final double GAP = 2;
    private static final double WIDTH_OF_A_LETTER = 6.2;

    /**
     * One item as it is drawn.
     *
     * @param name of the exercise
     * @param strand the {@link ExerciseGroup} it is coloured by
     * @param seconds its breadth
     * @param position said under it where it changes
     */
    public record StripBlock(String name, ExerciseGroup strand, int seconds, String position) {}

    private SessionStrip() {}

    /**
     * A part of the session.
     *
     * @param percent share of the work that was meant for it; 0 where it has none of its own
     * @param items how many of the blocks it has, one after the other
     */
    public record StripPart(String words, int percent, int items) {
        private String said(int seconds) {
            String meant = percent == 0 ? "" : " (" + percent + " % of the work)";
            return words + " " + minutes(seconds) + meant;
        }

        private String shortly(int seconds) {
            return words + " " + minutes(seconds);
        }

        private static String minutes(int seconds) {
            return Math.max(1, Math.round(seconds / 60f)) + " min";
        }
    }

    /** @param parts in order; together they have all the blocks */
    public static String of(List<StripBlock> blocks, List<StripPart> parts) {
        int total = Math.max(1, blocks.stream().mapToInt(StripBlock::seconds).sum());
        String name = "Session to the scale of its time, " + total / 60 + " minutes";
        Svg svg = Svg.drawing(0, 0, WIDTH, TOP + 52, name, "session-strip");
        parts(svg, blocks, parts, WIDTH / total);
        double x = 0;
        List<Double> starts = new ArrayList<>();
        for (StripBlock block : blocks) {
            double width = block.seconds() * WIDTH / total;
            svg.named(block.name() + ", " + block.seconds() + " s");
            svg.box(x, TOP, Math.max(1, width - GAP), BAR, 3, Paint.filled(tone(block.strand())));
            svg.close();
            starts.add(x);
            x += width;
        }
        positions(svg, blocks, starts);
        return svg.finish();
    }

    /** A line over the blocks of each part with its name and minutes, as much of them as there is room for. */
    private static void parts(Svg svg, List<StripBlock> blocks, List<StripPart> parts, double aSecond) {
        double x = 0;
        int from = 0;
        for (StripPart part : parts) {
            int to = Math.min(blocks.size(), from + part.items());
            int seconds = blocks.subList(from, to).stream()
                    .mapToInt(StripBlock::seconds)
                    .sum();
            double width = seconds * aSecond;
            svg.named(part.said(seconds));
            svg.box(x, TOP - 5, Math.max(1, width - GAP), 3, 1.5, Paint.filled(Palette.MUTED));
            svg.close();
            List<String> sayings = List.of(part.said(seconds), part.shortly(seconds), StripPart.minutes(seconds));
            double left = x;
            sayings.stream()
                    .filter(words -> words.length() * WIDTH_OF_A_LETTER <= width)
                    .findFirst()
                    .ifPresent(words -> svg.words(words, left, TOP - 9, Letters.of(13, Palette.INK)));
            x += width;
            from = to;
        }
    }

    private static void positions(Svg svg, List<StripBlock> blocks, List<Double> starts) {
        double free = 0;
        for (int i = 0; i < blocks.size(); i++) {
            String words = blocks.get(i).position();
            boolean changes = i == 0 || !words.equals(blocks.get(i - 1).position());
            double end = starts.get(i) + words.length() * WIDTH_OF_A_LETTER;
            if (changes && starts.get(i) >= free && end <= WIDTH) {
                svg.words(words, starts.get(i), TOP + 46, Letters.of(13, Palette.MUTED));
                free = end + 8;
            }
        }
    }

    /** The tone a strand is drawn in everywhere. */
    public static String tone(ExerciseGroup strand) {
        return switch (strand) {
            case BREATH -> Palette.SLATE;
            case CONNECT -> "#5E8177";
            case LIMB_LOAD -> Palette.MOSS;
            case BRIDGE -> "#6E8B57";
            case FRONT_SUPPORT -> "#8C5A38";
            case HANDS_AND_KNEES -> "#A07B3E";
            case SIDE_SUPPORT -> "#857A45";
            case UPRIGHT_CONTROL -> "#7A5B6B";
            case PELVIC_FLOOR_ENDURANCE, PELVIC_FLOOR_QUICK, PELVIC_FLOOR_AREAS -> Palette.PLUM;
            case RELEASE, MOBILITY -> "#6C7F93";
            case FLEXION, IMPACT -> Palette.CLAY;
            case STRENGTH_LEGS, STRENGTH_PUSH, STRENGTH_PULL, STRENGTH_PRESS -> "#4F5D52";
            case BALANCE -> "#7D6A4F";
            case SCAR -> "#9A7466";
        };
    }
}
