package openbloom.core.session;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import openbloom.core.breath.BreathPosition;
import openbloom.core.breath.BreathZone;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.moves.Sides;
import openbloom.core.screening.SideCheck;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;

/** Opening and release of a session: settle and breathe, connect; release at the end, and with a tight floor at once, too. */
final class OpeningAndRelease {
    private static final int FEWEST_BREATHS = 5;
    private static final int FEWEST_REPETITIONS = 4;

    /** A floor that must let go: so many releases one after the other (common practice, no source). */
    static final int MOST_RELEASES_RUNNING = 2;

    private static final int SHORTEST_RELEASE = 60;
    private static final int LONGEST_RELEASE = 120;
    private static final int LONGEST_RELEASE_TIGHT = 180;
    private static final int MIDDLE_RELEASE = 90;
    private static final int MIDDLE_FROM_MINUTES = 20;
    private static final int LONG_FROM_MINUTES = 35;
    private static final int FOUR_FROM_MINUTES = 50;
    private static final int TWO_FROM_MINUTES = 12;
    private static final int MOBILISING_FROM_MINUTES = 20;

    /** Of the time for breath, release and letting go while the floor is tight (common practice, no source). */
    private final SessionRequest request;

    private final Candidates candidates;
    private final Set<BreathZone> still;
    private final Steering steering;
    private final boolean tight;
    private final boolean limitedOnTheBack;

    OpeningAndRelease(Judgement judgement, SessionRequest request, Candidates candidates) {
        this.limitedOnTheBack = isLimitedOnTheBack(judgement);
        this.request = request;
        this.candidates = candidates;
        this.still = judgement.facts().client().checks().breath().still();
        this.tight = judgement.facts().isFloorToLetGo();
        this.steering = new Steering(judgement.facts().client().checks());
    }

    /** Whether her time on the back comes in short bouts. */
    static boolean isLimitedOnTheBack(Judgement judgement) {
        return judgement.catalogue().moves().stream()
                .filter(Move::isOnTheBack)
                .anyMatch(move -> judgement.of(move).adjustments().contains(Adjustment.SHORT_BOUTS_ON_THE_BACK));
    }

    boolean isTight() {
        return tight;
    }

    Timetable.TimetableParts parts() {
        List<Pick> opening = new ArrayList<>();
        loosened(steering::beforeBreath).ifPresent(opening::add);
        breath().ifPresent(opening::add);
        List<Pick> releases = releases(opening);
        FormatRules format = request.format().rules();
        List<Pick> release = new ArrayList<>(releases);
        if (tight && !release.isEmpty()) {
            opening.add(release.remove(0));
            release = withBreath(release);
        }
        if (format.hasConnect()) {
            loosened(steering::beforeConnect)
                    .filter(pick -> !isIn(opening, pick))
                    .ifPresent(opening::add);
            connectAndWhatGoesWithIt(opening);
        }
        return shrunk(new Timetable.TimetableParts(opening, List.of(), format.hasRelease() ? release : List.of()));
    }

    /** After every two releases a breath, so that letting go is no lying about: they are held so much shorter. */
    private List<Pick> withBreath(List<Pick> releases) {
        List<Pick> breaths = between(releases);
        if (breaths.isEmpty()) {
            return releases;
        }
        int shorter = breaths.stream().mapToInt(Pick::workSeconds).sum() / releases.size();
        List<Pick> held = releases.stream()
                .map(pick -> pick.withDose(pick.dose()
                        .withHoldSeconds(Math.max(
                                SHORTEST_RELEASE,
                                pick.dose().holdSeconds() - shorter / WorkConstraints.STEP * WorkConstraints.STEP))))
                .toList();
        return parted(List.of(), held, breaths);
    }

    /** For every two releases after the first two a breath, where she lies then or near by. */
    private List<Pick> between(List<Pick> releases) {
        List<Pick> breaths = candidates.rest(ExerciseGroup.BREATH);
        List<Pick> between = new ArrayList<>();
        for (int at = MOST_RELEASES_RUNNING; at < releases.size() && !breaths.isEmpty(); at += MOST_RELEASES_RUNNING) {
            Family family = Family.of(releases.get(at).move());
            between.add(breaths.stream()
                    .filter(pick -> Family.of(pick.move()) == family)
                    .findFirst()
                    .orElse(breaths.get(0)));
        }
        return between;
    }

