package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonFormat.Feature;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.ConnectFault;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.breath.CueFamily;
import openbloom.core.gap.Depth;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Method;
import openbloom.core.gap.Site;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Background;
import openbloom.core.record.Falls;
import openbloom.core.record.Goal;
import openbloom.core.record.ImpactTests;
import openbloom.core.record.InputRanges;
import openbloom.core.record.Question;
import openbloom.core.record.Surgery;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.PostureFinding;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.SideTask;
import openbloom.core.screening.SurgeryKind;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.session.Format.FormatKind;
import openbloom.core.stage.BirthKind;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * A woman as other programs describe her; the fields of every part stand side by side. What is absent is unknown, and
 * unknown is never safe.
 */
public record ClientRequest(
        @Nullable Pregnancy pregnancy,
        @Nullable BirthTold birth,
        @Nullable BumpTold bump,
        @JsonUnwrapped BackgroundTold background,
        @JsonUnwrapped HealthTold health,
        @JsonUnwrapped ChecksTold checks,
        @JsonUnwrapped StandingTold standing,
        @JsonUnwrapped WishesTold wishes) {
    /** Who she is. */
    public record BackgroundTold(
            @Nullable Integer births,
            @Nullable Integer babies,
            @Nullable Integer ageYears,
            @Nullable Training training,
            @Nullable Falls falls,
            @Nullable Boolean feeding) {
        /** Read beside what is told, so that a new fact about her costs the API this file alone. */
        Background background(JsonFieldReader reading) {
            OptionalInt carried = reading.asked("client.babies", babies, 0, InputRanges.MOST_BABIES);
            return new Background(
                    reading.asked("client.births", births, 0, InputRanges.MOST_BIRTHS),
                    carried.isPresent() ? OptionalInt.of(Math.max(1, carried.getAsInt())) : carried,
                    reading.asked("client.ageYears", ageYears, InputRanges.YOUNGEST_YEARS, InputRanges.OLDEST_YEARS),
                    Optional.ofNullable(training),
                    falls == null ? Falls.NOT_ASKED : falls);
        }
    }

    /** What she and her clinician say of her health. */
    public record HealthTold(
            @Nullable List<ConditionTold> conditions,
            @Nullable List<Symptom> symptoms,
            @Nullable List<WarningSign> warningSigns,
            @Nullable ClearanceTold clearance,
            @Nullable List<SurgeryTold> surgery,
            @Nullable Boolean pessary,
            @Nullable List<LeakWhen> leaksWhen) {
        /** Read beside what is told; one whose day is not told counts as recent. */
        List<Surgery> operations(JsonFieldReader reading, LocalDate onDate) {
            List<Surgery> all = new ArrayList<>();
            for (int i = 0; surgery != null && i < surgery.size(); i++) {
                String path = "client.surgery[" + i + "]";
                Optional<SurgeryTold> one = reading.required(path, surgery.get(i));
                one.flatMap(told -> reading.required(path + ".kind", told.kind())
                                .map(kind -> new Surgery(
                                        kind,
                                        told.date() == null
                                                ? Optional.empty()
                                                : reading.past(path + ".date", told.date(), onDate),
                                        Boolean.TRUE.equals(told.overAYearAgo()))))
                        .ifPresent(all::add);
            }
            return all;
        }
    }

    /** An operation; without a day it counts as recent, unless it is told to be more than a year ago. */
    public record SurgeryTold(
            @Nullable LocalDate date,
            @Nullable SurgeryKind kind,
            @Nullable Boolean overAYearAgo) {}

    /** What was found when she was looked at. */
    public record ChecksTold(
            @Nullable GapTold gap,
            @Nullable PelvicFloorTold pelvicFloor,
            @Nullable BreathTold breath,
            @Nullable ConnectTold connect,
            @Nullable PostureTold posture,
            @Nullable SidesTold sides,
            @Nullable EffortTold effort,
            @Nullable RaiseTold straightLegRaise,
            @Nullable Map<ImpactTests.Test, TestTold> returnTests) {}

    /** Where she stands on the ladders. */
    public record StandingTold(
            @Nullable Map<ExerciseGroup, Integer> domingCeiling,
            @Nullable Map<ExerciseGroup, Integer> rungs) {}

    /** What she wants, has at hand, and how she is taught. */
    public record WishesTold(
            @Nullable Map<Question, ApproachChoice> approach,
            @Nullable List<Equipment> equipment,
            @Nullable List<@Nullable Goal> aims,
            @Nullable List<String> pinned,
            @Nullable List<String> banned,
            @Nullable List<FormatKind> formats) {}

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
            List<String> limits,

            @JsonProperty("for") @Nullable List<Condition> answers) {}

    /** A condition by its name alone, or with the day since when it is known. */
    public record ConditionTold(
            @Nullable String name, @Nullable LocalDate since) {
        @JsonCreator
        public ConditionTold {}

        /** The name alone. */
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        static ConditionTold named(String name) {
            return new ConditionTold(name, null);
        }
    }

    /** A breath check by its finding alone, or with the zones that do not move freely. */
    public record BreathTold(
            @Nullable String finding, @Nullable List<BreathZone> still) {
        @JsonCreator
        public BreathTold {}

        /** The finding alone. */
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        static BreathTold found(String finding) {
            return new BreathTold(finding, null);
        }
    }

    /** A connect check: the family of cue that works, where the layer was felt, and the faults seen. */
    public record ConnectTold(
            @Nullable CueFamily works,
            @Nullable List<ConnectPosition> positions,
            @Nullable List<ConnectFault> faults) {}

    /** A look at her posture: what was seen; told and empty, somebody looked and found nothing. */
    public record PostureTold(@Nullable List<PostureFinding> found) {}

    /** A side-to-side check: which side is weaker, or the tasks it was seen in. */
    public record SidesTold(
            SideCheck.@Nullable Weaker weaker, @Nullable Map<SideTask, TaskTold> tasks) {}

    /** What the bump changes: whether a bar has to travel round it. */
    public record BumpTold(@Nullable Boolean barCurves) {}

    /** One task, control of either side from 0 to 3. */
    public record TaskTold(@Nullable Integer left, @Nullable Integer right) {}

    /** Whether she talks in full sentences while working, and her perceived exertion from 6 to 20. */
    public record EffortTold(
            @Nullable Boolean talk, @Nullable Integer rating) {}

    /** Active straight leg raise of either leg, 0 to 5. */
    public record RaiseTold(
            @Nullable Integer left, @Nullable Integer right) {}

    /**
     * One return test.
     *
     * @param done how many, or true for all that were asked
     * @param symptoms whether it brought a leak, heaviness or pain, or which
     */
    public record TestTold(
            @Nullable Integer left,
            @Nullable Integer right,
            @Nullable JsonNode done,
            @Nullable JsonNode symptoms) {}

    /** A gap check; how it was read and by whom, where it is told: only one method and person are ever compared. */
    public record GapTold(
            @Nullable LocalDate date,
            @Nullable List<GapReadingTold> readings,
            @Nullable Method method,
            @Nullable String by) {}

    /** One reading, in fingers or in millimetres. */
    public record GapReadingTold(
            @Nullable Site site,
            @Nullable Integer offsetMm,
            @Nullable GapState state,
            @Nullable BigDecimal widthFingers,
            @Nullable Integer widthMm,
            @Nullable Depth depth,
            @Nullable Integer firmness,
            @Nullable Boolean domed) {}

    /** A pelvic floor check. */
    public record PelvicFloorTold(
            @Nullable Integer holdSeconds,
            @Nullable Integer holdRepetitions,
            @Nullable Integer flicks,
            @Nullable Boolean letsGoFully,
            @Nullable Tone tone,
            @Nullable String sideDifference,
            @Nullable Boolean pain,
            @Nullable Boolean fades) {}
}
