package openbloom.core.verdict;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.record.Answer;
import openbloom.core.record.Client;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.Told;
import org.junit.jupiter.api.Test;

/** What must hold for every woman and every move; each property on 5,000 generated women with a fixed seed. */
class VerdictPropertyTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final String SEED = "20261124";

    @Property(seed = SEED)
    void everyMoveGetsTheSameVerdictWhateverTheOrderOfTheFacts(@ForAll Client woman) {
        List<Verdict> once = verdicts(woman);
        assertThat(once).hasSize(CATALOGUE.size()).doesNotContainNull();
        assertThat(verdicts(woman)).isEqualTo(once);
        assertThat(verdicts(Women.reordered(woman))).isEqualTo(once);
    }

    @Property(seed = SEED)
    void aSignSymptomOrConditionMoreNeverMakesAVerdictWeaker(
            @ForAll Client woman, @ForAll WarningSign sign, @ForAll Symptom symptom, @ForAll Condition condition) {
        List<Verdict> before = verdicts(woman);
        assertNoneWeaker(
                before,
                woman.but()
                        .warningSigns(TODAY, plus(woman.safety().standing().keySet(), sign))
                        .build());
        assertNoneWeaker(
                before,
                woman.but()
                        .conditions(TODAY, plus(woman.medical().known().all(), condition))
                        .build());
        assertNoneWeaker(
                before,
                woman.but()
                        .symptoms(Women.withSymptom(woman.safety().symptoms(), symptom))
                        .build());
    }

    /** Not asked is not "none": whoever asks and hears "none" never gets a stricter answer than whoever did not ask. */
    @Property(seed = SEED)
    void notAskedIsNeverJudgedMoreLenientlyThanAskedAndNone(@ForAll Client woman) {
        assertNoneWeaker(
                verdicts(woman.but().warningSigns(TODAY, Set.of()).build()),
                woman.but().warningSigns(Answer.notAsked()).build());
        assertNoneWeaker(
                verdicts(woman.but().conditions(TODAY, Set.of()).build()),
                woman.but().conditions(Answer.notAsked()).build());
        assertNoneWeaker(
                verdicts(woman.but().symptoms(SymptomReport.none(TODAY)).build()),
                woman.but().symptoms(new SymptomReport.NotAsked()).build());
        assertNoneWeaker(
                verdicts(woman.but().pelvicFloor(Women.TYPICAL_FLOOR).build()),
                woman.but().pelvicFloor(PelvicFloorCheck.NOT_CHECKED).build());
        assertNoneWeaker(
                verdicts(woman.but().trained(Training.REGULAR).build()),
                woman.but().trained(Training.NONE).build());
        assertNoneWeaker(verdicts(flatAndFirm(woman)), withoutGap(woman));
        woman.situation()
                .birth()
                .ifPresent(birth -> assertNoneWeaker(
                        verdicts(woman.but().gaveBirth(wound(birth, Told.YES)).build()),
                        woman.but().gaveBirth(wound(birth, Told.UNKNOWN)).build()));
    }

    private static Birth wound(Birth birth, Told closed) {
        return new Birth(birth.date(), birth.kind(), birth.tear(), closed);
    }

    /** A gap within two fingers, flat and firm at every site: what a clinician would call normal. */
    private static Client flatAndFirm(Client woman) {
        List<GapReading> readings = Site.EVERYDAY.stream()
                .map(site -> new GapReading(
                        site,
                        site.usualOffsetMm(),
                        GapState.LIFT,
                        Width.ofHalfFingers(3),
                        Depth.SURFACE,
                        Firmness.FIRM,
                        Told.NO))
                .toList();
        return withoutGap(woman).but().gap(new GapCheck(TODAY, readings)).build();
    }

    @Property(seed = SEED)
    void everyChangeCanBeMadeToItsMoveAndNoneContradictsAnother(@ForAll Client woman) {
        for (Verdict verdict : verdicts(woman)) {
            for (Adjustment adjustment : verdict.adjustments()) {
                require(adjustment.fits(verdict.move()), verdict);
                require(verdict.adjustments().stream().noneMatch(adjustment::contradicts), verdict);
            }
            require(
                    verdict.reasons().stream().map(Reason::code).distinct().count()
                            == verdict.reasons().size(),
                    verdict);
        }
    }

    /** What is said to her speaks to her, in whole sentences and in words that a woman on a mat would hear. */
    @Test
    void sentencesForHerSpeakToHer() {
        assertThat(RuleBook.rules())
                .allSatisfy(rule -> assertThat(rule.client())
                        .doesNotContainPattern("\\b(she|her|herself|load \\d|rung \\d)\\b")
                        .matches("[A-Z].*[.]"));
    }

    @Property(seed = SEED)
    void aSwapLeadsToAMoveSheMayDo(@ForAll Client woman) {
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        for (Verdict verdict : judgement.all()) {
            require(verdict.swapTo().isPresent() == (verdict.kind() == Kind.SWAP), verdict);
            verdict.swapTo().ifPresent(target -> require(judgement.of(target).passes(), verdict));
        }
    }

    @Property(seed = SEED)
    void everyVerdictCarriesReasonsOfTheRuleBookAndWhatItsKindPromises(@ForAll Client woman) {
        for (Verdict verdict : verdicts(woman)) {
            for (Reason reason : verdict.reasons()) {
                require(RuleBook.find(reason.code()).orElseThrow() == reason.rule(), verdict);
                require(!reason.fact().isBlank(), verdict);
            }
            require(verdict.kind() == Kind.GO || !verdict.reasons().isEmpty(), verdict);
            require(verdict.adjustments().isEmpty() == (verdict.kind() != Kind.ADJUST), verdict);
            boolean unmet = verdict.gates().stream().anyMatch(gate -> !gate.met());
            require(unmet == (verdict.kind() == Kind.NOT_YET), verdict);
        }
    }

    @Test
    void everyRuleHasItsOwnCodeASourceAndTwoSentences() {
        assertThat(RuleBook.rules().stream().map(Rule::code)).doesNotHaveDuplicates();
        assertThat(RuleBook.rules()).allSatisfy(rule -> {
            assertThat(rule.client()).endsWith(".").hasSizeGreaterThan(15);
            assertThat(rule.instructor()).endsWith(".").hasSizeGreaterThan(15);
            assertThat(rule.source().key()).isNotBlank();
        });
    }

    @Property(seed = SEED)
    void flexionImpactAndFullFrontSupportAreNeverAPlainGoOnMissingData(@ForAll Client woman) {
        Client unchecked = Client.of(
                        woman.background().births(),
                        woman.background().babies(),
                        woman.background().ageYears())
                .rungs(woman.standing().rungs())
                .equipment(woman.equipment())
                .approach(woman.approach())
                .build();
        Client gapUnknown = withoutGap(woman);
        Judgement nothing = Judgement.of(CATALOGUE, unchecked, TODAY);
        Judgement noGap = Judgement.of(CATALOGUE, gapUnknown, TODAY);
        for (Move move : CATALOGUE.moves()) {
            if (move.demands().flexion() != Flexion.NONE || move.isImpact() || move.isFullFrontSupport()) {
                require(nothing.of(move).kind() != Kind.GO, move);
            }
            if (move.isCurl() || move.isFullFrontSupport()) {
                require(noGap.of(move).kind() != Kind.GO, move);
            }
        }
    }

    private static Client withoutGap(Client woman) {
        Client.Builder same = Client.of(
                woman.background().births(),
                woman.background().babies(),
                woman.background().ageYears());
        woman.situation().pregnancy().ifPresent(same::pregnant);
        woman.situation().birth().ifPresent(same::gaveBirth);
        woman.medical().clearance().ifPresent(same::cleared);
        return same.conditions(TODAY, woman.medical().known().all())
                .symptoms(woman.safety().symptoms())
                .rungs(woman.standing().rungs())
                .impactTests(woman.checks().impactTests())
                .equipment(woman.equipment())
                .build();
    }

    private static List<Verdict> verdicts(Client woman) {
        return Judgement.of(CATALOGUE, woman, TODAY).all();
    }

    private static void assertNoneWeaker(List<Verdict> before, Client worse) {
        List<Verdict> after = verdicts(worse);
        for (int i = 0; i < before.size(); i++) {
            require(!before.get(i).kind().isStrongerThan(after.get(i).kind()), before.get(i), after.get(i));
        }
    }

    /** Millions of checks: the message is only made when one fails. */
    private static void require(boolean holds, Object... about) {
        if (!holds) {
            fail(Arrays.toString(about));
        }
    }

    private static <E extends Enum<E>> Set<E> plus(Set<E> set, E one) {
        Set<E> more = EnumSet.of(one);
        more.addAll(set);
        return more;
    }
}
