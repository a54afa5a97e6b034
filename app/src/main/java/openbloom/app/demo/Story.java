package openbloom.app.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import openbloom.app.people.Situation;
import openbloom.app.people.Woman;
import openbloom.app.system.Joined;
import openbloom.core.dating.DatingBasis;
import openbloom.core.moves.Equipment;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import openbloom.core.stage.Told;
import openbloom.core.verdict.ClinicianLimit;
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
        Intake intake,
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

    /** What her intake says. */
    record Intake(
            String name,
            int age,
            String goals,
            Situation situation,
            int days,
            @Nullable BirthKind kind,
            Tear tear,
            Told wound,
            int births,
            int babies,
            Set<Condition> conditions,
            Set<Equipment> equipment,
            int clearedDaysAgo,
            String clearedBy,
            List<String> limits) {

        /** Pregnant for so many weeks and days. */
        static Intake pregnant(String name, int age, int weeks, int days, int births, String goals) {
            return new Intake(
                    name,
                    age,
                    goals,
                    Situation.PREGNANT,
                    7 * weeks + days,
                    null,
                    Tear.UNKNOWN,
                    Told.UNKNOWN,
                    births,
                    1,
                    Set.of(),
                    Set.of(Equipment.CHAIR),
                    -1,
                    "",
                    List.of());
        }

        /** So many days after a birth. */
        static Intake born(String name, int age, int days, BirthKind kind, Tear tear, Told wound, String goals) {
            return new Intake(
                    name,
                    age,
                    goals,
                    Situation.AFTER_BIRTH,
                    days,
                    kind,
                    tear,
                    wound,
                    1,
                    1,
                    Set.of(),
                    Set.of(Equipment.CHAIR, Equipment.BALL),
                    -1,
                    "",
                    List.of());
        }

        Intake births(int number) {
            return new Intake(
                    name,
                    age,
                    goals,
                    situation,
                    days,
                    kind,
                    tear,
                    wound,
                    number,
                    babies,
                    conditions,
                    equipment,
                    clearedDaysAgo,
                    clearedBy,
                    limits);
        }

        Intake twins() {
            return new Intake(
                    name,
                    age,
                    goals,
                    situation,
                    days,
                    kind,
                    tear,
                    wound,
                    births,
                    2,
                    conditions,
                    equipment,
                    clearedDaysAgo,
                    clearedBy,
                    limits);
        }

        Intake with(Condition... told) {
            return new Intake(
                    name,
                    age,
                    goals,
                    situation,
                    days,
                    kind,
                    tear,
                    wound,
                    births,
                    babies,
                    Set.of(told),
                    equipment,
                    clearedDaysAgo,
                    clearedBy,
                    limits);
        }

        Intake having(Equipment... atHome) {
            return new Intake(
                    name,
                    age,
                    goals,
                    situation,
                    days,
                    kind,
                    tear,
                    wound,
                    births,
                    babies,
                    conditions,
                    Set.of(atHome),
                    clearedDaysAgo,
                    clearedBy,
                    limits);
        }

        Intake cleared(int daysAgo, String by, ClinicianLimit... set) {
            List<String> codes = List.of(set).stream().map(Enum::name).toList();
            return new Intake(
                    name,
                    age,
                    goals,
                    situation,
                    days,
                    kind,
                    tear,
                    wound,
                    births,
                    babies,
                    conditions,
                    equipment,
                    daysAgo,
                    by,
                    codes);
        }

        Woman woman(long studioId, long accountId, LocalDate today) {
            boolean pregnant = situation == Situation.PREGNANT;
            LocalDate cleared = clearedDaysAgo < 0 ? null : today.minusDays(clearedDaysAgo);
            return new Woman(
                    0,
                    studioId,
                    "demo-" + name,
                    1,
                    accountId,
                    name,
                    today.getYear() - age,
                    goals,
                    situation,
                    pregnant ? DatingBasis.LAST_PERIOD : null,
                    pregnant ? today.minusDays(days) : null,
                    pregnant ? 28 : null,
                    null,
                    null,
                    null,
                    kind == null ? null : today.minusDays(days),
                    kind,
                    kind == null ? null : tear,
                    kind == null ? null : wound,
                    births,
                    babies,
                    Joined.constants(conditions),
                    Joined.constants(equipment),
                    cleared,
                    cleared == null ? null : clearedBy,
                    Joined.lines(limits),
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
