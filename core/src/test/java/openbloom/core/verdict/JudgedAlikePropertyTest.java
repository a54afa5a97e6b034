package openbloom.core.verdict;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import net.jqwik.api.constraints.IntRange;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.record.Client;
import openbloom.core.stage.Gate;

/** Days of one woman that judge alike are judged once in a season. */
@Tag("long")
class JudgedAlikePropertyTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    /** They are alike in all but the words. */
    @Property(tries = 60, seed = "20261129")
    void judgesLikeOnlyWhereEveryVerdictIsTheSame(@ForAll Client woman, @ForAll @IntRange(max = 60) int from) {
        Judgement one = Judgement.of(CATALOGUE, woman, TODAY.plusDays(from));
        for (int ahead = 1; ahead <= 40; ahead += 3) {
            Judgement other = Judgement.of(CATALOGUE, woman, TODAY.plusDays(from + ahead));
            assertThat(one.judgesLike(other) ? different(one, other) : List.of())
                    .as("%s and %s days ahead", from, from + ahead)
                    .isEmpty();
        }
    }

    /** What steady rules found is found again: a judgement taken on to another day is the one made on that day, words and all. */
    @Property(tries = 60, seed = "20261130")
    void aJudgementTakenOnIsTheOneMadeAnew(@ForAll Client woman, @ForAll @IntRange(max = 60) int from) {
        Judgement taken = Judgement.of(CATALOGUE, woman, TODAY.plusDays(from));
        for (int ahead = 1; ahead <= 400; ahead = 2 * ahead + 5) {
            LocalDate day = TODAY.plusDays(from + ahead);
            taken = taken.on(day);
            assertThat(taken.all())
                    .isEqualTo(Judgement.of(CATALOGUE, woman, day).all());
        }
    }

    /** A rule finds nothing in a record that it says it never concerns. */
    @Property(tries = 200, seed = "20261201")
    void aRuleSpeaksOnlyOfRecordsItConcerns(@ForAll Client woman, @ForAll @IntRange(max = 400) int from) {
        Facts facts = new Facts(woman, TODAY.plusDays(from));
        for (Rule rule : RuleBook.rules()) {
            assertThat(rule.mayConcern(woman)
                            || Findings.of(facts, List.of(rule)).isEmpty())
                    .as(rule.code())
                    .isTrue();
        }
    }

    /** Moves of which more than the words has changed. */
    private static List<String> different(Judgement one, Judgement other) {
        return CATALOGUE.moves().stream()
                .filter(move -> !weight(one.of(move)).equals(weight(other.of(move))))
                .map(move -> weight(one.of(move)) + " → " + weight(other.of(move)))
                .toList();
    }

    private static List<Object> weight(Verdict verdict) {
        List<Boolean> met = verdict.gates().stream().map(Gate::met).toList();
        List<String> codes = verdict.reasons().stream().map(Reason::code).toList();
        return List.of(verdict.move().id(), verdict.kind(), verdict.adjustments(), met, codes);
    }
}