    /** Releases with a breath before each third running; breaths that are not needed for that come first. */
    private static List<Pick> parted(List<Pick> before, List<Pick> releases, List<Pick> breaths) {
        List<Pick> left = new ArrayList<>(breaths);
        List<Pick> parted = new ArrayList<>();
        int running = 0;
        for (Pick pick : before) {
            running = isRelease(pick) ? running + 1 : 0;
        }
        for (Pick pick : releases) {
            if (running == MOST_RELEASES_RUNNING && !left.isEmpty()) {
                parted.add(left.remove(0));
                running = 0;
            }
            parted.add(pick);
            running++;
        }
        parted.addAll(0, left);
        return parted;
    }

    private static boolean isRelease(Pick pick) {
        return pick.move().strand() == ExerciseGroup.RELEASE;
    }

    /** What a check asks to loosen first, once. */
    private Optional<Pick> loosened(Function<List<Pick>, Optional<Pick>> asked) {
        return asked.apply(candidates.rest(ExerciseGroup.MOBILITY))
                .map(pick -> pick.withDose(pick.dose().withSets(1)));
    }

    private static boolean isIn(List<Pick> opening, Pick pick) {
        return opening.stream().anyMatch(there -> there.move().equals(pick.move()));
    }

    /** Connecting, and then one position further where there is one to try; else what loosens, first where she lies already. */
    private void connectAndWhatGoesWithIt(List<Pick> opening) {
        Optional<Pick> connect = connect(opening);
        Optional<Pick> further = connect.flatMap(pick -> oneStepFurther(opening));
        Optional<Pick> mobilising = further.isPresent() ? Optional.empty() : mobilising(opening);
        boolean movesFirst = mobilising.filter(pick -> isThere(opening, pick)).isPresent()
                && connect.filter(pick -> isThere(opening, pick)).isEmpty();
        if (movesFirst) {
            mobilising.ifPresent(opening::add);
            connect(opening).ifPresent(opening::add);
        } else {
            connect.ifPresent(opening::add);
            further.or(() -> mobilising(opening)).ifPresent(opening::add);
        }
    }

    /** One connect position further than she has felt it, where there is time to try. */
    private Optional<Pick> oneStepFurther(List<Pick> opening) {
        FormatRules format = request.format().rules();
        return request.minutes() < MOBILISING_FROM_MINUTES || format.isForEase()
                ? Optional.empty()
                : steering.oneStepFurther(candidates.rest(ExerciseGroup.CONNECT))
                        .filter(pick -> !isIn(opening, pick) && !isTooMuchForTheWrists(opening, pick));
    }

    private Optional<Pick> breath() {
        List<Pick> breaths = candidates.rest(ExerciseGroup.BREATH);
        Optional<Pick> steered = beginsIn().isPresent() ? Optional.empty() : steering.breath(breaths);
        return steered.or(() -> breaths.stream()
                        .filter(pick -> beginsIn()
                                .filter(position -> pick.move().position() == placeOf(position))
                                .isPresent())
                        .findFirst())
                .or(() -> breaths.stream().findFirst());
    }

    /** Where her breath spread evenly; before it does, where the first zone that does not move has room. */
    private Optional<BreathPosition> beginsIn() {
        return request.breathesIn().or(() -> still.stream().findFirst().map(BreathZone::freesIn));
    }

    static Position placeOf(BreathPosition found) {
        return switch (found) {
            case ON_THE_BACK -> Position.HOOKLYING;
            case ON_THE_SIDE -> Position.SIDE_LYING;
            case ROUNDED_ON_HEELS -> Position.ROCKED_BACK;
            case SITTING -> Position.SEATED_CHAIR;
            case HANDS_AND_KNEES -> Position.HANDS_AND_KNEES;
            case STANDING -> Position.STANDING;
        };
    }

    /** At rest, where she breathes already or near by; of those alike the most wanted. */
    private Optional<Pick> connect(List<Pick> opening) {
        Comparator<Pick> worth = Comparator.comparing(pick -> -pick.worth().total());
        List<Pick> resting = candidates.rest(ExerciseGroup.CONNECT).stream()
                .filter(pick -> !pick.move().isEarned() && !isTooMuchForTheWrists(opening, pick))
                .filter(pick -> !pick.adjustments().contains(Adjustment.TRY_ONE_SET))
                .toList();
        return steering.connect(resting)
                .or(() -> resting.stream()
                        .min(unpinned().thenComparing(changes(opening)).thenComparing(worth)));
    }

