package openbloom.core.record;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.Enums;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.Breathing;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.dating.Dating;
import openbloom.core.dating.GestationalAge;
import openbloom.core.figure.BodyStage;
import openbloom.core.gap.GapCheck;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.screening.Condition;
import openbloom.core.screening.EffortCheck;
import openbloom.core.screening.PostureCheck;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;

/**
 * Everything the rules read about a woman, in groups. What is absent is unknown, and unknown is never safe.
 *
 * @param standing where she stands on each ladder
 * @param equipment what is at hand for her
 * @see CaseNotes
 */
public record Client(
        Background background,
        Situation situation,
        Medical medical,
        Safety safety,
        Checks checks,
        LadderStatus standing,
        Approach approach,
        Set<Equipment> equipment) {

    public Client {
        equipment = Enums.copyOf(equipment);
    }

    /** A woman of whom nothing but these numbers is known. */
    public static Builder of(int births, int babies, int ageYears) {
        return of(Background.of(births, babies, ageYears));
    }

    /** A woman of whom nothing but this is known. */
    public static Builder of(Background background) {
        return new Builder(background);
    }

    /** The same woman, to be changed in some facts. */
    public Builder but() {
        return new Builder(this);
    }

    public boolean has(Condition condition) {
        return medical.known().has(condition);
    }

    /** She told of low mood or of being very tired: a gentler session is offered. */
    public boolean hasLowDay() {
        return Symptom.OF_A_LOW_DAY.stream().anyMatch(this::has);
    }

    public boolean has(Symptom symptom) {
        return safety.symptoms().has(symptom);
    }

    /** How her body is drawn on a day; twins read four weeks further. */
    public BodyStage bodyOn(LocalDate day) {
        int further = background.knownBabies() > 1 ? BodyStage.TWINS_READ_FURTHER_WEEKS : 0;
        Optional<GestationalAge> age = situation.pregnancy().flatMap(dating -> dating.ageOn(day));
        if (age.isPresent()) {
            return new BodyStage.Pregnant(
                    Math.min(BodyStage.LAST_WEEK, age.get().weeks() + further));
        }
        return situation
                .birth()
                .filter(born -> born.isRecentOn(day))
                .<BodyStage>map(born -> new BodyStage.AfterBirth((int) Math.max(0, born.daysOn(day) / 7)))
                .orElse(BodyStage.NEITHER);
    }

    /** Gathers the facts one by one. */
    public static final class Builder {
        private Background background;
        private Optional<Dating> pregnancy = Optional.empty();
        private Optional<Birth> birth = Optional.empty();
        private Medical medical = Medical.UNKNOWN;
        private Safety safety = new Safety(Answer.notAsked(), new SymptomReport.NotAsked());
        private Optional<GapCheck> gap = Optional.empty();
        private PelvicFloorCheck pelvicFloor = PelvicFloorCheck.NOT_CHECKED;
        private Breathing breath = Breathing.NOT_CHECKED;
        private ConnectCheck connect = ConnectCheck.NOT_CHECKED;
        private PostureCheck posture = PostureCheck.NOT_CHECKED;
        private SideCheck sides = SideCheck.NOT_CHECKED;
        private EffortCheck effort = EffortCheck.NOT_CHECKED;
        private Optional<Integer> straightLegRaise = Optional.empty();
        private ImpactTests impactTests = ImpactTests.NOT_DONE;
        private LadderStatus standing = LadderStatus.UNWRITTEN;
        private Approach approach = Approach.USUAL;
        private Set<Equipment> equipment = Set.of();

        private Builder(Background background) {
            this.background = background;
        }

        private Builder(Client known) {
            background = known.background;
            pregnancy = known.situation.pregnancy();
            birth = known.situation.birth();
            medical = known.medical;
            safety = known.safety;
            gap = known.checks.gap();
            pelvicFloor = known.checks.pelvicFloor();
            breath = known.checks.breath();
            connect = known.checks.connect();
            posture = known.checks.posture();
            sides = known.checks.sides();
            effort = known.checks.effort();
            straightLegRaise = known.checks.straightLegRaise();
            impactTests = known.checks.impactTests();
            standing = known.standing;
            approach = known.approach;
            equipment = known.equipment;
        }

        public Builder trained(Training before) {
            background = background.trained(before);
            return this;
        }

        public Builder falls(Falls told) {
            background = background.falling(told);
            return this;
        }

        /** Who she is, known otherwise than so far. */
        public Builder background(Background known) {
            background = known;
            return this;
        }

        public Builder pessary(YesNoUnknown wears) {
            medical = medical.withPessary(wears);
            return this;
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
            medical = medical.cleared(given);
            return this;
        }

        public Builder conditions(Answer<Conditions> told) {
            medical = medical.told(told);
            return this;
        }

        /** Known without the others having been asked. */
        public Builder knownBesides(Conditions besides) {
            medical = medical.knownBesides(besides);
            return this;
        }

        public Builder operated(List<Surgery> all) {
            medical = medical.operated(all);
            return this;
        }

        /** Asked on a day; of none of them was said since when. */
        public Builder conditions(LocalDate askedOn, Set<Condition> all) {
            return conditions(Answer.given(askedOn, Conditions.of(all)));
        }

        /** Asked and told on a day. */
        public Builder warningSigns(LocalDate toldOn, Set<WarningSign> all) {
            return warningSigns(Answer.given(
                    toldOn, all.stream().collect(Collectors.toUnmodifiableMap(sign -> sign, sign -> toldOn))));
        }

        /** The warning signs that stand, each with the day it was told. */
        public Builder warningSigns(Answer<Map<WarningSign, LocalDate>> told) {
            safety = new Safety(told, safety.symptoms());
            return this;
        }

        public Builder symptoms(SymptomReport report) {
            safety = new Safety(safety.signs(), report);
            return this;
        }

        public Builder gap(GapCheck latest) {
            gap = Optional.of(latest);
            return this;
        }

        /** Nobody has read her gap. */
        public Builder gapUnread() {
            gap = Optional.empty();
            return this;
        }

        public Builder pelvicFloor(PelvicFloorCheck latest) {
            pelvicFloor = latest;
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
            return breath(Breathing.of(latest));
        }

        public Builder breath(Breathing latest) {
            breath = latest;
            return this;
        }

        public Builder connect(ConnectCheck latest) {
            connect = latest;
            return this;
        }

        public Builder posture(PostureCheck latest) {
            posture = latest;
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

        public Builder standing(LadderStatus onTheLadders) {
            standing = onTheLadders;
            return this;
        }

        /** The highest rung of a strand she has done well. */
        public Builder rungs(Map<ExerciseGroup, Integer> highestDone) {
            return standing(standing.withRungs(highestDone));
        }

        /** The highest rung of a strand that stayed flat; 0 when even the first domed. */
        public Builder domingCeiling(Map<ExerciseGroup, Integer> highestFlatRung) {
            return standing(standing.withCeilings(highestFlatRung));
        }

        /** How far a load check of a day showed ladders flat. */
        public Builder flat(LocalDate on, Map<ExerciseGroup, Integer> highestFlatRung) {
            Map<ExerciseGroup, LadderStatus.Flat> seen = highestFlatRung.entrySet().stream()
                    .collect(Collectors.toMap(Map.Entry::getKey, rung -> new LadderStatus.Flat(rung.getValue(), on)));
            return standing(standing.withFlat(seen));
        }

        /** A bar was seen to travel round her bump. */
        public Builder barCurves() {
            return standing(standing.withABarThatCurves());
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
            Checks checks = new Checks(
                    gap,
                    pelvicFloor,
                    breath,
                    connect,
                    posture,
                    sides,
                    effort,
                    new Checks.ReturnChecks(straightLegRaise, impactTests));
            Situation situation = Situation.of(pregnancy, birth);
            return new Client(background, situation, medical, safety, checks, standing, approach, equipment);
        }
    }
}
