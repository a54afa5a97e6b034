package openbloom.app.classes;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.CompositeForm;
import openbloom.app.system.FormReader;
import openbloom.core.classes.ClassRequest;
import openbloom.core.moves.Equipment;
import org.jspecify.annotations.Nullable;

/** A class as it is typed. */
@CompositeForm
public record ClassForm(About about, When when, WhoComes who) {
    private static final int LONGEST_NAME = 80;
    private static final int MOST_LEFT_OUT = 60;
    private static final int LONGEST_LEFT_OUT = 1000;

    /** Its name, its room and what lies there. */
    public record About(
            @Nullable String version,
            @Nullable String name,
            @Nullable String room,
            @Nullable List<String> kit) {}

    /** Its time and its dates; days without it are separated by commas. */
    public record When(
            @Nullable String weekday,
            @Nullable String startsAt,
            @Nullable String minutes,
            @Nullable String firstOn,
            @Nullable String lastOn,
            @Nullable String leftOut) {}

    /** Numbers of its members, and a name to be added. */
    public record WhoComes(
            @Nullable List<String> members, @Nullable String add) {}

    static ClassForm blank(LocalDate today) {
        return new ClassForm(
                new About("0", "", "", List.of(Equipment.CHAIR.name(), Equipment.BAND.name())),
                new When(today.getDayOfWeek().name(), "18:30", "45", today.toString(), "", ""),
                new WhoComes(List.of(), ""));
    }

    static ClassForm of(StudioClass kept, List<Long> members) {
        LocalDate last = kept.dates().lastOn();
        return new ClassForm(
                new About(
                        String.valueOf(kept.version()),
                        kept.name(),
                        kept.room().name(),
                        kept.kit().stream().map(Enum::name).toList()),
                new When(
                        kept.time().weekday().name(),
                        kept.time().startsAt().toString(),
                        String.valueOf(kept.time().minutes()),
                        kept.dates().firstOn().toString(),
                        last == null ? "" : last.toString(),
                        String.join(
                                ", ",
                                kept.leftOut().stream().map(LocalDate::toString).toList())),
                new WhoComes(members.stream().map(String::valueOf).toList(), ""));
    }

    public String text(@Nullable String typed) {
        return Objects.toString(typed, "");
    }

    public boolean has(Equipment item) {
        return about.kit() != null && about.kit().contains(item.name());
    }

    /** Numbers of the women who were ticked; what is no number is left out. */
    List<Long> ticked() {
        return who.members() == null
                ? List.of()
                : who.members().stream()
                        .filter(typed -> typed.matches("\\d{1,18}"))
                        .map(Long::valueOf)
                        .distinct()
                        .toList();
    }

    String added() {
        return text(who.add()).strip();
    }

    /** What was typed, as a class; anything that makes sense while there are problems. */
    StudioClass read(long id, long studioId, FormReader typed) {
        int version = typed.requiredWhole("version", about.version(), 0, Integer.MAX_VALUE / 2)
                .orElse(0);
        String name = typed.requiredText("name", about.name(), LONGEST_NAME);
        String room = typed.text("room", about.room(), LONGEST_NAME);
        var kit = typed.choices("kit", about.kit(), Equipment.class);
        DayOfWeek weekday =
                typed.requiredChoice("weekday", when.weekday(), DayOfWeek.class).orElse(DayOfWeek.MONDAY);
        int minutes = typed.requiredWhole(
                        "minutes", when.minutes(), ClassRequest.SHORTEST_MINUTES, ClassRequest.LONGEST_MINUTES)
                .orElse(ClassRequest.SHORTEST_MINUTES);
        LocalDate first = typed.requiredDate("firstOn", when.firstOn()).orElse(LocalDate.EPOCH);
        Optional<LocalDate> last = typed.date("lastOn", when.lastOn());
        if (last.filter(end -> end.isBefore(first)).isPresent()) {
            typed.refuse("lastOn", "class.endsBefore", first);
        }
        return new StudioClass(
                id,
                studioId,
                version,
                name,
                new StudioClass.ClassTime(weekday, startsAt(typed), minutes),
                new StudioClass.ClassRoom(room, ColumnCodec.constants(kit)),
                new StudioClass.ClassDates(first, last.orElse(null), leftOut(typed)));
    }

    private LocalTime startsAt(FormReader typed) {
        String told = typed.requiredText("startsAt", when.startsAt(), 8);
        try {
            return told.isEmpty() ? LocalTime.NOON : LocalTime.parse(told);
        } catch (DateTimeParseException unreadable) {
            typed.refuse("startsAt", "class.time", told);
            return LocalTime.NOON;
        }
    }

    private String leftOut(FormReader typed) {
        String told = typed.text("leftOut", when.leftOut(), LONGEST_LEFT_OUT);
        List<String> days = new ArrayList<>();
        for (String one : Arrays.stream(told.split("[,;\\s]+"))
                .filter(part -> !part.isEmpty())
                .toList()) {
            typed.date("leftOut", one).ifPresent(day -> days.add(day.toString()));
        }
        if (days.size() > MOST_LEFT_OUT) {
            typed.refuse("leftOut", "class.leftOut", MOST_LEFT_OUT, days.size());
        }
        return ColumnCodec.lines(days.stream().distinct().sorted().toList());
    }
}
