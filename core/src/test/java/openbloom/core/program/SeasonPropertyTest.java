package openbloom.core.program;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Move;
import openbloom.core.record.Client;
import openbloom.core.verdict.Difference;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.RuleBook;

/** Thousands of women walked day by day; slow, and so apart from the examples. */
@Tag("long")
class SeasonPropertyTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final int DAYS = 21;

    /** Against every day judged in full: no change is missed, none invented, each has a rule that spoke on one side. */
    @Property(seed = "20261124")
    void findsExactlyTheChangesOfACalendarWalkedDayByDay(@ForAll Client woman) {
        Map<LocalDate, List<Season.SeasonChange>> found = new HashMap<>();
        Season.of(CATALOGUE, woman, TODAY, TODAY.plusDays(DAYS))
                .forEach(change -> found.computeIfAbsent(change.date(), any -> new ArrayList<>())
                        .add(change));
        Judgement before = Judgement.of(CATALOGUE, woman, TODAY);
        for (int i = 1; i <= DAYS; i++) {
            LocalDate day = TODAY.plusDays(i);
            Judgement now = Judgement.of(CATALOGUE, askedAgain(woman, day), day);
            List<Move> changed = Difference.between(before, now).stream()
                    .map(Difference::move)
                    .toList();
            List<Season.SeasonChange> told = found.getOrDefault(day, List.of());
            if (becomesLongAgo(before, now)) {
                assertThat(told).isEmpty();
                before = now;
                continue;
            }
            assertThat(told.stream().flatMap(change -> change.moves().stream()))
                    .containsExactlyInAnyOrderElementsOf(changed);
            assertThat(told)
                    .allSatisfy(change ->
                            assertThat(RuleBook.find(change.rule().code())).isPresent());
            before = now;
        }
    }

    /** A season looks ahead as if she were asked at every visit and said the same. */
    private static Client askedAgain(Client woman, LocalDate day) {
        boolean asked = woman.safety().symptoms().isFreshOn(TODAY);
        return asked
                ? woman.but()
                        .symptoms(woman.safety().symptoms().askedAgain(day))
                        .build()
                : woman;
    }

    /** Two years after a birth the calendar stops counting from it; nobody needs to be told. */
    private static boolean becomesLongAgo(Judgement before, Judgement now) {
        return before.facts().recentBirth().isPresent()
                && now.facts().recentBirth().isEmpty()
                && !now.facts().isPregnant();
    }
}
