package openbloom.core.gap;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What breath-and-connect changes at the widest spot that was read both ways: from the small lift to connected. The
 * better sign of progress.
 *
 * @param halfFingers how much narrower, in half fingers; empty unless both were read in fingers
 * @param mm how much narrower in mm; empty unless both were read in mm
 * @param depthSteps knuckle steps shallower; empty unless both were read
 * @param firmnessSteps grades firmer; empty unless both were read
 * @see Width
 * @see GapState
 */
public record ConnectedGain(
        Spot spot,
        Optional<Integer> halfFingers,
        Optional<Integer> mm,
        Optional<Integer> depthSteps,
        Optional<Integer> firmnessSteps) {
    public static Optional<ConnectedGain> of(GapCheck check) {
        return check.in(GapState.LIFT)
                .filter(lift -> check.at(lift.spot(), GapState.CONNECTED).isPresent())
                .max(Comparator.comparingDouble(lift -> lift.width().roughMm()))
                .map(lift ->
                        between(lift, check.at(lift.spot(), GapState.CONNECTED).orElseThrow()));
    }

    private static ConnectedGain between(GapReading lift, GapReading connected) {
        return new ConnectedGain(
                lift.spot(),
                halvesNarrower(lift.width(), connected.width()),
                mmNarrower(lift.width(), connected.width()),
                lift.depth().flatMap(before -> connected.depth().map(before::stepsTo)),
                lift.firmness().flatMap(before -> connected.firmness().map(after -> after.grade() - before.grade())));
    }

    private static Optional<Integer> halvesNarrower(Width lift, Width connected) {
        return lift instanceof Width.Fingers before && connected instanceof Width.Fingers after
                ? Optional.of(before.halves() - after.halves())
                : Optional.empty();
    }

    private static Optional<Integer> mmNarrower(Width lift, Width connected) {
        return lift instanceof Width.Millimetres before && connected instanceof Width.Millimetres after
                ? Optional.of(before.mm() - after.mm())
                : Optional.empty();
    }

    public boolean helps() {
        return Stream.of(halfFingers, mm, depthSteps, firmnessSteps).anyMatch(steps -> steps.orElse(0) > 0);
    }

    /** In words, such as {@code ½ finger narrower, 1 knuckle less deep, floor 1 firmer}; only what was read both ways. */
    public String words() {
        Optional<String> depth =
                depthSteps.map(steps -> step(steps, Math.abs(steps) + " knuckle", "less deep", "deeper", "same depth"));
        Optional<String> floor = firmnessSteps.map(
                steps -> step(steps, "floor " + Math.abs(steps), "firmer", "softer", "floor as firm as before"));
        return Stream.of(Optional.of(width()), depth, floor)
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
    }

    private String width() {
        Optional<String> fingers = halfFingers.map(halves -> narrower(halves, new Width.Fingers(Math.abs(halves))));
        return fingers.or(() -> mm.map(less -> narrower(less, new Width.Millimetres(Math.abs(less)))))
                .orElse("width not comparable");
    }

    private static String narrower(int change, Width amount) {
        return step(change, amount.words(), "narrower", "wider", "same width");
    }

    private static String step(int change, String amount, String better, String worse, String same) {
        if (change == 0) {
            return same;
        }
        return amount + " " + (change > 0 ? better : worse);
    }
}
