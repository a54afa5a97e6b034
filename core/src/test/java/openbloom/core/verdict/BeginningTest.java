package openbloom.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where she begins, and how far a check may go on a day. Common practice, no source. */
class BeginningTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    private static Client.Builder woman() {
        return Client.of(1, 1, 33)
                .symptoms(SymptomReport.none(DAY))
                .warningSigns(DAY, Set.of())
                .conditions(DAY, Set.of())
                .equipment(Set.of(Equipment.values()));
    }

    private static Client.Builder born(int weeks) {
        return woman().gaveBirth(new Birth(DAY.minusWeeks(weeks), BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES))
                .cleared(Clearance.of(DAY.minusDays(1), "midwife", List.of()));
    }

    private static Judgement judged(Client.Builder woman) {
        return Judgement.of(CATALOGUE, woman.build(), DAY);
    }

    /** Legs in every life; what carries the belly only where the belly may be loaded. */
    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "pregnant, STRENGTH_LEGS STRENGTH_PULL HANDS_AND_KNEES UPRIGHT_CONTROL",
        "eight weeks, STRENGTH_LEGS LIMB_LOAD BRIDGE",
        "two years, STRENGTH_LEGS LIMB_LOAD FRONT_SUPPORT HANDS_AND_KNEES"
    })
    void triesOneSetOfWhatHerTimeOfLifeAllows(String where, String strands) {
        Client.Builder woman = switch (where) {
            case "pregnant" -> woman().pregnant(Dating.stated(DAY.minusWeeks(20).plusDays(280)));
            case "eight weeks" -> born(8);
            default -> woman();
        };
        Judgement judgement = judged(woman);
        List<Move> tries = Beginning.tryOuts(judgement);
        assertThat(tries).isNotEmpty().allSatisfy(move -> {
            assertThat(strands).contains(move.strand().name());
            assertThat(judgement.of(move).passes()).isTrue();
            assertThat(move.load()).isLessThanOrEqualTo(3);
            assertThat(move.isImpact()).isFalse();
            assertThat(move.has(Demand.HEAVY) || move.has(Demand.BREATH_HOLD) || move.isGymStaple())
                    .isFalse();
            assertThat(judgement.catalogue().ladder(move.strand()).stream()
                            .filter(other -> other.rung() > move.rung()
                                    && judgement.of(other).passes())
                            .filter(other -> !other.isImpact() && !other.isGymStaple() && other.load() <= 3)
                            .filter(other -> !other.has(Demand.HEAVY) && !other.has(Demand.BREATH_HOLD)))
                    .as("the hardest of its exercise group that passes")
                    .isEmpty();
        });
        assertThat(tries).extracting(Move::strand).doesNotHaveDuplicates();
    }

    @Test
    void beginsOneRungAboveWhatIsWrittenAndSaysWhy() {
        List<Beginning.LadderStart> places = Beginning.places(
                judged(woman().rungs(Map.of(ExerciseGroup.BRIDGE, 2)).trained(Training.REGULAR)));
        assertThat(places)
                .extracting(Beginning.LadderStart::strand)
                .doesNotContain(ExerciseGroup.BREATH, ExerciseGroup.RELEASE);
        Beginning.LadderStart bridge = place(places, ExerciseGroup.BRIDGE);
        assertThat(bridge.move().map(Move::rung))
                .hasValueSatisfying(rung -> assertThat(rung).isLessThanOrEqualTo(3));
        assertThat(bridge.because()).isEqualTo("level 2 seen");
        assertThat(place(places, ExerciseGroup.SIDE_SUPPORT).because()).isEqualTo(Training.REGULAR.words());
        assertThat(place(Beginning.places(judged(woman())), ExerciseGroup.BRIDGE)
                        .because())
                .isEqualTo("nothing known of her training: the careful start");
    }

    private static Beginning.LadderStart place(List<Beginning.LadderStart> places, ExerciseGroup strand) {
        return places.stream().filter(one -> one.strand() == strand).findFirst().orElseThrow();
    }

    /** Gentle: holds of 3 s, five of them, five flicks at most; her clinician first: nothing is tried. */
    @ParameterizedTest
    @CsvSource({
        "GENTLE, 3, 5, 5, false",
        "GENTLE, 4, 5, 5, true",
        "GENTLE, 3, 6, 5, true",
        "GENTLE, 3, 5, 6, true",
        "CLINICIAN_FIRST, 0, 0, 0, false",
        "CLINICIAN_FIRST, 1, 0, 0, true",
        "CLINICIAN_FIRST, 0, 1, 0, true",
        "CLINICIAN_FIRST, 0, 0, 1, true",
        "OPEN, 20, 20, 20, false"
    })
    void aFloorCheckAsksNoMoreThanTheDayAllows(
            CheckWindow.PelvicFloorWindow window, int seconds, int repetitions, int flicks, boolean tooMuch) {
        PelvicFloorCheck check = new PelvicFloorCheck(
                seconds, repetitions, flicks, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO);
        assertThat(CheckWindow.isTooMuch(window, check)).isEqualTo(tooMuch);
    }

    /** Not with fragile bones, from 28 weeks, dizzy on the back, within 2 weeks of a birth or 6 of a caesarean. */
    @Test
    void theHeadStaysDownWhereALiftWouldBeWrong() {
        assertThat(noLift(woman())).isEmpty();
        assertThat(noLift(woman().conditions(DAY, Set.of(Condition.OSTEOPOROSIS))))
                .hasValueSatisfying(why -> assertThat(why).contains("fragile bones"));
        assertThat(noLift(woman().conditions(DAY, Set.of(Condition.VERTEBRAL_FRACTURE))))
                .isPresent();
        assertThat(noLift(woman().pregnant(Dating.stated(DAY.minusDays(195).plusDays(280)))))
                .isEmpty();
        assertThat(noLift(woman().pregnant(Dating.stated(DAY.minusDays(196).plusDays(280)))))
                .hasValueSatisfying(why -> assertThat(why).contains("from 28 weeks"));
        assertThat(noLift(woman().symptoms(new SymptomReport.Asked(DAY, Set.of(Symptom.DIZZY_LYING_DOWN)))))
                .hasValueSatisfying(why -> assertThat(why).contains("dizzy"));
        assertThat(noLift(woman().gaveBirth(birth(BirthKind.VAGINAL, 13))))
                .hasValueSatisfying(why -> assertThat(why).contains("not lifted before 25 Nov 2026"));
        assertThat(noLift(woman().gaveBirth(birth(BirthKind.VAGINAL, 14)))).isEmpty();
        assertThat(noLift(woman().gaveBirth(birth(BirthKind.CAESAREAN, 41)))).isPresent();
        assertThat(noLift(woman().gaveBirth(birth(BirthKind.CAESAREAN, 42)))).isEmpty();
    }

    private static Birth birth(BirthKind kind, int daysAgo) {
        return new Birth(DAY.minusDays(daysAgo), kind, Tear.NONE, YesNoUnknown.YES);
    }

    private static Optional<String> noLift(Client.Builder woman) {
        return CheckWindow.noHeadLift(new Facts(woman.build(), DAY));
    }

    /** One rung above the highest that passes; the first where none does. */
    @Test
    void aTryGoesOneRungAboveWhatPasses() {
        Judgement judgement = judged(woman());
        int passes = judgement.catalogue().ladder(ExerciseGroup.LIMB_LOAD).stream()
                .filter(move -> judgement.of(move).passes())
                .mapToInt(Move::rung)
                .max()
                .orElseThrow();
        assertThat(CheckWindow.highestTry(judgement, ExerciseGroup.LIMB_LOAD)).isEqualTo(passes + 1);
        Judgement healing = judged(woman().gaveBirth(birth(BirthKind.CAESAREAN, 3)));
        assertThat(CheckWindow.highestTry(healing, ExerciseGroup.FRONT_SUPPORT)).isEqualTo(1);
    }
}
