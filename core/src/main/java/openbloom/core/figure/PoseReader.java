package openbloom.core.figure;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.core.Outcome;
import openbloom.core.YamlFieldReader;
import openbloom.core.figure.Pose.Reach;
import openbloom.core.figure.PoseEntry.LimbEntry;
import openbloom.core.figure.PoseEntry.PropEntry;
import org.jspecify.annotations.Nullable;

/** Turns an entry of a file into a pose, or says everything that is wrong with it. */
final class PoseReader {
    private static final double FURTHEST = 2;

    private final YamlFieldReader fields;
    private final PoseEntry entry;

    private PoseReader(String id, PoseEntry entry) {
        this.fields = new YamlFieldReader(id);
        this.entry = entry;
    }

    static Outcome<Pose> read(String id, PoseEntry entry) {
        PoseReader reader = new PoseReader(id, entry);
        return reader.fields.outcome(reader.pose(id));
    }

    private Pose pose(String id) {
        return new Pose(
                id,
                fields.word("view", entry.view(), Pose.PoseView.SIDE),
                "side".equals(entry.lie()),
                trunk(),
                ground(),
                limbs(),
                entry.props() == null
                        ? List.of()
                        : entry.props().stream().map(this::prop).toList());
    }

    private Pose.Trunk trunk() {
        return new Pose.Trunk(
                required("trunk", entry.spine().trunk(), 360),
                degrees("curl", entry.spine().curl(), 100),
                degrees("side", entry.spine().side(), 45),
                degrees("turn", entry.spine().turn(), 80),
                degrees("nod", entry.spine().nod(), 75),
                degrees("lean", entry.spine().lean(), 45));
    }

    private Pose.Ground ground() {
        List<Skeleton.Resting> rests = entry.ground().rests() == null
                ? List.of(Skeleton.Resting.FEET)
                : entry.ground().rests().stream()
                        .map(rest -> fields.word("rests", rest, Skeleton.Resting.class))
                        .toList();
        Optional<Pose.Settle> settle = Optional.ofNullable(entry.ground().settle())
                .map(part -> new Pose.Settle(
                        fields.word("settle", part, Skeleton.Resting.class),
                        share("settleHeight", entry.ground().settleHeight())));
        return new Pose.Ground(
                share("x", entry.ground().x()),
                Optional.ofNullable(entry.ground().hips()).map(height -> share("hips", height)),
                rests,
                share("height", entry.ground().height()),
                settle);
    }

    private Map<Skeleton.SkeletonPart, Reach> limbs() {
        Map<Skeleton.SkeletonPart, Reach> limbs = new EnumMap<>(Skeleton.SkeletonPart.class);
        put(
                limbs,
                Skeleton.SkeletonPart.NEAR_LEG,
                "near",
                entry.limbs().near(),
                entry.limbs().legs());
        put(
                limbs,
                Skeleton.SkeletonPart.FAR_LEG,
                "far",
                entry.limbs().far(),
                entry.limbs().legs());
        put(
                limbs,
                Skeleton.SkeletonPart.NEAR_ARM,
                "nearArm",
                entry.limbs().nearArm(),
                entry.limbs().arms());
        put(
                limbs,
                Skeleton.SkeletonPart.FAR_ARM,
                "farArm",
                entry.limbs().farArm(),
                entry.limbs().arms());
        return limbs;
    }

    private void put(
            Map<Skeleton.SkeletonPart, Reach> limbs,
            Skeleton.SkeletonPart part,
            String name,
            @Nullable LimbEntry own,
            @Nullable LimbEntry both) {
        LimbEntry told = own == null ? both : own;
        if (told == null) {
            fields.refuse(name, "pose.limb", name);
            return;
        }
        limbs.put(part, reach(part, name, told));
    }

    private Reach reach(Skeleton.SkeletonPart part, String name, LimbEntry told) {
        if (told.to() == null) {
            double first = required(name + ".first", told.first(), 360);
            double second = required(name + ".second", told.second(), 360);
            double out = degrees(name + ".out", told.out(), 95);
            return new Reach.Angles(
                    first,
                    out,
                    second,
                    told.secondOut() == null ? out : degrees(name + ".secondOut", told.secondOut(), 95),
                    told.end() == null ? second + (part.isLeg() ? 90 : 0) : degrees(name + ".end", told.end(), 360),
                    told.grips());
        }
        List<Double> to = told.to();
        if (to.size() < 2 || to.size() > 3) {
            fields.refuse(name + ".to", "pose.place", to.size());
            return new Reach.Angles(0, 0, 0, 0, 0, false);
        }
        double wide = part.isLeg() ? Body.HIP_SIDE : Body.SHOULDER_SIDE;
        double z = to.size() == 3 ? share(name + ".to", to.get(2)) : wide;
        return new Pose.Reach.ReachTarget(
                new Vec(share(name + ".to", to.get(0)), share(name + ".to", to.get(1)), z * part.side()),
                degrees(name + ".end", told.end(), 360),
                degrees(name + ".out", told.out(), 90),
                Optional.ofNullable(told.pole()).map(pole -> degrees(name + ".pole", pole, 360)),
                told.grips());
    }

    private Prop prop(PropEntry told) {
        Prop.PropKind kind = fields.word("props.kind", told.kind(), Prop.PropKind.class);
        return new Prop(
                kind,
                share("props.x", told.x()),
                share("props.y", told.y()),
                share("props.width", told.width()),
                share("props.height", told.height()),
                fields.word("props.at", told.at(), Prop.PropPlace.HANDS));
    }

    private double required(String name, @Nullable Double value, double most) {
        if (value == null) {
            fields.refuse(name, "pose.missing", name);
            return 0;
        }
        return degrees(name, value, most);
    }

    private double degrees(String name, @Nullable Double value, double most) {
        return within(name, value, most);
    }

    private double share(String name, @Nullable Double value) {
        return within(name, value, FURTHEST);
    }

    private double within(String name, @Nullable Double value, double most) {
        double told = value == null ? 0 : value;
        if (Double.isNaN(told) || Math.abs(told) > most) {
            fields.refuse(name, "pose.number", -most, most, told);
            return 0;
        }
        return told;
    }
}
