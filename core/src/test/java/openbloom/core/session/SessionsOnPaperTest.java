package openbloom.core.session;

import static openbloom.core.verdict.KnownWomen.at;
import static openbloom.core.verdict.KnownWomen.born;
import static openbloom.core.verdict.KnownWomen.caesarean;
import static openbloom.core.verdict.KnownWomen.cleared;
import static openbloom.core.verdict.KnownWomen.floor;
import static openbloom.core.verdict.KnownWomen.gap;
import static openbloom.core.verdict.KnownWomen.told;
import static openbloom.core.verdict.KnownWomen.well;
import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Example;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathPosition;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.progress.WeekKind;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.screening.Condition;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Women;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Sessions as they were read and found good, written out whole: a file for each woman among the resources. Who changes how a session is
 * put together sees here what becomes of women; {@code -Dbloom.record} writes them anew, and their difference is what there is
 * to read. That a session is right is for the other tests of this package.
 */
class SessionsOnPaperTest {
    private static final Path PAPERS = Path.of("src/test/resources/openbloom/core/session");
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    /** Every second request, the even ones for one woman, the odd ones for the next. */
    @ParameterizedTest
    @MethodSource("women")
    void ofAKnownWomanAreAsTheyWereRead(int number, String who, Judgement judgement) throws IOException {
        List<String> lines = new ArrayList<>();
        int at = number;
        for (Map.Entry<String, SessionRequest> request : requests(judgement).entrySet()) {
            if (at++ % 2 == 0) {
                lines.add("# " + request.getKey());
                lines.addAll(session(Composer.compose(judgement, request.getValue()), request.getValue()));
            }
        }
        for (Flow flow : Flows.shipped(CATALOGUE)) {
            lines.add("# template " + flow.name() + ", " + flow.about());
            lines.addAll(fitted(flow, judgement));
        }
        lines.add("# why a whole group is not hers");
        for (ExerciseGroup group : ExerciseGroup.values()) {
            lines.add("  " + group + ": " + ExclusionReason.of(judgement, group));
        }
        compare(who, lines);
    }

    /** Any women, each with another of the requests. */
    @Example
    void ofGeneratedWomenAreAsTheyWere() throws IOException {
        List<String> lines = new ArrayList<>();
        int at = 0;
        for (Client woman : Women.some(60, 20261201)) {
            Judgement judgement = judged(woman);
            List<Map.Entry<String, SessionRequest>> requests =
                    List.copyOf(requests(judgement).entrySet());
            Map.Entry<String, SessionRequest> request = requests.get(at++ % requests.size());
            lines.add("# generated woman " + at + ": " + request.getKey());
            lines.addAll(session(Composer.compose(judgement, request.getValue()), request.getValue()));
        }
        compare("generated women", lines);
    }

    private static void compare(String who, List<String> written) throws IOException {
        List<String> now = written.stream().map(String::stripTrailing).toList();
        Path paper = PAPERS.resolve(who.replaceAll("[^a-z0-9]+", "-") + ".txt");
        if (Boolean.getBoolean("bloom.record")) {
            Files.createDirectories(PAPERS);
            Files.write(paper, now);
        }
        List<String> kept = Files.readAllLines(paper);
        for (int at = 0; at < Math.min(now.size(), kept.size()); at++) {
            assertThat(now.get(at))
                    .as("%s, line %d, under %s", paper, at + 1, heading(kept, at))
                    .isEqualTo(kept.get(at));
        }
        assertThat(now).hasSameSizeAs(kept);
    }

    private static String heading(List<String> lines, int at) {
        return lines.subList(0, at + 1).stream()
                .filter(line -> line.startsWith("# "))
                .reduce("", (before, last) -> last);
    }

