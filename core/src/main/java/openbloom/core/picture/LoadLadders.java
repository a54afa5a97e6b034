package openbloom.core.picture;

import java.util.List;
import java.util.Map;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.record.LoadCheck;

/**
 * The ladders of loads side by side: rungs that stayed flat are filled, and a bar lies where the climb ended.
 *
 * @see LoadCheck
 * @see ExerciseGroup
 */
public final class LoadLadders {
    private static final double COLUMN = 62;
    private static final double RUNG = 24;
    private static final Letters NAME = Letters.of(14.2, Palette.INK).strong().centred();
    private static final Letters QUIET = Letters.of(14.2, Palette.MUTED).centred();

    private LoadLadders() {}

    /** @param catalogue for how many rungs each ladder has */
    public static String of(LoadCheck check, Catalogue catalogue) {
        int most = LoadCheck.LADDERS.stream().mapToInt(catalogue::topRung).max().orElse(0);
        double ground = 40 + RUNG * most;
        double wide = COLUMN * LoadCheck.LADDERS.size();
        Svg svg = Svg.drawing(0, 0, wide, ground + 88, describe(check), "load-ladders");
        for (ExerciseGroup strand : LoadCheck.LADDERS) {
            double middle = COLUMN * (LoadCheck.LADDERS.indexOf(strand) + 0.5);
            ladder(svg, strand, check.climbs(), catalogue.topRung(strand), middle, ground);
        }
        return svg.finish();
    }

    private static String describe(LoadCheck check) {
        List<String> parts = check.climbs().entrySet().stream()
                .map(climb -> climb.getKey().words() + " flat to level "
                        + climb.getValue().flatRung() + ", "
                        + climb.getValue().endedBy().words())
                .toList();
        return parts.isEmpty()
                ? "Progressions of loads, none climbed yet"
                : "Progressions of loads: " + String.join("; ", parts);
    }

    private static void ladder(
            Svg svg,
            ExerciseGroup strand,
            Map<ExerciseGroup, LoadCheck.LadderClimb> climbs,
            int top,
            double middle,
            double ground) {
        LoadCheck.LadderClimb climb = climbs.get(strand);
        for (int rung = 1; rung <= top; rung++) {
            double y = ground - RUNG * rung;
            boolean flat = climb != null && rung <= climb.flatRung();
            svg.choosing("flat-" + strand, String.valueOf(rung));
            svg.box(middle - 24, y, 48, RUNG - 6, 4, rung(flat));
            Letters letters =
                    Letters.of(14.2, flat ? Palette.PAPER : Palette.MUTED).centred();
            svg.words(String.valueOf(rung), middle, y + 14, flat ? letters.strong() : letters);
            svg.close();
        }
        String name = strand == ExerciseGroup.FLEXION ? "Head lift, curls" : strand.words();
        String[] words = inTwo(name);
        svg.words(words[0], middle, ground + 18, NAME);
        svg.words(words[1], middle, ground + 36, NAME);
        if (climb == null) {
            svg.words("not", middle, ground + 58, QUIET);
            svg.words("climbed", middle, ground + 75, QUIET);
            return;
        }
        if (climb.endedBy().isLimit()) {
            double y = ground - RUNG * climb.flatRung() - 3;
            svg.line(middle - 32, y, middle + 32, y, Paint.line(Palette.CLAY, 3));
        }
        svg.words("flat to " + climb.flatRung(), middle, ground + 58, QUIET);
        svg.words(ended(climb.endedBy()), middle, ground + 75, QUIET);
    }

    /** In two lines, parted at the last space. */
    private static String[] inTwo(String name) {
        int space = name.lastIndexOf(' ');
        return new String[] {name.substring(0, space), name.substring(space + 1)};
    }

    private static String ended(LoadCheck.EndedBy endedBy) {
        return switch (endedBy) {
            case DOMED -> "domes";
            case BREATH_STOPPED -> "no breath";
            case NOT_TRIED_FURTHER -> "";
        };
    }

    private static Paint rung(boolean flat) {
        return flat ? Paint.filled(Palette.MOSS) : Paint.filled(Palette.PAPER).outlined(Palette.LINE, 1.4);
    }
}
