package openbloom.core.figure;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A pose as it stands in the file, before anything is checked; names are those of the file, the fields of every part side
 * by side.
 */
record PoseEntry(
        @Nullable String from,
        @Nullable String view,
        @Nullable String lie,
        @JsonUnwrapped TrunkEntry spine,
        @JsonUnwrapped GroundEntry ground,
        @JsonUnwrapped LimbsEntry limbs,
        @Nullable List<PropEntry> props) {

    /** Degrees of the trunk and head. */
    record TrunkEntry(
            @Nullable Double trunk,
            @Nullable Double curl,
            @Nullable Double side,
            @Nullable Double turn,
            @Nullable Double nod,
            @Nullable Double lean) {}

    /** Where she is and what she rests on, in shares of her height. */
    record GroundEntry(
            @Nullable Double x,
            @Nullable Double hips,
            @Nullable List<String> rests,
            @Nullable Double height,
            @Nullable String settle,
            @Nullable Double settleHeight) {}

    /** Both of a kind, or one of them. */
    record LimbsEntry(
            @Nullable LimbEntry legs,
            @Nullable LimbEntry near,
            @Nullable LimbEntry far,
            @Nullable LimbEntry arms,
            @Nullable LimbEntry nearArm,
            @Nullable LimbEntry farArm) {}

    /** Either {@code first}, {@code second}, {@code end} in degrees, or {@code to} a place. */
    record LimbEntry(
            @Nullable Double first,
            @Nullable Double second,
            @Nullable Double end,
            @Nullable Double out,
            @Nullable Double secondOut,
            @Nullable List<Double> to,
            @Nullable Double pole,
            boolean grips) {}

    record PropEntry(
            @Nullable String kind,
            @Nullable Double x,
            @Nullable Double y,
            @Nullable Double width,
            @Nullable Double height,
            @Nullable String at) {}
}
