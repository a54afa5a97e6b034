package openbloom.core.review;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import openbloom.core.evidence.Published;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.Repeatability;
import openbloom.core.gap.RepeatabilityInUse;
import openbloom.core.record.Goal;
import openbloom.core.screening.Symptom;
import openbloom.core.verdict.Judgement;

/**
 * What a review looks at.
 *
 * @param before her record as it was judged at the beginning
 * @param after her record today
 * @param gap the gap checks at both ends, with who measured and how
 * @param answers what she told in between, each on its day; oldest first
 * @param planned whether it looks back at a block; otherwise there is none yet
 * @see GoalOutcome
 * @see Recommendation
 */
public record ReviewPeriod(
        Judgement before,
        Judgement after,
        List<Goal> aims,
        GapSeen gap,
        SessionsDone done,
        List<SymptomsAnswered> answers,
        boolean planned) {
    private static final int WEEK = 7;

    /**
     * The gap checks at both ends.
     *
     * @param ofSite how far two readings of one site may differ, by the method of the later one
     * @param ofMeans the same for means over so many sites
     */
    public record GapSeen(
            Optional<Measured> then,
            Optional<Measured> now,
            RepeatabilityInUse ofSite,
            IntFunction<RepeatabilityInUse> ofMeans) {
        /** Neither then nor now. */
        public static final GapSeen NONE = working(Optional.empty(), Optional.empty());

        /** With the working values, where nobody has read anything twice. */
        public static GapSeen working(Optional<Measured> then, Optional<Measured> now) {
            Method method = now.or(() -> then).map(Measured::method).orElse(Method.FINGERS);
            return new GapSeen(
                    then,
                    now,
                    RepeatabilityInUse.of(method, Repeatability.Sums.NONE, Repeatability.Sums.NONE),
                    sites -> RepeatabilityInUse.ofMeans(
                            method, sites, Repeatability.Sums.NONE, Repeatability.Sums.NONE));
        }
    }

    public ReviewPeriod {
        aims = List.copyOf(aims);
        answers = List.copyOf(answers);
    }

    /**
     * Sessions and minutes, planned and really done, and minutes of each of the last weeks, the latest first.
     *
     * @param plannedSessions in the block
     * @param doneSessions that were taught or practised
     * @param plannedMinutes of those
     * @param doneMinutes of those
     * @param weeks minutes of each week, the latest first
     */
    public record SessionsDone(
            int plannedSessions, int doneSessions, int plannedMinutes, int doneMinutes, List<Integer> weeks) {
        public static final SessionsDone UNKNOWN = new SessionsDone(0, 0, 0, 0, List.of());

        public SessionsDone {
            weeks = List.copyOf(weeks);
        }
    }

    /**
     * What she answered on a day: everything she was asked and told none of is absent.
     *
     * @param fromHome told without being asked: what is not in it was not asked
     */
    public record SymptomsAnswered(LocalDate on, Set<Symptom> told, boolean fromHome) {
        public SymptomsAnswered {
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
            List<SymptomsAnswered> within = answers.stream()
                    .filter(answer -> answer.on().isAfter(end.minusDays(WEEK))
                            && !answer.on().isAfter(end))
                    .toList();
            boolean free = within.stream().anyMatch(answer -> !answer.fromHome())
                    && within.stream()
                            .noneMatch(answer -> answer.told().stream().anyMatch(symptoms::contains));
            if (!free) {
                return false;
            }
        }
        return true;
    }

    /** Whether a ladder of an aim domed less than 48 hours before the day that is looked at. */
    boolean hasJustDomed(Goal aim) {
        return after.facts().client().standing().against().domed().entrySet().stream()
                .filter(domed -> aim.strands().contains(domed.getKey()))
                .anyMatch(domed ->
                        domed.getValue().plusDays(Published.AFTER_DOMING.days()).isAfter(to()));
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
