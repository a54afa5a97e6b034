package openbloom.app.checks;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import openbloom.app.system.Typed;
import openbloom.core.progress.Pain;
import openbloom.core.screening.BloodPressure;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import org.jspecify.annotations.Nullable;

/** "Safe today?" as it is ticked. */
public record SafetyForm(
        String formKey,
        @Nullable List<String> signs,
        @Nullable String noSign,
        @Nullable List<String> symptoms,
        @Nullable String noSymptom,
        @Nullable String seen,
        @Nullable String liftedBy,
        @Nullable String liftReason,
        @Nullable String systolic,
        @Nullable String diastolic,
        @Nullable String limitSystolic,
        @Nullable String limitDiastolic,
        @Nullable String notMeasured,
        @Nullable PainForm pain) {
    /** @param limit the limit her clinician set, as it was typed last */
    static SafetyForm blank(String formKey, long seenStop, BloodPressure limit) {
        return new SafetyForm(
                formKey,
                null,
                null,
                null,
                null,
                String.valueOf(seenStop),
                null,
                null,
                null,
                null,
                String.valueOf(limit.systolic()),
                String.valueOf(limit.diastolic()),
                null,
                null);
    }

    /** A pressure typed into two fields; both or none, and the lower below the upper. */
    Optional<BloodPressure> pressure(
            Typed typed, String upper, String lower, @Nullable String over, @Nullable String under) {
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
        if (diastolic.get() >= systolic.get()) {
            typed.refuse(lower, "safe.pressureOrder", systolic.get(), diastolic.get());
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
        String at(PainTold.Where place) {
            return switch (place) {
                case FLOOR -> floor;
                case SCAR -> scar;
                case ELSEWHERE -> elsewhere;
                case MORNING -> morning;
            };
        }
    }

    /** Pain before the visit by place, 0 to 10; a place nobody asked about is absent. */
    Map<PainTold.Where, Integer> pain(Typed typed) {
        Map<PainTold.Where, Integer> told = new EnumMap<>(PainTold.Where.class);
        for (PainTold.Where place : PainTold.Where.values()) {
            typed.whole(place.field(), painTyped(place), 0, Pain.MOST).ifPresent(amount -> told.put(place, amount));
        }
        return told;
    }

    public String painTyped(PainTold.Where place) {
        return pain == null ? "" : Objects.toString(pain.at(place), "");
    }

    public boolean isNotMeasured() {
        return notMeasured != null;
    }

    /** The latest stop the form showed; 0 if it showed none. */
    long seenStop() {
        return seen != null && seen.matches("\\d{1,18}") ? Long.parseLong(seen) : 0;
    }

    Typed typed() {
        Typed typed = new Typed();
        typed.choices("signs", signs, WarningSign.class);
        typed.choices("symptoms", symptoms, Symptom.class);
        return typed;
    }

    Set<WarningSign> warningSigns() {
        return new Typed().choices("signs", signs, WarningSign.class);
    }

    Set<Symptom> symptomSet() {
        return new Typed().choices("symptoms", symptoms, Symptom.class);
    }

    public boolean isNoSign() {
        return noSign != null;
    }

    public boolean isNoSymptom() {
        return noSymptom != null;
    }

    public boolean told(String constant) {
        return signs != null && signs.contains(constant) || symptoms != null && symptoms.contains(constant);
    }
}
