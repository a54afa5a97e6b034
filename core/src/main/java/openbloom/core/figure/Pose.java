package openbloom.core.figure;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One position of the body as data. Angles are of the plane that is looked at: 0° forward, 90° up, 180° back.
 *
 * @param id as the file of figures names it
 * @param view from where it is looked at, see {@link PoseView}
 * @param onTheSide whether she lies on her side
 * @param trunk how the trunk lies or stands
 * @param ground what touches the ground
 * @param limbs arms and legs
 * @param props what is drawn beside her, in order
 */
record Pose(
        String id,
        PoseView view,
        boolean onTheSide,
        Trunk trunk,
        Ground ground,
        Map<Skeleton.SkeletonPart, Reach> limbs,
        List<Prop> props) {
    Pose {
        limbs = Map.copyOf(limbs);
        props = List.copyOf(props);
    }

    /** The same pose with other limbs. */
    Pose with(Map<Skeleton.SkeletonPart, Reach> other) {
        return new Pose(id, view, onTheSide, trunk, ground, other, props);
    }

    /**
     * The trunk, in degrees.
     *
     * @param angle which way it points from hips to head
     * @param curl how far the chest bends forward over the pelvis; below 0 it arches
     * @param side how far the chest bends to the nearer side
     * @param turn how far the chest turns towards the nearer side
     * @param nod how far the chin comes to the chest
     * @param lean how far it leans out of the plane that is looked at
     */
    record Trunk(double angle, double curl, double side, double turn, double nod, double lean) {}

    /**
     * Where the body is: what rests and how high, or the height of the hips.
     *
     * @param settle a part whose underside is brought to a height by turning the trunk
     */
    record Ground(
            double x, Optional<Double> hips, List<Skeleton.Resting> rests, double height, Optional<Settle> settle) {
        Ground {
            rests = List.copyOf(rests);
        }
    }

    record Settle(Skeleton.Resting part, double height) {}

    /** What an arm or a leg does: its angles, or the place it reaches. */
    sealed interface Reach {
        /** Angles in degrees; {@code firstOut} and {@code secondOut} are how far the bones point away from the middle. */
        record Angles(double first, double firstOut, double second, double secondOut, double end, boolean grips)
                implements Reach {
            Angles turned(double newFirst, double newSecond, double newEnd) {
                return new Angles(newFirst, firstOut, newSecond, secondOut, newEnd, grips);
            }

            Angles out(double newFirst, double newSecond) {
                return new Angles(first, newFirst, second, newSecond, end, grips);
            }

            Angles gripping(boolean closed) {
                return new Angles(first, firstOut, second, secondOut, end, closed);
            }
        }

        /**
         * @param end direction of fingers or toes; for a flat hand or foot 0 or 180
         * @param out how far the middle joint goes to the side, 0–90°
         */
        record ReachTarget(Vec target, double end, double out, Optional<Double> pole, boolean grips) implements Reach {
            ReachTarget at(Vec other) {
                return new ReachTarget(other, end, out, pole, grips);
            }
        }
    }

    /** From where it is looked at. */
    enum PoseView {
        SIDE(-10, 0),
        FRONT(-90, 0),
        BACK(90, 0),
        QUARTER(-42, 14),
        LYING(0, 16),
        ABOVE(0, 36);

        private final double yaw;
        private final double pitch;

        PoseView(double yaw, double pitch) {
            this.yaw = yaw;
            this.pitch = pitch;
        }

        double yaw() {
            return yaw;
        }

        double pitch() {
            return pitch;
        }

        boolean isLevel() {
            return pitch == 0;
        }
    }
}
