package openbloom.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Usual names of the page on words, each with the exercise a coach means by it (common practice, no source). */
class UsualNamesTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    @ParameterizedTest
    @CsvSource({
        "plank, support-full-20",
        "Planks, support-full-20",
        "side plank, side-support-straight",
        "side-plank, side-support-straight",
        "bird dog, opposite-arm-leg",
        "Bird-Dogs, opposite-arm-leg",
        "birddog, opposite-arm-leg",
        "dead bug, arm-leg-reach",
        "deadbugs, arm-leg-reach",
        "cat cow, arch-and-round",
        "cat–cow, arch-and-round",
        "child's pose, wide-child",
        "childs pose, wide-child",
        "hip thrust, bridge",
        "glute bridge, bridge",
        "glute brigde, ''",
        "glute bridg, bridge",
        "bridge, bridge",
        "clamshell, clam",
        "clamshells, clam",
        "push up, pushup-full",
        "pushups, pushup-full",
        "press-up, pushup-full",
        "press ups, pushup-full",
        "step up, step-up",
        "crunch, curl-up",
        "crunches, curl-up",
        "good morning, hinge",
        "leg press, spring-footwork",
        "deadlift, deadlift",
        "deadlyft, deadlift",
        "farmers walk, two-hand-carry",
        "chin ups, pull-up",
        "calf raise, calf-raise",
        "squat, squat",
        "heel slide, heel-slide",
        "xylophone, ''",
        "zz, ''"
    })
    void findsWhatIsMeant(String typed, String id) {
        List<Move> meant = UsualNames.meant(typed, CATALOGUE.moves());
        if (id.isEmpty()) {
            assertThat(meant).isEmpty();
            assertThat(CATALOGUE.meant(typed)).isEmpty();
        } else {
            assertThat(meant.get(0).id()).isEqualTo(id);
        }
    }

    /** One letter is forgiven only where nothing is called so as typed, and never in a short word. */
    @Test
    void forgivesOnlyWhereNothingIsCalledSo() {
        assertThat(UsualNames.meant("plonk", CATALOGUE.moves()))
                .extracting(Move::id)
                .contains("support-full-20");
        assertThat(UsualNames.meant("clom", CATALOGUE.moves())).isEmpty();
        assertThat(UsualNames.meant("bridge", CATALOGUE.moves()))
                .extracting(Move::name)
                .allMatch(name -> name.toLowerCase().contains("bridge") || name.contains("hip"));
        assertThat(UsualNames.meant(" ", CATALOGUE.moves())).hasSize(CATALOGUE.size());
        assertThat(CATALOGUE.meant("  ")).isEmpty();
        assertThat(CATALOGUE.meant("Sit-Up").orElseThrow().id()).isEqualTo("sit-up");
        assertThat(CATALOGUE.meant("Sprint")).as("not a spring").isEmpty();
        assertThat(CATALOGUE.meant("slide")).as("a part of a name").isEmpty();
        assertThat(CATALOGUE.meant("push ups").orElseThrow().id()).isEqualTo("pushup-full");
        assertThat(CATALOGUE.meant("side plank").orElseThrow().id()).isEqualTo("side-support-straight");
    }

    @Test
    void meansExercisesThereAreAndEachNameStandsOnce() {
        Set<String> seen = new HashSet<>();
        for (UsualNames.UsualName one : UsualNames.all()) {
            assertThat(seen.add(one.name())).as(one.name()).isTrue();
            assertThat(one.exercises())
                    .as(one.name())
                    .isNotEmpty()
                    .doesNotHaveDuplicates()
                    .allSatisfy(id -> assertThat(CATALOGUE.find(id)).isPresent());
        }
        assertThat(seen).hasSizeGreaterThanOrEqualTo(61);
    }
}
