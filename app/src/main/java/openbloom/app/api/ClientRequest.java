package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonFormat.Feature;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import openbloom.core.breath.BreathFinding;
import openbloom.core.gap.Depth;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Strand;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Choice;
import openbloom.core.record.Question;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.BirthKind;
import org.jspecify.annotations.Nullable;

/** A woman as other programs describe her. What is absent is unknown, and unknown is never safe. */
public record ClientRequest(
        @Nullable Pregnancy pregnancy,
        @Nullable BirthTold birth,
        @Nullable Integer births,
        @Nullable Integer babies,
        @Nullable Integer ageYears,
        @Nullable ClearanceTold clearance,
        @Nullable List<Condition> conditions,
        @Nullable List<Symptom> symptoms,
        @Nullable List<WarningSign> warningSigns,
        @Nullable Gap gap,
        @Nullable Map<Strand, Integer> domingCeiling,
        @Nullable Floor pelvicFloor,
        @Nullable BreathFinding breath,
        @Nullable Map<Strand, Integer> rungs,
        @Nullable Map<Question, Choice> approach,
        @Nullable List<Equipment> equipment) {
    /** A pregnancy by its due date. */
    public record Pregnancy(@Nullable LocalDate dueDate) {}

    /** The latest birth. */
    public record BirthTold(
            @Nullable LocalDate date,
            @Nullable BirthKind kind,
            @Nullable Integer tearDegree,
            @Nullable Boolean woundClosed) {}

    /** Clearance; limits are codes of the vocabulary, ids of moves, names of strands, or words. */
    public record ClearanceTold(
            @Nullable LocalDate date,
            @Nullable String by,

            @JsonFormat(with = Feature.ACCEPT_SINGLE_VALUE_AS_ARRAY) @Nullable
            List<String> limits) {}

    /** A gap check. */
    public record Gap(@Nullable LocalDate date, @Nullable List<Reading> readings) {}

    /** One reading, in fingers or in millimetres. */
    public record Reading(
            @Nullable Site site,
            @Nullable Integer offsetMm,
            @Nullable GapState state,
            @Nullable BigDecimal widthFingers,
            @Nullable Integer widthMm,
            @Nullable Depth depth,
            @Nullable Integer firmness,
            @Nullable Boolean domed) {}

    /** A pelvic floor check. */
    public record Floor(
            @Nullable Integer holdSeconds,
            @Nullable Integer holdRepetitions,
            @Nullable Integer flicks,
            @Nullable Boolean letsGoFully,
            @Nullable Tone tone,
            @Nullable String sideDifference,
            @Nullable Boolean pain,
            @Nullable Boolean fades) {}
}
