package openbloom.app.people;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.FormReader;
import openbloom.core.Outcome;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.dating.DatingBasis;
import openbloom.core.dating.GestationalAge;
import openbloom.core.dating.Statement;
import openbloom.core.moves.Equipment;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.record.Contradictions;
import openbloom.core.screening.Condition;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.jspecify.annotations.Nullable;

/** Reads an intake form: everything that makes no sense is told at once, each beside its field. */
final class IntakeReader {
    static final int LONGEST_NAME = 120;
    static final int LONGEST_TEXT = 2000;

    private final IntakeForm form;
    private final LocalDate today;
    private final FormReader typed = new FormReader();

    private IntakeReader(IntakeForm form, LocalDate today) {
        this.form = form;
        this.today = today;
    }

    /**
     * The woman the form describes.
     *
     * @param of whose form it is: her number, studio, and who typed it
     */
    static Outcome<Woman> read(IntakeForm form, Owner of, LocalDate today) {
        IntakeReader intake = new IntakeReader(form, today);
        Woman woman = intake.read(of);
        return intake.typed.outcome(woman);
    }

    /** Whose form it is; number and version are 0 for a new woman. */
    record Owner(long id, long studioId, long accountId, int version, String approach) {}

    private Woman read(Owner of) {
        Woman.AboutHer about = form.who().about(typed, today, form.has());
        LifeSituation situation = about.situation();
        Woman.DatingTold pregnancy = situation == LifeSituation.PREGNANT ? pregnancy() : Woman.DatingTold.NONE;
        Woman.BirthRow birth = situation == LifeSituation.AFTER_BIRTH ? birth() : Woman.BirthRow.NONE;
        Woman.RecordKey key = new Woman.RecordKey(of.studioId(), formKey(), of.version(), of.accountId());
        String equipment =
                ColumnCodec.constants(typed.choices("equipment", form.who().equipment(), Equipment.class));
        return new Woman(of.id(), key, about, pregnancy, birth, medical(), equipment, of.approach());
    }

    private Woman.MedicalTold medical() {
        Set<Condition> conditions = conditions();
        Optional<LocalDate> cleared =
                notFuture("clearedOn", typed.date("clearedOn", form.clearance().clearedOn()));
        return new Woman.MedicalTold(
                isAsked(conditions) ? today : null,
                ColumnCodec.constants(conditions),
                ColumnCodec.days(since(conditions)),
                cleared.orElse(null),
                clearedBy(cleared),
                ColumnCodec.lines(limits(cleared)),
                ColumnCodec.constants(clearedFor(cleared, conditions)),
                form.has().surgery(typed, conditions));
    }

    private Set<Condition> conditions() {
        Set<Condition> conditions = typed.choices("conditions", form.has().conditions(), Condition.class);
        if (isNone() && !conditions.isEmpty()) {
            typed.refuse("conditions", "intake.noneAndSome");
        }
        return conditions;
    }

    /** Nothing ticked, "none of these" neither: nobody asked. */
    private boolean isAsked(Set<Condition> conditions) {
        return isNone() || !conditions.isEmpty();
    }

    private boolean isNone() {
        return "yes".equals(form.has().noCondition());
    }

    private Map<Condition, LocalDate> since(Set<Condition> conditions) {
        Map<Condition, LocalDate> since = new EnumMap<>(Condition.class);
        for (Condition condition : conditions) {
            typed.pastDate("conditions", form.since(condition), today).ifPresent(day -> since.put(condition, day));
        }
        return since;
    }

    /** What a clearance is for: conditions she has, and a clearance there must be. */
    private Set<Condition> clearedFor(Optional<LocalDate> cleared, Set<Condition> conditions) {
        Set<Condition> named = typed.choices("clearedFor", form.clearance().clearedFor(), Condition.class);
        if (cleared.isEmpty() && !named.isEmpty()) {
            typed.refuse("clearedOn", "intake.clearedOn");
        }
        typed.refuseAll(Contradictions.clearedFor("clearedFor", named, conditions));
        return named;
    }

    private String formKey() {
        return form.kept().formKey() == null ? "" : form.kept().formKey();
    }

    private Woman.DatingTold pregnancy() {
        DatingBasis basis = typed.requiredChoice("basis", form.dated().basis(), DatingBasis.class)
                .orElse(DatingBasis.LAST_PERIOD);
        Integer cycle = basis == DatingBasis.LAST_PERIOD
                ? typed.whole("cycleLengthDays", form.dated().cycleLengthDays(), 1, 99)
                        .orElse(28)
                : null;
        Integer embryo = basis == DatingBasis.TRANSFER
                ? typed.requiredWhole("embryoAgeDays", form.dated().embryoAgeDays(), 1, Statement.OLDEST_EMBRYO_DAYS)
                        .orElse(null)
                : null;
        Optional<LocalDate> scanOn = basis == DatingBasis.ULTRASOUND
                ? typed.requiredDate("scanDate", form.scan().scanDate())
                : typed.date("scanDate", form.scan().scanDate());
        Optional<Integer> scanDays = scanDays(scanOn.isPresent());
        Optional<Integer> stated = basis == DatingBasis.STATED ? statedDays() : Optional.empty();
        Optional<LocalDate> given = switch (basis) {
            case ULTRASOUND -> scanOn;
            case STATED ->
                isWeeksTold()
                        ? typed.date("statedOn", form.stated().statedOn()).or(() -> Optional.of(today))
                        : typed.requiredDate("dueDate", form.stated().dueDate());
            default -> typed.requiredDate(fieldOf(basis), valueOf(basis));
        };
        Woman.DatingTold pregnancy = new Woman.DatingTold(
                basis,
                given.orElse(null),
                cycle,
                embryo,
                scanOn.orElse(null),
                scanDays.orElse(null),
                stated.orElse(null));
        if (given.isPresent() && typed.isClean()) {
            checkDating(pregnancy);
        }
        return pregnancy;
    }

