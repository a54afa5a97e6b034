package openbloom.core.session;

import static openbloom.core.verdict.KnownWomen.well;
import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.Breathing;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.breath.ConnectFault;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.Client;
import openbloom.core.screening.FeltIn;
import openbloom.core.screening.PostureCheck;
import openbloom.core.screening.PostureFinding;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.SideScore;
import openbloom.core.screening.SideTask;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What the checks find changes a first move, the order or a cue, and says so. Common practice, no source; written before it ran. */
class SteeringTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Map<ConnectPosition, Boolean> ONLY_LYING = Map.of(
            ConnectPosition.LYING, true,
            ConnectPosition.HANDS_AND_KNEES, false);

    private static Client.Builder faulted(ConnectFault... faults) {
        return well().connect(new ConnectCheck(Map.of(), ONLY_LYING, Set.of(faults)));
    }

    private static Session session(Client.Builder woman, History history) {
        Judgement judgement = Judgement.of(CATALOGUE, woman.build(), TODAY);
        return Composer.compose(
                judgement, SessionRequest.of(40, Place.STUDIO, history.recent().size(), history));
    }

    private static List<SessionItem> opening(Session session) {
        return session.items().stream()
                .filter(item -> item.part() == Part.OPENING)
                .toList();
    }

    private static String beside(Session session, String moveId) {
        for (int at = 0; at < session.items().size(); at++) {
            if (session.items().get(at).moveId().equals(moveId)) {
                return session.remarks().get(at);
            }
        }
        return "";
    }

    /** Felt lying only: three sessions running connect lying, and one position further is tried with one set and marked. */
    @ParameterizedTest
    @EnumSource(ConnectFault.class)
    void staysWhereSheFeelsItAndTriesOneStep(ConnectFault fault) {
        List<List<String>> done = new ArrayList<>();
        for (int visit = 0; visit < 3; visit++) {
            Session session = session(faulted(fault), History.of(done));
            List<SessionItem> connects = session.items().stream()
                    .filter(item -> item.move().strand() == ExerciseGroup.CONNECT)
                    .toList();
            List<SessionItem> tried = connects.stream()
                    .filter(item -> item.adjustments().contains(Adjustment.TRY_ONE_SET))
                    .toList();
            assertThat(connects)
                    .filteredOn(item -> !tried.contains(item))
                    .isNotEmpty()
                    .allMatch(item -> isLying(item.move()));
            assertThat(tried).as("visit %d", visit).singleElement().satisfies(item -> {
                assertThat(item.moveId()).isEqualTo("connect-hands-knees");
                assertThat(item.dose().sets()).isEqualTo(1);
                assertThat(beside(session, item.moveId()))
                        .contains("Felt so far: lying")
                        .contains("marked");
            });
            done.add(0, session.items().stream().map(SessionItem::moveId).toList());
        }
    }

    private static boolean isLying(Move move) {
        return Set.of(
                        "connect-lying",
                        "connect-side",
                        "sweep-hold",
                        "light-brace",
                        "wrapped-draw-in",
                        "empty-pause-lying")
                .contains(move.id());
    }

    @ParameterizedTest
    @CsvSource({
        "PELVIS_TIPS, connect-side, the pelvis tips",
        "UPPER_BELLY_HARDENS, connect-side, begin low",
        "BREATH_HELD, breath-lying, Hum each out-breath",
        "SEAT_OR_THIGHS_GRIP, knee-sway, Hips loosened before",
        "NECK_JAW_OR_TOES_GRIP, breath-propped, head carried",
        "BACK_TENSES, low-back-round, Loosened before the breath"
    })
    void changesTheFirstMoveForEachFaultAndSaysSo(ConnectFault fault, String move, String words) {
        Session session = session(faulted(fault), History.NONE);
        assertThat(opening(session)).extracting(SessionItem::moveId).contains(move);
        assertThat(beside(session, move)).contains(words);
    }

    @Test
    void loosensBeforeBreathAndBeforeConnecting() {
        List<String> back = opening(session(faulted(ConnectFault.BACK_TENSES), History.NONE)).stream()
                .map(SessionItem::moveId)
                .toList();
        assertThat(back.indexOf("low-back-round")).isZero();
        List<String> seat = opening(session(faulted(ConnectFault.SEAT_OR_THIGHS_GRIP), History.NONE)).stream()
                .map(SessionItem::moveId)
                .toList();
        assertThat(seat.indexOf("knee-sway")).isLessThan(seat.indexOf("connect-lying"));
    }

    @Test
    void givesAStillZoneItsPositionAndHand() {
        Client.Builder woman = well().breath(new Breathing(BreathFinding.UNEVEN, Set.of(BreathZone.LEFT_RIBS)));
        Session session = session(woman, History.NONE);
        assertThat(opening(session).get(0).moveId()).isEqualTo("breath-side");
        assertThat(session.remarks().get(0)).contains("left side ribs still").contains("her hand on it");
    }

    @ParameterizedTest
    @CsvSource({"STIFF_LOW_BACK, low-back-round", "PELVIS_TIPPED, low-back-round", "SITS_SLUMPED, pelvic-tilts"})
    void looksAtHerPostureForAFirstMove(PostureFinding finding, String move) {
        Session session = session(well().posture(PostureCheck.of(Set.of(finding))), History.NONE);
        assertThat(opening(session)).extracting(SessionItem::moveId).contains(move);
        assertThat(beside(session, move)).startsWith("Posture: ");
    }

    @ParameterizedTest
    @CsvSource({
        "HEAD_FORWARD, Back of the neck long",
        "RIBS_FORWARD, A long out-breath first",
        "PELVIS_TUCKED, Knees soft and seat free",
        "WEIGHT_ON_THE_HEELS, middle of both feet",
        "WEIGHT_ON_THE_TOES, middle of both feet"
    })
    void saysBesideTheFirstUprightExerciseWhatToMind(PostureFinding finding, String words) {
        Session session = session(well().posture(PostureCheck.of(Set.of(finding))), History.NONE);
        int upright = -1;
        for (int at = 0; at < session.items().size() && upright < 0; at++) {
            SessionItem item = session.items().get(at);
            upright = item.part() == Part.WORK && item.move().position().isUpright() ? at : -1;
        }
        assertThat(session.remarks().get(upright)).contains(words);
        assertThat(session.remarks().stream().filter(one -> one.contains(words)))
                .hasSize(1);
    }

    /** Felt in the back where the seat should work: what to change, beside at most two exercises known to go wrong there. */
    @Test
    void saysWhatToChangeWhereItIsFeltElsewhere() {
        SideScore elsewhere = new SideScore(3, 3, FeltIn.BACK);
        SideScore unasked = new SideScore(3, 3, FeltIn.NOT_ASKED);
        SideCheck sides = SideCheck.of(Map.of(SideTask.values()[0], new SideCheck.BothSides(elsewhere, unasked)));
        Session session = session(well().sides(sides), History.NONE);
        assertThat(session.remarks().stream()
                        .filter(words -> words.contains("Side check: felt in the back. If so here: ")))
                .isNotEmpty()
                .hasSizeLessThanOrEqualTo(2);
    }

    @Test
    void saysNothingWhereNothingWasFound() {
        assertThat(session(well().posture(PostureCheck.of(Set.of())), History.NONE)
                        .remarks())
                .noneMatch(words -> words.contains("Posture") || words.contains("check:"));
        assertThat(session(well(), History.NONE).items())
                .extracting(SessionItem::moveId)
                .isEqualTo(session(well().posture(PostureCheck.of(Set.of())), History.NONE).items().stream()
                        .map(SessionItem::moveId)
                        .toList());
    }
}
