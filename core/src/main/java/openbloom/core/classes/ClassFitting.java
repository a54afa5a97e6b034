package openbloom.core.classes;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.session.Family;
import openbloom.core.session.Pick;
import openbloom.core.verdict.Adjustment;

/** What fits the women of a class, alone and together. */
final class ClassFitting {
    private static final int PERCENT = 100;

    private final List<ClassMember> members;
    private final List<Move> catalogue;
    private final Map<Integer, Map<Move, Pick>> fitting = new HashMap<>();
    private final Map<List<Object>, List<Move>> alike;

    /** @param fits for each member, in their order, everything that fits her as she would do it */
    ClassFitting(List<ClassMember> members, List<Map<Move, Pick>> fits) {
        this.members = List.copyOf(members);
        this.catalogue = members.get(0).judgement().catalogue().moves();
        this.alike = catalogue.stream().collect(Collectors.groupingBy(ClassFitting::kind));
        for (int member = 0; member < members.size(); member++) {
            fitting.put(member, fits.get(member));
        }
    }

    static ClassFitting of(List<ClassMember> members) {
        return new ClassFitting(
                members, members.stream().map(ClassComposer::fits).toList());
    }

    /** What may stand in for each other: the same purpose in the same family of positions; standing still is no strength. */
    static List<Object> kind(Move move) {
        return List.of(move.purpose(), Family.of(move), move.strand() == ExerciseGroup.BALANCE);
    }

    List<Move> catalogue() {
        return catalogue;
    }

    /** The others of the same purpose in the same family of positions. */
    List<Move> alike(Move move) {
        return alike.get(kind(move)).stream()
                .filter(other -> !other.equals(move))
                .toList();
    }

    /** As she would do it in a session of her own; empty where it does not fit her today. */
    Optional<Pick> fitsHer(int member, Move move) {
        return Optional.ofNullable(fitting.get(member).get(move));
    }

    /** As she would do it: what fits her, or what at least passes for her, at its written dose; empty where it does not pass. */
    Optional<Pick> ofHers(int member, Move move) {
        Pick fits = fitting.get(member).get(move);
        return fits != null
                ? Optional.of(fits)
                : Optional.of(members.get(member).judgement().of(move))
                        .filter(verdict -> verdict.passes())
                        .flatMap(verdict -> Pick.of(verdict, members.get(member).judgement()))
                        .map(ClassFitting::asInAClass);
    }

    /** What the room lacks is made good for all, and which side she begins with is said once: neither is a way of hers. */
    static Pick asInAClass(Pick pick) {
        return pick.without(Adjustment.USE_SUBSTITUTE).without(Adjustment.WEAKER_SIDE_FIRST);
    }

    /** An exercise as they would do it together, where enough of them do it itself in no more ways than can be called out. */
    Optional<CommonExercise> common(Move move, UnaryOperator<Pick> dosed) {
        Map<Integer, Pick> itself = itself(move, dosed);
        return areEnough(itself.size())
                ? Optional.of(shared(move, itself)).filter(common -> common.ways() <= CommonExercise.MOST_WAYS)
                : Optional.empty();
    }

    /** The same, however few do it itself; empty where nobody does. */
    Optional<CommonExercise> together(Move move, UnaryOperator<Pick> dosed) {
        Map<Integer, Pick> itself = itself(move, dosed);
        return itself.isEmpty() ? Optional.empty() : Optional.of(shared(move, itself));
    }

    boolean areEnough(int women) {
        return women * PERCENT >= ClassComposer.FEWEST_PERCENT * members.size();
    }

    private Map<Integer, Pick> itself(Move move, UnaryOperator<Pick> dosed) {
        Map<Integer, Pick> itself = new LinkedHashMap<>();
        for (int member = 0; member < members.size(); member++) {
            Pick pick = fitting.get(member).get(move);
            if (pick != null) {
                itself.put(member, dosed.apply(pick));
            }
        }
        return itself;
    }

    private CommonExercise shared(Move move, Map<Integer, Pick> itself) {
        CommonExercise common = new CommonExercise(move, itself, members.size());
        List<Move> others = alike(move);
        common.letOthersDo(others, fitting);
        common.letSomeGoFurther(others, fitting);
        return common;
    }
}
