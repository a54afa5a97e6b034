package openbloom.core.verdict;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.stage.Tear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ReadinessTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    @ParameterizedTest
    @EnumSource(RequestedActivity.class)
    void everyWishIsAMoveOfTheCatalogue(RequestedActivity wish) {
        assertThat(CATALOGUE.find(wish.moveId())).isPresent();
        assertThat(wish.words()).isNotBlank();
    }

    @Test
    void answersRunningWithConditionsTheEarliestDayAndTheStepsBetween() {
        LocalDate born = TODAY.minusWeeks(10);
        Client woman = Client.of(1, 1, 34)
                .gaveBirth(new Birth(born, BirthKind.CAESAREAN, Tear.NONE, YesNoUnknown.YES))
                .cleared(Clearance.of(TODAY.minusWeeks(3), "family doctor", List.of()))
                .symptoms(SymptomReport.none(TODAY))
                .warningSigns(TODAY, Set.of())
                .conditions(TODAY, Set.of())
                .rungs(Map.of(ExerciseGroup.IMPACT, 2))
                .build();
        Readiness answer = can(woman, "run-walk");
        assertThat(answer.verdict().kind()).isEqualTo(VerdictKind.NOT_YET);
        assertThat(answer.missing())
                .extracting(Gate::kind)
                .contains(GateKind.TIME, GateKind.IMPACT_TESTS, GateKind.RUNG_BELOW);
        assertThat(answer.met())
                .extracting(Gate::kind)
                .contains(GateKind.CLEARANCE, GateKind.WOUND_CLOSED, GateKind.SYMPTOM_FREE);
        assertThat(answer.met())
                .as("of the times that have passed only the longest is said")
                .filteredOn(gate -> gate.kind() == GateKind.TIME)
                .extracting(Gate::detail)
                .containsExactly("10 weeks; 6 weeks are needed");
        assertThat(answer.met())
                .extracting(Gate::detail)
                .anySatisfy(detail -> assertThat(detail).contains("family doctor"));
        assertThat(answer.earliest()).contains(born.plusWeeks(16));
        assertThat(answer.steps()).extracting(Move::id).containsExactly("heel-drops", "jog-on-spot", "hops");
        assertThat(answer.meanwhile()).isPresent();
    }

    @ParameterizedTest
    @CsvSource({"curl-up, SWAP", "heel-slide, SWAP", "support-wall, GO", "press-out-standing, GO"})
    void answersAPregnantWomanToo(String move, VerdictKind kind) {
        Client woman = Client.of(0, 1, 30)
                .pregnant(Dating.stated(TODAY.plusWeeks(8)))
                .symptoms(SymptomReport.none(TODAY))
                .warningSigns(TODAY, Set.of())
                .conditions(TODAY, Set.of())
                .rungs(Map.of(ExerciseGroup.UPRIGHT_CONTROL, 2))
                .equipment(Set.of(openbloom.core.moves.Equipment.values()))
                .build();
        Readiness answer = can(woman, move);
        assertThat(answer.verdict().kind()).isEqualTo(kind);
        assertThat(answer.earliest()).isEmpty();
        assertThat(answer.meanwhile().isPresent()).isEqualTo(!kind.passes());
    }

    @Test
    void offersNothingMeanwhileWhenEverythingStops() {
        Client woman = Client.of(0, 1, 30)
                .warningSigns(TODAY, Set.of(WarningSign.FAINTING))
                .build();
        Readiness answer = can(woman, "curl-up");
        assertThat(answer.verdict().kind()).isEqualTo(VerdictKind.STOP);
        assertThat(answer.meanwhile()).isEmpty();
    }

    @Property(tries = 300, seed = "20261124")
    void tellsMissingConditionsExactlyWhenTheAnswerIsNotYet(@ForAll Client woman) {
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        for (RequestedActivity wish : RequestedActivity.values()) {
            Readiness answer = Readiness.of(judgement, CATALOGUE.get(wish.moveId()));
            assertThat(answer.met()).allMatch(Gate::met);
            assertThat(answer.missing()).noneMatch(Gate::met);
            if (answer.verdict().kind() == VerdictKind.NOT_YET) {
                assertThat(answer.missing()).isNotEmpty();
            }
            if (answer.verdict().passes()) {
                assertThat(answer.missing()).isEmpty();
            }
            assertThat(answer.steps()).isSortedAccordingTo(java.util.Comparator.comparing(Move::rung));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "curl-up, from 14 weeks of pregnancy, SWAP, PREG-FLEX",
                "curl-up, a gap wider than her approach allows, ADJUST, GAP-FLEX",
        "curl-up, osteoporosis, SWAP, OST-FLEX", "heel-slide, from 28 weeks of pregnancy, SWAP, PREG-SUP-NONE",
        "squat, pelvic girdle pain, ADJUST, PGP-BOX",
                "press-single, 'high blood pressure, controlled', ADJUST, BP-ARMS",
        "support-wall, sore wrists, ADJUST, WRIST", "flick-ten, a tight pelvic floor, NOT_YET, PF-TIGHT",
        "run-walk, heaviness, NOT_YET, IMPACT-SYMPTOM",
                "front-rest, seven weeks after a caesarean, NOT_YET, PP-CS-PRONE",
        "goblet-squat, two to six weeks after birth, NOT_YET, PP-TIME-REBUILD"
    })
    void saysWhoMayNotAndWhy(String move, String who, VerdictKind kind, String code) {
        assertThat(ExclusionSurvey.of(CATALOGUE, CATALOGUE.get(move)))
                .filteredOn(one -> one.who().equals(who))
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.verdict().kind()).isEqualTo(kind);
                    assertThat(one.reason().code()).isEqualTo(code);
                });
    }

    @Test
    void namesNobodyForABreathThatSuitsEveryone() {
        assertThat(ExclusionSurvey.of(CATALOGUE, CATALOGUE.get("breath-side"))).isEmpty();
    }

    private static Readiness can(Client woman, String move) {
        return Readiness.of(Judgement.of(CATALOGUE, woman, TODAY), CATALOGUE.get(move));
    }
}
