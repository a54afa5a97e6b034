package openbloom.core.session;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Move;
import openbloom.core.moves.SetUpDetails;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.KnownWomen;
import org.junit.jupiter.api.Test;

/** Flows as the third list of the catalogue page wants them: birth is prepared for from 34 weeks, and by nobody else. */
class FlowsTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Flow BIRTH = Flows.shipped(CATALOGUE).stream()
            .filter(flow -> flow.name().equals("Getting ready for birth"))
            .findFirst()
            .orElseThrow();

    private static Flow.Fitted birthAt(int weeks, int daysLater) {
        return BIRTH.fittedTo(Judgement.of(CATALOGUE, KnownWomen.at(weeks).build(), TODAY.plusDays(daysLater)));
    }

    @Test
    void prepareForBirthFrom34Weeks() {
        assertThat(birthAt(33, 6).outline().entries()).isEmpty();
        assertThat(birthAt(33, 6).changes()).containsExactly("from 34 weeks: she is 33 weeks + 6");
        assertThat(birthAt(33, 7).outline().entries())
                .extracting(line -> line.move().id())
                .contains("birth-upright", "birth-lean", "birth-side");
        Judgement notPregnant = Judgement.of(CATALOGUE, KnownWomen.well().build(), TODAY);
        assertThat(BIRTH.fittedTo(notPregnant).outline().entries()).isEmpty();
        assertThat(BIRTH.fittedTo(notPregnant).changes())
                .containsExactly("for the weeks before a birth, from 34 weeks: she is not pregnant");
    }

    /** On hands and knees a blanket is laid once, not before every exercise; what only the second needs is said at the second. */
    @Test
    void sayWhatAPositionNeedsOnceWhereItIsMetFirst() {
        List<Move> moves = List.of(
                CATALOGUE.get("kneel-leg-slide"),
                CATALOGUE.get("kneel-one-arm"),
                CATALOGUE.get("bridge"),
                CATALOGUE.get("kneel-leg-slide"));
        List<List<String>> said = SetUpDetails.inTurn(moves);
        assertThat(said.get(0)).contains("A doubled mat or a blanket under the knees.");
        assertThat(said.get(1)).isEmpty();
        assertThat(said.get(2)).contains("Head lying: lift it, nod the chin a little, lay it back long.");
        assertThat(said.get(3)).isEmpty();
    }
}
