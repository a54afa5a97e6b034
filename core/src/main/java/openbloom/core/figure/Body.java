package openbloom.core.figure;

/**
 * Lengths of the body as shares of stature: Drillis and Contini 1966 in Winter (from memory: thigh .245, shank .246, foot
 * height .039, forearm .146; for upper arm .186 and hand .108 the drawing looks right with .172 and .100).
 */
final class Body {
    static final double HIP_SIDE = 0.064;
    static final double SHOULDER_SIDE = 0.103;
    static final double NECK_BASE = 0.298;
    static final double SHOULDER = NECK_BASE - 0.040;
    static final double NECK = 0.062;
    static final double UPPER_ARM = 0.172;
    static final double FOREARM = 0.146;
    static final double HAND = 0.100;
    static final double THIGH = 0.245;
    static final double SHANK = 0.246;
    static final double ANKLE = 0.039;
    static final double BALL = 0.079;
    static final double NECK_LEANS = 18;
    static final double HEAD_BACK = 16;

    /** Radii at a share of a piece's length: front, back and to both sides. */
    record Station(double t, double front, double back, double side) {}

    private static Station at(double t, double front, double back, double side) {
        return new Station(t, front, back, side);
    }

    private static final Station[] THIGH_SHAPE = {
        at(0, .054, .066, .050),
        at(.3, .056, .056, .053),
        at(.55, .047, .046, .046),
        at(.8, .036, .036, .037),
        at(1, .032, .029, .032)
    };
    private static final Station[] SHANK_SHAPE = {
        at(0, .032, .028, .032),
        at(.28, .026, .042, .035),
        at(.5, .023, .038, .031),
        at(.75, .018, .024, .021),
        at(1, .017, .019, .017)
    };
    private static final Station[] UPPER_ARM_SHAPE = {
        at(0, .034, .034, .025), at(.15, .036, .036, .031), at(.4, .031, .031, .030), at(1, .023, .023, .023)
    };
    private static final Station[] FOREARM_SHAPE = {
        at(0, .023, .023, .023),
        at(.12, .026, .026, .025),
        at(.3, .026, .026, .024),
        at(.6, .020, .020, .021),
        at(1, .014, .014, .0185)
    };
    private static final Station[] HAND_SHAPE = {
        at(0, .014, .014, .0185), at(.42, .0135, .0135, .0245), at(.85, .0075, .0075, .018), at(1, .005, .005, .012)
    };
    /** Here t is the height above the hips, and side the half width. */
    private static final Station[] TRUNK_SHAPE = {
        at(-.066, .022, .046, .070),
        at(-.022, .056, .076, .099),
        at(.010, .064, .077, .101),
        at(.045, .066, .063, .094),
        at(.080, .062, .049, .082),
        at(.112, .058, .044, .075),
        at(.145, .059, .047, .078),
        at(.200, .075, .058, .087),
        at(.256, .051, .061, .089),
        at(.290, .036, .049, .096),
        at(.312, .030, .040, .046)
    };

    private Body() {}

    static Station[] thigh() {
        return THIGH_SHAPE.clone();
    }

    static Station[] shank() {
        return SHANK_SHAPE.clone();
    }

    static Station[] upperArm() {
        return UPPER_ARM_SHAPE.clone();
    }

    static Station[] forearm() {
        return FOREARM_SHAPE.clone();
    }

    static Station[] hand() {
        return HAND_SHAPE.clone();
    }

    static Station[] trunk() {
        return TRUNK_SHAPE.clone();
    }

    /** The radii at a share between the stations of a piece. */
    static Station between(Station[] shape, double t) {
        int above = 1;
        while (above < shape.length - 1 && shape[above].t() < t) {
            above++;
        }
        Station low = shape[above - 1];
        Station high = shape[above];
        double share = Math.max(0, Math.min(1, (t - low.t()) / (high.t() - low.t())));
        return new Station(
                t,
                low.front() + share * (high.front() - low.front()),
                low.back() + share * (high.back() - low.back()),
                low.side() + share * (high.side() - low.side()));
    }
}
