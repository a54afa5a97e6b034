package openbloom.core.session;

import java.util.List;
import java.util.Optional;

/**
 * The prescribed set of one kind of lift where the goal is to stop leaking: from half an hour on half of it in each of two
 * positions, its total unchanged and an odd one in the more wanted; in a shorter session whole, in the position the last one did not have
 * (common practice, no source).
 */
final class FloorSet {
    private static final int SHARED_FROM_MINUTES = 30;

    /** Two in each position at least. */
    private static final int FEWEST_TO_SHARE = 4;

    private final SessionRequest request;
    private final Optional<Pick> first;
    private final Optional<Pick> elsewhere;

    /** @param sorted what passes for her, the most wanted first */
    FloorSet(SessionRequest request, List<Pick> sorted) {
        this.request = request;
        this.first = sorted.stream().findFirst();
        this.elsewhere = sorted.stream()
                .filter(pick ->
                        Family.of(pick.move()) != Family.of(sorted.get(0).move()))
                .filter(pick ->
                        pick.dose().holdSeconds() == sorted.get(0).dose().holdSeconds())
                .findFirst();
    }

    /** @param shared whether two positions may share it */
    List<Pick> picks(boolean shared) {
        if (first.isEmpty()) {
            return List.of();
        }
        Pick one = first.get();
        int all = one.dose().repetitions();
        boolean shares = shared && request.minutes() >= SHARED_FROM_MINUTES && all >= FEWEST_TO_SHARE;
        if (elsewhere.isPresent() && shares) {
            return List.of(part(one, all - all / 2), part(elsewhere.get(), all / 2));
        }
        boolean hadIt = request.history().isInTheLast(one.move().id());
        return List.of(planned(elsewhere.filter(other -> hadIt).orElse(one)));
    }

    private static Pick part(Pick pick, int repetitions) {
        return planned(pick.withDose(pick.dose().withRepetitions(repetitions)));
    }

    private static Pick planned(Pick pick) {
        return pick.worth(pick.worth().planned(), pick.isNew());
    }
}
