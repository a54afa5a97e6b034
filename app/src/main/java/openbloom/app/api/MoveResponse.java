package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import openbloom.core.breath.CueFamily;
import openbloom.core.moves.BreathPattern;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Dose;
import openbloom.core.moves.DoseStage;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.PelvicTone;
import openbloom.core.moves.Position;
import openbloom.core.moves.Purpose;
import openbloom.core.moves.Rotation;
import openbloom.core.moves.Sides;
import openbloom.core.moves.Strand;
import openbloom.core.moves.Surface;

/** One move of the catalogue. */
public record MoveResponse(
        String id,
        String name,
        Strand strand,
        String shortName,
        int rung,
        Purpose purpose,
        Position position,
        Surface surface,
        @JsonProperty("midline_load") int midlineLoad,
        int pressure,
        Flexion flexion,
        Rotation rotation,
        int impact,
        List<Demand> demands,
        BreathPattern breath,
        PelvicTone tone,
        Sides sides,
        List<Kit> equipment,
        Map<DoseStage, Dose> dose,
        List<String> setup,
        Map<CueFamily, String> cues,
        String feel,
        String look,
        String hands,
        int effortPercent,
        @JsonProperty("watch_for") List<String> watchFor,
        List<String> easier,
        List<String> harder,
        List<String> swaps,
        String figure,
        String evidence) {
    /** A thing it needs; the substitute is empty when there is none. */
    public record Kit(Equipment needs, String substitute) {}

    static MoveResponse of(Move move) {
        Map<DoseStage, Dose> doses = new LinkedHashMap<>();
        Arrays.stream(DoseStage.values()).forEach(stage -> doses.put(stage, move.doseAt(stage)));
        return new MoveResponse(
                move.id(),
                move.name(),
                move.strand(),
                move.teaching().shortName(),
                move.rung(),
                move.purpose(),
                move.position(),
                move.surface(),
                move.demands().midlineLoad(),
                move.demands().pressure(),
                move.demands().flexion(),
                move.demands().rotation(),
                move.demands().impact(),
                move.demands().features().stream().sorted().toList(),
                move.breath(),
                move.tone(),
                move.sides(),
                move.kit().stream()
                        .map(kit -> new Kit(kit.needs(), kit.substitute().orElse("")))
                        .toList(),
                doses,
                move.teaching().setup(),
                new TreeMap<>(move.teaching().cues()),
                move.teaching().signs().feel(),
                move.teaching().signs().look(),
                move.teaching().signs().hands(),
                move.teaching().signs().effortPercent(),
                move.teaching().watchFor(),
                move.links().easier(),
                move.links().harder(),
                move.links().swaps(),
                move.teaching().figure(),
                move.evidence().key());
    }
}
