package openbloom.core.figure;

/**
 * An arm or a leg in place: where it begins, its two bones, and hand or foot.
 *
 * @param end a foot: along the sole, front its upper side; a hand: along the fingers, front across its back
 * @param grips a closed hand, or a foot on its ball with the toes flat
 */
record Limb(Vec root, boolean leg, Axes first, Axes second, Axes end, boolean grips) {
    double firstLength() {
        return leg ? Body.THIGH : Body.UPPER_ARM;
    }

    double secondLength() {
        return leg ? Body.SHANK : Body.FOREARM;
    }

    /** Knee or elbow. */
    Vec middle() {
        return root.plus(first.along().times(firstLength()));
    }

    /** Ankle or wrist. */
    Vec tip() {
        return middle().plus(second.along().times(secondLength()));
    }

    /** Where a held thing is: the middle of the closed hand. */
    Vec hold() {
        return tip().plus(end.along().times(0.042));
    }

    /** The underside of hand or foot nearest the ground. */
    Vec sole() {
        if (!leg) {
            boolean onItsFist = grips && end.along().y() < -0.6;
            return tip().minus(Vec.UP.times(onItsFist ? Changed.FIST : 0.014));
        }
        Vec under = end.front().times(-Body.ANKLE);
        return grips ? tip().plus(under).plus(end.along().times(Body.BALL)) : tip().plus(under);
    }

    Limb moved(Vec by) {
        return new Limb(root.plus(by), leg, first, second, end, grips);
    }

    /** Bends so that ankle or wrist comes to a place, the middle towards the pole; too far away, it is straight. */
    static Limb reaching(Vec root, boolean leg, Vec target, Vec pole, Axes end, boolean grips) {
        double one = leg ? Body.THIGH : Body.UPPER_ARM;
        double two = leg ? Body.SHANK : Body.FOREARM;
        Vec line = target.minus(root);
        double distance = Math.max(Math.abs(one - two) + 1e-4, Math.min(one + two - 1e-5, line.length()));
        Vec ahead = line.unit();
        Vec out = pole.across(ahead).unit();
        double cosine = (one * one + distance * distance - two * two) / (2 * one * distance);
        double sine = Math.sqrt(Math.max(0, 1 - cosine * cosine));
        Vec first = ahead.times(cosine).plus(out.times(sine)).unit();
        Vec second = ahead.times(distance).minus(first.times(one)).unit();
        Vec bend = leg ? second.times(-1) : second;
        Vec front = bend.across(first).length() < 0.02
                ? (leg ? out : out.times(-1))
                : bend.across(first).unit();
        Axes upper = Axes.of(first, front);
        Axes lower = Axes.of(second, leg ? front.across(second) : front.across(second));
        return new Limb(root, leg, upper, lower, end, grips);
    }

    /** Its first bone rolled so that the middle joint bends the way it can. */
    Limb rolled() {
        Vec bend = second.along().times(leg ? -1 : 1).across(first.along());
        return bend() < 0 && bend.length() > 0.1
                ? new Limb(root, leg, Axes.of(first.along(), bend), second, end, grips)
                : this;
    }

    /** Bend of knee or elbow in degrees; below 0 it bends the wrong way. */
    double bend() {
        double angle = first.along().degreesTo(second.along());
        double way = second.along().dot(first.front());
        return (leg ? way > 0.02 : way < -0.02) ? -angle : angle;
    }
}
