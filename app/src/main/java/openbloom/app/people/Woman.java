package openbloom.app.people;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.app.system.Columns;
import openbloom.core.dating.Dating;
import openbloom.core.dating.DatingBasis;
import openbloom.core.dating.GestationalAge;
import openbloom.core.dating.Statement;
import openbloom.core.dating.Ultrasound;
import openbloom.core.moves.Equipment;
import openbloom.core.record.Answer;
import openbloom.core.record.Approach;
import openbloom.core.record.Background;
import openbloom.core.record.Choice;
import openbloom.core.record.Clearance;
import openbloom.core.record.Conditions;
import openbloom.core.record.Intake;
import openbloom.core.record.Medical;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import openbloom.core.stage.Told;
import org.jspecify.annotations.Nullable;

/** A woman as her intake is kept; units are in the names, lists are joined in one column. */
public record Woman(
        long id,
        long studioId,
        String formKey,
        int version,
        long changedBy,
        String name,
        int birthYear,
        String goals,
        @Nullable Training training,
        Situation situation,
        @Nullable DatingBasis datingBasis,
        @Nullable LocalDate datingGivenOn,
        @Nullable Integer cycleLengthDays,
        @Nullable Integer embryoAgeDays,
        @Nullable LocalDate scanOn,
        @Nullable Integer scanReadDays,
        @Nullable Integer statedDays,
        @Nullable LocalDate birthOn,
        @Nullable BirthKind birthKind,
        @Nullable Tear tear,
        @Nullable Told woundClosed,
        int births,
        int babies,
        @Nullable LocalDate conditionsAskedOn,
        String conditions,
        String conditionsSince,
        String equipment,
        @Nullable LocalDate clearedOn,
        @Nullable String clearedBy,
        String clearanceLimits,
        String clearedFor,
        String approach) {

    /** Whether everything her situation needs could be read; a word this version does not know is read as nothing. */
    @SuppressWarnings("ConstantValue")
    public boolean isReadable() {
        boolean situated = situation != null
                && (situation != Situation.PREGNANT || datingBasis != null && datingGivenOn != null)
                && (situation != Situation.AFTER_BIRTH || birthOn != null && birthKind != null && tear != null);
        return situated
                && Columns.unknown(conditions, Condition.class).isEmpty()
                && Columns.areDays(conditionsSince, Condition.class)
                && Columns.unknown(clearedFor, Condition.class).isEmpty()
                && Columns.unknown(equipment, Equipment.class).isEmpty()
                && Columns.unknown(approach, Choice.class).isEmpty();
    }

    public Optional<Statement> statement() {
        if (situation != Situation.PREGNANT || datingBasis == null || datingGivenOn == null) {
            return Optional.empty();
        }
        int cycle = cycleLengthDays == null ? 28 : cycleLengthDays;
        int embryo = embryoAgeDays == null ? 5 : embryoAgeDays;
        return Optional.of(
                switch (datingBasis) {
                    case LAST_PERIOD -> new Statement.LastPeriod(datingGivenOn, cycle);
                    case CONCEPTION -> new Statement.Conception(datingGivenOn);
                    case TRANSFER -> new Statement.Transfer(datingGivenOn, embryo);
                    case ULTRASOUND -> statedByScan(datingGivenOn);
                    case STATED ->
                        statedDays == null
                                ? new Statement.DueDate(datingGivenOn)
                                : new Statement.WeeksTold(datingGivenOn, new GestationalAge(statedDays));
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
        return scanOn == null || scanReadDays == null || datingBasis == DatingBasis.ULTRASOUND
                ? Optional.empty()
                : Optional.of(new Ultrasound(scanOn, new GestationalAge(scanReadDays)));
    }

    /** The dating of her pregnancy, whether or not its weeks have passed; empty when she is not pregnant. */
    public Optional<Dating> dating() {
        return statement().map(told -> {
            LocalDate due = told.dueDate();
            LocalDate settled = scanOn != null && scanOn.isAfter(due) ? scanOn : due;
            return Dating.from(told, scan(), settled).value();
        });
    }

    public Optional<Birth> birth() {
        return situation == Situation.AFTER_BIRTH && birthOn != null && birthKind != null
                ? Optional.of(new Birth(
                        birthOn,
                        birthKind,
                        tear == null ? Tear.UNKNOWN : tear,
                        woundClosed == null ? Told.UNKNOWN : woundClosed))
                : Optional.empty();
    }

    public Set<Condition> conditionSet() {
        return Columns.known(conditions, Condition.class);
    }

    public Set<Equipment> equipmentSet() {
        return Columns.known(equipment, Equipment.class);
    }

    public List<String> limits() {
        return Columns.lines(clearanceLimits);
    }

    public Optional<Clearance> clearance() {
        return clearedOn == null || clearedBy == null
                ? Optional.empty()
                : Optional.of(
                        new Clearance(clearedOn, clearedBy, limits(), Columns.known(clearedFor, Condition.class)));
    }

    /** Choices of her own approach; empty while she follows the studio's. */
    public Set<Choice> approachChoices() {
        return Columns.known(approach, Choice.class);
    }

    /** What was told at intake and since, as the rules want it. */
    public Intake intake(Approach counts, LocalDate day) {
        return new Intake(
                new Background(births, babies, ageYears(day), Optional.ofNullable(training)),
                openbloom.core.record.Situation.of(dating(), birth()),
                new Medical(conditionsTold(), clearance()),
                counts,
                equipmentSet());
    }

    private Answer<Conditions> conditionsTold() {
        Map<Condition, LocalDate> since = Columns.days(conditionsSince, Condition.class);
        return conditionsAskedOn == null
                ? Answer.notAsked()
                : Answer.given(conditionsAskedOn, new Conditions(conditionSet(), since));
    }

    /** Her age in years by the calendar year, as only the year of birth is asked. */
    public int ageYears(LocalDate day) {
        return day.getYear() - birthYear;
    }

    /** The same woman after a birth; what was dated and cleared for the pregnancy is left behind. */
    Woman afterBirth(LocalDate on, BirthKind kind, Tear torn, Told closed, long by, int fromVersion) {
        return new Woman(
                id,
                studioId,
                formKey,
                fromVersion,
                by,
                name,
                birthYear,
                goals,
                training,
                Situation.AFTER_BIRTH,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                on,
                kind,
                torn,
                closed,
                births + 1,
                babies,
                conditionsAskedOn,
                conditions,
                conditionsSince,
                equipment,
                null,
                null,
                "",
                "",
                approach);
    }

    /** The same woman when a pregnancy ended without a birth. */
    Woman noLongerPregnant(long by, int fromVersion) {
        return new Woman(
                id,
                studioId,
                formKey,
                fromVersion,
                by,
                name,
                birthYear,
                goals,
                training,
                Situation.NEITHER,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                births,
                1,
                conditionsAskedOn,
                conditions,
                conditionsSince,
                equipment,
                null,
                null,
                "",
                "",
                approach);
    }

    /** The same woman with an approach of her own. */
    public Woman following(Set<Choice> choices, long by, int fromVersion) {
        return new Woman(
                id,
                studioId,
                formKey,
                fromVersion,
                by,
                name,
                birthYear,
                goals,
                training,
                situation,
                datingBasis,
                datingGivenOn,
                cycleLengthDays,
                embryoAgeDays,
                scanOn,
                scanReadDays,
                statedDays,
                birthOn,
                birthKind,
                tear,
                woundClosed,
                births,
                babies,
                conditionsAskedOn,
                conditions,
                conditionsSince,
                equipment,
                clearedOn,
                clearedBy,
                clearanceLimits,
                clearedFor,
                Columns.constants(choices));
    }
}
