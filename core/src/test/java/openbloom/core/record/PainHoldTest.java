package openbloom.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Pain above 5 of 10 holds (E-PAIN), and any with a lift of the pelvic floor (E-DOWN); which moves load a place is common
 * practice, no source. Written before it was run.
 */
class PainHoldTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    private static Move move(String id) {
        return CATALOGUE.find(id).orElseThrow();
    }

    private static SessionObservation hurt(long id, String move, @Nullable PainSite place, @Nullable Integer pain) {
        OptionalInt amount = pain == null ? OptionalInt.empty() : OptionalInt.of(pain);
        return new SessionObservation(
                id,
                DAY,
                new SessionObservation.In(1, true, Optional.empty()),
                move,
                move(move).strand(),
                move(move).rung(),
                Noted.HURT,
                new SessionObservation.Hurt(Optional.ofNullable(place), amount));
    }

    private static List<PainHold> holds(List<SessionObservation> told, PainLift... lifts) {
        return LadderStatus.after(told, List.of(), new LadderStatus.DecidedRung(List.of(), List.of(lifts)))
                .holds();
    }

    private static PainLift asked(long response, PainSite place, int pain) {
        return new PainLift(response, DAY.plusDays(1), place, OptionalInt.of(pain), Optional.empty());
    }

    private static PainLift word(PainSite place, LocalDate on) {
        return new PainLift(9, DAY.plusDays(9), place, OptionalInt.empty(), Optional.of(on));
    }

    @ParameterizedTest
    @CsvSource({
        "deadlift, BACK, 6, true",
        "deadlift, BACK, 5, false",
        "deadlift, BACK, , false",
        "deadlift, , 8, true",
        "deadlift, KNEE, 10, true",
        "pf-hold-baseline, PELVIC_FLOOR, 1, true",
        "pf-hold-baseline, , , true",
        "pf-hold-baseline, BACK, 3, false",
        "bridge, PELVIC_FLOOR, 4, false"
    })
    void holdsAboveFiveAndForAnyPainWithALift(
            String id, @Nullable PainSite place, @Nullable Integer pain, boolean held) {
        assertThat(holds(List.of(hurt(1, id, place, pain)))).hasSize(held ? 1 : 0);
    }

    @ParameterizedTest
    @CsvSource({
        "BACK, deadlift, true",
        "BACK, support-full-20, true",
        "BACK, breath-side, false",
        "BACK, toes-arch, false",
        "WRIST, support-full-20, true",
        "WRIST, pushup-kneeling, true",
        "WRIST, bridge, false",
        "WRIST, goblet-squat, true",
        "PELVIS, bridge-single, true",
        "PELVIS, bridge, false",
        "PELVIS, split-squat, true",
        "PELVIC_FLOOR, pf-hold-baseline, true",
        "PELVIC_FLOOR, deadlift, true",
        "PELVIC_FLOOR, breath-side, false",
        "PELVIC_FLOOR, hops, true",
        "SCAR, hollow-hold, true",
        "SCAR, clam, false",
        "KNEE, split-squat, true",
        "KNEE, press-out-kneeling, true",
        "KNEE, clam, false",
        "KNEE, hops, true",
        "NECK, head-nod, true",
        "NECK, bridge, false",
        "ELSEWHERE, support-full-20, true",
        "ELSEWHERE, bridge, false"
    })
    void aPlaceIsLoadedByTheMovesOfTheTable(PainSite place, String id, boolean loaded) {
        Optional<Move> move = CATALOGUE.find(id);
        assertThat(move).as(id).isPresent();
        assertThat(place.isLoadedBy(move.get())).isEqualTo(loaded);
    }

    @Test
    void holdsItsLadderAndWhatLoadsThePlace() {
        PainHold clean = holds(List.of(hurt(1, "deadlift", PainSite.WRIST, 8))).get(0);
        assertThat(CATALOGUE.ladder(ExerciseGroup.STRENGTH_LEGS)).allMatch(clean::holds);
        assertThat(clean.holds(move("support-full-20"))).isTrue();
        assertThat(clean.holds(move("bridge"))).isFalse();
        PainHold stretch =
                holds(List.of(hurt(1, "breath-side", PainSite.NECK, 7))).get(0);
        assertThat(stretch.holds(move("breath-side"))).isTrue();
        assertThat(stretch.holds(move("breath-rocked-back")))
                .as("breath is no progression of loads")
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "deadlift, BACK, 2, true",
        "deadlift, BACK, 3, false",
        "deadlift, SCAR, 0, true",
        "deadlift, SCAR, 1, false",
        "deadlift, PELVIC_FLOOR, 0, true",
        "deadlift, PELVIC_FLOOR, 1, false",
        "pf-hold-baseline, PELVIC_FLOOR, 0, false"
    })
    void isLiftedByBeingAskedAgainAndAlmostNothing(String id, PainSite place, int now, boolean lifted) {
        List<SessionObservation> told = List.of(hurt(4, id, place, 8));
        assertThat(holds(told, asked(4, place, now)).isEmpty()).isEqualTo(lifted);
        assertThat(holds(told, asked(3, place, 0)))
                .as("an answer from before it hurt")
                .hasSize(1);
        PainSite other = place == PainSite.NECK ? PainSite.BACK : PainSite.NECK;
        assertThat(holds(told, asked(4, other, 0))).as("another place").hasSize(1);
    }

    @Test
    void herCliniciansWordHasToBeOfALaterDay() {
        List<SessionObservation> told = List.of(hurt(4, "pf-hold-baseline", PainSite.PELVIC_FLOOR, 8));
        assertThat(holds(told, word(PainSite.PELVIC_FLOOR, DAY))).hasSize(1);
        assertThat(holds(told, word(PainSite.PELVIC_FLOOR, DAY.plusDays(1)))).isEmpty();
    }

    @Test
    void hurtingAgainHoldsAgainAndOnePlaceIsToldOnce() {
        List<SessionObservation> told = new ArrayList<>(List.of(hurt(1, "deadlift", PainSite.BACK, 8)));
        told.add(hurt(2, "deadlift", PainSite.BACK, 7));
        assertThat(holds(told))
                .singleElement()
                .satisfies(hold -> assertThat(hold.response()).isEqualTo(2));
        assertThat(holds(told, asked(1, PainSite.BACK, 0))).hasSize(1);
        assertThat(holds(told, asked(2, PainSite.BACK, 0))).isEmpty();
    }
}
