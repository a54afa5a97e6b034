package openbloom.core.verdict;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;

/** The named version of a move that a change to it leads to, where the catalogue has one: "raise the surface" says which. */
public final class Versions {
    private static final Set<Position> SUPPORTS =
            EnumSet.of(Position.WALL, Position.INCLINE, Position.PLANK_KNEES, Position.PLANK_FULL);

    private Versions() {}

    /** The version to do; empty where the change is made to the move itself. */
    public static Optional<Move> of(Adjustment adjustment, Move move, Catalogue catalogue) {
        Optional<Move> version = switch (adjustment) {
            case SURFACE_UP_IF_IT_DOMES -> higherSurface(move, catalogue);
            case SMALL_KNEE_SHIFT -> catalogue.find("knee-sway");
            case BOX_DEPTH, RAISED_SEAT -> catalogue.find("box-squat");
            case TOES_STAY_DOWN -> catalogue.find("kneel-leg-slide");
            case BONE_BY_BONE -> catalogue.find("bridge-segmental");
            default -> Optional.empty();
        };
        return version.filter(found -> !found.id().equals(move.id()));
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
