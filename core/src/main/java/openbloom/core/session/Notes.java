package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import openbloom.core.evidence.Published;

/** What a session says about its own length. */
final class Notes {
    private static final int A_MINUTE = 60;
    private static final int NAMED = 2;

    /** Steps of ten seconds that no further exercise fits into. */
    private static final int LITTLE = 9;

    private Notes() {}

    /** @param why what kept it shorter than was asked */
    static String of(Timetable timetable, SessionRequest request, double shortest, List<LeftOut> leftOut, String why) {
        if (timetable.items().isEmpty()) {
            return "Nothing is allowed today.";
        }
        if (timetable.seconds() >= shortest * request.seconds()) {
            return "";
        }
        String needed = leftOut.stream()
                .limit(NAMED)
                .map(left -> left.move().name() + " (" + left.reason() + ")")
                .collect(Collectors.joining("; "));
        return "About " + Math.round(timetable.seconds() / (double) A_MINUTE) + " of " + request.minutes()
                + " minutes: " + why + "." + (needed.isEmpty() ? "" : " What would lengthen it: " + needed + ".");
    }

    /** Why work is shorter than it might be: the limits it has reached; otherwise what is left does not suit the rest. */
    static String why(
            ShapedWork.Limits limits, List<WorkItem> items, List<WorkSolver.ChosenItem> chosen, boolean isTight) {
        WorkConstraints.Rules rules = limits.whole();
        List<WorkItem> left = items.stream()
                .filter(item -> chosen.stream()
                        .noneMatch(one ->
                                one.item().pick().move().equals(item.pick().move())))
                .toList();
        if (left.isEmpty()) {
            return "every exercise of work that is hers today is in it, " + chosen.size() + " in all";
        }
        List<String> reached = new ArrayList<>();
        addIf(reached, chosen.size() >= rules.moves().most(), chosen.size() + " exercises of work are the most in it");
        long fresh = chosen.stream().filter(one -> one.item().isNew()).count();
        addIf(
                reached,
                fresh >= rules.moves().fresh() && left.stream().anyMatch(WorkItem::isNew),
                fresh + " exercises new to her are the most in one session");
        addIf(reached, isTight, "with a floor that must let go, rest keeps its share");
        addIf(
                reached,
                rules.onTheBack().isPresent() && left.stream().anyMatch(item -> item.family() == Family.BACK),
                "time on the back is limited");
        return reached.isEmpty()
                ? left.size()
                        + " more pass for her, but each would cost a change of place or kit for little, or break an"
                        + " order the session keeps"
                : String.join(", and ", reached);
    }

    private static void addIf(List<String> reached, boolean isReached, String words) {
        if (isReached) {
            reached.add(words);
        }
    }

    /** Shorter because she is healing. */
    static Session healing(Session session) {
        String why = "In the first weeks after a birth, until her clinician has seen her, "
                + Composer.MOST_MINUTES_WHILE_HEALING + " minutes are the most ("
                + Published.REBUILD_FLOOR.source().key()
                + ").";
        return new Session(
                session.items(),
                session.transitions(),
                session.upByTheSide(),
                session.leftOut(),
                (why + " " + session.note()).strip(),
                session.score(),
                session.format());
    }
}
