package openbloom.app.people;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.CompositeForm;
import openbloom.app.system.FormReader;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.DatingBasis;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.record.Contradictions;
import openbloom.core.record.Falls;
import openbloom.core.record.InputRanges;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.SurgeryKind;
import org.jspecify.annotations.Nullable;

/** The intake exactly as it is typed; where it is written, the fields of every part stand side by side. */
@CompositeForm
public record IntakeForm(
        @JsonUnwrapped FormVersion kept,
        @JsonUnwrapped PersonFields who,
        @JsonUnwrapped DatingFields dated,
        @JsonUnwrapped Stated stated,
        @JsonUnwrapped ScanFields scan,
        @JsonUnwrapped Born born,
        @JsonUnwrapped Has has,
        @JsonUnwrapped Cleared clearance) {
    /** Under which key it is sent, and of which version it is. */
    public record FormVersion(
            @Nullable String formKey, @Nullable String version) {}

    /** Who she is and what she has at home. */
    public record PersonFields(
            @Nullable String name,
            @Nullable String birthYear,
            @Nullable String goals,
            @Nullable String training,
            @Nullable String situation,
            @Nullable String births,
            @Nullable String babies,
            @Nullable List<String> equipment) {
        /** Read beside what is typed, so that a new fact about her is told here and nowhere else in the form. */
        Woman.AboutHer about(FormReader typed, LocalDate today, Has has) {
            String called = typed.requiredText("name", name, IntakeReader.LONGEST_NAME);
            Integer bornIn = typed.whole(
                            "birthYear",
                            birthYear,
                            today.getYear() - InputRanges.OLDEST_YEARS,
                            today.getYear() - InputRanges.YOUNGEST_YEARS)
                    .orElse(null);
            LifeSituation now = typed.requiredChoice("situation", situation, LifeSituation.class)
                    .orElse(LifeSituation.NEITHER);
            Integer bornTo =
                    typed.whole("births", births, 0, InputRanges.MOST_BIRTHS).orElse(null);
            if (now == LifeSituation.AFTER_BIRTH && bornTo != null) {
                typed.refuseAll(Contradictions.births("births", OptionalInt.of(bornTo)));
            }
            return new Woman.AboutHer(
                    called,
                    bornIn,
                    typed.text("goals", goals, IntakeReader.LONGEST_TEXT),
                    typed.choice("training", training, Training.class).orElse(null),
                    bornTo,
                    typed.whole("babies", babies, 1, InputRanges.MOST_BABIES).orElse(null),
                    now,
                    typed.choice("falls", has.falls(), Falls.class).orElse(Falls.NOT_ASKED));
        }
    }

    /** How her pregnancy is dated. */
    public record DatingFields(
            @Nullable String basis,
            @Nullable String lastPeriod,
            @Nullable String cycleLengthDays,
            @Nullable String conception,
            @Nullable String transfer,
            @Nullable String embryoAgeDays) {}

    /** A due date or weeks as she was told them. */
    public record Stated(
            @Nullable String dueDate,
            @Nullable String statedWeeks,
            @Nullable String statedDays,
            @Nullable String statedOn) {}

    /** An ultrasound. */
    public record ScanFields(
            @Nullable String scanDate,
            @Nullable String scanWeeks,
            @Nullable String scanDays) {}

    /** Her latest birth. */
    public record Born(
            @Nullable String birthDate,
            @Nullable String birthKind,
            @Nullable String tear,
            @Nullable String woundClosed) {}

    /** Conditions; by the name of each a day, where it is known. */
    public record Has(
            @Nullable List<String> conditions,
            @Nullable String noCondition,
            @Nullable Map<String, String> since,
            @Nullable String surgeryKind,
            @Nullable String surgeryLongAgo,
            @Nullable String pessary,
            @Nullable String falls) {
        /** Read beside what is typed. A kind or a time of an operation needs the condition to be ticked. */
        Woman.SurgeryRow surgery(FormReader typed, Set<Condition> conditions) {
            SurgeryKind kind =
                    typed.choice("surgeryKind", surgeryKind, SurgeryKind.class).orElse(null);
            boolean longAgo = "yes".equals(surgeryLongAgo);
            boolean told = kind != null || longAgo;
            if (told && !conditions.contains(Condition.EARLIER_SURGERY)) {
                typed.refuse("surgeryKind", "intake.surgeryNotTicked");
            }
            if (longAgo && !sinceTyped(Condition.EARLIER_SURGERY).isBlank()) {
                typed.refuse("surgeryKind", "intake.surgeryTwice");
            }
            return new Woman.SurgeryRow(
                    kind,
                    longAgo,
                    typed.choice("pessary", pessary, YesNoUnknown.class).orElse(null));
        }

        /** Since when she has a condition, as typed, or empty. */
        String sinceTyped(Condition condition) {
            String day = since == null ? null : since.get(condition.name());
            return day == null ? "" : day;
        }
    }

    /** What her clinician said. */
    public record Cleared(
            @Nullable String clearedOn,
            @Nullable String clearedBy,
            @Nullable List<String> limits,
            @Nullable String limitWords,
            @Nullable List<String> clearedFor) {}

    public static IntakeForm empty() {
        return new IntakeForm(
                new FormVersion(UUID.randomUUID().toString(), "0"),
                new PersonFields("", "", "", "", "", "0", "1", List.of()),
                new DatingFields("LAST_PERIOD", "", "28", "", "", "5"),
                new Stated("", "", "", ""),
                new ScanFields("", "", ""),
                new Born("", "", "", ""),
                new Has(List.of(), "", Map.of(), "", "", "", ""),
                new Cleared("", "", List.of(), "", List.of()));
    }

    /** The form filled from what is kept. */
    public static IntakeForm of(Woman w) {
        return new IntakeForm(
                new FormVersion(w.key().formKey(), Integer.toString(w.version())),
                new PersonFields(
                        w.name(),
                        text(w.about().birthYear()),
                        w.goals(),
                        text(w.about().training()),
                        text(w.situation()),
                        text(w.about().births()),
                        text(w.about().babies()),
                        names(w.equipment())),
                dated(w.datingTold()),
                stated(w.datingTold()),
                new ScanFields(
                        text(w.datingTold().scanOn()),
                        weeks(w.datingTold().scanReadDays()),
                        beyond(w.datingTold().scanReadDays())),
                new Born(
                        text(w.birthTold().on()),
                        text(w.birthTold().kind()),
                        text(w.birthTold().tear()),
                        text(w.birthTold().woundClosed())),
                new Has(
                        names(w.medical().conditions()),
                        w.medical().askedOn() != null
                                        && w.medical().conditions().isEmpty()
                                ? "yes"
                                : "",
                        daysSince(w),
                        text(w.medical().surgery().kind()),
                        w.medical().surgery().longAgo() ? "yes" : "",
                        text(w.medical().surgery().pessary()),
                        text(w.about().falls())),
                cleared(w));
    }

    private static DatingFields dated(Woman.DatingTold told) {
        DatingBasis basis = told.basis() == null ? DatingBasis.LAST_PERIOD : told.basis();
        return new DatingFields(
                basis.name(),
                given(told, DatingBasis.LAST_PERIOD),
                text(told.cycleLengthDays()),
                given(told, DatingBasis.CONCEPTION),
                given(told, DatingBasis.TRANSFER),
                text(told.embryoAgeDays()));
    }

    private static Stated stated(Woman.DatingTold told) {
        String day = given(told, DatingBasis.STATED);
        return told.statedDays() == null
                ? new Stated(day, "", "", "")
                : new Stated("", weeks(told.statedDays()), beyond(told.statedDays()), day);
    }

    private static Cleared cleared(Woman w) {
        Map<Boolean, List<String>> limits = w.limits().stream()
                .collect(Collectors.partitioningBy(
                        limit -> ClinicalRestriction.parse(limit).isPresent()));
        return new Cleared(
                text(w.medical().clearedOn()),
                text(w.medical().clearedBy()),
                limits.get(true),
                String.join("\n", limits.get(false)),
                names(w.medical().clearedFor()));
    }

    private static String weeks(@Nullable Integer days) {
        return days == null ? "" : text(days / 7);
    }

    private static String beyond(@Nullable Integer days) {
        return days == null ? "" : text(days % 7);
    }

    private static Map<String, String> daysSince(Woman w) {
        Map<String, String> days = new TreeMap<>();
        ColumnCodec.days(w.medical().conditionsSince(), Condition.class)
                .forEach((condition, day) -> days.put(condition.name(), day.toString()));
        return days;
    }

    private static String given(Woman.DatingTold told, DatingBasis basis) {
        return told.basis() == basis ? text(told.givenOn()) : "";
    }

    private static String text(@Nullable Object value) {
        return value == null ? "" : value.toString();
    }

    private static List<String> names(String column) {
        return ColumnCodec.lines(column);
    }

    public boolean has(String condition) {
        return isIn(has.conditions(), condition);
    }

    /** Since when she has a condition, as typed. */
    public String since(Condition condition) {
        return has.sinceTyped(condition);
    }

    public boolean isClearedFor(String condition) {
        return isIn(clearance.clearedFor(), condition);
    }

    public boolean hasAtHand(String item) {
        return isIn(who.equipment(), item);
    }

    public boolean isLimited(String limit) {
        return isIn(clearance.limits(), limit);
    }

    private static boolean isIn(@Nullable List<String> ticked, String word) {
        return ticked != null && ticked.contains(word);
    }
}
