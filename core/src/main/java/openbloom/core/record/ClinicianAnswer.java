package openbloom.core.record;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.Enums;
import openbloom.core.screening.Condition;

/**
 * What came back from her clinician: it lifts or sets exactly what it says, and nothing else.
 *
 * @param on the day of the answer
 * @param by who gave it
 * @param exercise what it says of exercise at all
 * @param may conditions with which she may train
 * @param notYet conditions with which she may not yet
 * @param limits every limit that holds from now on: codes of {@link ClinicalRestriction} or free words
 * @see Clearance
 */
public record ClinicianAnswer(
        LocalDate on, String by, Said exercise, Set<Condition> may, Set<Condition> notYet, List<String> limits) {
    /** What an answer says of one question. */
    public enum Said {
        YES("yes"),
        NOT_YET("not yet"),
        NOT_SAID("does not say");

        private final String words;

        Said(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public ClinicianAnswer {
        may = Enums.copyOf(may);
        notYet = Enums.copyOf(notYet);
        limits = List.copyOf(limits);
    }

    /**
     * The clearance that stands after it. “Not yet” to exercise leaves breath alone until she says otherwise; a condition stays
     * answered only as long as the earlier word still counted for it.
     *
     * @param counting conditions that the clearance on file still answers today
     */
    public Clearance clearance(Set<Condition> counting) {
        Set<Condition> answered = EnumSet.noneOf(Condition.class);
        answered.addAll(counting);
        answered.addAll(may);
        answered.removeAll(notYet);
        List<String> held = new ArrayList<>(limits);
        String breath = ClinicalRestriction.BREATH_ONLY.name();
        if (exercise == Said.NOT_YET && !held.contains(breath)) {
            held.add(breath);
        }
        return new Clearance(on, by, held, answered);
    }

    /** Whether it says yes to exercise and leaves breath alone: one of the two is meant. */
    public boolean contradictsItself() {
        return exercise == Said.YES && limits.contains(ClinicalRestriction.BREATH_ONLY.name());
    }

    /** Whether it would lift an earlier “not yet” to exercise without saying yes. */
    public boolean liftsWithoutAWord(Optional<Clearance> onFile) {
        return exercise == Said.NOT_SAID
                && onFile.filter(Clearance::isBreathOnly).isPresent()
                && !limits.contains(ClinicalRestriction.BREATH_ONLY.name());
    }

    /** Whether it says the same limits as the word on file, in whatever order. */
    public boolean keepsTheLimitsOf(Optional<Clearance> onFile) {
        return Set.copyOf(limits)
                .equals(Set.copyOf(onFile.map(Clearance::limits).orElse(List.of())));
    }

    /** Whether a later word is on file: this one came late and changes nothing. */
    public boolean isOvertakenBy(Optional<Clearance> onFile) {
        return onFile.filter(given -> given.date().isAfter(on)).isPresent();
    }

    /** Whether it says anything at all. */
    public boolean isEmpty() {
        return exercise == Said.NOT_SAID && may.isEmpty() && notYet.isEmpty();
    }
}