    /** One easy move that loosens before the work, where she is or near by. */
    private Optional<Pick> mobilising(List<Pick> opening) {
        return request.minutes() < MOBILISING_FROM_MINUTES
                ? Optional.empty()
                : candidates.rest(ExerciseGroup.MOBILITY).stream()
                        .filter(pick -> pick.move().load() == 0 && !isTooMuchForTheWrists(opening, pick))
                        .filter(pick -> !isIn(opening, pick))
                        .min(unpinned()
                                .thenComparing(changes(opening))
                                .thenComparing(pick -> pick.move().rung()))
                        .map(pick -> pick.withDose(pick.dose().withSets(1)));
    }

    private static boolean isTooMuchForTheWrists(List<Pick> opening, Pick pick) {
        int running = 0;
        for (Pick before : opening) {
            running = before.move().has(Demand.WRIST) ? running + 1 : 0;
        }
        return pick.move().has(Demand.WRIST) && running >= HardLine.MOST_ON_THE_WRISTS;
    }

    /** Whether a pick is done where she breathes already. */
    private static boolean isThere(List<Pick> opening, Pick pick) {
        return !opening.isEmpty() && Family.of(opening.get(0).move()) == Family.of(pick.move());
    }

    /** What is to be in it in any case comes first. */
    private static Comparator<Pick> unpinned() {
        return Comparator.comparing(pick -> pick.worth().pinned() == 0);
    }

    private static Comparator<Pick> changes(List<Pick> opening) {
        return Comparator.comparing(pick -> opening.isEmpty()
                ? 0
                : Math.abs(Family.of(opening.get(0).move()).height()
                        - Family.of(pick.move()).height()));
    }

    private List<Pick> releases(List<Pick> opening) {
        List<Pick> found = places();
        int breaths = opening.stream().mapToInt(Pick::workSeconds).sum();
        int count = count();
        int seconds = request.minutes() >= LONG_FROM_MINUTES
                ? LONGEST_RELEASE
                : request.minutes() >= MIDDLE_FROM_MINUTES ? MIDDLE_RELEASE : SHORTEST_RELEASE;
        if (tight) {
            int needed = (int) Math.ceil(HardLine.LETTING_GO_SHARE * request.seconds()) - breaths;
            count = Math.max(2, (needed + LONGEST_RELEASE_TIGHT - 1) / LONGEST_RELEASE_TIGHT);
            seconds = Math.max(
                    SHORTEST_RELEASE,
                    Math.min(
                            LONGEST_RELEASE_TIGHT,
                            (needed / count + WorkConstraints.STEP - 1) / WorkConstraints.STEP * WorkConstraints.STEP));
            count = request.format().rules().hasRelease() ? count : 1;
        }
        int each = seconds;
        return near(found, count).stream()
                .sorted(Comparator.comparing(OpeningAndRelease::restfulness))
                .map(pick -> held(pick, each))
                .toList();
    }

    /** While time on the back is limited, she rests elsewhere. */
    List<Pick> places() {
        List<Pick> releases = candidates.rest(ExerciseGroup.RELEASE);
        if (!limitedOnTheBack) {
            return releases;
        }
        List<Pick> elsewhere = releases.stream()
                .filter(pick -> Family.of(pick.move()) != Family.BACK)
                .toList();
        return elsewhere.isEmpty() ? releases : elsewhere;
    }

    /** One side after the other: a minute each at least. */
    Pick held(Pick pick, int seconds) {
        int each = pick.move().sides() == Sides.EACH ? Math.max(SHORTEST_RELEASE, seconds / 2) : seconds;
        return pick.withDose(new Dose(1, 1, each, 0, 0, pick.dose().perSide()));
    }

    /** The most wanted first; the others cost what a change of position costs. Where more is needed than there are, again. */
    private static List<Pick> near(List<Pick> found, int count) {
        List<Pick> near = new ArrayList<>();
        List<Pick> left = new ArrayList<>(found);
        while (near.size() < count && !found.isEmpty()) {
            if (left.isEmpty()) {
                left.addAll(found);
            }
            Pick next = left.stream()
                    .min(Comparator.comparing(
                            pick -> cost(pick, near) - pick.worth().total()))
                    .orElseThrow();
            near.add(next);
            left.remove(next);
        }
        return near;
    }

