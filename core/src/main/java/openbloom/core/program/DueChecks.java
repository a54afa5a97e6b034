package openbloom.core.program;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Track;
import openbloom.core.record.Goal;
import openbloom.core.screening.Symptom;
import openbloom.core.session.Place;
import openbloom.core.stage.Birth;
import openbloom.core.verdict.CheckSchedule;
import openbloom.core.verdict.CheckWindow;
import openbloom.core.verdict.CheckWindow.PelvicFloorWindow;
import openbloom.core.verdict.Judgement;

/** The checks of a block and the days on which they are due; what takes hands is done when she comes. */
final class DueChecks {
    private static final int A_WEEK = 7;
    private static final int FLOOR_AGAIN_DAYS = 14;

    private final Judgement today;
    private final LocalDate to;
    private final Set<LocalDate> visits;
    private final List<LocalDate> gapChecks;

    DueChecks(Judgement today, Rhythm rhythm, LocalDate to) {
        this.today = today;
        this.to = to;
        this.visits = visits(rhythm);
        this.gapChecks = gapChecks();
    }

    private Set<LocalDate> visits(Rhythm rhythm) {
        Set<LocalDate> days = new LinkedHashSet<>();
        for (LocalDate week = today.facts().day(); !week.isAfter(to); week = week.plusDays(A_WEEK)) {
            rhythm.slots(week, to).stream()
                    .filter(slot -> slot.place() == Place.STUDIO)
                    .forEach(slot -> days.add(slot.date()));
        }
        return days;
    }

    /** What takes hands is done when she comes: at the next visit within a week; on the day itself where there is none. */
    private LocalDate atAVisit(LocalDate day) {
        return visits.stream()
                .filter(visit -> !visit.isBefore(day) && visit.isBefore(day.plusDays(A_WEEK)))
                .findFirst()
                .orElse(day);
    }

    /** One after the other, each taken to be made on the day it is due. */
    private List<LocalDate> gapChecks() {
        List<LocalDate> days = new ArrayList<>();
        LocalDate from = today.facts().day();
        Optional<LocalDate> next = CheckSchedule.gapCheckDue(today.facts()).map(day -> day.isBefore(from) ? from : day);
        while (next.filter(day -> !day.isAfter(to)).isPresent()) {
            LocalDate day = atAVisit(next.get());
            days.add(day);
            next = CheckSchedule.gapCheckDue(Projection.checkedOn(today, day).facts())
                    .filter(later -> later.isAfter(day));
        }
        return days;
    }

    List<Program.Due> in(LocalDate week, List<Goals.Suggested> aims) {
        List<Program.Due> due = new ArrayList<>();
        LocalDate last = week.plusDays(6).isBefore(to) ? week.plusDays(6) : to;
        gapChecks.stream()
                .filter(day -> !day.isBefore(week) && !day.isAfter(last))
                .forEach(day -> due.add(new Program.Due(day, Program.Check.GAP)));
        PelvicFloorCheck floor = today.facts().client().checks().pelvicFloor();
        LocalDate first = today.facts().day();
        boolean open = CheckWindow.floor(Projection.of(today, week).facts()) != PelvicFloorWindow.CLINICIAN_FIRST;
        if (open && floor.equals(PelvicFloorCheck.NOT_CHECKED) && week.equals(first)) {
            due.add(new Program.Due(first, Program.Check.PELVIC_FLOOR));
        }
        if (floorSets(week) > 0) {
            floorAgain(week, last).forEach(day -> due.add(new Program.Due(day, Program.Check.PELVIC_FLOOR)));
        }
        boolean wantsImpact = aims.stream().anyMatch(aim -> aim.aim() == Goal.RUN || aim.aim() == Goal.JUMP);
        today.facts()
                .recentBirth()
                .map(Birth::earliestReturn)
                .map(day -> day.isBefore(first) ? first : day)
                .filter(day -> wantsImpact && !day.isBefore(week) && !day.isAfter(last))
                .ifPresent(day -> due.add(new Program.Due(day, Program.Check.RETURN_TESTS)));
        return due;
    }

    /** A prescription is looked at again every fortnight (common practice, no source). */
    private List<LocalDate> floorAgain(LocalDate week, LocalDate last) {
        List<LocalDate> days = new ArrayList<>();
        for (LocalDate day = today.facts().day().plusDays(FLOOR_AGAIN_DAYS);
                !day.isAfter(to);
                day = day.plusDays(FLOOR_AGAIN_DAYS)) {
            days.add(atAVisit(day));
        }
        return days.stream()
                .filter(day -> !day.isBefore(week) && !day.isAfter(last))
                .toList();
    }

    /** The day on which a gap check is due last before a session; the session's own where none is, as for other checks. */
    LocalDate lastBefore(Program.Check check, LocalDate day) {
        return gapChecks.stream()
                .filter(due -> check == Program.Check.GAP && !due.isAfter(day))
                .reduce((first, last) -> last)
                .orElse(day);
    }

    /** As the prescription says on that day; none where nobody checked, and none while lifts hurt. */
    int floorSets(LocalDate week) {
        PelvicFloorCheck check = today.facts().client().checks().pelvicFloor();
        boolean known = !check.equals(PelvicFloorCheck.NOT_CHECKED);
        if (!known || today.facts().client().has(Symptom.PAIN_WITH_LIFTS)) {
            return 0;
        }
        var practice = Projection.of(today, week).facts().pelvicPractice(check);
        return practice.track() == Track.RELEASE ? 0 : practice.setsPerDay();
    }
}
