package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import openbloom.core.moves.Sides;
import openbloom.core.progress.DoseStep;
import openbloom.core.verdict.Judgement;

/** Her usual moves as they are for her today: a sheet, not timed. */
final class GymCard implements FormatRules {
    @Override
    public Session compose(Composer composer, Judgement judgement, SessionRequest request) {
        List<SessionItem> items = new ArrayList<>();
        request.wishes().usual().stream()
                .distinct()
                .flatMap(id -> judgement.catalogue().find(id).stream())
                .flatMap(move -> Pick.of(judgement.of(move), judgement, DoseStep.WRITTEN).stream())
                .forEach(pick -> items.add(new SessionItem(pick, side(pick), 0, 0, Part.WORK, 0)));
        Timetable none = new Timetable(items, 0);
        String note = items.isEmpty()
                ? "No usual exercise of hers passes today."
                : "A card for the gym: today’s version of each exercise, without a clock.";
        return new Session(items, 0, false, LeftOutReasons.of(judgement, request, none), note, 0, request.format());
    }

    private static Side side(Pick pick) {
        return pick.move().sides() == Sides.ALTERNATE ? Side.ALTERNATING : Side.BOTH;
    }
}
