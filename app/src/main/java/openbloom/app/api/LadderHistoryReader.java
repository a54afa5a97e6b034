package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.progress.DoseStep;
import openbloom.core.progress.LadderDay;
import openbloom.core.progress.LadderHistory;
import openbloom.core.progress.Pain;
import openbloom.core.progress.PerceivedEffort;
import openbloom.core.record.LadderDecision;
import org.jspecify.annotations.Nullable;

/** Reads what was done on her ladders, and what was decided about them. */
final class LadderHistoryReader {
    private static final int MOST_DAYS = 5_000;
    private static final int HIGHEST_RUNG = 40;
    private static final int MOST_REPETITIONS = 600;

    private LadderHistoryReader() {}

    /** A day on a ladder. */
    record LadderDayRequest(
            @Nullable ExerciseGroup strand,
            @Nullable LocalDate date,
            @JsonUnwrapped ProgressApi.DoneTold done,
            @JsonUnwrapped ProgressApi.SeenTold seen,
            @JsonUnwrapped ProgressApi.PainReported hurt,
            @Nullable PerceivedEffort effort,
            @Nullable Boolean fromHome) {
        ProgressApi.DayRequest day() {
            return new ProgressApi.DayRequest(date, done, seen, hurt, effort, fromHome);
        }
    }

    /** A decision about a ladder. */
    record DecisionRequest(
            @Nullable LocalDate date,
            @Nullable ExerciseGroup strand,
            @Nullable Integer rung,
            @Nullable Integer doseStep) {}

    /**
     * History, decisions and steps as {@code /program} and {@code /sessions} take them.
     *
     * @param steps dose step 1 to 3 by ladder
     */
    record HistoryTold(
            @Nullable List<@Nullable LadderDayRequest> history,
            @Nullable List<@Nullable DecisionRequest> decisions,
            @Nullable Map<ExerciseGroup, @Nullable Integer> steps) {
        LadderHistory read(LocalDate onDate, JsonFieldReader reading) {
            return new LadderHistory(
                    LadderHistoryReader.history(history, onDate, reading),
                    LadderHistoryReader.decisions(decisions, onDate, reading),
                    LadderHistoryReader.steps(steps, reading));
        }
    }

    private static Map<ExerciseGroup, List<LadderDay>> history(
            @Nullable List<@Nullable LadderDayRequest> told, LocalDate onDate, JsonFieldReader reading) {
        Map<ExerciseGroup, List<LadderDay>> days = new EnumMap<>(ExerciseGroup.class);
        int count = told == null ? 0 : told.size();
        if (count > MOST_DAYS) {
            reading.refuse("history", "api.tooMany", MOST_DAYS, count);
            return days;
        }
        for (int i = 0; i < count; i++) {
            String path = "history[" + i + "]";
            reading.required(path, told.get(i)).ifPresent(day -> {
                LadderDay done = day(day.day(), path + ".", onDate, reading);
                reading.required(path + ".strand", day.strand())
                        .ifPresent(ladder -> days.computeIfAbsent(ladder, any -> new ArrayList<>())
                                .add(done));
            });
        }
        return days;
    }

    private static List<LadderDecision> decisions(
            @Nullable List<@Nullable DecisionRequest> told, LocalDate onDate, JsonFieldReader reading) {
        List<LadderDecision> decisions = new ArrayList<>();
        int count = told == null ? 0 : told.size();
        if (count > MOST_DAYS) {
            reading.refuse("decisions", "api.tooMany", MOST_DAYS, count);
            return decisions;
        }
        for (int i = 0; i < count; i++) {
            String path = "decisions[" + i + "]";
            reading.required(path, told.get(i)).ifPresent(made -> {
                LocalDate date =
                        reading.past(path + ".date", made.date(), onDate).orElse(onDate);
                int rung = reading.number(path + ".rung", made.rung(), 1, HIGHEST_RUNG);
                int step = reading.numberOr(path + ".doseStep", made.doseStep(), DoseStep.LOWEST, 1, DoseStep.HIGHEST);
                reading.required(path + ".strand", made.strand())
                        .ifPresent(ladder -> decisions.add(new LadderDecision(date, ladder, rung, step)));
            });
        }
        return decisions;
    }

