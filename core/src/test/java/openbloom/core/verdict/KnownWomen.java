package openbloom.core.verdict;

import static openbloom.core.verdict.Women.TODAY;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.dating.Dating;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.Width;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Approach;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.ImpactTests;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;

/** Women of whom everything is known and nothing was found, each with one thing told. */
public final class KnownWomen {
    private KnownWomen() {}

    /** Neither pregnant nor newly delivered, everything checked and nothing found, at the top of every ladder. */
    public static Client.Builder well() {
        return knowing(Client.of(1, 1, 40));
    }

    public static Client.Builder knowing(Client.Builder woman) {
        return withoutGapCheck(woman).gap(gap(3, 0));
    }

    public static Client.Builder withoutGapCheck(Client.Builder woman) {
        return woman.symptoms(SymptomReport.none(TODAY))
                .warningSigns(TODAY, Set.of())
                .conditions(TODAY, Set.of())
                .connect(new ConnectCheck(
                        Map.of(), Map.of(ConnectPosition.LYING, true, ConnectPosition.SITTING, true), Set.of()))
                .rungs(all())
                .equipment(Set.of(Equipment.values()))
                .impactTests(new ImpactTests(Optional.of(TODAY), Set.of(ImpactTests.Test.values())))
                .pelvicFloor(new PelvicFloorCheck(
                        10, 10, 10, LettingGo.FULL, Tone.TYPICAL, YesNoUnknown.NO, YesNoUnknown.NO));
    }

    static Map<ExerciseGroup, Integer> all() {
        return Arrays.stream(ExerciseGroup.values())
                .collect(java.util.stream.Collectors.toMap(UnaryOperator.identity(), any -> 12));
    }

    public static Client.Builder at(int weeks) {
        return knowing(Client.of(0, 1, 30))
                .pregnant(Dating.stated(TODAY.minusWeeks(weeks).plusDays(280)));
    }

    static Client unseen(int weeks) {
        return withoutGapCheck(Client.of(0, 1, 30))
                .pregnant(Dating.stated(TODAY.minusWeeks(weeks).plusDays(280)))
                .build();
    }

    static Client dayBefore(int weeks) {
        return at(weeks)
                .pregnant(Dating.stated(TODAY.minusWeeks(weeks).plusDays(281)))
                .build();
    }

    static Client twins(int weeks) {
        return knowing(Client.of(0, 2, 30))
                .pregnant(Dating.stated(TODAY.minusWeeks(weeks).plusDays(280)))
                .build();
    }

    public static Client.Builder born(int daysAgo) {
        return knowing(Client.of(1, 1, 30)).gaveBirth(birth(daysAgo, BirthKind.VAGINAL, Tear.NONE));
    }

    public static Client.Builder cleared(int daysAgo) {
        return born(daysAgo).cleared(clearance());
    }

    public static Client.Builder caesarean(int daysAgo) {
        return born(daysAgo).gaveBirth(birth(daysAgo, BirthKind.CAESAREAN, Tear.NONE));
    }

    public static Birth birth(int daysAgo, BirthKind kind, Tear tear) {
        return new Birth(TODAY.minusDays(daysAgo), kind, tear, YesNoUnknown.YES);
    }

    public static Clearance clearance() {
        return Clearance.of(TODAY, "family doctor", List.of());
    }

    static Clearance limited(String limit) {
        return Clearance.of(TODAY, "family doctor", List.of(limit));
    }

    public static Client told(Client.Builder woman, Symptom symptom) {
        return woman.symptoms(new SymptomReport.Asked(TODAY, Set.of(symptom))).build();
    }

    public static Client floor(Tone tone, YesNoUnknown letsGo, YesNoUnknown pain) {
        return well().pelvicFloor(new PelvicFloorCheck(5, 5, 5, LettingGo.of(letsGo), tone, pain, YesNoUnknown.NO))
                .build();
    }

    static Approach by(ApproachChoice choice) {
        return Approach.of(Set.of(choice));
    }

    public static GapCheck gap(int halves, int daysAgo) {
        return gap(halves, daysAgo, YesNoUnknown.NO);
    }

    public static GapCheck gap(int halves, int daysAgo, YesNoUnknown domed) {
        return gap(halves, daysAgo, domed, Depth.SURFACE, Firmness.FIRM);
    }

    public static GapCheck gap(int halves, int daysAgo, YesNoUnknown domed, Depth depth, Firmness firmness) {
        return GapCheck.alike(
                TODAY.minusDays(daysAgo),
                Width.ofHalfFingers(halves),
                Optional.of(depth),
                Optional.of(firmness),
                domed);
    }
}
