package openbloom.app.checks;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import openbloom.app.system.CompositeForm;
import openbloom.app.system.FormReader;
import openbloom.core.progress.Pain;
import openbloom.core.record.Contradictions;
import openbloom.core.screening.BloodPressure;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import org.jspecify.annotations.Nullable;

/** "Safe today?" as it is ticked. */
@CompositeForm
public record SafetyForm(Sent sent, SymptomsTyped told, LiftedTyped lifted, MeasuredTyped measured) {
    /** Under which key it is sent, and the latest stop it showed. */
    public record Sent(String formKey, @Nullable String seen) {}

    /** What she told. */
    public record SymptomsTyped(
            @Nullable List<String> signs,
            @Nullable String noSign,
            @Nullable List<String> symptoms,
            @Nullable String noSymptom,
            @Nullable List<String> leaksWhen,
            @Nullable PainForm pain) {}

    /** Who said that she may go on, and why. */
    public record LiftedTyped(
            @Nullable String liftedBy, @Nullable String liftReason) {}

    /** Blood pressure, and the limit her clinician set, in mmHg. */
    public record MeasuredTyped(
            @Nullable String systolic,
            @Nullable String diastolic,
            @Nullable String limitSystolic,
            @Nullable String limitDiastolic,
            @Nullable String notMeasured) {}

    /** @param limit the limit her clinician set, as it was typed last */
    static SafetyForm blank(String formKey, long seenStop, BloodPressure limit) {
        return new SafetyForm(
                new Sent(formKey, String.valueOf(seenStop)),
                new SymptomsTyped(null, null, null, null, null, null),
                new LiftedTyped(null, null),
                new MeasuredTyped(
                        null, null, String.valueOf(limit.systolic()), String.valueOf(limit.diastolic()), null));
    }

    /** The same, with who said that she may go on and why. */
    SafetyForm lifted(String by, String reason) {
        return new SafetyForm(sent, told, new LiftedTyped(by, reason), measured);
    }

    /** She was asked, and told nothing. */
    static SafetyForm nothing(String formKey, BloodPressure limit) {
        return new SafetyForm(
                new Sent(formKey, "0"),
                new SymptomsTyped(null, "on", null, "on", null, null),
                new LiftedTyped(null, null),
                blank(formKey, 0, limit).measured());
    }

    /** A pressure typed into two fields; both or none, and the lower below the upper. */
    Optional<BloodPressure> pressure(
            FormReader typed, String upper, String lower, @Nullable String over, @Nullable String under) {
        Optional<Integer> systolic =
                typed.whole(upper, over, BloodPressure.LOWEST_SYSTOLIC, BloodPressure.HIGHEST_SYSTOLIC);
        Optional<Integer> diastolic =
                typed.whole(lower, under, BloodPressure.LOWEST_DIASTOLIC, BloodPressure.HIGHEST_DIASTOLIC);
        if (systolic.isPresent() != diastolic.isPresent() && typed.isClean()) {
            typed.refuse(systolic.isPresent() ? lower : upper, "safe.bothPressures");
        }
        if (systolic.isEmpty() || diastolic.isEmpty()) {
            return Optional.empty();
        }
        if (!BloodPressure.isPossible(systolic.get(), diastolic.get())) {
            typed.refuse(lower, "safe.pressureOrder", BloodPressure.LEAST_BETWEEN, systolic.get(), diastolic.get());
            return Optional.empty();
        }
        return Optional.of(new BloodPressure(systolic.get(), diastolic.get()));
    }

    /** Pain as it is typed, place by place. */
    public record PainForm(
            @Nullable String floor,
            @Nullable String scar,
            @Nullable String elsewhere,
            @Nullable String morning) {
        @Nullable
        String at(PainTold.SheetPainSite place) {
            return switch (place) {
                case FLOOR -> floor;
                case SCAR -> scar;
                case ELSEWHERE -> elsewhere;
                case MORNING -> morning;
            };
        }
    }

    /** Pain before the visit by place, 0 to 10; a place nobody asked about is absent. */
    Map<PainTold.SheetPainSite, Integer> pain(FormReader typed) {
        Map<PainTold.SheetPainSite, Integer> felt = new EnumMap<>(PainTold.SheetPainSite.class);
        for (PainTold.SheetPainSite place : PainTold.SheetPainSite.values()) {
            typed.whole(place.field(), painTyped(place), 0, Pain.MOST).ifPresent(amount -> felt.put(place, amount));
        }
        return felt;
    }

    public String painTyped(PainTold.SheetPainSite place) {
        return told.pain() == null ? "" : Objects.toString(told.pain().at(place), "");
    }

    public boolean isNotMeasured() {
        return measured.notMeasured() != null;
    }

    /** The latest stop the form showed; 0 if it showed none. */
    long seenStop() {
        return sent.seen() != null && sent.seen().matches("\\d{1,18}") ? Long.parseLong(sent.seen()) : 0;
    }

    FormReader typed() {
        FormReader typed = new FormReader();
        typed.choices("signs", told.signs(), WarningSign.class);
        typed.choices("symptoms", told.symptoms(), Symptom.class);
        return typed;
    }

    Set<WarningSign> warningSigns() {
        return new FormReader().choices("signs", told.signs(), WarningSign.class);
    }

    Set<Symptom> symptomSet() {
        return new FormReader().choices("symptoms", told.symptoms(), Symptom.class);
    }

    /** When she leaks; told without a leak it needs the leak to be ticked. */
    Set<LeakWhen> leaksWhen(FormReader typed) {
        Set<LeakWhen> when = typed.choices("leaksWhen", told.leaksWhen(), LeakWhen.class);
        typed.refuseAll(Contradictions.leaksWhen("leaksWhen", when, symptomSet()));
        return when;
    }

    public boolean leaks(String when) {
        return told.leaksWhen() != null && told.leaksWhen().contains(when);
    }

    public boolean isNoSign() {
        return told.noSign() != null;
    }

    public boolean isNoSymptom() {
        return told.noSymptom() != null;
    }

    public boolean told(String constant) {
        return told.signs() != null && told.signs().contains(constant)
                || told.symptoms() != null && told.symptoms().contains(constant);
    }
}
