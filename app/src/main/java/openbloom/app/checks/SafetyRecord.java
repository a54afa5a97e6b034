package openbloom.app.checks;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.core.screening.WarningSign;

/**
 * Everything she answered to "Safe today?", and what of it still stops her. A stop stands until an answer lifts it by
 * name; another answer, of whatever day, does not.
 *
 * @param answers the latest day first
 */
public record SafetyRecord(List<SafetyAnswer> answers) {
    /** The answers whose signs nobody has lifted, the latest first. */
    public List<SafetyAnswer> stops() {
        long lifted = answers.stream()
                .map(answer -> answer.lift().stop())
                .filter(Objects::nonNull)
                .mapToLong(Long::longValue)
                .max()
                .orElse(0);
        return answers.stream()
                .filter(answer -> answer.stops() && answer.id() > lifted)
                .sorted(Comparator.comparing(SafetyAnswer::id).reversed())
                .toList();
    }

    /** What was answered up to a day. */
    public SafetyRecord upTo(LocalDate day) {
        return new SafetyRecord(answers.stream()
                .filter(answer -> !answer.askedOn().isAfter(day))
                .toList());
    }

    /** What she answered last when somebody asked her; a sign she told from home is no answer about symptoms. */
    public Optional<SafetyAnswer> latest() {
        return asked().findFirst();
    }

    /** What was answered on one day when somebody asked: yesterday's answer is not today's. */
    public Optional<SafetyAnswer> on(LocalDate day) {
        return asked().filter(answer -> answer.askedOn().equals(day)).findFirst();
    }

    private Stream<SafetyAnswer> asked() {
        return answers.stream().filter(answer -> !answer.fromHome());
    }

    /** The signs that stop her, each with the first day it was told. */
    public Map<WarningSign, LocalDate> signs() {
        Map<WarningSign, LocalDate> signs = new EnumMap<>(WarningSign.class);
        stops().forEach(stop -> stop.signs()
                .forEach(sign -> signs.merge(sign, stop.askedOn(), (one, other) -> one.isBefore(other) ? one : other)));
        return signs;
    }

    /** Signs that stop her in words this version does not know. */
    public List<String> unknownSigns() {
        return stops().stream()
                .flatMap(stop -> stop.unknownSigns().stream())
                .distinct()
                .toList();
    }

    /** The number of the latest stop; 0 when nothing stops her. */
    public long latestStop() {
        return stops().stream().mapToLong(SafetyAnswer::id).max().orElse(0);
    }

    /** The most urgent advice of everything that stops her. */
    public List<String> whatToDo() {
        List<String> told = new ArrayList<>(WarningSign.whatToDo(signs().keySet()));
        if (told.isEmpty() && !stops().isEmpty()) {
            told.add(stops().get(0).told().whatToDo());
        }
        return told;
    }
}
