package openbloom.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.app.moves.Seasons;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.record.Client;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.VerdictKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The season as it is drawn and told, week by week. */
class SeasonViewTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    @ParameterizedTest
    @CsvSource({
        "0, '0 weeks + 0, first trimester', false", "22, '22 weeks + 0, second trimester', false",
        "40, '40 weeks + 0, third trimester', false", "41, '1 week after birth, Early healing', true",
        "46, '6 weeks after birth, Early recovery', true"
    })
    void goesFromConceptionPastTheDueDateAsIfSheGaveBirthOnIt(int week, String where, boolean assumed) {
        SeasonView view = view(pregnant(), Optional.of(week));
        assertThat(view.shown().where()).startsWith(where);
        assertThat(view.shown().assumed()).isEqualTo(assumed);
        assertThat(view.weeks()).isEqualTo(144);
    }

    @Test
    void standsOnTodayUntilAWeekIsAskedFor() {
        SeasonView view = view(pregnant(), Optional.empty());
        assertThat(view.shown().day()).isEqualTo("24 Nov 2026");
        assertThat(view.shown().week()).isEqualTo(22);
        assertThat(view.ribbon()).contains("today").contains("due 30 Mar 2027").contains("6 wk");
    }

    @Test
    void keepsAWeekWithinTheSeason() {
        assertThat(view(pregnant(), Optional.of(999)).shown().week()).isEqualTo(144);
        assertThat(view(pregnant(), Optional.of(0)).shown().week()).isZero();
    }

    @Test
    void countsEveryMoveOnceAndTellsTheChangesOfTheWeek() {
        SeasonView view = view(pregnant(), Optional.of(28));
        assertThat(view.counts().values().stream().mapToInt(Integer::intValue).sum())
                .isEqualTo(CATALOGUE.size());
        assertThat(view.changes()).extracting(SeasonView.ShownChange::code).contains("PREG-SUP-NONE");
        assertThat(view.counts().get(VerdictKind.SWAP))
                .isGreaterThan(view(pregnant(), Optional.of(27)).counts().get(VerdictKind.SWAP));
        assertThat(view(pregnant(), Optional.of(25)).ahead()).isNotEmpty().hasSizeLessThanOrEqualTo(6);
    }

    @Test
    void showsThePregnancyBehindABirthAndNoFloorsWithoutOne() {
        Client born = Client.of(1, 1, 33)
                .gaveBirth(new Birth(TODAY.minusWeeks(10), BirthKind.CAESAREAN, Tear.NONE, YesNoUnknown.YES))
                .build();
        SeasonView after = view(born, Optional.empty());
        assertThat(after.shown().where()).isEqualTo("10 weeks after birth, Early recovery");
        assertThat(after.ribbon()).contains("pregnancy").contains("caesarean").contains("Strengthening");
        SeasonView neither = view(Client.of(0, 1, 58).build(), Optional.empty());
        assertThat(neither.shown().where()).isEqualTo("neither pregnant nor postnatal");
        assertThat(neither.ribbon()).contains("no time floors");
        assertThat(neither.changes()).isEmpty();
    }

    private static Client pregnant() {
        return Client.of(0, 1, 31)
                .pregnant(Dating.stated(TODAY.minusWeeks(22).plusDays(280)))
                .symptoms(SymptomReport.none(TODAY))
                .build();
    }

    private static SeasonView view(Client woman, Optional<Integer> week) {
        return SeasonView.of(
                new Seasons(), CATALOGUE, new SeasonView.KnownFact(woman, TODAY, List.of(), List.of()), week);
    }
}
