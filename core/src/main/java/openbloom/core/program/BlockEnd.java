package openbloom.core.program;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.core.dating.Block;
import openbloom.core.dating.Dating;
import openbloom.core.dating.GestationalAge;
import openbloom.core.evidence.Published;
import openbloom.core.stage.Birth;
import openbloom.core.verdict.Facts;

/**
 * When a block ends: in pregnancy with her four weeks, from 38 weeks weekly; after a birth at the stage floor nearest to
 * day 28 within days 14 to 42; otherwise after 28 days (common practice, no source).
 */
final class BlockEnd {
    private static final int USUAL_DAYS = Published.BLOCK_USUAL.days();
    private static final int FEWEST_DAYS = Published.BLOCK_SHORTEST.days();
    private static final int MOST_DAYS = Published.BLOCK_LONGEST.days();
    private static final int WEEKLY_FROM_WEEK = 38;

    private BlockEnd() {}

    /** The last day of a block that begins on the day of the facts. */
    static LocalDate of(Facts facts) {
        LocalDate from = facts.day();
        Optional<Dating> dating = facts.client().situation().pregnancy();
        if (dating.isPresent() && facts.age().isPresent()) {
            return pregnant(dating.get(), facts.age().get(), from);
        }
        return facts.recentBirth()
                .flatMap(birth -> stageFloor(birth, from))
                .orElse(from.plusDays(USUAL_DAYS))
                .minusDays(1);
    }

    private static LocalDate pregnant(Dating dating, GestationalAge age, LocalDate from) {
        if (age.isAtLeastWeeks(WEEKLY_FROM_WEEK)) {
            return from.plusDays(6);
        }
        for (Block block : Block.values()) {
            LocalDate begins = dating.dayOfWeek(block.firstWeek());
            if (ChronoUnit.DAYS.between(from, begins) >= FEWEST_DAYS) {
                return earlier(begins, from.plusDays(MOST_DAYS)).minusDays(1);
            }
        }
        return dating.dayOfWeek(WEEKLY_FROM_WEEK).minusDays(1);
    }

    private static LocalDate earlier(LocalDate one, LocalDate other) {
        return one.isBefore(other) ? one : other;
    }

    private static Optional<LocalDate> stageFloor(Birth birth, LocalDate from) {
        return Stream.of(Published.EARLIEST_RECONNECT, Published.EARLIEST_REBUILD, Published.EARLIEST_STRENGTHEN)
                .map(floor -> birth.date().plusDays(floor.days()))
                .filter(begins -> {
                    long days = ChronoUnit.DAYS.between(from, begins);
                    return days >= FEWEST_DAYS && days <= MOST_DAYS;
                })
                .min(Comparator.comparing(begins -> Math.abs(ChronoUnit.DAYS.between(from, begins) - USUAL_DAYS)));
    }
}