    static Stream<Arguments> women() {
        Map<String, Judgement> women = new LinkedHashMap<>();
        women.put("well", on(well()));
        women.put("well, left side weaker", on(well().sides(SideCheck.told(SideCheck.Weaker.LEFT))));
        women.put("well, right side weaker", on(well().sides(SideCheck.told(SideCheck.Weaker.RIGHT))));
        women.put(
                "at the foot of the progressions, nothing but a mat",
                on(well().rungs(Map.of()).equipment(Set.of())));
        women.put("half-way up", on(well().rungs(half()).equipment(Set.of(Equipment.BAND, Equipment.CHAIR))));
        women.put("8 weeks pregnant", on(at(8)));
        women.put("22 weeks pregnant", on(at(22)));
        women.put("38 weeks pregnant, half-way up", on(at(38).rungs(half())));
        women.put("4 days after a birth", on(born(4)));
        women.put("five weeks after a birth", on(born(35)));
        women.put("nine weeks after a caesarean, half-way up", on(caesarean(63).rungs(half())));
        women.put("16 weeks after a birth, cleared", on(cleared(112)));
        women.put("16 weeks after a birth, a wide soft gap", on(cleared(112).gap(gap(6, 3, YesNoUnknown.YES))));
        women.put("a floor that will not let go", judged(floor(Tone.TIGHT, YesNoUnknown.NO, YesNoUnknown.YES)));
        women.put("leaking", judged(told(well().rungs(half()), Symptom.LEAK_WITH_EFFORT)));
        women.put("heaviness", judged(told(well().rungs(half()), Symptom.HEAVINESS)));
        women.put("brittle bones", on(well().conditions(TODAY, Set.of(Condition.OSTEOPOROSIS))));
        women.put("a warning sign", on(well().warningSigns(TODAY, Set.of(WarningSign.values()[0]))));
        List<String> names = List.copyOf(women.keySet());
        return names.stream().map(who -> Arguments.of(names.indexOf(who), who, women.get(who)));
    }

    private static Judgement on(Client.Builder woman) {
        return judged(woman.build());
    }

    private static Judgement judged(Client woman) {
        return Judgement.of(CATALOGUE, woman, TODAY);
    }

    private static Map<ExerciseGroup, Integer> half() {
        return Arrays.stream(ExerciseGroup.values())
                .collect(Collectors.toMap(
                        one -> one, one -> CATALOGUE.ladder(one).size() / 2));
    }

    private static Map<String, SessionRequest> requests(Judgement judgement) {
        Map<String, SessionRequest> requests = new LinkedHashMap<>();
        requests.put("45 minutes", SessionRequest.of(45));
        for (Format.FormatKind kind : Format.FormatKind.values()) {
            Format format = Format.of(kind);
            int minutes = Math.min(30, format.rules().longestMinutes());
            requests.put(
                    minutes + " minutes, " + kind.words(),
                    SessionRequest.of(minutes).in(wishing(format)));
        }
        requests.put(
                "three rounds of 40 and 20 s in 20 minutes",
                SessionRequest.of(20).in(new Format(Format.FormatKind.INTERVALS, 3, 40, 20)));
        requests.put(
                "15 minutes at home, gently, breathing on the side",
                SessionRequest.of(15, Place.HOME, 7, History.NONE)
                        .gently(true)
                        .breathingIn(Optional.of(BreathPosition.ON_THE_SIDE)));
        History lately = lately(judgement);
        Wishes wishes = wishes(judgement, WeekKind.BUILD);
        requests.put(
                "50 minutes by her goals, after two sessions",
                new SessionRequest(50, Place.STUDIO, 3, Format.usual(50), wishes, lately, false, Optional.empty()));
        requests.put(
                "40 minutes, two thirds for the first goal",
                new SessionRequest(
                        40,
                        Place.STUDIO,
                        3,
                        Format.usual(40),
                        wishes.divided(new Shares(List.of(60, 25))),
                        lately,
                        false,
                        Optional.of(BreathPosition.SITTING)));
        requests.put(
                "35 minutes in a week of learning", SessionRequest.of(35).wanting(wishes(judgement, WeekKind.LEARN)));
        requests.put("35 minutes in a week of ease", SessionRequest.of(35).wanting(wishes(judgement, WeekKind.EASE)));
        requests.put(
                "20 minutes at home of what she was taught",
                SessionRequest.of(20, Place.HOME, 0, lately).wanting(wishes.forHome(CATALOGUE, lately)));
        return requests;
    }

    private static Format wishing(Format format) {
        return format.kind() == Format.FormatKind.ROUNDS ? new Format(format.kind(), 3, 50, 10) : format;
    }

    /** Half of what a long session would be, and another. */
    private static History lately(Judgement judgement) {
        List<String> ids = Composer.compose(judgement, SessionRequest.of(60)).items().stream()
                .map(SessionItem::moveId)
                .distinct()
                .toList();
        return History.of(List.of(ids.subList(0, ids.size() / 2), ids));
    }

