package openbloom.core.verdict;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import openbloom.core.evidence.Published;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Clearance;
import openbloom.core.record.PainHold;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.words.Evidence;

/**
 * Something only her clinician can say: what waits for a word of hers, and nothing else does.
 *
 * @see Clearance
 * @see Judgement
 */
public sealed interface ClinicianQuestion {
    /** The question as it stands in a letter, about “she”. */
    String words();

    /** The day it rests on; empty where nobody told one. */
    Optional<LocalDate> on();

    /** Published numbers without which it would not be asked. */
    default Set<Published> leansOn() {
        return Set.of();
    }

    /** A warning sign that stands. */
    record OfSign(WarningSign sign, LocalDate told) implements ClinicianQuestion {
        @Override
        public String words() {
            return "She reported " + sign.words() + ". When may she exercise again, and is anything to be left out?";
        }

        @Override
        public Optional<LocalDate> on() {
            return Optional.of(told);
        }
    }

    /** Exercise at all, in this pregnancy or after this birth. */
    record OfExercise(String where, Optional<Clearance> notYet, boolean afterBirth) implements ClinicianQuestion {
        @Override
        public Set<Published> leansOn() {
            return afterBirth ? Set.of(Published.FULL_CHECK_AFTER_BIRTH) : Set.of();
        }

        @Override
        public String words() {
            return "May she exercise with me, and is anything to be left out? She is " + where
                    + notYet.map(given -> "; the last word was: breath only, by " + given.by() + ".")
                            .orElse(", and I have no word of a clinician about it.");
        }

        @Override
        public Optional<LocalDate> on() {
            return notYet.map(Clearance::date);
        }
    }

    /** A condition that holds something back until it is answered. */
    record OfCondition(Condition condition, Optional<LocalDate> since) implements ClinicianQuestion {
        @Override
        public String words() {
            return "May she train with load, given " + condition.words() + ", and within what limits?";
        }

        @Override
        public Set<Published> leansOn() {
            return since.isPresent() ? Set.of() : Set.of(Published.CLEARANCE_OPENS_NOTHING_NEW);
        }

        @Override
        public Optional<LocalDate> on() {
            return since;
        }
    }

    /** A pelvic floor that somebody trained to look inside should look at. */
    record OfPelvicFloor(String found, Optional<LocalDate> on) implements ClinicianQuestion {
        @Override
        public String words() {
            return "Would you look at her pelvic floor, or send her to somebody who does? " + found;
        }
    }

    /** Pain that waits for a clinician’s word. */
    record OfPain(PainHold hold) implements ClinicianQuestion {
        @Override
        public Set<Published> leansOn() {
            return Set.of(Published.PAIN_TOO_MUCH);
        }

        @Override
        public String words() {
            return "An exercise brought " + hold.words() + ". May she go on with what loads that place?";
        }

        @Override
        public Optional<LocalDate> on() {
            return Optional.of(hold.since());
        }
    }

    /** Words of a clinician that nobody has put into limits yet. */
    record OfWords(Clearance given) implements ClinicianQuestion {
        @Override
        public String words() {
            return "You wrote: “" + String.join("; ", given.words())
                    + "”. What does that leave out: lying on the back, impact, weight overhead, load, weight on the hands?";
        }

        @Override
        public Optional<LocalDate> on() {
            return Optional.of(given.date());
        }
    }

    /**
     * Everything that waits for her clinician, the most urgent first; empty when nothing does.
     *
     * @param where where she stands, as “7 weeks after a caesarean”
     */
    static List<ClinicianQuestion> of(Judgement judgement, String where) {
        Facts facts = judgement.facts();
        List<ClinicianQuestion> open = new ArrayList<>();
        facts.client().safety().standing().entrySet().stream()
                .sorted(Map.Entry.comparingByKey(
                        Comparator.comparing(WarningSign::urgency).thenComparing(Comparator.naturalOrder())))
                .forEach(sign -> open.add(new OfSign(sign.getKey(), sign.getValue())));
        boolean inSeason = facts.isPregnant() || facts.recentBirth().isPresent();
        boolean notYet = facts.clearance().filter(Clearance::isBreathOnly).isPresent();
        if (inSeason && facts.clearance().isEmpty() || notYet) {
            open.add(new OfExercise(where, facts.clearance(), inSeason && !facts.isPregnant()));
        }
        waiting(judgement)
                .forEach(condition -> open.add(new OfCondition(
                        condition, facts.client().medical().known().since(condition))));
        pelvicFloor(facts).ifPresent(open::add);
        facts.client().standing().holds().stream()
                .filter(PainHold::needsClinician)
                .sorted(Comparator.comparing(PainHold::since))
                .forEach(hold -> open.add(new OfPain(hold)));
        facts.clearance()
                .filter(given -> !given.words().isEmpty() && !given.isUnderstood())
                .ifPresent(given -> open.add(new OfWords(given)));
        return List.copyOf(open);
    }

    /** What a studio cannot look at and cannot change: a floor that does not let go, hurts with a lift, or lifts nothing. */
    private static Optional<ClinicianQuestion> pelvicFloor(Facts facts) {
        PelvicFloorCheck check = facts.client().checks().pelvicFloor();
        Optional<LocalDate> asked = facts.client().safety().symptoms() instanceof SymptomReport.Asked told
                ? Optional.of(told.on())
                : Optional.empty();
        String found = "";
        if (facts.client().has(Symptom.PAIN_WITH_LIFTS)) {
            found = "A lift of it hurts her.";
        } else if (check.isTight()) {
            found = "It does not let go.";
        } else if (check.tone() == Tone.NONE_FELT) {
            found = "No lift is felt, in any position and with any words.";
        }
        boolean seenSince = asked.isPresent()
                && facts.clearance()
                        .filter(given -> !given.date().isBefore(asked.get()))
                        .isPresent();
        return found.isEmpty() || seenSince ? Optional.empty() : Optional.of(new OfPelvicFloor(found, asked));
    }

    /** Conditions for which a move is stopped or waits, and that no clearance answers. */
    private static Set<Condition> waiting(Judgement judgement) {
        Set<Condition> waiting = new TreeSet<>();
        for (Verdict verdict : judgement.all()) {
            if (verdict.kind() != VerdictKind.STOP && verdict.kind() != VerdictKind.NOT_YET) {
                continue;
            }
            for (Reason reason : verdict.reasons()) {
                if (reason.evidence() instanceof Evidence.ConditionKnown known
                        && !reason.kind().passes()
                        && judgement.facts().clearanceFor(known.condition()).isEmpty()) {
                    waiting.add(known.condition());
                }
            }
        }
        return waiting;
    }
}
