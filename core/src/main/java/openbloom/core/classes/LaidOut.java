package openbloom.core.classes;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import openbloom.core.record.Goal;
import openbloom.core.session.Part;
import openbloom.core.session.SessionItem;
import openbloom.core.session.Timetable;

/** The exercises of a class as they lie in time, each with how it is done. */
record LaidOut(List<ClassMember> members, Timetable timetable, List<ClassItem> items) {
    LaidOut {
        members = List.copyOf(members);
        items = List.copyOf(items);
    }

    /** @param exercises one for each entry of the timetable, in its order */
    static LaidOut of(List<ClassMember> members, Timetable timetable, List<CommonExercise> exercises) {
        List<ClassItem> items = new ArrayList<>();
        int startsAt = 0;
        List<SessionItem> laid = timetable.items();
        for (int at = 0; at < laid.size(); at++) {
            SessionItem item = laid.get(at);
            int seconds = item.seconds();
            if (at + 1 < laid.size() && laid.get(at + 1).isOtherSideOf(item)) {
                at++;
                seconds += laid.get(at).seconds();
            }
            CommonExercise exercise = exercises.get(items.size());
            items.add(new ClassItem(
                    item.part(),
                    item.pick(),
                    startsAt,
                    seconds,
                    exercise.versions(item.dose().sets())));
            startsAt += seconds;
        }
        return new LaidOut(members, timetable, items);
    }

    ClassSheet sheet(List<ClassSheet.CannotCome> cannotCome, int score, OptionalInt gap, String note) {
        return new ClassSheet(
                members,
                cannotCome,
                items,
                timetable.items(),
                unserved(),
                Watching.of(members, items),
                timetable.seconds(),
                timetable.transitions(),
                score,
                gap,
                note);
    }

    private List<ClassSheet.Unserved> unserved() {
        List<ClassSheet.Unserved> unserved = new ArrayList<>();
        for (int member = 0; member < members.size(); member++) {
            for (Goal goal : members.get(member).request().wishes().goals()) {
                int number = member;
                boolean served = items.stream()
                        .filter(item -> item.part() == Part.WORK)
                        .flatMap(item -> item.of(number).pick().stream())
                        .anyMatch(pick -> goal.isServedBy(pick.move()));
                if (!served) {
                    unserved.add(new ClassSheet.Unserved(members.get(member).name(), goal));
                }
            }
        }
        return unserved;
    }
}