    private static int cost(Pick pick, List<Pick> near) {
        Family family = Family.of(pick.move());
        return -near.stream()
                .mapToInt(there -> WorkConstraints.change(Family.of(there.move()), family))
                .max()
                .orElse(family.isUp() ? CandidateScore.UP_OR_DOWN : 0);
    }

    /** She ends lying: from the chair to the floor, to the side, to the back. */
    private static int restfulness(Pick pick) {
        return -Family.of(pick.move()).height();
    }

    private int count() {
        if (request.minutes() >= FOUR_FROM_MINUTES) {
            return 4;
        }
        return request.minutes() >= LONG_FROM_MINUTES ? 3 : request.minutes() >= TWO_FROM_MINUTES ? 2 : 1;
    }

    /**
     * With a tight floor, letting go stands between the work and not all at its end: what can be held where she is anyway is
     * held there. The first release stays, since the work was chosen to lead to it, and so does one more.
     */
    Timetable.TimetableParts spread(Timetable.TimetableParts parts) {
        if (!tight || !request.format().rules().isInSets()) {
            return parts;
        }
        List<Pick> work = new ArrayList<>(parts.work());
        List<Pick> release = new ArrayList<>(
                parts.release().stream().filter(OpeningAndRelease::isRelease).toList());
        List<Pick> breaths =
                parts.release().stream().filter(pick -> !isRelease(pick)).toList();
        for (Pick pick : release.stream().skip(1).toList()) {
            int after = IntStream.range(0, work.size())
                    .filter(at -> Family.of(work.get(at).move()) == Family.of(pick.move()))
                    .max()
                    .orElse(-1);
            boolean rests = after >= 0 && work.get(after).move().strand() == ExerciseGroup.RELEASE;
            boolean delaysImpact = work.stream()
                    .skip(after + 1L)
                    .anyMatch(later -> later.move().isImpact());
            if (after >= 0 && !rests && !delaysImpact && release.size() > 2) {
                work.add(after + 1, pick);
                release.remove(pick);
            }
        }
        return new Timetable.TimetableParts(parts.opening(), work, parted(work, release, breaths));
    }

    /** Takes away until it fits: fewer breaths and repetitions, shorter release, then the last of the release. */
    private Timetable.TimetableParts shrunk(Timetable.TimetableParts parts) {
        Timetable.TimetableParts fitting = parts;
        if (isTooLong(fitting)) {
            fitting = new Timetable.TimetableParts(
                    parts.opening().stream().map(OpeningAndRelease::smaller).toList(),
                    List.of(),
                    parts.release().stream().map(OpeningAndRelease::shorter).toList());
        }
        while (isTooLong(fitting) && fitting.release().size() > 1) {
            List<Pick> fewer = fitting.release().subList(0, fitting.release().size() - 1);
            fitting = new Timetable.TimetableParts(fitting.opening(), List.of(), fewer);
        }
        while (isTooLong(fitting) && fitting.opening().size() > 1) {
            List<Pick> fewer = fitting.opening().subList(0, fitting.opening().size() - 1);
            fitting = new Timetable.TimetableParts(fewer, List.of(), fitting.release());
        }
        return fitting;
    }

    private boolean isTooLong(Timetable.TimetableParts parts) {
        return Timetable.of(parts, request.format(), SideCheck.Weaker.EVEN).seconds() > request.seconds();
    }

    private static Pick smaller(Pick pick) {
        Dose dose = pick.dose();
        if (pick.move().strand() == ExerciseGroup.RELEASE) {
            return shorter(pick);
        }
        return pick.withDose(
                dose.breaths() > 0
                        ? dose.withBreaths(Math.min(dose.breaths(), FEWEST_BREATHS))
                                .withSets(1)
                        : dose.withRepetitions(Math.min(dose.repetitions(), FEWEST_REPETITIONS))
                                .withSets(1));
    }

    private static Pick shorter(Pick pick) {
        return pick.withDose(pick.dose().withHoldSeconds(Math.min(pick.dose().holdSeconds(), SHORTEST_RELEASE)));
    }

    /** Seconds of breath and release among some picks. */
    static int restful(List<Pick> picks) {
        return picks.stream()
                .filter(pick -> pick.move().strand() == ExerciseGroup.BREATH
                        || pick.move().strand() == ExerciseGroup.RELEASE)
                .mapToInt(Pick::workSeconds)
                .sum();
    }
}