    private static Wishes wishes(Judgement judgement, WeekKind week) {
        return new Wishes(
                List.of(Goal.STOP_LEAKING, Goal.EASE_BACK),
                Map.of(
                        ExerciseGroup.PELVIC_FLOOR_ENDURANCE, 30,
                        ExerciseGroup.PELVIC_FLOOR_QUICK, 25,
                        ExerciseGroup.LIMB_LOAD, 20,
                        ExerciseGroup.FLEXION, 10),
                Set.of(ExerciseGroup.LIMB_LOAD),
                Set.of("bridge", "jog-on-spot"),
                Set.of("squat"),
                List.of("band-row", "barbell-snatch"),
                new PlannedDay(Set.of(ExerciseGroup.LIMB_LOAD), Set.of(ExerciseGroup.FLEXION), week),
                Optional.empty());
    }

    private static List<String> session(Session session, SessionRequest request) {
        List<String> lines = new ArrayList<>();
        lines.add("  " + session.seconds() + " s" + ", work " + session.workSeconds() + " s" + ", left "
                + session.secondsOn(Side.LEFT) + " s, right " + session.secondsOn(Side.RIGHT) + " s, "
                + session.transitions() + " changes, " + (session.upByTheSide() ? "up by the side, " : "")
                + "worth " + session.score() + ". " + session.note());
        List<Integer> seconds = session.secondsOfParts();
        for (int i = 0; i < seconds.size(); i++) {
            SessionPart part = session.parts().get(i);
            lines.add("  = " + part.words() + ", " + part.items() + " items, " + seconds.get(i) + " s");
        }
        for (int i = 0; i < session.items().size(); i++) {
            lines.add("  " + item(session.items().get(i), request.format()) + " "
                    + session.remarks().get(i));
        }
        session.leftOut()
                .forEach(out -> lines.add("  - " + out.move().id() + " " + out.verdict() + ": " + out.reason()));
        return lines;
    }

    private static String item(SessionItem item, Format format) {
        return item.part() + " " + (item.round() > 0 ? item.round() + ". " : "") + item.moveId() + " " + item.side()
                + " " + item.verdict() + item.adjustments().stream().sorted().toList() + " "
                + item.setUpSeconds() + "+" + item.workSeconds() + " s, " + item.doseWords() + ", step "
                + item.pick().step()
                + (item.pick().isNew() ? ", new" : "")
                + item.insteadOf().map(move -> ", for " + move.id()).orElse("")
                + "; " + item.pick().worth().words() + " " + item.pick().worth().total() + "; "
                + counted(item.counting(format));
    }

    private static String counted(Counting counting) {
        return counting.repetition().size() + " steps of "
                + counting.repetition().stream()
                        .mapToInt(Counting.CountStep::seconds)
                        .sum() + " s " + counting.repetitions()
                + "×" + counting.sets() + " by " + counting.by() + ", rest " + counting.restSeconds() + ", clock "
                + counting.clockSeconds();
    }

    /** A template as she gets it, then with its lines turned round, which breaks what can be broken. */
    private static List<String> fitted(Flow flow, Judgement judgement) {
        List<String> lines = new ArrayList<>();
        Flow.Fitted fitted = flow.fittedTo(judgement);
        fitted.changes().forEach(change -> lines.add("  ~ " + change));
        Outline outline = fitted.outline();
        lines.addAll(edited(Edited.of(outline, judgement)));
        for (int at = 1; at < outline.entries().size(); at++) {
            outline = outline.moved(at, 0);
        }
        Edited turned = Edited.of(outline, judgement);
        turned.broken().forEach(line -> lines.add("  turned: " + line));
        lines.add("  turned: " + Sided.entriesOf(turned.session().items()));
        return lines;
    }

    private static List<String> edited(Edited edited) {
        List<String> lines = new ArrayList<>();
        lines.add("  " + edited.session().seconds() + " s" + ", "
                + edited.session().transitions() + " changes");
        edited.session()
                .items()
                .forEach(item -> lines.add("  " + item(item, edited.outline().format())));
        edited.broken().forEach(line -> lines.add("  ! " + line));
        return lines;
    }
}
