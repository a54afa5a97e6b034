package openbloom.app.people;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import openbloom.app.system.Columns;
import openbloom.core.dating.DatingBasis;
import openbloom.core.record.ClinicianLimit;
import openbloom.core.screening.Condition;
import org.jspecify.annotations.Nullable;

/** The intake exactly as it is typed. */
public record IntakeForm(
        @Nullable String formKey,
        @Nullable String version,
        @Nullable String name,
        @Nullable String birthYear,
        @Nullable String goals,
        @Nullable String training,
        @Nullable String situation,
        @Nullable String basis,
        @Nullable String lastPeriod,
        @Nullable String cycleLengthDays,
        @Nullable String conception,
        @Nullable String transfer,
        @Nullable String embryoAgeDays,
        @Nullable String dueDate,
        @Nullable String statedWeeks,
        @Nullable String statedDays,
        @Nullable String statedOn,
        @Nullable String scanDate,
        @Nullable String scanWeeks,
        @Nullable String scanDays,
        @Nullable String birthDate,
        @Nullable String birthKind,
        @Nullable String tear,
        @Nullable String woundClosed,
        @Nullable String births,
        @Nullable String babies,
        @Nullable List<String> conditions,
        @Nullable String noCondition,
        @Nullable List<String> since,
        @Nullable List<String> equipment,
        @Nullable String clearedOn,
        @Nullable String clearedBy,
        @Nullable List<String> limits,
        @Nullable String limitWords,
        @Nullable List<String> clearedFor) {

    public static IntakeForm empty() {
        return new IntakeForm(
                UUID.randomUUID().toString(),
                "0",
                "",
                "",
                "",
                "",
                "",
                "LAST_PERIOD",
                "",
                "28",
                "",
                "",
                "5",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "0",
                "1",
                List.of(),
                "",
                List.of(),
                List.of(),
                "",
                "",
                List.of(),
                "",
                List.of());
    }

    /** The form filled from what is kept. */
    public static IntakeForm of(Woman w) {
        DatingBasis basis = w.datingTold().basis() == null
                ? DatingBasis.LAST_PERIOD
                : w.datingTold().basis();
        return new IntakeForm(
                w.key().formKey(),
                Integer.toString(w.version()),
                w.name(),
                Integer.toString(w.about().birthYear()),
                w.goals(),
                text(w.about().training()),
                text(w.situation()),
                basis.name(),
                given(w, DatingBasis.LAST_PERIOD),
                text(w.datingTold().cycleLengthDays()),
                given(w, DatingBasis.CONCEPTION),
                given(w, DatingBasis.TRANSFER),
                text(w.datingTold().embryoAgeDays()),
                w.datingTold().statedDays() == null ? given(w, DatingBasis.STATED) : "",
                w.datingTold().statedDays() == null ? "" : text(w.datingTold().statedDays() / 7),
                w.datingTold().statedDays() == null ? "" : text(w.datingTold().statedDays() % 7),
                w.datingTold().statedDays() == null ? "" : given(w, DatingBasis.STATED),
                text(w.datingTold().scanOn()),
                w.datingTold().scanReadDays() == null ? "" : text(w.datingTold().scanReadDays() / 7),
                w.datingTold().scanReadDays() == null ? "" : text(w.datingTold().scanReadDays() % 7),
                text(w.birthTold().on()),
                text(w.birthTold().kind()),
                text(w.birthTold().tear()),
                text(w.birthTold().woundClosed()),
                Integer.toString(w.about().births()),
                Integer.toString(w.about().babies()),
                names(w.medical().conditions()),
                w.medical().askedOn() != null && w.medical().conditions().isEmpty() ? "yes" : "",
                daysSince(w),
                names(w.equipment()),
                text(w.medical().clearedOn()),
                text(w.medical().clearedBy()),
                w.limits().stream()
                        .filter(limit -> ClinicianLimit.parse(limit).isPresent())
                        .toList(),
                String.join(
                        "\n",
                        w.limits().stream()
                                .filter(limit -> ClinicianLimit.parse(limit).isEmpty())
                                .toList()),
                names(w.medical().clearedFor()));
    }

    /** A day for each condition in the order of the form; empty where since-when is not known. */
    private static List<String> daysSince(Woman w) {
        Map<Condition, LocalDate> days = Columns.days(w.medical().conditionsSince(), Condition.class);
        return Arrays.stream(Condition.values())
                .map(condition -> text(days.get(condition)))
                .toList();
    }

    private static String given(Woman w, DatingBasis basis) {
        return w.datingTold().basis() == basis ? text(w.datingTold().givenOn()) : "";
    }

    private static String text(@Nullable Object value) {
        return value == null ? "" : value.toString();
    }

    private static List<String> names(String column) {
        return column.isEmpty() ? List.of() : List.of(column.split(","));
    }

    public boolean has(String condition) {
        return conditions != null && conditions.contains(condition);
    }

    /** Since when she has a condition, as typed. */
    public String since(Condition condition) {
        return since == null || since.size() <= condition.ordinal() || since.get(condition.ordinal()) == null
                ? ""
                : since.get(condition.ordinal());
    }

    public boolean isClearedFor(String condition) {
        return clearedFor != null && clearedFor.contains(condition);
    }

    public boolean hasAtHand(String item) {
        return equipment != null && equipment.contains(item);
    }

    public boolean isLimited(String limit) {
        return limits != null && limits.contains(limit);
    }
}
