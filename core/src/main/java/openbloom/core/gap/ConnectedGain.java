package openbloom.core.gap;

import java.util.Optional;

/**
 * What breath-and-connect changes at the widest site: from the small lift to connected. The better sign of progress.
 *
 * @param halfFingers how much narrower, in half fingers; empty unless both were read in fingers
 * @param depthSteps knuckle steps shallower
 * @param firmnessSteps grades firmer
 */
public record ConnectedGain(Site site, Optional<Integer> halfFingers, int depthSteps, int firmnessSteps) {
    public static Optional<ConnectedGain> of(GapCheck check) {
        return School.TWO_FINGERS
                .read(check, 0)
                .site()
                .or(() -> check.in(GapState.LIFT).map(GapReading::site).findFirst())
                .flatMap(site -> at(site, check));
    }

    private static Optional<ConnectedGain> at(Site site, GapCheck check) {
        return check.at(site, GapState.LIFT)
                .flatMap(lift -> check.at(site, GapState.CONNECTED).map(connected -> between(lift, connected)));
    }

    private static ConnectedGain between(GapReading lift, GapReading connected) {
        Optional<Integer> narrower =
                lift.width() instanceof Width.Fingers before && connected.width() instanceof Width.Fingers after
                        ? Optional.of(before.halves() - after.halves())
                        : Optional.empty();
        return new ConnectedGain(
                lift.site(),
                narrower,
                lift.depth().stepsTo(connected.depth()),
                connected.firmness().grade() - lift.firmness().grade());
    }

    public boolean helps() {
        return narrowerBy() > 0 || depthSteps > 0 || firmnessSteps > 0;
    }

    private int narrowerBy() {
        return halfFingers.orElse(0);
    }

    /** In words, such as {@code ½ finger narrower, 1 knuckle step less deep, floor 1 grade firmer}. */
    public String words() {
        String width = halfFingers
                .map(halves ->
                        step(halves, new Width.Fingers(Math.abs(halves)).words(), "narrower", "wider", "same width"))
                .orElse("width not comparable");
        String depth = step(depthSteps, Math.abs(depthSteps) + " knuckle", "less deep", "deeper", "same depth");
        String floor =
                step(firmnessSteps, "floor " + Math.abs(firmnessSteps), "firmer", "softer", "floor as firm as before");
        return width + ", " + depth + ", " + floor;
    }

    private static String step(int change, String amount, String better, String worse, String same) {
        if (change == 0) {
            return same;
        }
        return amount + " " + (change > 0 ? better : worse);
    }
}
