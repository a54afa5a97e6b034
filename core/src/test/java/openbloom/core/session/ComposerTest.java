package openbloom.core.session;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import openbloom.core.dating.Dating;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.record.Client;
import openbloom.core.screening.Condition;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.VerdictKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ComposerTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    @ParameterizedTest
    @CsvSource({"5, 0", "10, 1", "20, 2", "30, 3", "45, 4"})
    void takesAsLongAsAskedWithinFivePercent(int minutes, long seed) {
        for (Client woman : List.of(pregnantAt(16), pregnantAt(30), strong())) {
            Session session = compose(woman, SessionRequest.of(minutes, Place.STUDIO, seed, History.NONE));
            assertThat((double) session.seconds())
                    .as(minutes + " min")
                    .isBetween(minutes * 60 * 0.95, minutes * 60 * 1.05);
        }
    }

    @Test
    void givesTheSameSessionForTheSameSeedAndVariesWithWhatSheDidLately() {
        Session first = compose(strong(), SessionRequest.of(30, Place.STUDIO, 7, History.NONE));
        assertThat(compose(strong(), SessionRequest.of(30, Place.STUDIO, 7, History.NONE)))
                .isEqualTo(first);

        List<String> lately = idsOf(first);
        Session next =
                compose(strong(), SessionRequest.of(30, Place.STUDIO, 7, History.of(List.of(lately, lately, lately))));
        assertThat(idsOf(next)).isNotEqualTo(lately);
        long again = idsOf(next).stream().filter(lately::contains).count();
        assertThat(again).isLessThan(lately.size());
    }

    /** Nobody watches at home: what loads her waits until it was taught (common practice, no source). */
    @Test
    void takesNothingHomeThatLoadsHerAndWasNeverTaught() {
        Judgement judgement = Judgement.of(CATALOGUE, strong(), TODAY);
        SessionRequest request = SessionRequest.of(20, Place.HOME, 3, History.NONE);
        List<String> taught = idsOf(Composer.compose(judgement, request));
        History known = History.of(List.of(taught));
        Session first =
                Composer.compose(judgement, request.wanting(request.wishes().forHome(CATALOGUE, History.NONE)));
        Session later = Composer.compose(
                judgement,
                SessionRequest.of(20, Place.HOME, 3, known)
                        .wanting(request.wishes().forHome(CATALOGUE, known)));
        assertThat(first.items()).isNotEmpty().allMatch(item -> item.move().load() < 2);
        assertThat(later.items())
                .allMatch(item ->
                        item.move().load() < 2 || taught.contains(item.move().id()))
                .anyMatch(item -> item.move().load() >= 2);
    }

    private static List<String> idsOf(Session session) {
        return session.items().stream().map(item -> item.move().id()).distinct().toList();
    }

    @Test
    void takesNothingOfASessionWhenAWarningSignWasTold() {
        Client woman = strong().but()
                .warningSigns(TODAY, Set.of(WarningSign.CHEST_PAIN))
                .build();
        Session session = compose(woman, SessionRequest.of(30));
        assertThat(session.items()).isEmpty();
        assertThat(session.note()).isNotEmpty();
        assertThat(session.leftOut())
                .allSatisfy(left -> assertThat(left.verdict()).isEqualTo(VerdictKind.STOP));
    }

    @Test
    void shortensStillHoldsForHighBloodPressure() {
        Client woman = pregnantAt(30)
                .but()
                .conditions(TODAY, Set.of(Condition.HIGH_BLOOD_PRESSURE_CONTROLLED))
                .build();
        Session session =
                compose(woman, SessionRequest.of(60).wanting(Wishes.of(Map.of(ExerciseGroup.FRONT_SUPPORT, 30))));
        assertThat(session.items())
                .filteredOn(item -> item.move().strand() == ExerciseGroup.FRONT_SUPPORT)
                .isNotEmpty()
                .allSatisfy(item -> assertThat(item.dose().stillSeconds()).isLessThanOrEqualTo(10));
    }

    @Test
    void plansGymStaplesOnlyWhereTheirEquipmentIs() {
        Set<Equipment> studio =
                Set.of(Equipment.BLOCK, Equipment.BALL, Equipment.BAND, Equipment.DUMBBELL, Equipment.CHAIR);
        Map<ExerciseGroup, Integer> top = rungs(12);
        Client atTheTop = strong().but().rungs(top).build();
        for (long seed = 0; seed < 20; seed++) {
            SessionRequest request = SessionRequest.of(60, Place.STUDIO, seed, History.NONE);
            assertThat(compose(atTheTop.but().equipment(studio).build(), request)
                            .items())
                    .noneMatch(item -> item.move().isGymStaple());
        }
    }

    @Test
    void keepsChangesOfPositionFewerThanMoves() {
        Session session = compose(strong(), SessionRequest.of(45));
        long moves = session.items().stream().map(SessionItem::move).distinct().count();
        assertThat(session.transitions()).isLessThanOrEqualTo((int) moves / 2 + 2);
    }

    @Test
    void refusesTimesNoSessionTakes() {
        for (int minutes : new int[] {0, 4, 121, 500}) {
            assertThat(SessionRequest.of(minutes).problems())
                    .extracting("field")
                    .containsExactly("minutes");
            assertThatIllegalArgumentException().isThrownBy(() -> compose(strong(), SessionRequest.of(minutes)));
        }
    }

    private static SessionItem last(Session session) {
        return session.items().get(session.items().size() - 1);
    }

    private static Session compose(Client woman, SessionRequest request) {
        return Composer.compose(Judgement.of(CATALOGUE, woman, TODAY), request);
    }

    private static Client pregnantAt(int weeks) {
        return Client.of(0, 1, 32)
                .pregnant(Dating.stated(TODAY.minusWeeks(weeks).plusDays(280)))
                .symptoms(SymptomReport.none(TODAY))
                .warningSigns(TODAY, Set.of())
                .conditions(TODAY, Set.of())
                .rungs(rungs(2))
                .equipment(Set.of(Equipment.values()))
                .build();
    }

    private static Client strong() {
        return Client.of(1, 1, 38)
                .symptoms(SymptomReport.none(TODAY))
                .warningSigns(TODAY, Set.of())
                .conditions(TODAY, Set.of())
                .rungs(rungs(5))
                .equipment(Set.of(Equipment.values()))
                .build();
    }

    private static Map<ExerciseGroup, Integer> rungs(int done) {
        Map<ExerciseGroup, Integer> rungs = new EnumMap<>(ExerciseGroup.class);
        for (ExerciseGroup strand : ExerciseGroup.values()) {
            rungs.put(strand, done);
        }
        return rungs;
    }

    /** On a low day nothing above load 1 is planned, whatever she could do. */
    @Test
    void aGentleSessionStaysLight() {
        Session gentle = compose(
                strong(), SessionRequest.of(20, Place.STUDIO, 7, History.NONE).gently(true));
        assertThat(gentle.items()).isNotEmpty().allMatch(item -> item.move().load() <= 1);
        assertThat(compose(strong(), SessionRequest.of(20, Place.STUDIO, 7, History.NONE))
                        .items())
                .anyMatch(item -> item.move().load() > 1);
    }

    @Test
    void takesFirstWhatHerProgramWantsOnTheDay() {
        SessionRequest plain = SessionRequest.of(20, Place.STUDIO, 7, History.NONE);
        for (ExerciseGroup wanted :
                List.of(ExerciseGroup.STRENGTH_PULL, ExerciseGroup.BALANCE, ExerciseGroup.MOBILITY)) {
            assertThat(compose(strong(), plain.wanting(Wishes.of(Map.of(wanted, 30))))
                            .items())
                    .extracting(item -> item.move().strand())
                    .contains(wanted);
        }
    }
}
