package openbloom.app.session;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import openbloom.core.session.Shape;
import openbloom.core.session.Shares;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How a studio divides the work of its sessions where nobody wants it otherwise for one of them. */
@Service
public class StudioShares {
    private final StudioShareMapper mapper;

    StudioShares(StudioShareMapper mapper) {
        this.mapper = mapper;
    }

    /** The studio's own shares for a session of so many minutes and goals; empty where it divides as usual. */
    public Optional<Shares> of(long studioId, int minutes, int goals) {
        return own(studioId, Shape.goalsWithAShare(minutes, goals));
    }

    /** Its own shares or the usual ones, for so many goals. */
    public Shares forGoals(long studioId, int goals) {
        return own(studioId, Math.min(goals, Shares.MOST_GOALS)).orElseGet(() -> Shares.usual(goals));
    }

    /** For one, two and three goals. */
    List<Shares> all(long studioId) {
        return IntStream.rangeClosed(1, Shares.MOST_GOALS)
                .mapToObj(goals -> forGoals(studioId, goals))
                .toList();
    }

    private Optional<Shares> own(long studioId, int goals) {
        List<Integer> percent = mapper.of(studioId, goals);
        return percent.isEmpty() ? Optional.empty() : Optional.of(new Shares(percent));
    }

    /** @param all for one, two and three goals; those that are as usual are not kept */
    @Transactional
    void keep(long studioId, List<Shares> all) {
        mapper.clear(studioId);
        for (Shares shares : all) {
            int goals = shares.percent().size();
            if (!shares.equals(Shares.usual(goals))) {
                for (int place = 0; place < goals; place++) {
                    mapper.insert(studioId, goals, place, shares.percent().get(place));
                }
            }
        }
    }
}
