package openbloom.core.picture;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.moves.ExerciseGroup;

/** A session to the scale of its time, each item in the tone of its strand, positions written beneath. */
public final class SessionStrip {
    private static final double WIDTH = 1000;
    private static final double BAR = 30;
    private static final double GAP = 2;
    private static final double WIDTH_OF_A_LETTER = 6.2;

    /** One item as it is drawn. */
    public record StripBlock(String name, ExerciseGroup strand, int seconds, String position) {}

    private SessionStrip() {}

    public static String of(List<StripBlock> blocks) {
        int total = Math.max(1, blocks.stream().mapToInt(StripBlock::seconds).sum());
        String name = "Session to the scale of its time, " + total / 60 + " minutes";
        Svg svg = Svg.drawing(0, 0, WIDTH, 52, name, "session-strip");
        double x = 0;
        List<Double> starts = new ArrayList<>();
        for (StripBlock block : blocks) {
            double width = block.seconds() * WIDTH / total;
            svg.named(block.name() + ", " + block.seconds() + " s");
            svg.box(x, 0, Math.max(1, width - GAP), BAR, 3, Paint.filled(tone(block.strand())));
            svg.close();
            starts.add(x);
            x += width;
        }
        positions(svg, blocks, starts);
        return svg.finish();
    }

    private static void positions(Svg svg, List<StripBlock> blocks, List<Double> starts) {
        double free = 0;
        for (int i = 0; i < blocks.size(); i++) {
            String words = blocks.get(i).position();
            boolean changes = i == 0 || !words.equals(blocks.get(i - 1).position());
            double end = starts.get(i) + words.length() * WIDTH_OF_A_LETTER;
            if (changes && starts.get(i) >= free && end <= WIDTH) {
                svg.words(words, starts.get(i), 46, Letters.of(12.5, Palette.MUTED));
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
