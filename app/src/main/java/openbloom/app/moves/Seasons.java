package openbloom.app.moves;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.core.moves.Catalogue;
import openbloom.core.program.Season;
import openbloom.core.record.Client;
import org.springframework.stereotype.Component;

/**
 * What the calendar changes for a woman, remembered by everything it depends on: whatever is learned about her is another
 * question, so nothing remembered is ever out of date.
 */
@Component
public class Seasons {
    private static final int MOST_REMEMBERED = 500;

    private record SeasonKey(Catalogue catalogue, Client client, LocalDate from, LocalDate to) {}

    private final Cache<SeasonKey, List<Season.SeasonChange>> whole =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();
    private final Cache<SeasonKey, Optional<Season.SeasonChange>> next =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    /** The changes from the day after {@code fromExclusive} to {@code toInclusive}, in order. */
    public List<Season.SeasonChange> of(
            Catalogue catalogue, Client client, LocalDate fromExclusive, LocalDate toInclusive) {
        return whole.get(
                new SeasonKey(catalogue, client, fromExclusive, toInclusive),
                asked -> List.copyOf(Season.of(asked.catalogue(), asked.client(), asked.from(), asked.to())));
    }

    /** The first of them. */
    public Optional<Season.SeasonChange> next(
            Catalogue catalogue, Client client, LocalDate fromExclusive, LocalDate toInclusive) {
        return next.get(
                new SeasonKey(catalogue, client, fromExclusive, toInclusive),
                asked -> Season.next(asked.catalogue(), asked.client(), asked.from(), asked.to()));
    }
}
