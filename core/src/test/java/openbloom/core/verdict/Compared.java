package openbloom.core.verdict;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.fail;

import java.util.Arrays;
import java.util.List;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.record.Client;

/** All verdicts of a woman held against those of another. */
final class Compared {
    static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    private Compared() {}

    static List<Verdict> verdicts(Client woman) {
        return Judgement.of(CATALOGUE, woman, TODAY).all();
    }

    static void assertNoneWeaker(List<Verdict> before, Client worse) {
        List<Verdict> after = verdicts(worse);
        for (int i = 0; i < before.size(); i++) {
            require(!before.get(i).kind().isStrongerThan(after.get(i).kind()), before.get(i), after.get(i));
        }
    }

    /** Millions of checks: the message is only made when one fails. */
    static void require(boolean holds, Object... about) {
        if (!holds) {
            fail(Arrays.toString(about));
        }
    }
}
