package openbloom.app.checks;

import java.util.List;
import java.util.Set;
import openbloom.app.system.Typed;
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
        @Nullable String liftReason) {
    static SafetyForm blank(String formKey, long seenStop) {
        return new SafetyForm(formKey, null, null, null, null, String.valueOf(seenStop), null, null);
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
