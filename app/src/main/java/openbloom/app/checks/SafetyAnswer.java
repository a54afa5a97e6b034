package openbloom.app.checks;

import java.time.LocalDate;
import java.util.Set;
import openbloom.app.system.Joined;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;

/** What she answered to "Safe today?"; never changed afterwards. */
public record SafetyAnswer(
        long id,
        long womanId,
        LocalDate askedOn,
        String askedBy,
        String warningSigns,
        String symptoms,
        String whatToDo) {
    public Set<WarningSign> signs() {
        return Joined.constants(warningSigns, WarningSign.class);
    }

    public Set<Symptom> symptomSet() {
        return Joined.constants(symptoms, Symptom.class);
    }

    public SymptomReport report() {
        return new SymptomReport.Asked(askedOn, symptomSet());
    }

    public boolean stops() {
        return !warningSigns.isEmpty();
    }
}
