package openbloom.app.moves;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import openbloom.app.system.FormReader;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.moves.UsualNames;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.VerdictKind;

/**
 * Which moves a page of moves shows; what is empty or cannot be read narrows nothing.
 *
 * @param kit a thing it needs, or {@code NONE} for moves that need nothing
 * @param most the greatest load, 0 to 5
 */
public record MoveFilter(String position, String kit, String most, String kind, String named) {
    static final String NO_KIT = "NONE";

    Predicate<Move> asked(Catalogue catalogue, Optional<Judgement> judgement) {
        FormReader typed = new FormReader();
        Optional<Position> where = typed.choice("position", position, Position.class);
        Optional<Equipment> thing = kit.equals(NO_KIT) ? Optional.empty() : typed.choice("kit", kit, Equipment.class);
        Optional<Integer> load = typed.whole("most", most, 0, 5);
        Optional<VerdictKind> verdict = typed.choice("kind", kind, VerdictKind.class);
        List<Move> meant = UsualNames.meant(named, catalogue.moves());
        return move -> where.filter(position -> position != move.position()).isEmpty()
                && thing.filter(needed -> !move.needs(needed)).isEmpty()
                && (!kit.equals(NO_KIT) || move.kit().isEmpty())
                && load.filter(limit -> move.load() > limit).isEmpty()
                && meant.contains(move)
                && (verdict.isEmpty()
                        || judgement.isEmpty()
                        || judgement.get().of(move).kind() == verdict.get());
    }

    public boolean isEmpty() {
        return (position + kit + most + kind + named).isBlank();
    }
}
