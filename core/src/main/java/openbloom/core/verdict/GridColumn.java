package openbloom.core.verdict;

import static openbloom.core.moves.Position.*;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Demands;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Placing;
import openbloom.core.moves.Position;
import openbloom.core.moves.Purpose;
import openbloom.core.moves.Rotation;
import openbloom.core.moves.Surface;

/**
 * One demand a move may make of a body, as a move that makes it and no other.
 *
 * @param uses what of the body it asks for
 */
record GridColumn(String id, String words, Move probe, Set<GridPart> uses) {
    /** Every demand, the loads step by step. */
    static List<GridColumn> of(Catalogue catalogue) {
        ColumnMaker make = new ColumnMaker(catalogue.get("march-standing"));
        List<GridColumn> all = new ArrayList<>();
        for (int load = 1; load <= 5; load++) {
            all.add(make.probe(
                    "LOAD_" + load,
                    "midline load " + load,
                    ExerciseGroup.UPRIGHT_CONTROL,
                    STANDING,
                    load,
                    0,
                    GridPart.BELLY));
        }
        for (int pressure = 1; pressure <= 5; pressure++) {
            all.add(make.probe(
                    "PRESSURE_" + pressure,
                    "pressure " + pressure + " on the pelvic floor",
                    ExerciseGroup.UPRIGHT_CONTROL,
                    STANDING,
                    0,
                    pressure,
                    GridPart.FLOOR,
                    GridPart.BREATH));
        }
        for (int impact = 1; impact <= 3; impact++) {
            all.add(make.impact(impact));
        }
        for (Demand demand : Demand.values()) {
            all.add(make.feature(demand));
        }
        all.add(make.bent("HEAD_LIFT", "the head lifts, lying", Flexion.HEAD));
        all.add(make.bent("CURL", "the trunk curls against load", Flexion.CURL));
        all.add(make.turned("ROTATION_SMALL", "a small turn", Rotation.SMALL));
        all.add(make.turned("ROTATION_END", "a turn to the end of the range", Rotation.END));
        all.add(make.lying("ON_BACK", "on the back", HOOKLYING));
        all.add(make.lying("ON_FRONT", "on the front", PRONE));
        all.add(make.lying("ON_SIDE", "on the side", SIDE_LYING));
        all.add(make.lying("SEATED", "sitting", SEATED_CHAIR));
        all.add(make.lying("ON_THE_BALL", "sitting on the ball", SEATED_BALL));
        all.add(make.lying("FRONT_SUPPORT", "full front support", PLANK_FULL));
        all.add(taken(catalogue, "CONNECT", "connecting", "connect-seated", GridPart.CONNECT));
        all.add(taken(catalogue, "LEGS_LYING", "a leg moves, lying", "heel-slide", GridPart.CONNECT, GridPart.BACK));
        all.add(taken(catalogue, "FLOOR_GENTLE", "a gentle floor lift", "pf-hold-breath", GridPart.FLOOR));
        all.add(taken(catalogue, "FLOOR_STRONG", "a strong floor lift", "pf-hold-upright", GridPart.FLOOR));
        all.add(taken(catalogue, "FLOOR_QUICK", "quick floor lifts", "flick-five", GridPart.FLOOR));
        all.add(taken(catalogue, "FLOOR_BY_AREA", "floor work by area", "areas-back-front", GridPart.FLOOR));
        all.add(taken(catalogue, "SCAR_TOUCH", "touch at the scar", "scar-circles", GridPart.SCAR));
        return List.copyOf(all);
    }

    private static GridColumn taken(Catalogue catalogue, String id, String words, String move, GridPart... uses) {
        return new GridColumn(id, words, catalogue.get(move), EnumSet.copyOf(List.of(uses)));
    }

    /** Makes moves out of one that asks for nothing. */
    private record ColumnMaker(Move plain) {
        private Move move(Placing placing, Demands demands) {
            return new Move(
                    "grid", "grid", placing, demands, plain.doing(), plain.teaching(), plain.links(), plain.evidence());
        }

        private static Placing in(ExerciseGroup strand, Position position) {
            return new Placing(strand, 4, Purpose.MOBILITY, position, Surface.FLOOR);
        }

        GridColumn probe(
                String id,
                String words,
                ExerciseGroup strand,
                Position position,
                int load,
                int pressure,
                GridPart... uses) {
            Demands demands = new Demands(load, pressure, Flexion.NONE, Rotation.NONE, 0, Set.of());
            return new GridColumn(id, words, move(in(strand, position), demands), EnumSet.copyOf(List.of(uses)));
        }

