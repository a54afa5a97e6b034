package openbloom.core.verdict;

import static openbloom.core.evidence.Published.EARLIEST_REBUILD;
import static openbloom.core.evidence.Published.EARLIEST_STRENGTHEN;

import java.time.LocalDate;
import java.util.List;
import openbloom.core.YesNoUnknown;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.ImpactTests;
import openbloom.core.record.Training;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;

/** Women of each stage who trained before, are cleared, and of whom everything was checked and nothing found. */
public final class GymWomen {
    private static final int TESTED_FROM_WEEKS = 26;

    private GymWomen() {}

    /**
     * A woman of a stage.
     *
     * @param name the stage, as a coach says it
     */
    public record GymWoman(String name, Client client) {}

    /** The day they are looked at; their weeks count back from it. */
    public static LocalDate day() {
        return GridWomen.DAY;
    }

    /** From early pregnancy to half a year after a birth. */
    public static List<GymWoman> all() {
        return List.of(
                pregnant("First trimester", 10),
                pregnant("Second trimester", 22),
                pregnant("Third trimester", 32),
                born("After a birth, " + between(EARLIEST_REBUILD.amount(), EARLIEST_STRENGTHEN.amount()), 8),
                born(between(EARLIEST_STRENGTHEN.amount(), TESTED_FROM_WEEKS), 16),
                born("from " + TESTED_FROM_WEEKS + " weeks", 30));
    }

    private static String between(int from, int to) {
        return from + " to " + to + " weeks";
    }

    private static GymWoman pregnant(String name, int weeks) {
        return new GymWoman(
                name, GridWomen.pregnant(weeks).but().trained(Training.SPORT).build());
    }

    private static GymWoman born(String name, int weeks) {
        Client woman = GridWomen.born(weeks, BirthKind.VAGINAL, Tear.NONE, YesNoUnknown.YES);
        LocalDate seen = GridWomen.DAY.minusWeeks(weeks).plusWeeks(6);
        ImpactTests tests = weeks < TESTED_FROM_WEEKS
                ? ImpactTests.NOT_DONE
                : woman.checks().impactTests();
        return new GymWoman(
                name,
                woman.but()
                        .impactTests(tests)
                        .trained(Training.SPORT)
                        .cleared(Clearance.of(seen, "her clinician", List.of()))
                        .build());
    }
}
