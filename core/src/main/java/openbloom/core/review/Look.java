package openbloom.core.review;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;
import openbloom.core.program.Aim;
import openbloom.core.screening.Symptom;
import openbloom.core.verdict.Judgement;

/**
 * What a review looks at.
 *
 * @param before her record as it was judged at the beginning
 * @param after her record today
 * @param answers what she told in between, each on its day; oldest first
 */
public record Look(Judgement before, Judgement after, List<Aim> aims, Done done, List<Answered> answers) {
    private static final int WEEK = 7;

    public Look {
        aims = List.copyOf(aims);
        answers = List.copyOf(answers);
    }

    /** Sessions and minutes, planned and really done, and minutes of each of the last weeks, the latest first. */
    public record Done(
            int plannedSessions, int doneSessions, int plannedMinutes, int doneMinutes, List<Integer> weeks) {
        public static final Done UNKNOWN = new Done(0, 0, 0, 0, List.of());

        public Done {
            weeks = List.copyOf(weeks);
        }
    }

    /** What she answered on a day: everything she was asked and told none of is absent. */
    public record Answered(LocalDate on, Set<Symptom> told, boolean fromHome) {
        public Answered {
            told = Set.copyOf(told);
        }
    }

    LocalDate from() {
        return before.facts().day();
    }

    LocalDate to() {
        return after.facts().day();
    }

    long days() {
        return ChronoUnit.DAYS.between(from(), to());
    }

    /** Asked in each of the last weeks, and told none of it. */
    boolean isFreeFor(int weeks, Set<Symptom> symptoms) {
        for (int week = 0; week < weeks; week++) {
            LocalDate end = to().minusDays((long) WEEK * week);
            List<Answered> within = answers.stream()
                    .filter(answer -> answer.on().isAfter(end.minusDays(WEEK))
                            && !answer.on().isAfter(end))
                    .toList();
            boolean free = !within.isEmpty()
                    && within.stream()
                            .noneMatch(answer -> answer.told().stream().anyMatch(symptoms::contains));
            if (!free) {
                return false;
            }
        }
        return true;
    }

    /** How many of her answers told one of some symptoms. */
    long times(Set<Symptom> symptoms) {
        return answers.stream()
                .filter(answer -> answer.told().stream().anyMatch(symptoms::contains))
                .count();
    }

    boolean toldBefore(Symptom symptom) {
        return before.facts().client().has(symptom);
    }

    boolean toldNow(Symptom symptom) {
        return after.facts().client().has(symptom);
    }
}
