package openbloom.app.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The page of moves: every move once, narrowed by what was asked, judged for a woman; two or three side by side. */
class MovesPagesTest extends PageTest {
    @Autowired
    private Catalogue catalogue;

    @Test
    void showsEveryMoveOnceAndNarrowsByPositionKitLoadAndName() throws Exception {
        assertThat(shown("/moves")).containsExactlyInAnyOrderElementsOf(ids(move -> true));
        assertThat(shown("/moves?position=PRONE"))
                .containsExactlyInAnyOrderElementsOf(ids(move -> move.position() == Position.PRONE));
        assertThat(shown("/moves?kit=NONE&most=0"))
                .containsExactlyInAnyOrderElementsOf(ids(move -> move.kit().isEmpty() && move.load() == 0));
        assertThat(shown("/moves?kit=BALL"))
                .containsExactlyInAnyOrderElementsOf(ids(move -> move.needs(Equipment.BALL)));
        assertThat(shown("/moves?named=BRIDGE"))
                .containsExactlyInAnyOrderElementsOf(
                        ids(move -> move.name().toLowerCase(Locale.ROOT).contains("bridge")));
        assertThat(Jsoup.parse(page("/moves?kit=BALL")).text())
                .contains(ids(move -> move.needs(Equipment.BALL)).size() + " of " + catalogue.size() + " exercises");
        assertThat(page("/moves?named=zzz")).contains("No exercise is like that");
        assertThat(shown("/moves?position=NOWHERE&most=99&kit=SPOON")).hasSize(catalogue.size());
    }

    @Test
    void judgesTheMovesForAWomanOfTheStudioOnly() throws Exception {
        Woman woman = askedWoman("Figure");
        assertThat(shown("/moves?kind=GO&woman=" + woman.id())).isNotEmpty().doesNotContain("curl-up", "box-jump");
        assertThat(shown("/moves?kind=SWAP&woman=" + woman.id())).contains("curl-up");
        assertThat(as(stranger(), get("/moves?woman=" + woman.id())).getStatus())
                .isEqualTo(404);
        assertThat(as(stranger(), get("/moves/compare?woman=" + woman.id())).getStatus())
                .isEqualTo(404);
    }

    @Test
    void putsAtMostThreeMovesSideBySide() throws Exception {
        String page = page("/moves/compare?move=bridge&move=squat&move=nothing&move=clam&move=curl-up");
        assertThat(page).contains("/moves/bridge/figure.svg", "/moves/squat/figure.svg", "/moves/clam/figure.svg");
        assertThat(page).doesNotContain("/moves/curl-up/figure.svg");
        assertThat(page("/moves/compare")).contains("Choose two or three exercises");
    }

    private List<String> ids(Predicate<Move> which) {
        return catalogue.moves().stream().filter(which).map(Move::id).toList();
    }

    private List<String> shown(String address) throws Exception {
        return Pattern.compile("data-figure=\"/moves/([a-z0-9-]+)/figure")
                .matcher(page(address))
                .results()
                .map((MatchResult found) -> found.group(1))
                .toList();
    }
}
