package openbloom.app.classes;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
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
    public record ClassLine(
            long id, String name, String at, List<ClassMemberLine> women, int asked, List<String> stopped) {}

    /** One of its women. */
    public record ClassMemberLine(long womanId, String name) {}

    /** In the order of the day. */
    public List<ClassLine> on(SignedIn me, LocalDate day) {
        return classes.of(me).stream()
                .filter(one -> one.isHeldOn(day))
                .sorted((one, other) ->
                        one.time().startsAt().compareTo(other.time().startsAt()))
                .map(one -> line(me, one, day))
                .toList();
    }

    private ClassLine line(SignedIn me, StudioClass held, LocalDate day) {
        List<Woman> women = people.of(me, classes.members(held)).women();
        Map<Long, SafetyRecord> told =
                safety.ofAll(women.stream().map(Woman::id).toList());
        int asked = (int) women.stream()
                .filter(woman -> told.containsKey(woman.id())
                        && told.get(woman.id()).on(day).isPresent())
                .count();
        List<String> stopped = women.stream()
                .filter(woman -> told.containsKey(woman.id())
                        && !told.get(woman.id()).stops().isEmpty())
                .map(woman -> woman.name() + ": " + signs(told.get(woman.id())))
                .toList();
        return new ClassLine(
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
