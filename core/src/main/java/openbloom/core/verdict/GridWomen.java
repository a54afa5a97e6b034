package openbloom.core.verdict;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathFinding;
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
import openbloom.core.record.Background;
import openbloom.core.record.Client;
import openbloom.core.record.Falls;
import openbloom.core.record.ImpactTests;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;

/** The neutral women of the grid: everything checked and nothing found. */
final class GridWomen {
    /** The rules look at differences between days only; any day serves. */
    static final LocalDate DAY = LocalDate.of(2026, 1, 1);

    static final int TOP = 40;

    private GridWomen() {}

    /** Neither pregnant nor newly delivered, everything checked and nothing found, every rung done. */
    static Client neither() {
        Map<ExerciseGroup, Integer> rungs = new EnumMap<>(ExerciseGroup.class);
        for (ExerciseGroup strand : ExerciseGroup.values()) {
            rungs.put(strand, TOP);
        }
        return Client.of(Background.of(1, 1, 35).falling(Falls.NONE))
                .symptoms(SymptomReport.none(DAY))
                .warningSigns(DAY, Set.of())
                .conditions(DAY, Set.of())
                .gap(reading(3, Depth.SURFACE, Firmness.FIRM, YesNoUnknown.NO))
                .rungs(rungs)
                .connect(new ConnectCheck(Map.of(), felt(), Set.of()))
                .breath(BreathFinding.EVEN)
                .equipment(Set.of(Equipment.values()))
                .impactTests(new ImpactTests(Optional.of(DAY), Set.of(ImpactTests.Test.values())))
                .pelvicFloor(floor(Tone.TYPICAL, LettingGo.FULL, YesNoUnknown.NO))
                .build();
    }

    static Client pregnant(int weeks) {
        return neither()
                .but()
                .pregnant(Dating.stated(DAY.minusWeeks(weeks).plusDays(280)))
                .build();
    }

    static Client born(int weeks, BirthKind kind, Tear tear, YesNoUnknown closed) {
        return neither()
                .but()
                .gaveBirth(new Birth(DAY.minusWeeks(weeks), kind, tear, closed))
                .build();
    }

    static Map<ConnectPosition, Boolean> felt() {
        Map<ConnectPosition, Boolean> felt = new EnumMap<>(ConnectPosition.class);
        for (ConnectPosition position : ConnectPosition.values()) {
            felt.put(position, true);
        }
        return felt;
    }

    static PelvicFloorCheck floor(Tone tone, LettingGo lettingGo, YesNoUnknown pain) {
        return new PelvicFloorCheck(10, 10, 10, lettingGo, tone, pain, YesNoUnknown.NO);
    }

    static GapCheck reading(int halves, Depth depth, Firmness firmness, YesNoUnknown domed) {
        return GapCheck.alike(DAY, Width.ofHalfFingers(halves), Optional.of(depth), Optional.of(firmness), domed);
    }
}
