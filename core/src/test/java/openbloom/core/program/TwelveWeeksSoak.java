package openbloom.core.program;

import java.util.Random;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import openbloom.core.record.Client;

/** Two thousand women more, by {@code ./bloom soak}; its name keeps it out of the tests. */
class TwelveWeeksSoak extends TwelveWeeksTest {
    @Property(tries = 2_000, edgeCases = EdgeCasesMode.NONE)
    void plansWhatIsTheirs(
            @ForAll Client woman, @ForAll("rhythms") Rhythm rhythm, @ForAll Course course, @ForAll Random chance) {
        new Walk(woman, rhythm, course, chance).twelveWeeks();
    }
}
