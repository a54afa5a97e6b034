package openbloom.core.figure;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** A pose as it stands in the file, before anything is checked; names are those of the file. */
record PoseEntry(
        @Nullable String from,
        @Nullable String view,
        @Nullable String lie,
        @Nullable Double trunk,
        @Nullable Double curl,
        @Nullable Double side,
        @Nullable Double turn,
        @Nullable Double nod,
        @Nullable Double lean,
        @Nullable Double x,
        @Nullable Double hips,
        @Nullable List<String> rests,
        @Nullable Double height,
        @Nullable String settle,
        @Nullable Double settleHeight,
        @Nullable LimbEntry legs,
        @Nullable LimbEntry near,
        @Nullable LimbEntry far,
        @Nullable LimbEntry arms,
        @Nullable LimbEntry nearArm,
        @Nullable LimbEntry farArm,
        @Nullable List<PropEntry> props) {

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
