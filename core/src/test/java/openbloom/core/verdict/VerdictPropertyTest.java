package openbloom.core.verdict;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;

/** What must hold for every woman and every move; each property on 5,000 generated women with a fixed seed. */
class VerdictPropertyTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final String SEED = "20261124";
    private static final int WOMEN = 5_000;

    @Property(tries = WOMEN, seed = SEED)
    void everyMoveGetsTheSameVerdictWhateverTheOrderOfTheFacts(@ForAll Client woman) {
        List<Verdict> once = verdicts(woman);
        assertThat(once).hasSize(CATALOGUE.size()).doesNotContainNull();
        assertThat(verdicts(woman)).isEqualTo(once);
        assertThat(verdicts(Women.reordered(woman))).isEqualTo(once);
    }

    @Property(tries = WOMEN, seed = SEED)
    void aSignSymptomOrConditionMoreNeverMakesAVerdictWeaker(
            @ForAll Client woman, @ForAll WarningSign sign, @ForAll Symptom symptom, @ForAll Condition condition) {
        List<Verdict> before = verdicts(woman);
        assertNoneWeaker(
                before,
                woman.but().warningSigns(plus(woman.warningSigns(), sign)).build());
        assertNoneWeaker(
                before,
                woman.but().conditions(plus(woman.conditions(), condition)).build());
        assertNoneWeaker(
                before,
                woman.but()
                        .symptoms(Women.withSymptom(woman.symptoms(), symptom))
                        .build());
    }

    @Property(tries = WOMEN, seed = SEED)
    void aSwapLeadsToAMoveSheMayDo(@ForAll Client woman) {
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        for (Verdict verdict : judgement.all()) {
            assertThat(verdict.swapTo().isPresent()).as(verdict.toString()).isEqualTo(verdict.kind() == Kind.SWAP);
            verdict.swapTo()
                    .ifPresent(target -> assertThat(judgement.of(target).kind())
                            .as("%s swapped to %s", verdict.move().id(), target.id())
                            .isIn(Kind.GO, Kind.ADJUST));
        }
    }

    @Property(tries = WOMEN, seed = SEED)
    void everyReasonHasACodeASourceAndTwoSentencesAndEveryVerdictCarriesWhatItsKindPromises(@ForAll Client woman) {
        for (Verdict verdict : verdicts(woman)) {
            for (Reason reason : verdict.reasons()) {
                assertThat(RuleBook.find(reason.code())).contains(reason.rule());
                assertThat(reason.rule().client()).endsWith(".").hasSizeGreaterThan(15);
                assertThat(reason.rule().instructor()).endsWith(".").hasSizeGreaterThan(15);
                assertThat(reason.fact()).isNotBlank();
            }
            assertThat(verdict.kind() == Kind.GO || !verdict.reasons().isEmpty())
                    .isTrue();
            assertThat(verdict.adjustments().isEmpty()).isEqualTo(verdict.kind() != Kind.ADJUST);
            boolean unmet = verdict.gates().stream().anyMatch(gate -> !gate.met());
            assertThat(unmet).as(verdict.toString()).isEqualTo(verdict.kind() == Kind.NOT_YET);
        }
    }

    @Property(tries = WOMEN, seed = SEED)
    void flexionImpactAndFullFrontSupportAreNeverAPlainGoOnMissingData(@ForAll Client woman) {
        Client unchecked = Client.of(woman.births(), woman.babies(), woman.ageYears())
                .rungs(woman.rungs())
                .equipment(woman.equipment())
                .approach(woman.approach())
                .build();
        Client gapUnknown = withoutGap(woman);
        for (Move move : CATALOGUE.moves()) {
            if (move.demands().flexion() != Flexion.NONE || move.isImpact() || move.isFullFrontSupport()) {
                assertThat(verdict(unchecked, move)).as(move.id()).isNotEqualTo(Kind.GO);
            }
            if (move.isCurl() || move.isFullFrontSupport()) {
                assertThat(verdict(gapUnknown, move)).as(move.id()).isNotEqualTo(Kind.GO);
            }
        }
    }

    private static Client withoutGap(Client woman) {
        Client.Builder same = Client.of(woman.births(), woman.babies(), woman.ageYears());
        woman.pregnancy().ifPresent(same::pregnant);
        woman.birth().ifPresent(same::gaveBirth);
        woman.clearance().ifPresent(same::cleared);
        return same.conditions(woman.conditions())
                .symptoms(woman.symptoms())
                .rungs(woman.rungs())
                .impactTests(woman.impactTests())
                .equipment(woman.equipment())
                .build();
    }

    private static Kind verdict(Client woman, Move move) {
        return Judgement.of(CATALOGUE, woman, TODAY).of(move).kind();
    }

    private static List<Verdict> verdicts(Client woman) {
        return Judgement.of(CATALOGUE, woman, TODAY).all();
    }

    private static void assertNoneWeaker(List<Verdict> before, Client worse) {
        List<Verdict> after = verdicts(worse);
        for (int i = 0; i < before.size(); i++) {
            assertThat(before.get(i).kind().isStrongerThan(after.get(i).kind()))
                    .as("%s was %s, became %s", before.get(i).move().id(), before.get(i), after.get(i))
                    .isFalse();
        }
    }

    private static <E extends Enum<E>> Set<E> plus(Set<E> set, E one) {
        Set<E> more = EnumSet.of(one);
        more.addAll(set);
        return more;
    }
}
