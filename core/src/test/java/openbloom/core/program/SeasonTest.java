package openbloom.core.program;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.record.Client;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.VerdictKind;
import org.junit.jupiter.api.Test;

class SeasonTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    @Test
    void tellsWhenTheBackIsLimitedAndWhenItIsLeftOut() {
        Client woman = Client.of(0, 1, 31)
                .pregnant(Dating.stated(TODAY.plusDays(280 - 7 * 18)))
                .symptoms(SymptomReport.none(TODAY))
                .build();
        List<Season.SeasonChange> season = Season.of(CATALOGUE, woman, TODAY, TODAY.plusWeeks(12));
        assertThat(dayOf(season, "PREG-SUP-SHORT", VerdictKind.ADJUST)).isEqualTo(TODAY.plusWeeks(2));
        assertThat(dayOf(season, "PREG-SUP-NONE", VerdictKind.SWAP)).isEqualTo(TODAY.plusWeeks(10));
        assertThat(season.get(0).words()).contains("Go becomes Adjust");
    }

    @Test
    void staysPregnantPastFortyFiveWeeksUntilABirthIsTold() {
        Client woman = Client.of(0, 1, 31).pregnant(Dating.stated(TODAY)).build();
        LocalDate longAfter = TODAY.plusWeeks(10);
        assertThat(Judgement.of(CATALOGUE, woman, longAfter)
                        .of(CATALOGUE.get("heel-slide"))
                        .kind())
                .isEqualTo(VerdictKind.SWAP);
    }

    @Test
    void saysThatARuleFallsAway() {
        Client woman = Client.of(1, 1, 31)
                .gaveBirth(new Birth(TODAY.minusDays(10), BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES))
                .symptoms(new SymptomReport.Asked(TODAY, Set.of()))
                .build();
        assertThat(Season.of(CATALOGUE, woman, TODAY, TODAY.plusDays(40)))
                .filteredOn(change -> change.rule().code().equals("STOP-CLEAR-WEEKS"))
                .isNotEmpty()
                .allSatisfy(change -> {
                    assertThat(change.date()).isEqualTo(TODAY.plusDays(32));
                    assertThat(change.words()).contains("No longer holds");
                });
    }

    /**
     * A look at the ladders is remembered for four weeks while she is pregnant (practice). Then the middle is watched again and
     * long levers are swapped; what she could do she still can, and no rung is said to be missing.
     */
    @Test
    void tellsWhenALoadCheckGetsTooOld() {
        Client woman = Client.of(1, 1, 31)
                .pregnant(Dating.stated(TODAY.plusDays(280 - 7 * 22)))
                .warningSigns(TODAY, Set.of())
                .conditions(TODAY, Set.of())
                .symptoms(SymptomReport.none(TODAY))
                .flat(TODAY, Map.of(ExerciseGroup.FRONT_SUPPORT, 8))
                .build();
        List<Season.SeasonChange> late = Season.of(CATALOGUE, woman, TODAY, TODAY.plusDays(29)).stream()
                .filter(change ->
                        change.moves().stream().anyMatch(move -> move.strand() == ExerciseGroup.FRONT_SUPPORT))
                .toList();
        assertThat(late).isNotEmpty().allMatch(change -> change.date().equals(TODAY.plusDays(29)));
        assertThat(late).extracting(change -> change.rule().code()).containsOnly("PREG-DOME", "PREG-LEVER");
        assertThat(late).anySatisfy(change -> {
            assertThat(change.moves()).contains(CATALOGUE.get("knee-hover"));
            assertThat(change.from()).isEqualTo(VerdictKind.GO);
            assertThat(change.to()).isEqualTo(VerdictKind.ADJUST);
        });
        assertThat(late).anySatisfy(change -> {
            assertThat(change.moves()).contains(CATALOGUE.get("support-full-20"));
            assertThat(change.to()).isEqualTo(VerdictKind.SWAP);
        });
    }

    @Test
    void namesTheNextDayAndWhatItChanges() {
        assertThat(Season.next(CATALOGUE, thirteenWeeks(), TODAY, TODAY.plusWeeks(30)))
                .hasValueSatisfying(change -> assertThat(change.date()).isEqualTo(TODAY.plusWeeks(1)));
        assertThat(Season.next(CATALOGUE, thirteenWeeks(), TODAY, TODAY.plusDays(3)))
                .isEmpty();
    }

    /** Two years after a birth the calendar stops counting from it, and nobody is told. */
    @Test
    void isSilentAboutTwoYears() {
        Client woman = Client.of(1, 1, 31)
                .gaveBirth(new Birth(TODAY.minusYears(2).plusDays(5), BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES))
                .symptoms(SymptomReport.none(TODAY))
                .build();
        assertThat(Season.of(CATALOGUE, woman, TODAY, TODAY.plusDays(10))).isEmpty();
    }

    /** The second trimester begins at 14 weeks: not on the front any more. */
    @Test
    void saysAChangeInWords() {
        assertThat(Season.of(CATALOGUE, thirteenWeeks(), TODAY, TODAY.plusWeeks(2)))
                .filteredOn(change -> change.moves().contains(CATALOGUE.get("front-rest")))
                .singleElement()
                .satisfies(change -> {
                    assertThat(change.rule().code()).isEqualTo("PREG-PRONE");
                    assertThat(change.date()).isEqualTo(TODAY.plusWeeks(1));
                    assertThat(change.words()).contains("becomes Swap").doesNotContain("No longer holds");
                });
    }

    private static Client thirteenWeeks() {
        return Client.of(0, 1, 31)
                .pregnant(Dating.stated(TODAY.plusDays(280 - 7 * 13)))
                .symptoms(SymptomReport.none(TODAY))
                .build();
    }

    private static LocalDate dayOf(List<Season.SeasonChange> season, String code, VerdictKind to) {
        return season.stream()
                .filter(change -> change.rule().code().equals(code) && change.to() == to)
                .findFirst()
                .orElseThrow()
                .date();
    }
}
