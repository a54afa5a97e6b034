package openbloom.app.program;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A block as it was planned beside the same made anew today, in sentences: what differs, and then what this week is in both.
 *
 * @param what exercise group, or the week
 * @param planned as it was planned
 * @param anew as it would be made today
 */
record PlanCompared(String what, String planned, String anew) {
    private static final String NOT_IN_IT = "not in the plan";
    private static final String NOT_FOR_HER = "not for her today";

    /** Empty while both ask the same of her. */
    static List<PlanCompared> between(ProgramDocument planned, ProgramDocument anew) {
        List<PlanCompared> rows = new ArrayList<>();
        Map<String, ProgramDocument.LineTold> now = new LinkedHashMap<>();
        anew.lines().forEach(line -> now.put(line.strand(), line));
        for (ProgramDocument.LineTold then : planned.lines()) {
            ProgramDocument.LineTold line = now.remove(then.strand());
            if (line == null) {
                rows.add(new PlanCompared(then.words(), words(then), NOT_FOR_HER));
            } else if (then.isEarned() && line.rung() != then.rung()) {
                rows.add(new PlanCompared(then.words(), words(then), words(line)));
            }
        }
        now.values().forEach(line -> rows.add(new PlanCompared(line.words(), NOT_IN_IT, words(line))));
        if (!rows.isEmpty()) {
            weekOf(planned, anew).ifPresent(rows::add);
        }
        return rows;
    }

    private static String words(ProgramDocument.LineTold line) {
        return "level " + line.rung() + ", " + line.move() + ": " + line.step();
    }

    /** The week that the new block begins with, as it stands in both. */
    private static Optional<PlanCompared> weekOf(ProgramDocument planned, ProgramDocument anew) {
        Optional<ProgramDocument.WeekTold> then = planned.weeks().stream()
                .filter(week -> !week.from().isAfter(anew.from())
                        && anew.from().isBefore(week.from().plusDays(7)))
                .findFirst();
        return then.map(week -> new PlanCompared(
                        "This week", words(week), words(anew.weeks().get(0))))
                .filter(row -> !row.planned().equals(row.anew()));
    }

    private static String words(ProgramDocument.WeekTold week) {
        int minutes = week.sessions().stream()
                .mapToInt(ProgramDocument.SessionTold::minutes)
                .sum();
        int sessions = week.sessions().size();
        return sessions + (sessions == 1 ? " session, " : " sessions, ") + minutes + " min; floor sets "
                + week.floorSets()
                + " a day; walking " + week.walkMinutes() + " min"
                + (week.words() == null ? "" : ". " + week.words());
    }
}
