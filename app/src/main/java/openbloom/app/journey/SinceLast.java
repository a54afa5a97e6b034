package openbloom.app.journey;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.app.checks.SafetyAnswer;
import openbloom.core.Days;
import openbloom.core.program.Season;
import openbloom.core.screening.Symptom;

/**
 * What is new since she was here last: what she told, what was found, what the calendar changed.
 *
 * @param day when she was here last, in words
 */
record SinceLast(String day, List<String> lines) {
    private static final int CHANGES_TOLD = 3;

    /** The last day before today on which she was asked or taught; empty at a first visit. */
    static Optional<LocalDate> lastVisit(List<JourneyEntries.JourneyEntry> entries, LocalDate today) {
        return entries.stream()
                .filter(entry -> entry.kind().isVisit() && entry.date().isBefore(today))
                .map(JourneyEntries.JourneyEntry::date)
                .max(Comparator.naturalOrder());
    }

    /**
     * @param answers to "Safe today?", latest first
     * @param changes of the calendar from the day after the last visit to today
     */
    static SinceLast of(
            LocalDate last,
            List<SafetyAnswer> answers,
            List<JourneyEntries.JourneyEntry> entries,
            List<Season.SeasonChange> changes) {
        List<String> lines = new ArrayList<>();
        lines.add(told(last, answers));
        entries.stream()
                .filter(entry -> entry.date().isAfter(last) && entry.kind().isFinding())
                .forEach(entry -> lines.add(entry.label() + ": " + entry.title()));
        changes.stream()
                .limit(CHANGES_TOLD)
                .forEach(change -> lines.add("By the calendar, " + Days.words(change.date()) + ": " + change.words()));
        if (changes.size() > CHANGES_TOLD) {
            lines.add("By the calendar: " + (changes.size() - CHANGES_TOLD) + " more changes, below.");
        }
        return new SinceLast(Days.words(last), List.copyOf(lines));
    }

    private static String told(LocalDate last, List<SafetyAnswer> answers) {
        Optional<SafetyAnswer> now = answers.stream()
                .filter(answer -> answer.askedOn().isAfter(last))
                .findFirst();
        Optional<SafetyAnswer> then = answers.stream()
                .filter(answer -> !answer.askedOn().isAfter(last))
                .findFirst();
        if (now.isEmpty()) {
            return "She has not been asked since.";
        }
        Set<Symptom> before = then.map(SafetyAnswer::symptomSet).orElse(Set.of());
        Set<Symptom> today = now.get().symptomSet();
        String come = words(today, before);
        String gone = words(before, today);
        if (now.get().stops()) {
            return "A warning sign was reported: refer first.";
        }
        if (come.isEmpty() && gone.isEmpty()) {
            return today.isEmpty()
                    ? "She reported no symptom, as before."
                    : "She reported the same as before: " + words(today, Set.of()) + ".";
        }
        return "She reported " + (come.isEmpty() ? "nothing new" : "new: " + come)
                + (gone.isEmpty() ? "." : "; no longer: " + gone + ".");
    }

    private static String words(Set<Symptom> told, Set<Symptom> without) {
        Set<Symptom> left = EnumSet.noneOf(Symptom.class);
        told.stream().filter(symptom -> !without.contains(symptom)).forEach(left::add);
        return left.stream().map(Symptom::words).collect(Collectors.joining(", "));
    }
}
