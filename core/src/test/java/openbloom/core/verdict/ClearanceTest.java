package openbloom.core.verdict;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.screening.Condition;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClearanceTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    @Test
    void tellsLimitsTheRulesCanReadFromNamesAndWords() {
        Clearance given = Clearance.of(
                TODAY, "midwife", List.of("NO_IMPACT", "BREATH", "heel-slide", "nothing over 5 kg", "walk daily"));
        assertThat(given.readable()).containsExactly(ClinicalRestriction.NO_IMPACT);
        assertThat(given.names(CATALOGUE.get("heel-slide"))).isTrue();
        assertThat(given.names(CATALOGUE.get("breath-seated"))).isTrue();
        assertThat(given.names(CATALOGUE.get("squat"))).isFalse();
        assertThat(given.words()).containsExactly("nothing over 5 kg", "walk daily");
    }

    /** A word that is a year old opens nothing new where nobody said since when; a general one never opens a listed condition. */
    @ParameterizedTest
    @CsvSource({"365, true, true", "366, true, false", "1, false, false", "1825, false, false"})
    void aLetterIsForSomething(int daysAgo, boolean forIt, boolean opens) {
        Client woman = Client.of(0, 1, 45)
                .conditions(TODAY, Set.of(Condition.HERNIA))
                .cleared(new Clearance(
                        TODAY.minusDays(daysAgo), "doctor", List.of(), forIt ? Set.of(Condition.HERNIA) : Set.of()))
                .build();
        Verdict carry = Judgement.of(CATALOGUE, woman, TODAY).of(CATALOGUE.get("two-hand-carry"));
        assertThat(carry.hasReason("HERNIA")).isEqualTo(!opens);
    }

    @ParameterizedTest
    @CsvSource({
        "NO_FRONT_SUPPORT, pushup-wall, true",
        "NO_FRONT_SUPPORT, pushup-kneeling, true",
        "NO_FRONT_SUPPORT, burpee, true",
        "NO_FRONT_SUPPORT, inverted-v, true",
        "NO_FRONT_SUPPORT, support-counter, true",
        "NO_FRONT_SUPPORT, opposite-arm-leg, true",
        "NO_FRONT_SUPPORT, bridge, false",
        "NO_FRONT_SUPPORT, squat, false",
        "NO_FRONT_SUPPORT, breath-hands-knees, false",
        "LIGHT_LOAD_ONLY, squat, true",
        "LIGHT_LOAD_ONLY, bridge, false",
        "LIGHT_LOAD_ONLY, two-hand-carry, true",
        "NO_FLOOR_CONTRACTIONS, pf-hold-breath, true",
        "NO_FLOOR_CONTRACTIONS, bridge-squeeze, true",
        "NO_FLOOR_CONTRACTIONS, bridge, false",
        "BREATH_ONLY, breath-lying, false",
        "BREATH_ONLY, connect-lying, true",
        "BREATH_ONLY, side-rest, true",
        "NO_LYING_ON_THE_BACK, bridge, true",
        "NO_LYING_ON_THE_BACK, clam, false",
        "NO_IMPACT, heel-drops, true",
        "NO_IMPACT, brisk-walk, false"
    })
    void aLimitIsADemandWhereverItOccurs(ClinicalRestriction limit, String move, boolean excluded) {
        assertThat(limit.excludes(CATALOGUE.get(move))).isEqualTo(excluded);
    }

    @Test
    void aProhibitionOpensNothing() {
        Client woman = Client.of(0, 1, 30)
                .pregnant(Dating.stated(TODAY.plusWeeks(10)))
                .conditions(TODAY, Set.of(Condition.CERVICAL_INSUFFICIENCY))
                .cleared(Clearance.of(TODAY, "consultant", List.of("NO_IMPACT", "no breath-seated")))
                .build();
        assertThat(Judgement.of(CATALOGUE, woman, TODAY).all()).allMatch(verdict -> verdict.kind() == VerdictKind.STOP);
    }

    @Test
    void aLimitKeepsItsEarlierName() {
        assertThat(ClinicalRestriction.parse("NOTHING_ON_THE_BACK")).contains(ClinicalRestriction.NO_LYING_ON_THE_BACK);
    }

    @ParameterizedTest
    @CsvSource({
        "NO_LYING_ON_THE_BACK, heel-slide, NOT_YET", "NO_IMPACT, jog-on-spot, NOT_YET",
                "NO_ARMS_OVERHEAD, press-single, NOT_YET",
        "LIGHT_LOAD_ONLY, support-kneeling, NOT_YET", "NO_FRONT_SUPPORT, support-wall, NOT_YET",
                "NO_SINGLE_LEG, step-up, NOT_YET"
    })
    void everyLimitExcludesWhatItSays(ClinicalRestriction limit, String move, VerdictKind kind) {
        Client woman = Client.of(1, 1, 40)
                .cleared(Clearance.of(TODAY, "doctor", List.of(limit.name())))
                .build();
        Verdict verdict = Judgement.of(CATALOGUE, woman, TODAY).of(CATALOGUE.get(move));
        assertThat(verdict.kind()).isEqualTo(kind);
        assertThat(verdict.hasReason("STOP-CLEAR-LIMIT")).isTrue();
    }

    @Test
    void anAbsoluteContraindicationLeavesOnlyUnloadedMovesTheClinicianNamed() {
        Client woman = Client.of(0, 1, 30)
                .pregnant(Dating.stated(TODAY.plusWeeks(10)))
                .conditions(TODAY, Set.of(Condition.CERVICAL_INSUFFICIENCY))
                .cleared(Clearance.of(TODAY, "consultant", List.of("breath-seated", "squat")))
                .build();
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        assertThat(judgement.of(CATALOGUE.get("breath-seated")).passes()).isTrue();
        assertThat(judgement.of(CATALOGUE.get("breath-side")).kind()).isEqualTo(VerdictKind.STOP);
        assertThat(judgement.of(CATALOGUE.get("squat")).kind()).isEqualTo(VerdictKind.STOP);
    }

    @ParameterizedTest
    @CsvSource({"-1, false", "0, true", "30, true", "60, true", "61, false"})
    void countsOnlyForTheTimeSinceTheBirthAndNotFromTheFuture(int clearedDaysAgo, boolean counts) {
        Client woman = Client.of(1, 1, 30)
                .gaveBirth(new Birth(TODAY.minusDays(60), BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES))
                .cleared(Clearance.of(TODAY.minusDays(clearedDaysAgo), "doctor", List.of()))
                .build();
        assertThat(new Facts(woman, TODAY).clearance().isPresent()).isEqualTo(counts);
    }
}
