package openbloom.core.session;

import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import openbloom.core.evidence.Published;

/** What a session says about its own length. */
final class Notes {
    private static final int A_MINUTE = 60;
    private static final int NAMED = 2;

    private Notes() {}

    /** @param why what kept it shorter than was asked; asked for only if it is */
    static String of(
            Timetable timetable, SessionRequest request, double shortest, List<LeftOut> leftOut, Supplier<String> why) {
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
                + " minutes: " + why.get() + "." + (needed.isEmpty() ? "" : " What would lengthen it: " + needed + ".");
    }

    /** Shorter because she is healing. */
    static Session healing(Session session) {
        String why = "In the first weeks after a birth, until her clinician has seen her, "
                + HardLine.HEALING_MINUTES + " minutes are the most ("
                + Published.REBUILD_FLOOR.source().key()
                + ").";
        return session.noting((why + " " + session.note()).strip());
    }
}
