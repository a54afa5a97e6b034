package openbloom.core.verdict;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.dating.Dating;
import openbloom.core.gap.GapCheck;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Strand;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.screening.Condition;
import openbloom.core.screening.EffortCheck;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;

/**
 * Everything the rules read about a woman. What is absent is unknown, and unknown is never safe.
 *
 * @param births how many times she has given birth
 * @param babies how many babies in this pregnancy, or in the latest birth
 * @param domingCeiling the highest rung of a strand that stayed flat; 0 when even the first domed
 * @param signsToldOn the day a sign was told, where it is known
 * @param rungs the highest rung of a strand she has done well
 * @param straightLegRaise active straight leg raise, both sides together, 0 to 10
 */
public record Client(
        Optional<Dating> pregnancy,
        Optional<Birth> birth,
        int births,
        int babies,
        int ageYears,
        Optional<Clearance> clearance,
        Set<Condition> conditions,
        Set<WarningSign> warningSigns,
        Map<WarningSign, LocalDate> signsToldOn,
        SymptomReport symptoms,
        Optional<GapCheck> gap,
        Map<Strand, Integer> domingCeiling,
        PelvicFloorCheck pelvicFloor,
        Map<Strand, Integer> rungs,
        Optional<Integer> straightLegRaise,
        ImpactTests impactTests,
        BreathFinding breath,
        ConnectCheck connect,
        SideCheck sides,
        EffortCheck effort,
        Approach approach,
        Set<Equipment> equipment) {

    public Client {
        conditions = Set.copyOf(conditions);
        warningSigns = Set.copyOf(warningSigns);
        signsToldOn = Map.copyOf(signsToldOn);
        equipment = Set.copyOf(equipment);
        domingCeiling = Map.copyOf(domingCeiling);
        rungs = Map.copyOf(rungs);
    }

    /** A woman of whom nothing but these numbers is known. */
    public static Builder of(int births, int babies, int ageYears) {
        return new Builder(births, babies, ageYears);
    }

    /** The same woman, to be changed in some facts. */
    public Builder but() {
        Builder builder = new Builder(births, babies, ageYears);
        pregnancy.ifPresent(builder::pregnant);
        birth.ifPresent(builder::gaveBirth);
        clearance.ifPresent(builder::cleared);
        gap.ifPresent(builder::gap);
        straightLegRaise.ifPresent(builder::straightLegRaise);
        return builder.conditions(conditions)
                .warningSigns(warningSigns)
                .signsToldOn(signsToldOn)
                .symptoms(symptoms)
                .domingCeiling(domingCeiling)
                .pelvicFloor(pelvicFloor)
                .rungs(rungs)
                .impactTests(impactTests)
                .breath(breath)
                .connect(connect)
                .sides(sides)
                .effort(effort)
                .approach(approach)
                .equipment(equipment);
    }

    /** Gathers the facts one by one. */
    public static final class Builder {
        private final int births;
        private final int babies;
        private final int ageYears;
        private Optional<Dating> pregnancy = Optional.empty();
        private Optional<Birth> birth = Optional.empty();
        private Optional<Clearance> clearance = Optional.empty();
        private Set<Condition> conditions = Set.of();
        private Set<WarningSign> warningSigns = Set.of();
        private Map<WarningSign, LocalDate> signsToldOn = Map.of();
        private SymptomReport symptoms = new SymptomReport.NotAsked();
        private Optional<GapCheck> gap = Optional.empty();
        private Map<Strand, Integer> domingCeiling = new EnumMap<>(Strand.class);
        private PelvicFloorCheck pelvicFloor = PelvicFloorCheck.NOT_CHECKED;
        private Map<Strand, Integer> rungs = new EnumMap<>(Strand.class);
        private Optional<Integer> straightLegRaise = Optional.empty();
        private ImpactTests impactTests = ImpactTests.NOT_DONE;
        private BreathFinding breath = BreathFinding.UNKNOWN;
        private ConnectCheck connect = ConnectCheck.NOT_CHECKED;
        private SideCheck sides = SideCheck.NOT_CHECKED;
        private EffortCheck effort = EffortCheck.NOT_CHECKED;
        private Approach approach = Approach.USUAL;
        private Set<Equipment> equipment = Set.of();

        private Builder(int births, int babies, int ageYears) {
            this.births = births;
            this.babies = babies;
            this.ageYears = ageYears;
        }

        public Builder pregnant(Dating dating) {
            pregnancy = Optional.of(dating);
            return this;
        }

        public Builder notPregnant() {
            pregnancy = Optional.empty();
            return this;
        }

        public Builder gaveBirth(Birth latest) {
            birth = Optional.of(latest);
            return this;
        }

        public Builder cleared(Clearance given) {
            clearance = Optional.of(given);
            return this;
        }

        public Builder conditions(Set<Condition> all) {
            conditions = all;
            return this;
        }

        public Builder warningSigns(Set<WarningSign> all) {
            warningSigns = all;
            return this;
        }

        /** The days on which warning signs were told. */
        public Builder signsToldOn(Map<WarningSign, LocalDate> days) {
            signsToldOn = days;
            return this;
        }

        public Builder symptoms(SymptomReport report) {
            symptoms = report;
            return this;
        }

        public Builder gap(GapCheck latest) {
            gap = Optional.of(latest);
            return this;
        }

        public Builder domingCeiling(Map<Strand, Integer> highestFlatRung) {
            domingCeiling = highestFlatRung;
            return this;
        }

        public Builder pelvicFloor(PelvicFloorCheck latest) {
            pelvicFloor = latest;
            return this;
        }

        public Builder rungs(Map<Strand, Integer> highestDone) {
            rungs = highestDone;
            return this;
        }

        public Builder straightLegRaise(int score) {
            straightLegRaise = Optional.of(score);
            return this;
        }

        public Builder impactTests(ImpactTests tests) {
            impactTests = tests;
            return this;
        }

        public Builder breath(BreathFinding latest) {
            breath = latest;
            return this;
        }

        public Builder connect(ConnectCheck latest) {
            connect = latest;
            return this;
        }

        public Builder sides(SideCheck latest) {
            sides = latest;
            return this;
        }

        public Builder effort(EffortCheck latest) {
            effort = latest;
            return this;
        }

        public Builder approach(Approach chosen) {
            approach = chosen;
            return this;
        }

        public Builder equipment(Set<Equipment> atHand) {
            equipment = atHand;
            return this;
        }

        public Client build() {
            return new Client(
                    pregnancy,
                    birth,
                    births,
                    babies,
                    ageYears,
                    clearance,
                    conditions,
                    warningSigns,
                    signsToldOn,
                    symptoms,
                    gap,
                    domingCeiling,
                    pelvicFloor,
                    rungs,
                    straightLegRaise,
                    impactTests,
                    breath,
                    connect,
                    sides,
                    effort,
                    approach,
                    equipment);
        }
    }
}
