package openbloom.core.figure;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.core.Outcome;
import openbloom.core.Yaml;
import openbloom.core.YamlFieldReader;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.node.ObjectNode;

/** Poses of a studio's own: measured from a figure, turned joint by joint, written into its file, and checked. */
final class OwnPoses {
    private static final double MOST_BEND = 158;
    private static final double LEAST_BEND = -6;
    private static final double MOST_HIP = 146;
    private static final double SHORT = 0.02;
    private static final double BELOW = -0.02;
    /** A jump leaves the ground by about a tenth of her height (by eye). */
    private static final double FLOATS = 0.12;

    private OwnPoses() {}

    /** The directions a pose has, to the degree. */
    static Map<Joint, Integer> measured(Pose pose) {
        Skeleton body = Posing.of(pose, BodyStage.NEITHER);
        Map<Joint, Integer> joints = new EnumMap<>(Joint.class);
        joints.put(Joint.TRUNK, degrees(body.pelvis().along()));
        joints.put(Joint.CURL, (int) Math.round(pose.trunk().curl()));
        joints.put(Joint.NOD, (int) Math.round(pose.trunk().nod()));
        for (Skeleton.SkeletonPart part : Skeleton.SkeletonPart.values()) {
            joints.put(upper(part), degrees(body.limb(part).first().along()));
            joints.put(lower(part), degrees(body.limb(part).second().along()));
        }
        return joints;
    }

    /** What a file has to say for a pose with other directions; only what differs from the pose it starts from. */
    static Map<String, Object> written(Pose from, Map<Joint, Integer> asked) {
        Map<Joint, Integer> was = measured(from);
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("from", from.id());
        put(entry, "trunk", Joint.TRUNK, was, asked);
        if (entry.containsKey("trunk")) {
            entry.put("settle", null);
        }
        put(entry, "curl", Joint.CURL, was, asked);
        put(entry, "nod", Joint.NOD, was, asked);
        Skeleton body = Posing.of(from, BodyStage.NEITHER);
        for (Skeleton.SkeletonPart part : Skeleton.SkeletonPart.values()) {
            int first = asked.getOrDefault(upper(part), was.get(upper(part)));
            int second = asked.getOrDefault(lower(part), was.get(lower(part)));
            if (first != was.get(upper(part)) || second != was.get(lower(part))) {
                entry.put(name(part), limb(body.limb(part), part, first, second));
            }
        }
        return entry;
    }

    private static Map<String, Object> limb(Limb limb, Skeleton.SkeletonPart part, int first, int second) {
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("first", first);
        told.put("second", second);
        told.put("out", out(limb.first(), part));
        told.put("secondOut", out(limb.second(), part));
        told.put("end", part.isLeg() ? second + 90 : second);
        told.put("grips", !part.isLeg() && limb.grips());
        return told;
    }

    /** The pose of an entry, or everything that is wrong with it. */
    static Outcome<OwnPose> read(String owner, ObjectNode whole) {
        Outcome<Pose> read;
        try {
            read = PoseReader.read(owner, Yaml.MAPPER.treeToValue(whole, PoseEntry.class));
        } catch (JacksonException broken) {
            return Outcome.refused(Yaml.broken(owner, broken));
        }
        if (!read.problems().isEmpty()) {
            return new Outcome.Refused<>(read.problems());
        }
        YamlFieldReader fields = new YamlFieldReader(owner);
        check(read.value(), fields);
        return fields.outcome(new OwnPose(read.value()));
    }

    /** Whether a body can be so: joints in their range, on the ground, and hands and feet where they are said to be. */
    private static void check(Pose pose, YamlFieldReader fields) {
        Skeleton body = Posing.of(pose, BodyStage.NEITHER);
        for (Skeleton.SkeletonPart part : Skeleton.SkeletonPart.values()) {
            Limb limb = body.limb(part);
            if (limb.bend() > MOST_BEND) {
                fields.refuse(name(part), "pose.bend", words(part), Math.round(limb.bend()));
            } else if (limb.bend() < LEAST_BEND) {
                fields.refuse(name(part), "pose.backwards", words(part), Math.round(-limb.bend()));
            }
            double hip = limb.first().along().degreesTo(body.pelvis().along().times(-1));
            if (part.isLeg() && hip > MOST_HIP) {
                fields.refuse(name(part), "pose.hip", words(part), Math.round(hip));
            }
            if (pose.limbs().get(part) instanceof Pose.Reach.ReachTarget place && !pose.onTheSide()) {
                Vec at = part.isLeg() ? limb.sole() : limb.tip();
                Vec wanted =
                        part.isLeg() ? place.target() : new BellyRoom(body, BodyStage.NEITHER).outside(place.target());
                if (at.minus(wanted).length() > SHORT + 0.014) {
                    fields.refuse(name(part), "pose.short", words(part));
                }
            }
        }
        for (Skeleton.Resting rest : List.of(
                Skeleton.Resting.FEET,
                Skeleton.Resting.KNEES,
                Skeleton.Resting.HANDS,
                Skeleton.Resting.ELBOWS,
                Skeleton.Resting.SEAT,
                Skeleton.Resting.HEAD)) {
            if (body.lowest(List.of(rest)) < BELOW) {
                fields.refuse("rests", "pose.through", YamlFieldReader.asWritten(rest));
            }
        }
        double lowest = body.lowest(List.of(Skeleton.Resting.values()));
        boolean carried = pose.props().stream().anyMatch(prop -> !prop.kind().isHeld());
        if (lowest > FLOATS && !carried) {
            fields.refuse("rests", "pose.floats", Math.round(lowest * 100));
        }
    }

    private static void put(
            Map<String, Object> entry, String name, Joint joint, Map<Joint, Integer> was, Map<Joint, Integer> asked) {
        Optional.ofNullable(asked.get(joint))
                .filter(now -> !now.equals(was.get(joint)))
                .ifPresent(now -> entry.put(name, now));
    }

    private static int degrees(Vec along) {
        return (int) Math.round(Math.toDegrees(Math.atan2(along.y(), along.x())));
    }

    private static long out(Axes bone, Skeleton.SkeletonPart part) {
        double sine = Math.max(-1, Math.min(1, bone.along().z() * part.side()));
        return Math.round(Math.toDegrees(Math.asin(sine)));
    }

    private static Joint upper(Skeleton.SkeletonPart part) {
        return switch (part) {
            case NEAR_LEG -> Joint.NEAR_THIGH;
            case FAR_LEG -> Joint.FAR_THIGH;
            case NEAR_ARM -> Joint.NEAR_UPPER_ARM;
            case FAR_ARM -> Joint.FAR_UPPER_ARM;
        };
    }

    private static Joint lower(Skeleton.SkeletonPart part) {
        return switch (part) {
            case NEAR_LEG -> Joint.NEAR_SHANK;
            case FAR_LEG -> Joint.FAR_SHANK;
            case NEAR_ARM -> Joint.NEAR_FOREARM;
            case FAR_ARM -> Joint.FAR_FOREARM;
        };
    }

    private static String words(Skeleton.SkeletonPart part) {
        return (part.side() > 0 ? "nearer " : "farther ") + (part.isLeg() ? "leg" : "arm");
    }

    private static String name(Skeleton.SkeletonPart part) {
        return switch (part) {
            case NEAR_LEG -> "near";
            case FAR_LEG -> "far";
            case NEAR_ARM -> "nearArm";
            case FAR_ARM -> "farArm";
        };
    }
}
