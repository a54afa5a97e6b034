package openbloom.app.checks;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.app.system.ColumnCodec;
import openbloom.core.screening.BloodPressure;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import org.jspecify.annotations.Nullable;

/**
 * What she answered to "Safe today?"; never changed afterwards.
 *
 * @param askedBy who asked her, or, from home, who made her link
 * @param fromHome whether she told it from home: then only that a warning sign is there, nobody asked for symptoms
 */
public record SafetyAnswer(
        long id,
        long womanId,
        LocalDate askedOn,
        String askedBy,
        boolean fromHome,
        SymptomsTold told,
        Lift lift,
        Pressures pressures) {
    /** A row without any pressure has no group of them. */
    public SafetyAnswer {
        pressures = Objects.requireNonNullElse(pressures, Pressures.NONE);
    }

    /** Signs, symptoms and when she leaks, words of their lists joined, and what she was to do. */
    public record SymptomsTold(String warningSigns, String symptoms, String leaksWhen, String whatToDo) {}

    /**
     * Whether it lifts a stop.
     *
     * @param stop the latest stop this answer lifts, if it lifts any
     * @param by who said that she may go on
     * @param reason what was found
     */
    public record Lift(@Nullable Long stop, String by, String reason) {
        public static final Lift NONE = new Lift(null, "", "");
    }

    /** What was measured and the limit it was held against, in mmHg; null where it was not measured. */
    public record Pressures(
            @Nullable Integer systolic,
            @Nullable Integer diastolic,
            @Nullable Integer limitSystolic,
            @Nullable Integer limitDiastolic) {
        public static final Pressures NONE = new Pressures(null, null, null, null);

        private static Optional<BloodPressure> both(@Nullable Integer upper, @Nullable Integer lower) {
            return upper == null || lower == null || !BloodPressure.isPossible(upper, lower)
                    ? Optional.empty()
                    : Optional.of(new BloodPressure(upper, lower));
        }
    }

    /** Her blood pressure as it was measured; empty when it was not. */
    public Optional<BloodPressure> pressure() {
        return Pressures.both(pressures.systolic(), pressures.diastolic());
    }

    /** The limit it was held against. */
    public Optional<BloodPressure> limit() {
        return Pressures.both(pressures.limitSystolic(), pressures.limitDiastolic());
    }

    /** The signs told; words this version does not know are in {@link #unknownSigns}. */
    public Set<WarningSign> signs() {
        return ColumnCodec.known(told.warningSigns(), WarningSign.class);
    }

    /** Signs that were kept in words this version does not know: still signs. */
    public List<String> unknownSigns() {
        return ColumnCodec.unknown(told.warningSigns(), WarningSign.class);
    }

    public Set<LeakWhen> leaksWhen() {
        return ColumnCodec.known(told.leaksWhen(), LeakWhen.class);
    }

    public Set<Symptom> symptomSet() {
        return ColumnCodec.known(told.symptoms(), Symptom.class);
    }

    /** Signs and symptoms that were kept in words this version does not know. */
    public List<String> unknownWords() {
        return Stream.concat(unknownSigns().stream(), ColumnCodec.unknown(told.symptoms(), Symptom.class).stream())
                .toList();
    }

    public boolean stops() {
        return !told.warningSigns().isEmpty();
    }
}
