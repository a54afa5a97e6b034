package openbloom.core.verdict;

import static openbloom.core.verdict.Compared.CATALOGUE;
import static openbloom.core.verdict.Compared.assertNoneWeaker;
import static openbloom.core.verdict.Compared.require;
import static openbloom.core.verdict.Compared.verdicts;
import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import openbloom.core.evidence.Source;
import openbloom.core.record.Client;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import org.junit.jupiter.api.Test;

/** What must hold for every woman and every move; each property on thousands of generated women with a fixed seed. */
@net.jqwik.api.Tag("long")
@org.junit.jupiter.api.Tag("long")
class VerdictPropertyTest {
    private static final String SEED = "20261124";

    @Property(seed = SEED)
    void everyMoveGetsTheSameVerdictWhateverTheOrderOfTheFacts(@ForAll Client woman) {
        List<Verdict> once = verdicts(woman);
        assertThat(once).hasSize(CATALOGUE.size()).doesNotContainNull();
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

    /** What is said to her speaks to her, in whole sentences and in words that a woman on a mat would hear. */
    @Test
    void sentencesForHerSpeakToHer() {
        assertThat(RuleBook.rules())
                .allSatisfy(rule -> assertThat(rule.client())
                        .doesNotContainPattern("\\b(she|her|herself|load \\d|level \\d)\\b")
                        .matches("[A-Z].*[.]"));
    }

    @Property(seed = SEED)
    void everyVerdictKeepsWhatItsKindPromises(@ForAll Client woman) {
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        for (Verdict verdict : judgement.all()) {
            require(verdict.swapTo().isPresent() == (verdict.kind() == VerdictKind.SWAP), verdict);
            verdict.swapTo().ifPresent(target -> require(judgement.of(target).passes(), verdict));
            require(verdict.kind() == VerdictKind.GO || !verdict.reasons().isEmpty(), verdict);
            require(verdict.adjustments().isEmpty() == (verdict.kind() != VerdictKind.ADJUST), verdict);
            boolean unmet = verdict.gates().stream().anyMatch(gate -> !gate.met());
            require(unmet == (verdict.kind() == VerdictKind.NOT_YET), verdict);
            everyChangeCanBeMadeAndNoneContradictsAnother(verdict);
            everyReasonIsOfTheRuleBookAndToldOnce(verdict);
        }
    }

    private static void everyChangeCanBeMadeAndNoneContradictsAnother(Verdict verdict) {
        for (Adjustment adjustment : verdict.adjustments()) {
            require(adjustment.fits(verdict.move()), verdict);
            require(verdict.adjustments().stream().noneMatch(adjustment::contradicts), verdict);
        }
    }

    private static void everyReasonIsOfTheRuleBookAndToldOnce(Verdict verdict) {
        for (Reason reason : verdict.reasons()) {
            require(RuleBook.find(reason.code()).orElseThrow() == reason.rule(), verdict);
            require(!reason.fact().isBlank(), verdict);
        }
        require(
                verdict.reasons().stream().map(Reason::code).distinct().count()
                        == verdict.reasons().size(),
                verdict);
    }

    @Test
    void everyRuleHasItsOwnCodeASourceAndTwoSentences() {
        assertThat(RuleBook.rules().stream().map(Rule::code)).doesNotHaveDuplicates();
        assertThat(RuleBook.rules()).allSatisfy(rule -> {
            assertThat(rule.client()).endsWith(".").hasSizeGreaterThan(15);
            assertThat(rule.instructor()).endsWith(".").hasSizeGreaterThan(15);
            assertThat(rule.source().key()).isNotBlank();
            assertThat(rule.basis().isPresent()).as(rule.code()).isEqualTo(rule.source() == Source.COMMON_PRACTICE);
            rule.basis()
                    .ifPresent(
                            basis -> assertThat(basis).startsWith("Rests on ").endsWith("."));
        });
    }

    private static <E extends Enum<E>> Set<E> plus(Set<E> set, E one) {
        Set<E> more = EnumSet.of(one);
        more.addAll(set);
        return more;
    }
}
