package openbloom.core.care;

import static openbloom.core.verdict.KnownWomen.at;
import static openbloom.core.verdict.KnownWomen.told;
import static openbloom.core.verdict.KnownWomen.well;
import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.picture.ExplainingView;
import openbloom.core.record.Client;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.verdict.Facts;
import openbloom.core.verdict.Judgement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The cards that explain, their views, and the small sets for places. Common practice, no source. */
class ExplanationsTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Explanations CARDS = Explanations.shipped();

    private static List<String> offered(Client woman) {
        return CARDS.offered(new Facts(woman, TODAY)).stream()
                .map(Explanation::id)
                .toList();
    }

    /** Ten, of at most 90 words; Flesch-Kincaid grade below 7 over each (0.39 words a sentence + 11.8 syllables a word − 15.59). */
    @Test
    void areTenShortCardsForSomebodyOfTwelve() {
        assertThat(CARDS.all()).hasSize(10).allSatisfy(card -> {
            String[] words = card.words().split("[^\\p{L}]+");
            long sentences =
                    card.words().chars().filter(c -> ".:;".indexOf(c) >= 0).count();
            double syllables =
                    Arrays.stream(words).mapToInt(ExplanationsTest::syllables).sum();
            assertThat(words.length).as(card.id()).isLessThanOrEqualTo(Explanation.MOST_WORDS);
            assertThat(0.39 * words.length / sentences + 11.8 * syllables / words.length - 15.59)
                    .as(card.id())
                    .isLessThan(7);
            assertThat(ExplainingView.valueOf(card.view())).isNotNull();
        });
    }

    private static int syllables(String word) {
        String plain = word.toLowerCase(java.util.Locale.ROOT).replaceAll("e$|es$|ed$", "");
        return Math.max(1, plain.split("[^aeiouy]+").length - (plain.matches("[^aeiouy].*") ? 1 : 0));
    }

    @ParameterizedTest
    @EnumSource(ExplainingView.class)
    void eachViewChangesWithItsValueAndIsNamed(ExplainingView view) {
        List<String> frames = view.frames(5);
        assertThat(frames).doesNotHaveDuplicates().allMatch(svg -> svg.contains("aria-label=\"" + view.words() + "\""));
        assertThat(frames.get(4)).isEqualTo(view.at(1));
        assertThatThrownBy(() -> view.at(1.1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void areOfferedToWhomTheyConcern() {
        assertThat(offered(Client.of(0, 1, 30).build())).containsExactly("breath-and-floor", "standing");
        assertThat(offered(at(20).build()))
                .contains("midline", "curling", "deep-layer")
                .doesNotContain("what-to-expect");
        assertThat(offered(told(well(), Symptom.LEAK_WITH_EFFORT))).contains("leaking", "holds-and-quick");
        assertThat(offered(told(well(), Symptom.HEAVINESS)))
                .contains("heaviness")
                .doesNotContain("leaking");
        assertThat(offered(well().warningSigns(TODAY, Set.of(WarningSign.values()[0]))
                        .build()))
                .isEmpty();
    }

    /** Every move has a card or none is meant; the sets have two to four moves, each of which passes for her. */
    @Test
    void placesHaveTwoToFourMovesThatPassForHer() {
        for (Client woman : List.of(well().build(), at(32).build(), told(well(), Symptom.HEAVINESS))) {
            Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
            List<PlaceSet> sets = PlaceSets.shipped().of(judgement);
            assertThat(sets)
                    .extracting(PlaceSet::id)
                    .containsExactly("desk", "queue", "feeding-chair", "bed", "playground");
            assertThat(sets)
                    .allSatisfy(
                            set -> assertThat(set.moves()).hasSizeBetween(2, 4).allMatch(verdict -> verdict.passes()));
        }
        Client stopped =
                well().warningSigns(TODAY, Set.of(WarningSign.values()[0])).build();
        assertThat(PlaceSets.shipped().of(Judgement.of(CATALOGUE, stopped, TODAY)))
                .isEmpty();
    }
}
