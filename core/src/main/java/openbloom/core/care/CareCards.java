package openbloom.core.care;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import openbloom.core.Yaml;
import openbloom.core.verdict.Facts;
import tools.jackson.databind.PropertyNamingStrategies;
import tools.jackson.databind.annotation.JsonNaming;

/**
 * Every card, in the order of the file.
 *
 * @see CareCard
 * @see Facts
 */
public final class CareCards {
    private static final String FILE = "/openbloom/care/care.yaml";

    private final List<CareCard> all;

    private CareCards(List<CareCard> all) {
        this.all = List.copyOf(all);
    }

    /** A card as it stands in the file; the fields of its window stand beside the others. */
    @JsonNaming(PropertyNamingStrategies.SnakeCaseStrategy.class)
    private record CardEntry(
            String id, String title, @JsonUnwrapped WindowEntry window, List<String> lines, String stop) {
        CareCard card() {
            return new CareCard(id, title, window.window(), lines, stop);
        }
    }

    @JsonNaming(PropertyNamingStrategies.SnakeCaseStrategy.class)
    private record WindowEntry(String when, int from, int to, boolean caesarean, boolean woundClosed) {
        CareCard.Window window() {
            CareCard.CareWeeks whom =
                    CareCard.CareWeeks.valueOf(when.toUpperCase(Locale.ROOT).replace('-', '_'));
            return new CareCard.Window(whom, from, to, caesarean, woundClosed);
        }
    }

    private record CardsFile(List<CardEntry> cards) {}

    /** The cards that ship with the program. */
    public static CareCards shipped() {
        try (InputStream in = Objects.requireNonNull(CareCards.class.getResourceAsStream(FILE), "No " + FILE)) {
            CardsFile file = Yaml.MAPPER.readValue(in.readAllBytes(), CardsFile.class);
            return new CareCards(file.cards().stream().map(CardEntry::card).toList());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    public List<CareCard> all() {
        return all;
    }

    /** Those that fit a woman on a day; none while a warning sign stands. */
    public List<CareCard> offered(Facts facts) {
        return facts.client().safety().standing().isEmpty()
                ? all.stream().filter(card -> card.window().isOpen(facts)).toList()
                : List.of();
    }
}
