package openbloom.app.demo;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Set;
import openbloom.app.people.LifeSituation;
import openbloom.app.people.Woman;
import openbloom.app.system.ColumnCodec;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.DatingBasis;
import openbloom.core.moves.Equipment;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.jspecify.annotations.Nullable;

/**
 * One invented woman, told relative to the day the demonstration starts.
 *
 * @param visitAt hour and minute of her visit today, or null
 * @param gap how her gap went, or null when it was never read
 * @param sessions taught sessions before today, about a week apart
 * @param askedToday whether she was asked today already
 */
record Story(
        DemoIntake intake,
        Set<Symptom> symptoms,
        Set<WarningSign> signsToday,
        @Nullable GapStory gap,
        int sessions,
        @Nullable String visitAt,
        boolean askedToday) {
    /** What her pelvic floor check showed, if she had one. */
    Tone tone() {
        if (symptoms.contains(Symptom.PAIN_WITH_LIFTS)) {
            return Tone.TIGHT;
        }
        return symptoms.contains(Symptom.PELVIC_GIRDLE_PAIN) ? Tone.TYPICAL : Tone.UNKNOWN;
    }

    /** What her intake says, gathered bit by bit. */
    static final class DemoIntake {
        private final String name;
        private final int age;
        private final String goals;
        private final LifeSituation situation;
        private final int days;
        private @Nullable BirthKind kind;
        private @Nullable Tear tear;
        private @Nullable YesNoUnknown wound;
        private int births;
        private int babies = 1;
        private String conditions = "";
        private String equipment = ColumnCodec.constants(Set.of(Equipment.CHAIR));
        private int clearedDaysAgo = -1;
        private @Nullable String clearedBy;
        private String limits = "";
        private @Nullable Training training;

        private DemoIntake(String name, int age, String goals, LifeSituation situation, int days) {
            this.name = name;
            this.age = age;
            this.goals = goals;
            this.situation = situation;
            this.days = days;
        }

        static DemoIntake pregnant(String name, int age, int weeks, int days, String goals) {
            return new DemoIntake(name, age, goals, LifeSituation.PREGNANT, 7 * weeks + days);
        }

        static DemoIntake born(
                String name, int age, int daysAgo, BirthKind kind, Tear tear, YesNoUnknown woundClosed, String goals) {
            DemoIntake intake = new DemoIntake(name, age, goals, LifeSituation.AFTER_BIRTH, daysAgo).births(1);
            intake.kind = kind;
            intake.tear = tear;
            intake.wound = woundClosed;
            return intake;
        }

        static DemoIntake neither(String name, int age, String goals) {
            return new DemoIntake(name, age, goals, LifeSituation.NEITHER, 0);
        }

        String name() {
            return name;
        }

        DemoIntake births(int number) {
            births = number;
            return this;
        }

        DemoIntake trained(Training before) {
            training = before;
            return this;
        }

        DemoIntake twins() {
            babies = 2;
            return this;
        }

        DemoIntake with(Condition... told) {
            conditions = ColumnCodec.constants(Arrays.asList(told));
            return this;
        }

        DemoIntake having(Equipment... atHome) {
            equipment = ColumnCodec.constants(Arrays.asList(atHome));
            return this;
        }

        DemoIntake cleared(int daysAgo, String by, ClinicalRestriction... set) {
            clearedDaysAgo = daysAgo;
            clearedBy = by;
            limits = ColumnCodec.lines(Arrays.stream(set).map(Enum::name).toList());
            return this;
        }

        Woman woman(long studioId, long accountId, LocalDate today) {
            boolean pregnant = situation == LifeSituation.PREGNANT;
            LocalDate since = today.minusDays(days);
            return new Woman(
                    0,
                    new Woman.RecordKey(studioId, "demo-" + name, 1, accountId),
                    Woman.AboutHer.of(name, today.getYear() - age, goals)
                            .now(situation, births, babies)
                            .trained(training),
                    pregnant
                            ? new Woman.DatingTold(DatingBasis.LAST_PERIOD, since, 28, null, null, null, null)
                            : Woman.DatingTold.NONE,
                    kind == null ? Woman.BirthRow.NONE : new Woman.BirthRow(since, kind, tear, wound),
                    new Woman.MedicalTold(
                            today,
                            conditions,
                            "",
                            clearedDaysAgo < 0 ? null : today.minusDays(clearedDaysAgo),
                            clearedBy,
                            limits,
                            clearedDaysAgo < 0 ? "" : conditions,
                            Woman.SurgeryRow.NONE),
                    equipment,
                    "");
        }
    }

    /**
     * How a gap went from the first check to the latest.
     *
     * @param checks how many, a week apart, the latest {@code latestDaysAgo}
     * @param first width at the navel on the small lift at the first check, in half fingers
     * @param last the same at the latest
     * @param connectedLess half fingers narrower when connected
     * @param domes whether it domes on the small lift
     */
    record GapStory(int checks, int latestDaysAgo, int first, int last, int connectedLess, boolean domes) {}
}
