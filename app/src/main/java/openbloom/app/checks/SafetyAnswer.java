package openbloom.app.checks;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.app.system.Columns;
import openbloom.core.screening.BloodPressure;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import org.jspecify.annotations.Nullable;

/**
 * What she answered to "Safe today?"; never changed afterwards.
 *
 * @param lifts the latest stop this answer lifts, if it lifts any
 * @param liftedBy who said that she may go on
 * @param liftReason what was found
 */
public record SafetyAnswer(
        long id,
        long womanId,
        LocalDate askedOn,
        String askedBy,
        String warningSigns,
        String symptoms,
        String whatToDo,
        @Nullable Long lifts,
        String liftedBy,
        String liftReason,
        @Nullable Integer systolicMmhg,
        @Nullable Integer diastolicMmhg,
        @Nullable Integer limitSystolicMmhg,
        @Nullable Integer limitDiastolicMmhg) {
    /** Her blood pressure as it was measured; empty when it was not. */
    public Optional<BloodPressure> pressure() {
        return systolicMmhg == null || diastolicMmhg == null
                ? Optional.empty()
                : Optional.of(new BloodPressure(systolicMmhg, diastolicMmhg));
    }

    /** The limit it was held against. */
    public Optional<BloodPressure> limit() {
        return limitSystolicMmhg == null || limitDiastolicMmhg == null
                ? Optional.empty()
                : Optional.of(new BloodPressure(limitSystolicMmhg, limitDiastolicMmhg));
    }

    /** The signs told; words this version does not know are in {@link #unknownSigns}. */
    public Set<WarningSign> signs() {
        return Columns.known(warningSigns, WarningSign.class);
    }

    /** Signs that were kept in words this version does not know: still signs. */
    public List<String> unknownSigns() {
        return Columns.unknown(warningSigns, WarningSign.class);
    }

    public Set<Symptom> symptomSet() {
        return Columns.known(symptoms, Symptom.class);
    }

    /** Signs and symptoms that were kept in words this version does not know. */
    public List<String> unknownWords() {
        return Stream.concat(unknownSigns().stream(), Columns.unknown(symptoms, Symptom.class).stream())
                .toList();
    }

    public boolean stops() {
        return !warningSigns.isEmpty();
    }
}
