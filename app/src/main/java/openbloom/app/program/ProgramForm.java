package openbloom.app.program;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.CompositeForm;
import openbloom.app.system.FormReader;
import openbloom.core.program.Goals;
import openbloom.core.program.Rhythm;
import openbloom.core.record.Goal;
import org.jspecify.annotations.Nullable;

/** What a program is to be made from, as it was typed. */
@CompositeForm
public record ProgramForm(GoalsTyped wanted, WeekTyped week) {
    /** Aims in their order, and a wish. */
    public record GoalsTyped(
            @Nullable String aim1,
            @Nullable String aim2,
            @Nullable String aim3,
            @Nullable String wish) {}

    /** When she comes, and when she practises at home. */
    public record WeekTyped(
            @Nullable String visitsPerWeek,
            @Nullable List<String> homeDays,
            @Nullable String homeMinutes,
            @Nullable String walksNow,
            @Nullable List<String> visitOn,
            @Nullable List<String> visitMinutes) {}

    /** Rows for booked visits. */
    public static final int VISITS = 8;

    private static final int MOST_HOME_MINUTES = 120;
    private static final int LEAST_VISIT_MINUTES = 10;
    private static final int MOST_VISIT_MINUTES = 120;

    /** The suggested aims, two visits and three short days at home. */
    static ProgramForm suggested(List<Goals.Suggested> suggested) {
        List<String> aims = suggested.stream().map(told -> told.aim().name()).toList();
        return new ProgramForm(
                new GoalsTyped(at(aims, 0), at(aims, 1), at(aims, 2), ""),
                new WeekTyped("2", List.of("TUESDAY", "THURSDAY", "SATURDAY"), "10", "", List.of(), List.of()));
    }

    /** As the last program was made. */
    static ProgramForm again(StoredProgram last) {
        List<Goal> aims = aimsOf(last);
        List<String> usual =
                aims.stream().filter(aim -> !aim.isWish()).map(Enum::name).toList();
        String wish =
                aims.stream().filter(Goal::isWish).map(Enum::name).findFirst().orElse("");
        List<String> days = ColumnCodec.known(last.rhythm().homeDays(), DayOfWeek.class).stream()
                .map(Enum::name)
                .toList();
        List<Rhythm.PlannedVisit> visits = visitsOf(last);
        return new ProgramForm(
                new GoalsTyped(at(usual, 0), at(usual, 1), at(usual, 2), wish),
                new WeekTyped(
                        Integer.toString(last.rhythm().visitsPerWeek()),
                        days,
                        Integer.toString(last.rhythm().homeMinutes()),
                        Objects.toString(last.rhythm().walksNow(), ""),
                        visits.stream().map(visit -> visit.date().toString()).toList(),
                        visits.stream()
                                .map(visit -> Integer.toString(visit.minutes()))
                                .toList()));
    }

    private static String at(List<String> words, int i) {
        return i < words.size() ? words.get(i) : "";
    }

    /** The aims of a kept program in their order; a word this version does not know is left out. */
    static List<Goal> aimsOf(StoredProgram last) {
        return ColumnCodec.lines(last.aims()).stream()
                .flatMap(word ->
                        Stream.of(Goal.values()).filter(aim -> aim.name().equals(word)))
                .toList();
    }

    /** Booked visits of a kept program. */
    static List<Rhythm.PlannedVisit> visitsOf(StoredProgram last) {
        return KeptVisits.read(last.rhythm().visits());
    }

    List<Goal> aims(FormReader typed) {
        return Stream.of(
                        typed.choice("aim1", wanted.aim1(), Goal.class),
                        typed.choice("aim2", wanted.aim2(), Goal.class),
                        typed.choice("aim3", wanted.aim3(), Goal.class),
                        typed.choice("wish", wanted.wish(), Goal.class))
                .flatMap(Optional::stream)
                .distinct()
                .toList();
    }

    /** @param last day of the block that would be made; a booked visit after it belongs to the next */
    Rhythm rhythm(FormReader typed, LocalDate today, LocalDate last) {
        int visits =
                typed.requiredWhole("visitsPerWeek", week.visitsPerWeek(), 0, 7).orElse(0);
        Set<DayOfWeek> days = typed.choices("homeDays", week.homeDays(), DayOfWeek.class);
        int minutes = typed.whole("homeMinutes", week.homeMinutes(), 0, MOST_HOME_MINUTES)
                .orElse(0);
        if (!days.isEmpty() && minutes == 0 && typed.isClean()) {
            typed.refuse("homeMinutes", "program.homeMinutes");
        }
        List<Rhythm.PlannedVisit> booked = booked(typed, today, last);
        if (visits == 0 && booked.isEmpty() && days.isEmpty() && typed.isClean()) {
            typed.refuse("visitsPerWeek", "program.noDay");
        }
        OptionalInt walks = typed.whole("walksNow", week.walksNow(), 0, Rhythm.MOST_WALKING)
                .map(OptionalInt::of)
                .orElseGet(OptionalInt::empty);
        return new Rhythm(visits, days, minutes, booked, walks);
    }

    private List<Rhythm.PlannedVisit> booked(FormReader typed, LocalDate today, LocalDate last) {
        List<Rhythm.PlannedVisit> booked = new ArrayList<>();
        for (int i = 0; i < VISITS; i++) {
            Optional<LocalDate> on = typed.date("visitOn", visitOn(i));
            int minutes = typed.whole("visitOn", visitMinutes(i), LEAST_VISIT_MINUTES, MOST_VISIT_MINUTES)
                    .orElse(Rhythm.USUAL_VISIT_MINUTES);
            if (on.filter(day -> day.isBefore(today) || day.isAfter(last)).isPresent()) {
                typed.refuse("visitOn", "program.visitOutside", on.get(), today, last);
            }
            on.ifPresent(day -> booked.add(new Rhythm.PlannedVisit(day, minutes)));
        }
        long days = booked.stream().map(Rhythm.PlannedVisit::date).distinct().count();
        if (days < booked.size()) {
            typed.refuse("visitOn", "program.visitTwice");
        }
        return booked;
    }

    public String visitOn(int row) {
        return at(week.visitOn() == null ? List.of() : week.visitOn(), row);
    }

    public String visitMinutes(int row) {
        return at(week.visitMinutes() == null ? List.of() : week.visitMinutes(), row);
    }

    public boolean isHome(String day) {
        return week.homeDays() != null && week.homeDays().contains(day);
    }
}
