package openbloom.core.program;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import openbloom.core.session.Place;

/**
 * How often she comes and what she has at home.
 *
 * @param visitsPerWeek 0 to 7, used where no visits are booked
 * @param homeDays days on which she practises at home
 * @param homeMinutes on such a day, 0 to 120
 * @param visits those that are booked; they count instead of {@code visitsPerWeek}
 * @param walksNow minutes she walks briskly in a week now, 0 to 1,000; empty where nobody asked
 * @see BlockPlanner
 * @see DueChecks
 */
public record Rhythm(
        int visitsPerWeek, Set<DayOfWeek> homeDays, int homeMinutes, List<PlannedVisit> visits, OptionalInt walksNow) {
    /** What may be told of a week's walking, in minutes. */
    public static final int MOST_WALKING = 1_000;

    public static final int USUAL_VISIT_MINUTES = 45;
    private static final int[][] SPREAD = {
        {}, {0}, {0, 3}, {0, 2, 4}, {0, 1, 3, 5}, {0, 1, 2, 4, 5}, {0, 1, 2, 3, 4, 5}, {0, 1, 2, 3, 4, 5, 6}
    };

    public Rhythm {
        homeDays = homeDays.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(homeDays));
        visits =
                visits.stream().sorted(Comparator.comparing(PlannedVisit::date)).toList();
        if (visitsPerWeek < 0 || visitsPerWeek > 7) {
            throw new IllegalArgumentException("Expected 0 to 7 visits a week, but there were " + visitsPerWeek);
        }
    }

    /** Nobody asked what she walks. */
    public Rhythm(int visitsPerWeek, Set<DayOfWeek> homeDays, int homeMinutes, List<PlannedVisit> visits) {
        this(visitsPerWeek, homeDays, homeMinutes, visits, OptionalInt.empty());
    }

    /**
     * A visit that is booked.
     *
     * @param date of the visit
     * @param minutes it is booked for
     */
    public record PlannedVisit(LocalDate date, int minutes) {}

    /** A day on which she does something. */
    record SessionSlot(LocalDate date, Place place, int minutes) {}

    /** Visits and home days of a week, in order; on the day of a visit there is no home practice. */
    List<SessionSlot> slots(LocalDate weekFrom, LocalDate toInclusive) {
        List<SessionSlot> slots = new ArrayList<>();
        for (LocalDate day = weekFrom;
                day.isBefore(weekFrom.plusDays(7)) && !day.isAfter(toInclusive);
                day = day.plusDays(1)) {
            int minutes = visitMinutes(day, weekFrom);
            if (minutes > 0) {
                slots.add(new SessionSlot(day, Place.STUDIO, minutes));
            } else if (homeMinutes > 0 && homeDays.contains(day.getDayOfWeek())) {
                slots.add(new SessionSlot(day, Place.HOME, homeMinutes));
            }
        }
        return slots;
    }

    private int visitMinutes(LocalDate day, LocalDate weekFrom) {
        if (!visits.isEmpty()) {
            return visits.stream()
                    .filter(visit -> visit.date().equals(day))
                    .mapToInt(PlannedVisit::minutes)
                    .findFirst()
                    .orElse(0);
        }
        for (int offset : SPREAD[visitsPerWeek]) {
            if (weekFrom.plusDays(offset).equals(day)) {
                return USUAL_VISIT_MINUTES;
            }
        }
        return 0;
    }
}
