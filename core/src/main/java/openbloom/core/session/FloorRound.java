package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.verdict.Judgement;

/**
 * Breath and floor: one prescribed set of holds and one of flicks, a round of the areas, and between the parts everything
 * lets go (P-CALM-1). A floor that is not to be lifted gets the areas as attention alone. Breath and release fill the time.
 */
final class FloorRound {
    private static final int LETTING_GO_SECONDS = 60;
    private static final int LONGEST_RELEASE = 180;

    private FloorRound() {}

    static Timetable.TimetableParts of(
            OpeningAndRelease resting, Candidates candidates, Judgement judgement, SessionRequest request) {
        Timetable.TimetableParts rest = resting.parts();
        List<Pick> work = new ArrayList<>();
        Optional<Pick> release = rest.release().stream().findFirst();
        for (ExerciseGroup strand : List.of(
                ExerciseGroup.PELVIC_FLOOR_ENDURANCE,
                ExerciseGroup.PELVIC_FLOOR_QUICK,
                ExerciseGroup.PELVIC_FLOOR_AREAS)) {
            candidates.work().stream()
                    .filter(pick -> pick.move().strand() == strand)
                    .findFirst()
                    .ifPresent(pick -> {
                        work.add(pick);
                        release.map(FloorRound::lettingGo).ifPresent(work::add);
                    });
        }
        List<Pick> closing = new ArrayList<>(rest.release());
        Timetable.TimetableParts parts = new Timetable.TimetableParts(rest.opening(), work, closing);
        List<Pick> more = resting.places().stream()
                .filter(pick -> closing.stream().noneMatch(there -> there.move() == pick.move()))
                .toList();
        for (Pick pick : more) {
            List<Pick> longer = new ArrayList<>(parts.release());
            longer.add(resting.held(pick, LONGEST_RELEASE));
            Timetable.TimetableParts tried = new Timetable.TimetableParts(parts.opening(), work, longer);
            if (seconds(tried, judgement, request) <= request.seconds()) {
                parts = tried;
            }
        }
        return fitting(parts, judgement, request, resting.isTight());
    }

    /** The last parts of the work are left out until it fits. */
    private static Timetable.TimetableParts fitting(
            Timetable.TimetableParts parts, Judgement judgement, SessionRequest request, boolean tight) {
        Timetable.TimetableParts fits = parts;
        while (!fits.work().isEmpty()
                && (seconds(fits, judgement, request) > HardLine.LONGEST_SHARE * request.seconds()
                        || tight && !isRestful(fits, seconds(fits, judgement, request)))) {
            fits = new Timetable.TimetableParts(
                    fits.opening(), fits.work().subList(0, fits.work().size() - 1), fits.release());
        }
        return fits;
    }

    private static boolean isRestful(Timetable.TimetableParts parts, int seconds) {
        int rest = OpeningAndRelease.restful(parts.opening())
                + OpeningAndRelease.restful(parts.work())
                + OpeningAndRelease.restful(parts.release());
        return rest >= HardLine.LETTING_GO_SHARE * seconds;
    }

    private static Pick lettingGo(Pick release) {
        return release.withDose(new Dose(1, 1, LETTING_GO_SECONDS, 0, 0, false));
    }

    private static int seconds(Timetable.TimetableParts parts, Judgement judgement, SessionRequest request) {
        return Timetable.of(
                        parts,
                        request.format(),
                        judgement.facts().client().checks().sides().weaker())
                .seconds();
    }
}