    private boolean isWeeksTold() {
        boolean noDate =
                form.stated().dueDate() == null || form.stated().dueDate().isBlank();
        return noDate
                && form.stated().statedWeeks() != null
                && !form.stated().statedWeeks().isBlank();
    }

    /** "24 weeks + 0", as she said it on a day; the days may be left out. */
    private Optional<Integer> statedDays() {
        if (!isWeeksTold()) {
            return Optional.empty();
        }
        int longest = GestationalAge.LONGEST_DAYS / 7 - 1;
        Optional<Integer> weeks = typed.whole("statedWeeks", form.stated().statedWeeks(), 0, longest);
        int beyond = typed.whole("statedDays", form.stated().statedDays(), 0, 6).orElse(0);
        return weeks.map(full -> 7 * full + beyond);
    }

    private Optional<Integer> scanDays(boolean scanned) {
        if (!scanned) {
            return Optional.empty();
        }
        int longest = GestationalAge.LONGEST_DAYS / 7 - 1;
        Optional<Integer> weeks = typed.requiredWhole("scanWeeks", form.scan().scanWeeks(), 0, longest);
        Optional<Integer> days = typed.requiredWhole("scanDays", form.scan().scanDays(), 0, 6);
        return weeks.flatMap(full -> days.map(beyond -> 7 * full + beyond));
    }

    private void checkDating(Woman.DatingTold told) {
        told.statement()
                .ifPresent(statement -> Dating.from(statement, told.scan(), today)
                        .problems()
                        .forEach(problem -> typed.refuse(
                                problem.field().equals("ultrasound.date") ? "scanDate" : problem.field(),
                                problem.key(),
                                problem.args().toArray())));
    }

    private static String fieldOf(DatingBasis basis) {
        return switch (basis) {
            case LAST_PERIOD -> "lastPeriod";
            case CONCEPTION -> "conception";
            case TRANSFER -> "transfer";
            case ULTRASOUND -> "scanDate";
            case STATED -> "dueDate";
        };
    }

    private @Nullable String valueOf(DatingBasis basis) {
        return switch (basis) {
            case LAST_PERIOD -> form.dated().lastPeriod();
            case CONCEPTION -> form.dated().conception();
            case TRANSFER -> form.dated().transfer();
            case ULTRASOUND -> form.scan().scanDate();
            case STATED -> form.stated().dueDate();
        };
    }

    private Woman.BirthRow birth() {
        Optional<LocalDate> on = notFuture(
                "birthDate", typed.requiredDate("birthDate", form.born().birthDate()));
        return birth(
                typed,
                on,
                form.born().birthKind(),
                form.born().tear(),
                form.born().woundClosed());
    }

    /** A birth as the intake and the note of a new one ask for it. */
    static Woman.BirthRow birth(
            FormReader typed,
            Optional<LocalDate> on,
            @Nullable String kindTyped,
            @Nullable String tearTyped,
            @Nullable String woundTyped) {
        BirthKind kind =
                typed.requiredChoice("birthKind", kindTyped, BirthKind.class).orElse(BirthKind.VAGINAL);
        Tear tear = typed.choice("tear", tearTyped, Tear.class).orElse(Tear.UNKNOWN);
        typed.refuseAll(Contradictions.tear("tear", kind, tear));
        YesNoUnknown wound =
                typed.choice("woundClosed", woundTyped, YesNoUnknown.class).orElse(YesNoUnknown.UNKNOWN);
        return new Woman.BirthRow(on.orElse(null), kind, tear, wound);
    }

    private Optional<LocalDate> notFuture(String field, Optional<LocalDate> day) {
        if (day.isPresent() && day.get().isAfter(today)) {
            typed.refuse(field, "typed.future", day.get());
        }
        return day;
    }

    private @Nullable String clearedBy(Optional<LocalDate> cleared) {
        String by = typed.text("clearedBy", form.clearance().clearedBy(), LONGEST_NAME);
        if (cleared.isPresent() && by.isEmpty()) {
            typed.refuse("clearedBy", "intake.clearedBy");
        }
        if (cleared.isEmpty() && !by.isEmpty()) {
            typed.refuse("clearedOn", "intake.clearedOn");
        }
        return by.isEmpty() ? null : by;
    }

    private List<String> limits(Optional<LocalDate> cleared) {
        Set<ClinicalRestriction> chosen =
                typed.choices("limits", form.clearance().limits(), ClinicalRestriction.class);
        String words = typed.text("limitWords", form.clearance().limitWords(), LONGEST_TEXT - 200);
        List<String> limits = new ArrayList<>(chosen.stream().map(Enum::name).toList());
        words.lines().map(String::strip).filter(line -> !line.isEmpty()).forEach(limits::add);
        if (cleared.isEmpty() && !limits.isEmpty()) {
            typed.refuse("clearedOn", "intake.clearedOn");
        }
        return limits;
    }
}