        GridColumn impact(int step) {
            Demands demands = new Demands(0, 0, Flexion.NONE, Rotation.NONE, step, Set.of());
            Set<GridPart> uses = EnumSet.of(GridPart.FLOOR, GridPart.IMPACT, GridPart.BONES, GridPart.PELVIS);
            return new GridColumn(
                    "IMPACT_" + step, "impact " + step, move(in(ExerciseGroup.IMPACT, STANDING), demands), uses);
        }

        GridColumn feature(Demand demand) {
            Demands demands = new Demands(0, 0, Flexion.NONE, Rotation.NONE, 0, Set.of(demand));
            Position position = position(demand);
            ExerciseGroup strand = demand == Demand.HEAVY ? ExerciseGroup.STRENGTH_LEGS : ExerciseGroup.MOBILITY;
            return new GridColumn(
                    demand.name(),
                    demand.words().toLowerCase(Locale.ROOT),
                    move(in(strand, position), demands),
                    uses(demand));
        }

        private static Position position(Demand demand) {
            return switch (demand) {
                case WRIST, HEAD_LOW, ARCHED, EMPTY_PAUSE, ROUNDED -> HANDS_AND_KNEES;
                case INNER_THIGH_SQUEEZE, WRAPPED, BRACED -> SIDE_LYING;
                default -> STANDING;
            };
        }

        private static Set<GridPart> uses(Demand demand) {
            return switch (demand) {
                case OVERHEAD -> EnumSet.of(GridPart.ARMS, GridPart.CIRCULATION, GridPart.BELLY);
                case WRIST -> EnumSet.of(GridPart.WRISTS);
                case SINGLE_LEG -> EnumSet.of(GridPart.PELVIS, GridPart.BALANCE);
                case LEGS_TOGETHER -> EnumSet.of(GridPart.PELVIS, GridPart.BUMP);
                case INNER_THIGH_SQUEEZE -> EnumSet.of(GridPart.PELVIS, GridPart.FLOOR, GridPart.BUMP);
                case BAR_PATH -> EnumSet.of(GridPart.BUMP);
                case BALANCE -> EnumSet.of(GridPart.BALANCE);
                case HEAVY ->
                    EnumSet.of(GridPart.BELLY, GridPart.FLOOR, GridPart.BACK, GridPart.PELVIS, GridPart.CIRCULATION);
                case WIDE -> EnumSet.of(GridPart.PELVIS);
                case BREATH_HOLD -> EnumSet.of(GridPart.BREATH, GridPart.CIRCULATION);
                case EMPTY_PAUSE -> EnumSet.of(GridPart.BREATH);
                case ARCHED, FRONT_STRETCH -> EnumSet.of(GridPart.WOUND);
                case WRAPPED -> EnumSet.of(GridPart.BUMP, GridPart.WOUND);
                case BRACED -> EnumSet.of(GridPart.FLOOR, GridPart.WOUND);
                case HEAD_LOW -> EnumSet.of(GridPart.CIRCULATION, GridPart.WOUND);
                case MOVING -> EnumSet.of(GridPart.MOVING);
                case ROUNDED -> EnumSet.of(GridPart.BONES);
                case SQUAT -> EnumSet.of(GridPart.PELVIS);
                case HANGING, FALL, THROWN -> EnumSet.of(GridPart.BALANCE);
            };
        }

        GridColumn bent(String id, String words, Flexion flexion) {
            Demands demands = new Demands(0, 0, flexion, Rotation.NONE, 0, Set.of());
            Set<GridPart> uses = EnumSet.of(GridPart.BELLY, GridPart.BONES, GridPart.NECK, GridPart.WOUND);
            return new GridColumn(id, words, move(in(ExerciseGroup.FLEXION, SIDE_LYING), demands), uses);
        }

        GridColumn turned(String id, String words, Rotation rotation) {
            Demands demands = new Demands(0, 0, Flexion.NONE, rotation, 0, Set.of());
            Set<GridPart> uses = EnumSet.of(GridPart.BELLY, GridPart.BONES, GridPart.WOUND);
            return new GridColumn(id, words, move(in(ExerciseGroup.MOBILITY, STANDING), demands), uses);
        }

        GridColumn lying(String id, String words, Position position) {
            Demands demands = new Demands(0, 0, Flexion.NONE, Rotation.NONE, 0, Set.of());
            return new GridColumn(
                    id, words, move(in(ExerciseGroup.MOBILITY, position), demands), EnumSet.of(GridPart.POSITION));
        }
    }
}
