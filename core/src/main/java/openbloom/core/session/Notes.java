package openbloom.core.session;

import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import openbloom.core.evidence.Published;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.record.Goal;
import openbloom.core.verdict.Judgement;

/** What a session says about itself: its length, and what its goal would have in it. */
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

    /** Where the goal practises the floor and no set of lifts is in it, it says why. */
    static Session withoutAFloorSet(Session session, SessionRequest request, Judgement judgement) {
        boolean practises = request.wishes().goals().stream()
                .anyMatch(goal -> goal == Goal.STOP_LEAKING || goal == Goal.EASE_HEAVINESS);
        boolean lifts = session.items().stream()
                .anyMatch(item -> item.move().strand() == ExerciseGroup.PELVIC_FLOOR_ENDURANCE
                        || item.move().strand() == ExerciseGroup.PELVIC_FLOOR_QUICK);
        if (!practises || lifts || session.items().isEmpty()) {
            return session;
        }
        Prescription practice = judgement
                .facts()
                .pelvicPractice(judgement.facts().client().checks().pelvicFloor());
        String why = practice.isSqueeze()
                ? ExclusionReason.of(judgement, ExerciseGroup.PELVIC_FLOOR_ENDURANCE)
                : practice.reasons().stream()
                        .findFirst()
                        .map(Prescription.Why::sentence)
                        .orElse(practice.track().words());
        return session.noting(
                (session.note() + " No set of pelvic floor lifts in it: " + why.replaceAll("\\.$", "") + ".").strip());
    }

    /** Shorter because she is healing. */
    static Session healing(Session session) {
        String why = "In the first weeks after a birth, until her clinician has seen her, "
                + HardLine.HEALING_MINUTES + " minutes are the most ("
                + Published.EARLIEST_REBUILD.source().key()
                + ").";
        return session.noting((why + " " + session.note()).strip());
    }
}
