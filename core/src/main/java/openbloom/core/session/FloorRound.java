package openbloom.core.session;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.screening.SideCheck;

/**
 * Breath and floor: one prescribed set of holds and one of flicks, a round of the areas, and between the parts everything
 * lets go (P-CALM-1). A floor that is not to be lifted gets the areas as attention alone. Breath and release fill the time.
 */
final class FloorRound {
    private static final int LETTING_GO_SECONDS = 60;
    private static final int LONGEST_RELEASE = 180;

    /** How often she goes from one family of positions to another (common practice, no source). */
    private static final int MOST_CHANGES = 2;

    private FloorRound() {}

    static Timetable.TimetableParts of(OpeningAndRelease resting, Candidates candidates, SessionRequest request) {
        Timetable.TimetableParts rest = resting.parts();
        Optional<Family> home =
                rest.opening().stream().reduce((before, last) -> last).map(pick -> Family.of(pick.move()));
        List<Pick> floor = Stream.of(
                        ExerciseGroup.PELVIC_FLOOR_ENDURANCE,
                        ExerciseGroup.PELVIC_FLOOR_QUICK,
                        ExerciseGroup.PELVIC_FLOOR_AREAS)
                .flatMap(strand -> candidates.work(false).stream()
                        .filter(pick -> pick.move().strand() == strand)
                        .limit(1))
                .sorted(Comparator.comparing(
                        pick -> home.filter(Family.of(pick.move())::equals).isEmpty()))
                .toList();
        List<Pick> work = new ArrayList<>();
        for (Pick pick : floor) {
            boolean isPrescribed = pick.move().strand() != ExerciseGroup.PELVIC_FLOOR_AREAS;
            List<Pick> tried = new ArrayList<>(work);
            tried.add(pick);
            if (isPrescribed || changes(rest.opening(), tried, List.of()) <= MOST_CHANGES) {
                resting.places().stream()
                        .filter(release -> Family.of(release.move()) == Family.of(pick.move()))
                        .findFirst()
                        .map(FloorRound::lettingGo)
                        .ifPresent(tried::add);
                work = tried;
            }
        }
        return fitting(
                closed(new Timetable.TimetableParts(rest.opening(), work, List.of()), rest.release(), resting, request),
                request,
                resting.isTight());
    }

    /** Closed by what lets go where she is or one change further, as long as there is time. */
    private static Timetable.TimetableParts closed(
            Timetable.TimetableParts parts, List<Pick> first, OpeningAndRelease resting, SessionRequest request) {
        List<Pick> more = resting.places().stream()
                .map(pick -> resting.held(pick, LONGEST_RELEASE))
                .toList();
        List<Pick> closing = new ArrayList<>();
        for (Pick pick : Stream.concat(first.stream(), more.stream())
                .sorted(Comparator.comparing(one -> !isWhereSheIs(parts, one)))
                .toList()) {
            boolean isThere = closing.stream().anyMatch(there -> there.move() == pick.move());
            List<Pick> tried = new ArrayList<>(closing);
            tried.add(pick);
            boolean fits = seconds(new Timetable.TimetableParts(parts.opening(), parts.work(), tried), request)
                    <= request.seconds();
            if (!isThere && fits && changes(parts.opening(), parts.work(), tried) <= MOST_CHANGES) {
                closing = tried;
            }
        }
        return new Timetable.TimetableParts(parts.opening(), parts.work(), closing);
    }

    private static boolean isWhereSheIs(Timetable.TimetableParts parts, Pick pick) {
        return !parts.work().isEmpty()
                && Family.of(parts.work().get(parts.work().size() - 1).move()) == Family.of(pick.move());
    }

    private static int changes(List<Pick> opening, List<Pick> work, List<Pick> release) {
        return Timetable.of(
                        new Timetable.TimetableParts(opening, work, release),
                        Format.of(Format.FormatKind.BREATH_AND_FLOOR),
                        SideCheck.Weaker.UNKNOWN)
                .transitions();
    }

    /** The last parts of the work are left out until it fits. */
    private static Timetable.TimetableParts fitting(
            Timetable.TimetableParts parts, SessionRequest request, boolean tight) {
        Timetable.TimetableParts fits = parts;
        while (!fits.work().isEmpty()
                && (seconds(fits, request) > HardLine.LONGEST_SHARE * request.seconds()
                        || tight && !isRestful(fits, seconds(fits, request)))) {
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

    private static int seconds(Timetable.TimetableParts parts, SessionRequest request) {
        return Timetable.of(parts, request.format(), SideCheck.Weaker.UNKNOWN).seconds();
    }
}
