package openbloom.app.people;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import openbloom.app.system.ColumnCodec;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.dating.DatingBasis;
import openbloom.core.dating.GestationalAge;
import openbloom.core.dating.Statement;
import openbloom.core.dating.Ultrasound;
import openbloom.core.moves.Equipment;
import openbloom.core.record.Answer;
import openbloom.core.record.Approach;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Background;
import openbloom.core.record.Clearance;
import openbloom.core.record.Conditions;
import openbloom.core.record.Falls;
import openbloom.core.record.IntakeFacts;
import openbloom.core.record.Medical;
import openbloom.core.record.Surgery;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.SurgeryKind;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.jspecify.annotations.Nullable;

/** A woman as her intake is kept, in groups; units are in the names, lists are joined in one column. */
public record Woman(
        long id,
        RecordKey key,
        AboutHer about,
        DatingTold datingTold,
        BirthRow birthTold,
        MedicalTold medical,
        String equipment,
        String approach) {
    /** In which studio she is kept, in which version, and who made it. */
    public record RecordKey(long studioId, String formKey, int version, long changedBy) {
        RecordKey next(int fromVersion, long by) {
            return new RecordKey(studioId, formKey, fromVersion, by);
        }
    }

    /** Who she is and what she wants. */
    public record AboutHer(
            String name,
            @Nullable Integer birthYear,
            String goals,
            @Nullable Training training,
            @Nullable Integer births,
            @Nullable Integer babies,
            LifeSituation situation,
            Falls falls) {
        /** What is asked of every woman; nothing else is known yet. */
        public static AboutHer of(String name, int birthYear, String goals) {
            return new AboutHer(name, birthYear, goals, null, 0, 1, LifeSituation.NEITHER, Falls.NOT_ASKED);
        }

        public AboutHer now(LifeSituation other, @Nullable Integer bornTo, @Nullable Integer carried) {
            return new AboutHer(name, birthYear, goals, training, bornTo, carried, other, falls);
        }

        public AboutHer trained(@Nullable Training before) {
            return new AboutHer(name, birthYear, goals, before, births, babies, situation, falls);
        }

        private Background background(OptionalInt ageYears) {
            return new Background(asked(births), asked(babies), ageYears, Optional.ofNullable(training), falls);
        }

        private static OptionalInt asked(@Nullable Integer number) {
            return number == null ? OptionalInt.empty() : OptionalInt.of(number);
        }
    }

    /** How her pregnancy is dated; everything empty without one. */
    public record DatingTold(
            @Nullable DatingBasis basis,
            @Nullable LocalDate givenOn,
            @Nullable Integer cycleLengthDays,
            @Nullable Integer embryoAgeDays,
            @Nullable LocalDate scanOn,
            @Nullable Integer scanReadDays,
            @Nullable Integer statedDays) {
        public static final DatingTold NONE = new DatingTold(null, null, null, null, null, null, null);

        public Optional<Statement> statement() {
            if (basis == null || givenOn == null) {
                return Optional.empty();
            }
            int cycle = cycleLengthDays == null ? 28 : cycleLengthDays;
            int embryo = embryoAgeDays == null ? 5 : embryoAgeDays;
            return Optional.of(
                    switch (basis) {
                        case LAST_PERIOD -> new Statement.LastPeriod(givenOn, cycle);
                        case CONCEPTION -> new Statement.Conception(givenOn);
                        case TRANSFER -> new Statement.Transfer(givenOn, embryo);
                        case ULTRASOUND -> statedByScan(givenOn);
                        case STATED ->
                            statedDays == null
                                    ? new Statement.DueDate(givenOn)
                                    : new Statement.WeeksTold(givenOn, new GestationalAge(statedDays));
                    });
        }

        /** Before a scan alone could date a pregnancy, its due date stood here. */
        private Statement statedByScan(LocalDate given) {
            return scanReadDays == null
                    ? new Statement.DueDate(given)
                    : new Statement.Scan(given, new GestationalAge(scanReadDays));
        }

        /** The scan that is held against her dating; none when it is the dating itself. */
        public Optional<Ultrasound> scan() {
            return scanOn == null || scanReadDays == null || basis == DatingBasis.ULTRASOUND
                    ? Optional.empty()
                    : Optional.of(new Ultrasound(scanOn, new GestationalAge(scanReadDays)));
        }
    }

    /** Her latest birth; everything empty without one. */
    public record BirthRow(
            @Nullable LocalDate on,
            @Nullable BirthKind kind,
            @Nullable Tear tear,
            @Nullable YesNoUnknown woundClosed) {
        public static final BirthRow NONE = new BirthRow(null, null, null, null);
    }

    /** Conditions and clearance. */
    public record MedicalTold(
            @Nullable LocalDate askedOn,
            String conditions,
            String conditionsSince,
            @Nullable LocalDate clearedOn,
            @Nullable String clearedBy,
            String clearanceLimits,
            String clearedFor,
            SurgeryRow surgery) {
        MedicalTold withoutClearance() {
            return new MedicalTold(askedOn, conditions, conditionsSince, null, null, "", "", surgery);
        }

        MedicalTold cleared(Clearance given) {
            return new MedicalTold(
                    askedOn,
                    conditions,
                    conditionsSince,
                    given.date(),
                    given.by(),
                    ColumnCodec.lines(given.limits()),
                    ColumnCodec.constants(given.answers()),
                    surgery);
        }

        /** Her operation, if one is told: with its day since when the condition is known. */
        List<Surgery> operations() {
            if (!ColumnCodec.known(conditions, Condition.class).contains(Condition.EARLIER_SURGERY)) {
                return List.of();
            }
            Optional<LocalDate> on = Optional.ofNullable(
                    ColumnCodec.days(conditionsSince, Condition.class).get(Condition.EARLIER_SURGERY));
            SurgeryKind kind = surgery.kind() == null ? SurgeryKind.UNKNOWN : surgery.kind();
            return List.of(new Surgery(kind, on, surgery.longAgo()));
        }

        YesNoUnknown wearsPessary() {
            return surgery.pessary() == null ? YesNoUnknown.UNKNOWN : surgery.pessary();
        }

        public List<String> limits() {
            return ColumnCodec.lines(clearanceLimits);
        }

        public Optional<Clearance> clearance() {
            return clearedOn == null || clearedBy == null
                    ? Optional.empty()
                    : Optional.of(new Clearance(
                            clearedOn, clearedBy, limits(), ColumnCodec.known(clearedFor, Condition.class)));
        }

        private Answer<Conditions> told() {
            Map<Condition, LocalDate> since = ColumnCodec.days(conditionsSince, Condition.class);
            return askedOn == null
                    ? Answer.notAsked()
                    : Answer.given(askedOn, new Conditions(ColumnCodec.known(conditions, Condition.class), since));
        }

        private boolean isReadable() {
            return ColumnCodec.unknown(conditions, Condition.class).isEmpty()
                    && ColumnCodec.areDays(conditionsSince, Condition.class)
                    && ColumnCodec.unknown(clearedFor, Condition.class).isEmpty();
        }
    }

    /**
     * An operation of belly or pelvis, whose day stands with the conditions, and what she wears.
     *
     * @param longAgo more than a year ago, where nobody knows the day
     */
    public record SurgeryRow(
            @Nullable SurgeryKind kind,
            boolean longAgo,
            @Nullable YesNoUnknown pessary) {
        public static final SurgeryRow NONE = new SurgeryRow(null, false, null);
    }

    /** A group whose columns are all empty is read as nothing. */
    @SuppressWarnings("ConstantValue")
    public Woman {
        datingTold = datingTold == null ? DatingTold.NONE : datingTold;
        birthTold = birthTold == null ? BirthRow.NONE : birthTold;
    }

    public long studioId() {
        return key.studioId();
    }

    public int version() {
        return key.version();
    }

    public String name() {
        return about.name();
    }

    public String goals() {
        return about.goals();
    }

    public LifeSituation situation() {
        return about.situation();
    }

    /** Whether everything her situation needs could be read; a word this version does not know is read as nothing. */
    @SuppressWarnings("ConstantValue")
    public boolean isReadable() {
        boolean situated = situation() != null
                && (situation() != LifeSituation.PREGNANT || datingTold.basis() != null && datingTold.givenOn() != null)
                && (situation() != LifeSituation.AFTER_BIRTH
                        || birthTold.on() != null && birthTold.kind() != null && birthTold.tear() != null);
        return situated
                && medical.isReadable()
                && ColumnCodec.unknown(equipment, Equipment.class).isEmpty()
                && ColumnCodec.unknown(approach, ApproachChoice.class).isEmpty();
    }

    public Optional<Statement> statement() {
        return situation() == LifeSituation.PREGNANT ? datingTold.statement() : Optional.empty();
    }

    /** The scan that is held against her dating; none when it is the dating itself. */
    public Optional<Ultrasound> scan() {
        return datingTold.scan();
    }

    /** The dating of her pregnancy, whether or not its weeks have passed; empty when she is not pregnant. */
    public Optional<Dating> dating() {
        return statement().map(told -> {
            LocalDate due = told.dueDate();
            LocalDate scanned = datingTold.scanOn();
            LocalDate settled = scanned != null && scanned.isAfter(due) ? scanned : due;
            return Dating.from(told, scan(), settled).value();
        });
    }

    public Optional<Birth> birth() {
        LocalDate on = birthTold.on();
        BirthKind kind = birthTold.kind();
        Tear tear = birthTold.tear();
        YesNoUnknown closed = birthTold.woundClosed();
        return situation() == LifeSituation.AFTER_BIRTH && on != null && kind != null
                ? Optional.of(new Birth(
                        on, kind, tear == null ? Tear.UNKNOWN : tear, closed == null ? YesNoUnknown.UNKNOWN : closed))
                : Optional.empty();
    }

    public Set<Condition> conditionSet() {
        return ColumnCodec.known(medical.conditions(), Condition.class);
    }

    public Set<Equipment> equipmentSet() {
        return ColumnCodec.known(equipment, Equipment.class);
    }

    public List<String> limits() {
        return medical.limits();
    }

    public Optional<Clearance> clearance() {
        return medical.clearance();
    }

    /** Choices of her own approach; empty while she follows the studio's. */
    public Set<ApproachChoice> approachChoices() {
        return ColumnCodec.known(approach, ApproachChoice.class);
    }

    /** What was told at intake and since, as the rules want it. */
    public IntakeFacts intake(Approach counts, LocalDate day) {
        return new IntakeFacts(
                about.background(ageYears(day)),
                openbloom.core.record.Situation.of(dating(), birth()),
                new Medical(medical.told(), Conditions.NONE, clearance(), medical.operations(), medical.wearsPessary()),
                counts,
                equipmentSet());
    }

    /** Her age in years by the calendar year, as only the year of birth is asked; empty where it was not told. */
    public OptionalInt ageYears(LocalDate day) {
        return about.birthYear() == null ? OptionalInt.empty() : OptionalInt.of(day.getYear() - about.birthYear());
    }

    /** The same woman after a birth; what was dated and cleared for the pregnancy is left behind. */
    Woman afterBirth(BirthRow birth, long by, int fromVersion) {
        return new Woman(
                id,
                key.next(fromVersion, by),
                about.now(LifeSituation.AFTER_BIRTH, about.births() == null ? 1 : about.births() + 1, about.babies()),
                DatingTold.NONE,
                birth,
                medical.withoutClearance(),
                equipment,
                approach);
    }

    /** The same woman when a pregnancy ended without a birth. */
    Woman noLongerPregnant(long by, int fromVersion) {
        return new Woman(
                id,
                key.next(fromVersion, by),
                about.now(LifeSituation.NEITHER, about.births(), 1),
                DatingTold.NONE,
                BirthRow.NONE,
                medical.withoutClearance(),
                equipment,
                approach);
    }

    /** The same woman with what her clinician says now. */
    Woman cleared(Clearance given, long by) {
        return new Woman(
                id, key.next(version(), by), about, datingTold, birthTold, medical.cleared(given), equipment, approach);
    }

    /** The same woman with an approach of her own. */
    public Woman following(Set<ApproachChoice> choices, long by, int fromVersion) {
        return new Woman(
                id,
                key.next(fromVersion, by),
                about,
                datingTold,
                birthTold,
                medical,
                equipment,
                ColumnCodec.constants(choices));
    }
}
