package openbloom.core.verdict;

import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.figure.FigureChange;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;

/**
 * What a change makes of a move: another move of the catalogue, so that "raise the surface" says which, or the same move with
 * its picture changed.
 *
 * @see ExclusionSurvey
 */
public final class Versions {
    /** Changes that can be seen in a picture. */
    private static final Map<Adjustment, FigureChange> SEEN = new EnumMap<>(Map.ofEntries(
            Map.entry(Adjustment.SMALLER_RANGE, FigureChange.SMALLER_RANGE),
            Map.entry(Adjustment.MID_RANGE, FigureChange.SMALLER_RANGE),
            Map.entry(Adjustment.SYMMETRICAL, FigureChange.SMALLER_RANGE),
            Map.entry(Adjustment.SOFT_AND_LOW, FigureChange.SMALLER_RANGE),
            Map.entry(Adjustment.SMALL_OPEN_TURN, FigureChange.SMALLER_RANGE),
            Map.entry(Adjustment.FEET_APART, FigureChange.FEET_APART),
            Map.entry(Adjustment.PROP_UP, FigureChange.CHEST_PROPPED),
            Map.entry(Adjustment.ARMS_LOW, FigureChange.ARMS_LOW),
            Map.entry(Adjustment.FOREARMS_OR_FISTS, FigureChange.ON_FISTS),
            Map.entry(Adjustment.SUPPORT_WITHIN_REACH, FigureChange.SUPPORT_NEAR),
            Map.entry(Adjustment.HEAD_SUPPORTED, FigureChange.HEAD_SUPPORTED),
            Map.entry(Adjustment.KNEES_CLOSER, FigureChange.KNEES_CLOSER),
            Map.entry(Adjustment.BOX_DEPTH, FigureChange.TO_A_BOX),
            Map.entry(Adjustment.RAISED_SEAT, FigureChange.TO_A_BOX)));

    /** Changes that are made only if something shows, or that are the same move to a box: she begins with her own picture. */
    private static final Set<Adjustment> SAME_MOVE =
            EnumSet.of(Adjustment.SURFACE_UP_IF_IT_DOMES, Adjustment.BOX_DEPTH, Adjustment.RAISED_SEAT);

    private static final Set<Position> SUPPORTS =
            EnumSet.of(Position.WALL, Position.INCLINE, Position.PLANK_KNEES, Position.PLANK_FULL);

    private Versions() {}

    /** The version to do; empty where the change is made to the move itself. */
    public static Optional<Move> of(Adjustment adjustment, Move move, Catalogue catalogue) {
        Optional<Move> version = switch (adjustment) {
            case SURFACE_UP_IF_IT_DOMES -> higherSurface(move, catalogue);
            case BOX_DEPTH, RAISED_SEAT -> catalogue.find("box-squat");
            case TOES_STAY_DOWN -> catalogue.find("kneel-leg-slide");
            case BONE_BY_BONE -> catalogue.find("bridge-segmental");
            default -> Optional.empty();
        };
        return version.filter(found -> !found.id().equals(move.id()));
    }

    /** What an adjustment changes in the picture of a move; empty where nothing is to be seen. */
    public static Optional<FigureChange> seen(Adjustment adjustment) {
        return Optional.ofNullable(SEEN.get(adjustment));
    }

    /** All that is to be seen of some adjustments. */
    public static Set<FigureChange> seen(Collection<Adjustment> adjustments) {
        return adjustments.stream()
                .flatMap(adjustment -> seen(adjustment).stream())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(FigureChange.class)));
    }

    /** The move whose picture shows a move with its adjustments: a version of it, or the move itself. */
    public static Move shownBy(Move move, Collection<Adjustment> adjustments, Catalogue catalogue) {
        return adjustments.stream()
                .sorted()
                .filter(adjustment -> !SAME_MOVE.contains(adjustment))
                .flatMap(adjustment -> of(adjustment, move, catalogue).stream())
                .findFirst()
                .orElse(move);
    }

    /** The first version that a verdict leads to. */
    public static Optional<Move> of(Verdict verdict, Catalogue catalogue) {
        return verdict.adjustments().stream()
                .sorted()
                .flatMap(adjustment -> of(adjustment, verdict.move(), catalogue).stream())
                .findFirst();
    }

    /** The change in words, with its version by name. */
    public static String words(Adjustment adjustment, Move move, Judgement judgement) {
        if (adjustment == Adjustment.USE_SUBSTITUTE) {
            return instead(move, judgement.facts().client().equipment());
        }
        return adjustment.words()
                + of(adjustment, move, judgement.catalogue())
                        .map(version -> ": " + version.teaching().shortName())
                        .orElse("");
    }

    /** {@code instead of the block: soft ball}. */
    private static String instead(Move move, Set<Equipment> atHand) {
        return move.kit().stream()
                .filter(item -> item.isMissing(atHand))
                .map(item -> "instead of the " + item.needs().words() + ": "
                        + item.instead(atHand).orElse("nothing will do"))
                .collect(Collectors.joining("; "));
    }

    /** The nearest rung below on another surface or in another position. */
    private static Optional<Move> higherSurface(Move move, Catalogue catalogue) {
        return catalogue.ladder(move.strand()).stream()
                .filter(other -> other.rung() < move.rung())
                .filter(other -> SUPPORTS.contains(other.position()))
                .filter(other -> other.surface() != move.surface() || other.position() != move.position())
                .max(Comparator.comparing(Move::rung));
    }
}
