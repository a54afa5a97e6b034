package openbloom.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Set;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Move;
import openbloom.core.record.Client;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** P-SURF-1: raise the surface until it does not dome; the catalogue says which surface. Common practice, no source. */
class VersionsTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    @ParameterizedTest
    @CsvSource({
        "support-full-20, SURFACE_UP_IF_IT_DOMES, support-kneeling",
        "support-counter, SURFACE_UP_IF_IT_DOMES, support-wall",
        "pushup-full, SURFACE_UP_IF_IT_DOMES, pushup-kneeling",
        "pushup-chair, SURFACE_UP_IF_IT_DOMES, pushup-counter",
        "squat, BOX_DEPTH, box-squat",
        "goblet-squat, RAISED_SEAT, box-squat",
        "kneel-one-leg, TOES_STAY_DOWN, kneel-leg-slide",
        "bridge, BONE_BY_BONE, bridge-segmental"
    })
    void namesTheVersion(String move, Adjustment adjustment, String version) {
        assertThat(Versions.of(adjustment, CATALOGUE.get(move), CATALOGUE).map(Move::id))
                .contains(version);
        assertThat(Versions.words(adjustment, CATALOGUE.get(move), judged()))
                .endsWith(": " + CATALOGUE.get(version).teaching().shortName());
    }

    @Test
    void hasNoneWhereTheMoveItselfIsChangedOrNothingIsHigher() {
        assertThat(Versions.of(Adjustment.SURFACE_UP_IF_IT_DOMES, CATALOGUE.get("support-wall"), CATALOGUE))
                .isEmpty();
        assertThat(Versions.of(Adjustment.BOX_DEPTH, CATALOGUE.get("box-squat"), CATALOGUE))
                .isEmpty();
        assertThat(Versions.of(Adjustment.ARMS_LOW, CATALOGUE.get("press-two"), CATALOGUE))
                .isEmpty();
    }

    /** Block, then a soft ball she has, then what every home has; nothing is said to be missing that is there. */
    @ParameterizedTest
    @CsvSource({
        "BALL, instead of the block: soft ball",
        "BAND, 'instead of the block: a firm book, a cushion or a small ball'",
        "BLOCK, ''"
    })
    void namesWhatStandsInForWhatIsMissing(Equipment atHand, String said) {
        Move move = CATALOGUE.moves().stream()
                .filter(one -> one.kit().stream()
                        .anyMatch(item -> item.needs() == Equipment.BLOCK
                                && item.substitute().equals(Optional.of("a firm book, a cushion or a small ball"))))
                .findFirst()
                .orElseThrow();
        assertThat(Versions.words(Adjustment.USE_SUBSTITUTE, move, judged(atHand)))
                .isEqualTo(said);
    }

    /** Outside the gym nothing is out of reach for want of a thing: every move says what stands in. */
    @Test
    void everythingButTheGymHasAStandIn() {
        assertThat(CATALOGUE.moves())
                .filteredOn(move -> !move.isGymStaple() && !move.isImpact())
                .flatExtracting(Move::kit)
                .allMatch(item -> item.substitute().isPresent()
                        || !item.needs().standIns().isEmpty());
    }

    private static Judgement judged(Equipment... atHand) {
        return Judgement.of(
                CATALOGUE, Client.of(1, 1, 33).equipment(Set.of(atHand)).build(), Women.TODAY);
    }
}
