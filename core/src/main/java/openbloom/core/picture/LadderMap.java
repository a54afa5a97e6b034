package openbloom.core.picture;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.moves.Strand;
import openbloom.core.verdict.Kind;

/** Every strand as a ladder from left to right, each move a mark that leads to its page. */
public final class LadderMap {
    private static final double LABEL = 216;
    private static final double STEP = 86;
    private static final double ROW = 44;
    private static final double TOP = 30;
    private static final int MOST_RUNGS = 10;
    private static final double BETWEEN_VERSIONS = 17;

    private final Svg svg;
    private final Function<Move, Optional<Kind>> verdict;
    private final Function<Move, String> link;

    private LadderMap(Svg svg, Function<Move, Optional<Kind>> verdict, Function<Move, String> link) {
        this.svg = svg;
        this.verdict = verdict;
        this.link = link;
    }

    /**
     * Draws the map.
     *
     * @param verdict a woman's verdict on a move; empty when the map is for nobody
     * @param done the highest rung she has done in a strand, ringed
     * @param link where a mark leads
     */
    public static String of(
            Catalogue catalogue,
            Function<Move, Optional<Kind>> verdict,
            Map<Strand, Integer> done,
            Function<Move, String> link) {
        double height = TOP + ROW * Strand.values().length;
        Svg svg = Svg.ofLinks(LABEL + STEP * MOST_RUNGS + 20, height, "Ladders of all strands", "ladder-map");
        LadderMap map = new LadderMap(svg, verdict, link);
        for (int rung = 1; rung <= MOST_RUNGS; rung++) {
            svg.words("rung " + rung, x(rung), 16, Letters.of(12, Palette.MUTED).centred());
        }
        for (Strand strand : Strand.values()) {
            map.row(strand, catalogue.ladder(strand), done.getOrDefault(strand, 0));
        }
        return svg.finish();
    }

    private static double x(int rung) {
        return LABEL + STEP * (rung - 0.5);
    }

    private void row(Strand strand, List<Move> moves, int done) {
        double y = TOP + ROW * (strand.ordinal() + 0.5);
        int top = moves.stream().mapToInt(Move::rung).max().orElse(1);
        svg.words(strand.words(), 0, y + 5, Letters.of(14, Palette.INK).strong());
        svg.line(x(1), y, x(Math.min(MOST_RUNGS, top)), y, Paint.line(Palette.LINE, 3));
        if (done > 0) {
            svg.box(x(Math.min(done, MOST_RUNGS)) - 38, y - 19, 76, 38, 19, Paint.line(SessionStrip.tone(strand), 2));
        }
        for (int rung = 1; rung <= MOST_RUNGS; rung++) {
            int at = rung;
            rung(moves.stream().filter(move -> move.rung() == at).toList(), x(rung), y);
        }
    }

    private void rung(List<Move> versions, double x, double y) {
        double first = x - BETWEEN_VERSIONS * (versions.size() - 1) / 2.0;
        for (int i = 0; i < versions.size(); i++) {
            Move move = versions.get(i);
            Optional<Kind> kind = verdict.apply(move);
            String name = move.name() + kind.map(told -> ": " + told.words()).orElse("");
            svg.link(link.apply(move), name);
            mark(kind, move.strand(), first + i * BETWEEN_VERSIONS, y);
            svg.close();
        }
    }

    /** The shape of the verdict: disc, half disc, lozenge, notched ring, square. */
    private void mark(Optional<Kind> kind, Strand strand, double x, double y) {
        svg.circle(x, y, 9, Paint.filled(Palette.PAPER));
        if (kind.isEmpty()) {
            svg.circle(x, y, 7, Paint.filled(SessionStrip.tone(strand)));
            return;
        }
        switch (kind.get()) {
            case GO -> svg.circle(x, y, 7, Paint.filled(Palette.MOSS));
            case ADJUST -> {
                svg.circle(x, y, 6.4, Paint.line(Palette.SAFFRON, 1.8));
                svg.path(halfDisc(x, y), Paint.filled(Palette.SAFFRON));
            }
            case SWAP -> svg.path(lozenge(x, y), Paint.filled(Palette.PAPER).outlined(Palette.SLATE, 1.8));
            case NOT_YET -> svg.path(notchedRing(x, y), Paint.line(Palette.CLAY, 2.2));
            case STOP -> svg.box(x - 6.5, y - 6.5, 13, 13, 0, Paint.filled("#7A2E16"));
        }
    }

    private static String halfDisc(double x, double y) {
        return "M" + Svg.point(x, y - 6.4) + "A6.4,6.4 0 0 1 " + Svg.point(x, y + 6.4) + "Z";
    }

    private static String lozenge(double x, double y) {
        return "M" + Svg.point(x, y - 8) + "L" + Svg.point(x + 8, y) + "L" + Svg.point(x, y + 8) + "L"
                + Svg.point(x - 8, y) + "Z";
    }

    private static String notchedRing(double x, double y) {
        return "M" + Svg.point(x + 5, y - 3.6) + "A6.2,6.2 0 1 1 " + Svg.point(x, y - 6.2);
    }
}
