package openbloom.app.classes;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import openbloom.app.checks.SafetyRecord;
import openbloom.app.checks.SafetyService;
import openbloom.app.people.People;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.core.screening.WarningSign;
import org.springframework.stereotype.Service;

/** The classes of a day, each a line with who is in it and what stops whom. */
@Service
public class ClassesToday {
    private final Classes classes;
    private final People people;
    private final SafetyService safety;

    ClassesToday(Classes classes, People people, SafetyService safety) {
        this.classes = classes;
        this.people = people;
        this.safety = safety;
    }

    /**
     * A class of the day.
     *
     * @param asked how many of its women were asked today
     * @param stopped who is stopped, and by what
     */
    public record ClassToday(
            long id, String name, String at, List<ClassMemberLine> women, int asked, List<String> stopped) {}

    /** One of its women. */
    public record ClassMemberLine(long womanId, String name) {}

    /** In the order of the day; the women of all of them are read at once. */
    public List<ClassToday> on(SignedIn me, LocalDate day) {
        List<StudioClass> held = classes.of(me).stream()
                .filter(one -> one.isHeldOn(day))
                .sorted((one, other) ->
                        one.time().startsAt().compareTo(other.time().startsAt()))
                .toList();
        Map<Long, List<Long>> members = classes.membersOf(held);
        List<Long> all =
                members.values().stream().flatMap(List::stream).distinct().toList();
        Map<Long, Woman> women =
                people.of(me, all).women().stream().collect(Collectors.toMap(Woman::id, Function.identity()));
        Map<Long, SafetyRecord> told = women.isEmpty() ? Map.of() : safety.ofAll(List.copyOf(women.keySet()));
        return held.stream()
                .map(one -> line(
                        one,
                        members.getOrDefault(one.id(), List.of()).stream()
                                .filter(women::containsKey)
                                .map(women::get)
                                .toList(),
                        told,
                        day))
                .toList();
    }

    private static ClassToday line(StudioClass held, List<Woman> women, Map<Long, SafetyRecord> told, LocalDate day) {
        int asked = (int) women.stream()
                .filter(woman -> told.containsKey(woman.id())
                        && told.get(woman.id()).on(day).isPresent())
                .count();
        List<String> stopped = women.stream()
                .filter(woman -> told.containsKey(woman.id())
                        && !told.get(woman.id()).stops().isEmpty())
                .map(woman -> woman.name() + ": " + signs(told.get(woman.id())))
                .toList();
        return new ClassToday(
                held.id(),
                held.name(),
                held.time().startsAt().toString(),
                women.stream()
                        .map(woman -> new ClassMemberLine(woman.id(), woman.name()))
                        .toList(),
                asked,
                stopped);
    }

    private static String signs(SafetyRecord told) {
        List<String> known =
                told.signs().keySet().stream().map(WarningSign::words).toList();
        return known.isEmpty() ? "a warning sign" : String.join(", ", known);
    }
}
