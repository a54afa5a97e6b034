package openbloom.core.verdict;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.CueFamily;
import openbloom.core.dating.Dating;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Approach;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.ApproachPreset;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.Question;
import openbloom.core.screening.SymptomReport;
import openbloom.core.session.Composer;
import openbloom.core.session.History;
import openbloom.core.session.Place;
import openbloom.core.session.Session;
import openbloom.core.session.SessionRequest;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The questions: what each choice that bears on verdicts changes. */
class ApproachTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    /** The usual choice of a question is what each of its others is compared with: looked at once. */
    private static final Map<ApproachChoice, String> SHOWN = new EnumMap<>(ApproachChoice.class);

    @ParameterizedTest
    @EnumSource(Question.class)
    void everyQuestionHasChoicesADefaultAndAReason(Question question) {
        assertThat(question.choices()).hasSizeBetween(2, 4).allMatch(choice -> choice.question() == question);
        assertThat(question.usual()).isEqualTo(question.choices().get(0));
        assertThat(question.words()).endsWith("?");
        assertThat(question.why()).endsWith(".");
        assertThat(Approach.USUAL.at(question)).isEqualTo(question.usual());
    }

    @ParameterizedTest
    @EnumSource(ApproachPreset.class)
    void everyPresetAnswersEveryQuestion(ApproachPreset preset) {
        assertThat(preset.approach().choices().keySet()).containsExactly(Question.values());
        assertThat(ApproachPreset.GENTLE_COORDINATION.approach()).isEqualTo(Approach.USUAL);
    }

    @ParameterizedTest
    @CsvSource({
        "TWO_FINGERS, curl-up, ADJUST",
        "FUNCTIONAL, curl-up, GO",
        "MILLIMETRE_NORMS, curl-up, ADJUST",
        "FOUR_FINGERS, curl-up, ADJUST",
        "SURFACE_LADDER, support-kneeling, ADJUST",
        "SURFACE_LADDER, support-full-20, NOT_YET",
        "NO_SUPPORT_UNTIL_RECOVERED, support-wall, NOT_YET",
        "STILL_HOLDS_WELCOME, support-full-20, ADJUST",
        "STILL_HOLDS_WELCOME, support-limb-lift, NOT_YET",
        "RESIST_THEN_SMALL, figure-eights, ADJUST",
        "SMALL_SPIRALS, figure-eights, GO",
        "NO_TWIST_UNTIL_RECOVERED, figure-eights, NOT_YET",
        "SQUEEZE_AFTER_BIRTH, squeeze-breathe, ADJUST",
        "SQUEEZE_AVOIDED, squeeze-breathe, SWAP"
    })
    void decidesForAWomanWithAWideButFirmGap(ApproachChoice choice, String move, VerdictKind kind) {
        Client woman =
                woman().gap(wideButFirm()).approach(Approach.of(Set.of(choice))).build();
        VerdictKind expected = move.equals("squeeze-breathe") && kind == VerdictKind.ADJUST ? VerdictKind.GO : kind;
        assertThat(verdict(woman, move)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "LIMITED_FROM_20_NONE_FROM_28, 19, GO",
        "LIMITED_FROM_20_NONE_FROM_28, 20, ADJUST",
        "LIMITED_FROM_20_NONE_FROM_28, 27, ADJUST",
        "LIMITED_FROM_20_NONE_FROM_28, 28, SWAP",
        "NONE_FROM_18, 17, GO",
        "NONE_FROM_18, 18, SWAP",
        "BY_SYMPTOMS, 19, GO",
        "BY_SYMPTOMS, 20, ADJUST",
        "BY_SYMPTOMS, 36, ADJUST"
    })
    void limitsTheBackInPregnancy(ApproachChoice choice, int weeks, VerdictKind kind) {
        Client woman = woman().pregnant(Dating.stated(TODAY.minusWeeks(weeks).plusDays(280)))
                .approach(Approach.of(Set.of(choice)))
                .build();
        assertThat(verdict(woman, "heel-slide")).isEqualTo(kind);
    }

    @ParameterizedTest
    @CsvSource({
        "CUE_AS_FOUND, PLAIN",
        "CUE_WHOLE_HUG, WHOLE_HUG",
        "CUE_UPWARD_SWEEP, UPWARD_SWEEP",
        "CUE_NAVEL_DRAW, DRAW_IN"
    })
    void choosesTheFamilyOfCues(ApproachChoice choice, CueFamily family) {
        Client woman = woman().approach(Approach.of(Set.of(choice))).build();
        assertThat(Judgement.of(CATALOGUE, woman, TODAY).cueFamily(move("bridge")))
                .isEqualTo(family);
    }

    @Test
    void listsExactlyTheMovesAnotherApproachWouldChange() {
        Client before = woman().gap(wideButFirm()).build();
        Client after = before.but()
                .approach(Approach.of(Set.of(ApproachChoice.FUNCTIONAL)))
                .build();
        List<Difference> differences =
                Difference.between(Judgement.of(CATALOGUE, before, TODAY), Judgement.of(CATALOGUE, after, TODAY));
        assertThat(differences)
                .extracting(Difference::move)
                .extracting(Move::id)
                .contains("curl-up", "support-wall", "bicycle");
        assertThat(differences)
                .allSatisfy(difference -> assertThat(difference.before()).isNotEqualTo(difference.after()));
        assertThat(Difference.between(Judgement.of(CATALOGUE, before, TODAY), Judgement.of(CATALOGUE, before, TODAY)))
                .isEmpty();
    }

    /** A choice that changes nothing is not offered: a verdict, a change, a cue, a dose or a session must differ. */
    @ParameterizedTest
    @EnumSource(ApproachChoice.class)
    void everyChoiceChangesSomething(ApproachChoice choice) {
        ApproachChoice other = choice == choice.question().usual()
                ? choice.question().choices().get(1)
                : choice.question().usual();
        assertThat(SHOWN.computeIfAbsent(choice, ApproachTest::shown))
                .isNotEqualTo(SHOWN.computeIfAbsent(other, ApproachTest::shown));
        assertThat(choice.about()).endsWith(".").hasSizeGreaterThan(60).doesNotContain("E-");
    }

    /** Everything women of four kinds would see by a choice. */
    private static String shown(ApproachChoice choice) {
        Birth birth = new Birth(TODAY.minusWeeks(20), BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES);
        PelvicFloorCheck uncoordinated =
                new PelvicFloorCheck(8, 8, 8, LettingGo.FULL, Tone.UNCOORDINATED, YesNoUnknown.NO, YesNoUnknown.NO);
        PelvicFloorCheck typical =
                new PelvicFloorCheck(8, 8, 8, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO);
        return Stream.of(
                        woman().gap(wideButFirm()).breath(BreathFinding.BELLY_ONLY),
                        woman().gap(gap(4)),
                        woman().pregnant(Dating.stated(TODAY.minusWeeks(19).plusDays(280))),
                        woman().pregnant(Dating.stated(TODAY.minusWeeks(30).plusDays(280))),
                        woman().gaveBirth(birth)
                                .cleared(Clearance.of(TODAY, "midwife", List.of()))
                                .pelvicFloor(uncoordinated),
                        woman().pelvicFloor(typical))
                .map(woman -> woman.approach(Approach.of(Set.of(choice))).build())
                .map(ApproachTest::shown)
                .collect(Collectors.joining("\n"));
    }

    private static String shown(Client woman) {
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        String verdicts = judgement.all().stream()
                .map(verdict -> verdict.move().id() + verdict.kind() + verdict.adjustments())
                .collect(Collectors.joining(";"));
        Session first = Composer.compose(judgement, SessionRequest.of(20, Place.STUDIO, 5, History.NONE));
        List<String> lately =
                first.items().stream().map(item -> item.move().id()).distinct().toList();
        Session session = Composer.compose(
                judgement, SessionRequest.of(20, Place.STUDIO, 6, History.of(List.of(lately, lately, lately))));
        return verdicts
                + judgement.cueFamily(move("bridge"))
                + judgement.facts().pelvicPractice(woman.checks().pelvicFloor())
                + session.items().stream()
                        .map(item -> item.move().id() + item.dose())
                        .toList();
    }

    private static Client.Builder woman() {
        Map<ExerciseGroup, Integer> rungs = new EnumMap<>(ExerciseGroup.class);
        Arrays.stream(ExerciseGroup.values()).forEach(strand -> rungs.put(strand, 12));
        return Client.of(1, 1, 34)
                .symptoms(SymptomReport.none(TODAY))
                .warningSigns(TODAY, Set.of())
                .conditions(TODAY, Set.of())
                .rungs(rungs)
                .equipment(Set.of(Equipment.values()));
    }

    /** Three fingers wide, but the floor holds and nothing domes when she connects. */
    private static GapCheck wideButFirm() {
        return gap(6);
    }

    private static GapCheck gap(int halves) {
        Width width = Width.ofHalfFingers(halves);
        return new GapCheck(
                TODAY,
                Site.EVERYDAY.stream()
                        .flatMap(site -> Stream.of(
                                new GapReading(
                                        site,
                                        site.usualOffsetMm(),
                                        GapState.LIFT,
                                        width,
                                        Depth.FIRST_KNUCKLE,
                                        Firmness.SPRINGS,
                                        YesNoUnknown.NO),
                                new GapReading(
                                        site,
                                        site.usualOffsetMm(),
                                        GapState.CONNECTED,
                                        width,
                                        Depth.SURFACE,
                                        Firmness.FIRM,
                                        YesNoUnknown.NO)))
                        .toList());
    }

    private static VerdictKind verdict(Client woman, String move) {
        return Judgement.of(CATALOGUE, woman, TODAY).of(CATALOGUE.get(move)).kind();
    }

    private static Move move(String id) {
        return CATALOGUE.find(id).orElseThrow();
    }
}
