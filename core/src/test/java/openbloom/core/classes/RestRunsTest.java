package openbloom.core.classes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.moves.Sides;
import openbloom.core.session.CandidateScore;
import openbloom.core.session.CommonWork;
import openbloom.core.session.Pick;
import openbloom.core.verdict.VerdictKind;
import org.junit.jupiter.api.Test;

/** Two women on their backs; the second rests in some of the exercises. All are equally long and ask for nothing. */
class RestRunsTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    /** On the back, without kit, both sides at once, of load 1 at most. */
    private static final List<Move> LYING = CATALOGUE.moves().stream()
            .filter(move -> move.position() == Position.HOOKLYING
                    && move.kit().isEmpty()
                    && move.sides() == Sides.BOTH
                    && move.load() <= 1)
            .limit(6)
            .toList();

    private final Map<Move, CommonExercise> known = new LinkedHashMap<>();

    private static Pick pick(Move move, int worth) {
        return new Pick(
                move,
                VerdictKind.GO,
                Set.of(),
                Optional.empty(),
                new Dose(1, 8, 0, 0, 0, false),
                2,
                false,
                new CandidateScore(worth, 0, 0, 0, 0, 0, 0, 0));
    }

    /** @param rests numbers of the exercises in which the second woman rests */
    private RestRuns.WorkFound best(int exercises, Set<Integer> rests) {
        List<CommonWork.CommonItem> items = new ArrayList<>();
        for (int i = 0; i < exercises; i++) {
            Move move = LYING.get(i);
            Map<Integer, Pick> itself = new LinkedHashMap<>();
            itself.put(0, pick(move, 100 + i));
            if (!rests.contains(i)) {
                itself.put(1, pick(move, 100 + i));
            }
            CommonExercise common = new CommonExercise(move, itself, 2);
            known.put(move, common);
            items.add(new CommonWork.CommonItem(
                    common.called(), List.of(new CommonWork.CommonSets(1, common.quarters(1)))));
        }
        CommonWork frame = new CommonWork(20, 2, false, false, false, List.of(), List.of());
        return new RestRuns(frame, 2, known).best(items);
    }

    private boolean restsThrice(List<Pick> work) {
        return IntStream.range(2, work.size())
                .anyMatch(at -> IntStream.rangeClosed(at - 2, at)
                        .allMatch(one -> known.get(work.get(one).move()).rests(1)));
    }

    @Test
    void leavesTheBestAsItIsWhereNobodyRestsTooLong() {
        RestRuns.WorkFound found = best(4, Set.of(0, 1));
        assertThat(found.work()).hasSize(4);
        assertThat(found.gap()).isEmpty();
        assertThat(restsThrice(found.work())).isFalse();
    }

    /** In three of six she rests: whatever order the solver has, changing two over parts them, and nothing is lost. */
    @Test
    void changesTwoOverBeforeItLeavesAnythingOut() {
        RestRuns.WorkFound found = best(6, Set.of(0, 1, 2));
        assertThat(found.work().stream().map(Pick::move).collect(Collectors.toSet()))
                .isEqualTo(Set.copyOf(LYING));
        assertThat(restsThrice(found.work())).isFalse();
        assertThat(found.gap()).isEmpty();
    }

    /** In three of three she rests: one has to go, the one that is worth least, and the gap says what that costs at most. */
    @Test
    void leavesOutTheOneWorthLeastAndSaysByHowMuchABetterOneCouldExceedIt() {
        RestRuns.WorkFound found = best(3, Set.of(0, 1, 2));
        assertThat(found.work()).extracting(Pick::move).containsExactlyInAnyOrder(LYING.get(1), LYING.get(2));
        assertThat(restsThrice(found.work())).isFalse();
        // One set of 100 points less a rest of 15 is 340 quarters, and 70 s not filled cost both of them 7 × 4 points.
        assertThat(found.gap()).isPresent();
        assertThat(found.gap().getAsInt()).isBetween(340, 340 + 2 * 4 * 4 * 8);
    }
}