    private static Map<ExerciseGroup, Integer> steps(
            @Nullable Map<ExerciseGroup, @Nullable Integer> told, JsonFieldReader reading) {
        Map<ExerciseGroup, Integer> steps = new EnumMap<>(ExerciseGroup.class);
        if (told != null) {
            told.forEach((ladder, step) ->
                    steps.put(ladder, reading.number("steps." + ladder, step, DoseStep.LOWEST, DoseStep.HIGHEST)));
        }
        return steps;
    }

    static List<LadderDay> days(
            List<ProgressApi.@Nullable DayRequest> told, LocalDate onDate, JsonFieldReader reading) {
        if (told.size() > MOST_DAYS) {
            reading.refuse("history", "api.tooMany", MOST_DAYS, told.size());
            return List.of();
        }
        List<LadderDay> days = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            String path = "history[" + i + "]";
            reading.required(path, told.get(i)).ifPresent(day -> days.add(day(day, path + ".", onDate, reading)));
        }
        return days;
    }

    private static LadderDay day(ProgressApi.DayRequest told, String path, LocalDate onDate, JsonFieldReader reading) {
        LocalDate date = reading.past(path + "date", told.date(), onDate).orElse(onDate);
        boolean complete = told.seen().domed() != null
                && told.seen().leaked() != null
                && told.seen().heavy() != null
                && told.hurt().pain() != null
                && told.seen().breathHeld() != null;
        return new LadderDay(
                date,
                reading.number(path + "rung", told.done().rung(), 1, HIGHEST_RUNG),
                reading.numberOr(path + "doseStep", told.done().doseStep(), DoseStep.WRITTEN, 1, DoseStep.HIGHEST),
                new LadderDay.DoseDone(
                        reading.number(path + "repetitionsDone", told.done().repetitionsDone(), 0, MOST_REPETITIONS),
                        reading.number(path + "repetitionsAsked", told.done().repetitionsAsked(), 1, MOST_REPETITIONS)),
                against(told.seen()),
                pain(told.hurt(), path, reading),
                new LadderDay.Report(
                        Optional.ofNullable(told.effort()), Boolean.TRUE.equals(told.fromHome()), complete));
    }

    private static Set<LadderDay.PlannedAgainst> against(ProgressApi.SeenTold told) {
        Set<LadderDay.PlannedAgainst> against = EnumSet.noneOf(LadderDay.PlannedAgainst.class);
        if (Boolean.TRUE.equals(told.domed())) {
            against.add(
                    Boolean.TRUE.equals(told.cuedFlat())
                            ? LadderDay.PlannedAgainst.DOMED_UNTIL_CUED
                            : LadderDay.PlannedAgainst.DOMED);
        } else if (Boolean.TRUE.equals(told.cuedFlat())) {
            against.add(LadderDay.PlannedAgainst.DOMED_UNTIL_CUED);
        }
        if (Boolean.TRUE.equals(told.leaked())) {
            against.add(LadderDay.PlannedAgainst.LEAKED);
        }
        if (Boolean.TRUE.equals(told.heavy())) {
            against.add(LadderDay.PlannedAgainst.HEAVY);
        }
        if (Boolean.TRUE.equals(told.breathHeld())) {
            against.add(LadderDay.PlannedAgainst.BREATH_HELD);
        }
        if (Boolean.TRUE.equals(told.tookOver())) {
            against.add(LadderDay.PlannedAgainst.TOOK_OVER);
        }
        return against;
    }

    private static Pain pain(ProgressApi.PainReported told, String path, JsonFieldReader reading) {
        return new Pain(
                reading.numberOr(path + "pain", told.pain(), 0, 0, Pain.MOST),
                reading.numberOr(path + "painBefore", told.painBefore(), 0, 0, Pain.MOST),
                Optional.ofNullable(told.painPlace()),
                told.painNextMorning() == null
                        ? Optional.empty()
                        : Optional.of(reading.number(path + "painNextMorning", told.painNextMorning(), 0, Pain.MOST)));
    }
}
