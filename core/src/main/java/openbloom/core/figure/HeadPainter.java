package openbloom.core.figure;

import java.util.ArrayList;
import java.util.List;

/** Neck, head and hair tied back; no face. */
final class HeadPainter {
    private static final double[][] PROFILE = {
        {-.036, -.010},
        {.020, -.022},
        {.046, -.018},
        {.054, -.006},
        {.055, .010},
        {.060, .026},
        {.0665, .036},
        {.056, .052},
        {.056, .072},
        {.044, .096},
        {.002, .113},
        {-.040, .100},
        {-.060, .064},
        {-.054, .026}
    };
    private static final double[][] PROFILE_HAIR = {
        {.053, .080},
        {.047, .100},
        {.003, .119},
        {-.044, .105},
        {-.066, .064},
        {-.058, .020},
        {-.036, .006},
        {-.018, .022},
        {-.010, .050},
        {.012, .070},
        {.036, .080}
    };
    private static final double[][] FACE = {
        {0, -.018},
        {.030, -.006},
        {.048, .030},
        {.052, .064},
        {.040, .098},
        {0, .113},
        {-.040, .098},
        {-.052, .064},
        {-.048, .030},
        {-.030, -.006}
    };
    private static final double[][] FACE_HAIR = {
        {.050, .062},
        {.053, .086},
        {.040, .106},
        {0, .119},
        {-.040, .106},
        {-.053, .086},
        {-.050, .062},
        {-.036, .086},
        {0, .092},
        {.036, .086}
    };

    private final Skeleton body;
    private final Camera camera;
    private final Drawing drawing;

    HeadPainter(Skeleton body, Camera camera, Drawing drawing) {
        this.body = body;
        this.camera = camera;
        this.drawing = drawing;
    }

    void draw() {
        double towardsUs = camera.seen(body.head().front()).z();
        boolean profile = Dot.of(camera.seen(body.head().front())).length() > 0.62;
        drawing.solid(bun(), Tones.NEAR.hair(), Tones.NEAR.ink());
        drawing.solid(
                neck() + Curve.closed(shape(profile ? PROFILE : FACE, profile)), Tones.NEAR.skin(), Tones.NEAR.ink());
        if (profile) {
            drawing.solid(Curve.closed(shape(PROFILE_HAIR, true)), Tones.NEAR.hair(), Tones.NEAR.ink());
            ear();
        } else if (towardsUs > 0) {
            drawing.solid(Curve.closed(shape(FACE_HAIR, false)), Tones.NEAR.hair(), Tones.NEAR.ink());
        } else {
            drawing.fill(Curve.closed(shape(FACE, false)), Tones.NEAR.hair());
        }
    }

    private String neck() {
        Vec base = body.neckBase().minus(body.chest().along().times(0.02));
        Vec top = body.headBase().plus(body.head().along().times(0.02));
        Body.Station[] shape = {
            new Body.Station(0, .032, .034, .036),
            new Body.Station(.5, .030, .031, .031),
            new Body.Station(1, .030, .031, .031)
        };
        Axes axes = Axes.of(top.minus(base), body.chest().front());
        double length = top.minus(base).length();
        return Curve.closed(Loft.of(camera, shape, base, axes, length, 0, 1).outline(false, false));
    }

    private Dot place(double forward, double up, boolean profile) {
        Axes head = body.head();
        Vec sideways = profile ? head.front() : head.side();
        return Dot.of(camera.seen(
                body.headBase().plus(sideways.times(forward)).plus(head.along().times(up))));
    }

    private List<Dot> shape(double[][] outline, boolean profile) {
        List<Dot> points = new ArrayList<>();
        for (double[] at : outline) {
            points.add(place(at[0], at[1], profile));
        }
        return drawing.room(points);
    }

    private String bun() {
        Vec middle = body.headBase()
                .plus(body.head().front().times(-.036))
                .plus(body.head().along().times(.122));
        List<Dot> ring = Painter.ring(Dot.of(camera.seen(middle)), 0.025, 0.025);
        return Curve.closed(drawing.room(ring));
    }

    private void ear() {
        Dot at = place(-.004, .036, true);
        List<Dot> ring = Painter.ring(at, 0.010, 0.015);
        drawing.solid(Curve.closed(ring), Tones.NEAR.skin(), Tones.NEAR.ink());
    }
}
