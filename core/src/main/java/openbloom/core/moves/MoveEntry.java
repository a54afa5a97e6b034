package openbloom.core.moves;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** A move as it stands in a YAML file, before anything is checked; names are those of the file. */
record MoveEntry(
        @Nullable String id,
        @Nullable String name,
        @JsonProperty("short") @Nullable String shortName,
        @Nullable String strand,
        @Nullable Integer rung,
        @Nullable String purpose,
        @Nullable String position,
        @Nullable String surface,
        @JsonProperty("midline_load") @Nullable Integer midlineLoad,
        @Nullable Integer pressure,
        @Nullable String flexion,
        @Nullable String rotation,
        @Nullable Integer impact,
        boolean overhead,
        boolean wrist,
        @JsonProperty("single_leg") boolean singleLeg,
        @JsonProperty("legs_together") boolean legsTogether,
        @JsonProperty("inner_thigh_squeeze") boolean innerThighSqueeze,
        @JsonProperty("bar_path") boolean barPath,
        boolean balance,
        boolean heavy,
        boolean wide,
        @JsonProperty("breath_hold") boolean breathHold,
        @JsonProperty("empty_pause") boolean emptyPause,
        boolean arched,
        boolean wrapped,
        boolean braced,
        @JsonProperty("head_low") boolean headLow,
        boolean moving,
        boolean rounded,
        boolean squat,
        boolean hanging,
        boolean fall,
        @Nullable String breath,
        @Nullable String tone,
        @Nullable String sides,
        @Nullable List<KitEntry> equipment,
        @Nullable JsonNode dose,
        @Nullable List<String> setup,
        @Nullable Map<String, String> cues,
        @Nullable String feel,
        @Nullable String look,
        @Nullable String hands,
        @Nullable Integer effort,
        @JsonProperty("watch_for") @Nullable List<String> watchFor,
        @Nullable List<String> easier,
        @Nullable List<String> harder,
        @Nullable List<String> swaps,
        @Nullable String figure,
        @Nullable String evidence) {

    /** A thing needed and what may stand in for it. */
    record KitEntry(@Nullable String needs, @Nullable String substitute) {}
}
