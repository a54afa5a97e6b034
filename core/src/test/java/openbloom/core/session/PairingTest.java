package openbloom.core.session;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.KnownWomen;
import org.junit.jupiter.api.Test;

/** What opposes stands beside each other, what is alike apart (practice value of the studio's design page). */
class PairingTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Judgement WELL =
            Judgement.of(CATALOGUE, KnownWomen.well().build(), TODAY);

    private static List<String> ordered(List<Integer> counts, String... ids) {
        List<WorkSolver.ChosenItem> chosen = Stream.of(ids)
                .map(id -> Pick.of(WELL.of(CATALOGUE.get(id)), WELL).orElseThrow())
                .map(pick -> new WorkSolver.ChosenItem(WorkItem.of(pick, List.of()), new WorkItem.Option(1, 1, 1)))
                .toList();
        List<Shape.ShapeSlot> slots = counts.stream()
                .map(any -> new Shape.ShapeSlot(Optional.empty(), 0))
                .toList();
        ShapedWork.Solved solved = new ShapedWork.Solved(List.of(), slots, counts, chosen, 0, 0);
        return Pairing.of(solved, 0).stream()
                .map(one -> one.item().pick().move().id())
                .toList();
    }

    @Test
    void pullComesBesidePush() {
        assertThat(ordered(List.of(4), "pushup-wall", "box-squat", "press-out-standing", "band-row"))
                .containsExactly("pushup-wall", "band-row", "box-squat", "press-out-standing");
    }

    @Test
    void frontComesBesideBackAndTwoBridgesAreKeptApart() {
        assertThat(ordered(List.of(3), "bridge", "bridge-squeeze", "heel-slide"))
                .containsExactly("bridge", "heel-slide", "bridge-squeeze");
    }

    /** A pull-up is two steps heavier than what would come first: it waits for its turn. */
    @Test
    void nothingMuchHeavierComesBeforeItsTurn() {
        assertThat(ordered(List.of(3), "pushup-wall", "box-squat", "pull-up"))
                .containsExactly("pushup-wall", "box-squat", "pull-up");
    }

    @Test
    void eachPartOfTheWorkKeepsWhatIsIts() {
        assertThat(ordered(List.of(2, 1), "pushup-wall", "box-squat", "band-row"))
                .containsExactly("pushup-wall", "box-squat", "band-row");
    }
}
