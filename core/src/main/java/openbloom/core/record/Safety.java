package openbloom.core.record;

import java.time.LocalDate;
import java.util.Map;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;

/**
 * What she told when asked whether it is safe to begin.
 *
 * @param signs the warning signs that stand, each with the day it was told
 * @param symptoms what she noticed lately
 * @see Client
 * @see SafetyNotes
 */
public record Safety(Answer<Map<WarningSign, LocalDate>> signs, SymptomReport symptoms) {
    /** The warning signs that stand, with the day each was told. */
    public Map<WarningSign, LocalDate> standing() {
        return signs.known().orElse(Map.of());
    }
}
