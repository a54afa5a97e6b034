package openbloom.app.classes;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import openbloom.app.system.ColumnCodec;
import openbloom.core.moves.Equipment;
import org.jspecify.annotations.Nullable;

/**
 * A class of a studio's.
 *
 * @param id 0 for one that is not kept yet
 * @param version rises with every change
 */
public record StudioClass(
        long id, long studioId, int version, String name, ClassTime time, ClassRoom room, ClassDates dates) {
    /** When in the week, and how long in minutes. */
    public record ClassTime(DayOfWeek weekday, LocalTime startsAt, int minutes) {}

    /** Where, and what lies there: constants as they are kept. */
    public record ClassRoom(String name, String kit) {}

    /**
     * From when to when.
     *
     * @param lastOn null while no end is set
     * @param leftOut days without it, as they are kept
     */
    public record ClassDates(LocalDate firstOn, @Nullable LocalDate lastOn, String leftOut) {}

    public Set<Equipment> kit() {
        return ColumnCodec.known(room.kit(), Equipment.class);
    }

    /** Days without it, in order. */
    public List<LocalDate> leftOut() {
        return ColumnCodec.lines(dates.leftOut()).stream()
                .map(LocalDate::parse)
                .sorted()
                .toList();
    }

    /** {@code Thursday, 18:30}. */
    public String when() {
        return time.weekday().getDisplayName(TextStyle.FULL, Locale.ENGLISH) + ", " + time.startsAt();
    }

    /** Whether it is over. */
    public boolean isOverOn(LocalDate day) {
        LocalDate last = dates.lastOn();
        return last != null && last.isBefore(day);
    }

    /** Whether it is held on a day: its weekday, within its dates, and not left out. */
    public boolean isHeldOn(LocalDate day) {
        return day.getDayOfWeek() == time.weekday()
                && !day.isBefore(dates.firstOn())
                && !isOverOn(day)
                && !leftOut().contains(day);
    }
}
