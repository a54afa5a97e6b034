package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import openbloom.core.breath.CueFamily;
import openbloom.core.moves.BreathPattern;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Demands;
import openbloom.core.moves.Dose;
import openbloom.core.moves.DoseStage;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.PelvicTone;
import openbloom.core.moves.Position;
import openbloom.core.moves.Purpose;
import openbloom.core.moves.Rotation;
import openbloom.core.moves.Sides;
import openbloom.core.moves.Surface;
import openbloom.core.moves.Teaching;

/** One move of the catalogue; the fields of every part stand side by side. */
public record MoveResponse(
        @JsonUnwrapped Named named,
        @JsonUnwrapped Graded graded,
        @JsonUnwrapped Done done,
        @JsonUnwrapped Taught taught,
        @JsonUnwrapped Linked linked,
        String figure,
        String evidence) {
    /** What it is called and where it stands. */
    public record Named(
            String id,
            String name,
            ExerciseGroup strand,
            String shortName,
            int rung,
            Purpose purpose,
            Position position,
            Surface surface) {
        static Named of(Move move) {
            return new Named(
                    move.id(),
                    move.name(),
                    move.strand(),
                    move.teaching().shortName(),
                    move.rung(),
                    move.purpose(),
                    move.position(),
                    move.surface());
        }
    }

    /** What it asks of her. */
    public record Graded(
            @JsonProperty("midline_load") int midlineLoad,
            int pressure,
            Flexion flexion,
            Rotation rotation,
            int impact,
            List<Demand> demands) {
        static Graded of(Demands asked) {
            return new Graded(
                    asked.midlineLoad(),
                    asked.pressure(),
                    asked.flexion(),
                    asked.rotation(),
                    asked.impact(),
                    asked.features().stream().sorted().toList());
        }
    }

    /** How it is done. */
    public record Done(
            BreathPattern breath,
            PelvicTone tone,
            Sides sides,
            List<KitResponse> equipment,
            Map<DoseStage, Dose> dose) {
        static Done of(Move move) {
            Map<DoseStage, Dose> doses = new LinkedHashMap<>();
            Arrays.stream(DoseStage.values()).forEach(stage -> doses.put(stage, move.doseAt(stage)));
            List<KitResponse> kit = move.kit().stream()
                    .map(thing ->
                            new KitResponse(thing.needs(), thing.substitute().orElse("")))
                    .toList();
            return new Done(move.breath(), move.tone(), move.sides(), kit, doses);
        }
    }

    /**
     * How it is taught.
     *
     * @param cues by family; one of which the middle is not the point has PLAIN alone, said to everybody
     */
    public record Taught(
            List<String> setup,
            Map<CueFamily, String> cues,
            String breathWords,
            String feel,
            String look,
            String hands,
            int effortPercent,
            @JsonUnwrapped Corrected corrected) {
        static Taught of(Teaching teaching) {
            return new Taught(
                    teaching.setup(),
                    new TreeMap<>(teaching.cues()),
                    teaching.signs().breath(),
                    teaching.signs().feel(),
                    teaching.signs().look(),
                    teaching.signs().hands(),
                    teaching.signs().effortPercent(),
                    new Corrected(teaching.watchFor(), teaching.signs().mistakes(), teaching.levers()));
        }
    }

    /** What goes wrong with what to change, and what makes it easier or harder without leaving it. */
    public record Corrected(
            @JsonProperty("watch_for") List<String> watchFor,
            List<Teaching.Mistake> mistakes,
            Teaching.Levers levers) {}

    /** Where it leads, as ids of moves. */
    public record Linked(List<String> easier, List<String> harder, List<String> swaps) {}

    /** A thing it needs; the substitute is empty when there is none. */
    public record KitResponse(Equipment needs, String substitute) {}

    static MoveResponse of(Move move) {
        return new MoveResponse(
                Named.of(move),
                Graded.of(move.demands()),
                Done.of(move),
                Taught.of(move.teaching()),
                new Linked(
                        move.links().easier(),
                        move.links().harder(),
                        move.links().swaps()),
                move.teaching().figure(),
                move.evidence().key());
    }
}
