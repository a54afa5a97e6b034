package openbloom.core.classes;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;
import openbloom.core.session.CommonWork;
import openbloom.core.session.Family;
import openbloom.core.session.Fitting;
import openbloom.core.session.HardLine;
import openbloom.core.session.Pick;
import openbloom.core.session.Timetable;

/**
 * Composes a class: arriving, work, letting go, in one sequence for all. An exercise is taken only where at least 60 % of the
 * women do it itself; the others do another of the same purpose in the same family of positions, or rest with breath, nobody more
 * than twice running. The work is worth the most there is, exactly where nobody would rest too long in it; else the best found,
 * with its gap.
 *
 * @see ClassEdited
 * @see ClassFitting
 */
public final class ClassComposer {
    /** Of the members, who do an exercise itself (common practice, no source). */
    static final int FEWEST_PERCENT = 60;

    static final int MOST_RESTS_RUNNING = 2;

    private static final int MOST_OF_A_GROUP = 2;
    private static final int MOST_OF_MOBILITY = 4;
    private static final int AGAIN = -10;
    private static final int SHORTEST_WORK_SECONDS = 30;
    private static final int MOBILISING_FROM_MINUTES = 20;
    private static final int TWO_RELEASES_FROM_MINUTES = 35;
    private static final int RELEASE_SECONDS = 90;

    /** While they arrive and let go, a change of position weighs so many times what it does in the work. */
    private static final int ARRIVING_IN_ONE_PLACE = 2;

    private static final int A_SIDE_SECONDS = 60;
    private static final double SHORTEST_SHARE = 0.95;
    private static final int SECONDS = 60;

    private final ClassRequest request;
    private final List<ClassMember> members;
    private final List<Move> catalogue;
    private final ClassFitting fitting;

    private ClassComposer(ClassRequest request, ComeTogether who) {
        this.request = request;
        this.members = who.come();
        this.fitting =
                new ClassFitting(members, members.stream().map(who.fits()::get).toList());
        this.catalogue = fitting.catalogue();
    }

    /** @throws IllegalArgumentException if the request has problems */
    public static ClassSheet compose(ClassRequest request) {
        if (!request.problems().isEmpty()) {
            throw new IllegalArgumentException(
                    "Expected 1 to 16 women, each once, and 20 to 90 minutes, but was " + request);
        }
        ComeTogether who = ComeTogether.of(request.minutes(), request.members());
        if (who.come().isEmpty()) {
            return ClassSheet.nobody(who.cannot());
        }
        return new ClassComposer(request, who).compose(who.cannot());
    }

    /** Everything that fits her, as she would do it. */
    static Map<Move, Pick> fits(ClassMember member) {
        Fitting fitting = member.fitting();
        Map<Move, Pick> fits = new IdentityHashMap<>();
        for (Move move : member.judgement().catalogue().moves()) {
            fitting.itself(move).ifPresent(pick -> fits.put(move, ClassFitting.asInAClass(pick)));
        }
        return fits;
    }

    /**
     * What is to be solved: how they arrive and let go, and what may stand between.
     *
     * @param known every exercise, as they would do it
     */
    record ClassAsked(
            List<CommonExercise> opening,
            List<CommonExercise> release,
            CommonWork frame,
            List<CommonWork.CommonItem> items,
            Map<Move, CommonExercise> known) {}

    /** For who comes; at least one does. */
    static ClassAsked asked(ClassRequest request) {
        return new ClassComposer(request, ComeTogether.of(request.minutes(), request.members())).asked();
    }

    private ClassAsked asked() {
        List<CommonExercise> opening = opening();
        List<CommonExercise> release = release(opening);
        CommonWork frame = new CommonWork(
                request.minutes(),
                members.size(),
                2 * members.stream().filter(ClassMember::isFirst).count() >= members.size(),
                members.stream().anyMatch(ClassMember::isPregnant),
                members.stream().map(ClassMember::judgement).anyMatch(Fitting::isLimitedOnTheBack),
                opening.stream().map(this::settled).toList(),
                release.stream().map(this::settled).toList());
        List<CommonExercise> work =
                work(Stream.concat(opening.stream(), release.stream()).toList());
        Map<Move, CommonExercise> known = Stream.of(opening, work, release)
                .flatMap(Collection::stream)
                .collect(Collectors.toMap(CommonExercise::move, one -> one, (one, other) -> one));
        return new ClassAsked(opening, release, frame, items(work), known);
    }

    /** What it costs that those rest who rested in the sheet before. */
    private int restedBefore(CommonExercise exercise) {
        return IntStream.range(0, members.size())
                .filter(exercise::rests)
                .map(member -> ClassScore.A_REST_AGAIN
                        * Math.min(
                                ClassScore.MOST_RESTS_COUNTED,
                                members.get(member).rested()))
                .sum();
    }

    private ClassSheet compose(List<ClassSheet.CannotCome> cannotCome) {
        ClassAsked asked = asked();
        RestRuns.WorkFound found = new RestRuns(asked.frame(), members.size(), asked.known()).best(asked.items());
        Timetable timetable = asked.frame().laid(found.work());
        List<CommonExercise> inOrder = Stream.of(
                        asked.opening(),
                        found.work().stream()
                                .map(pick -> asked.known().get(pick.move()))
                                .toList(),
                        asked.release())
                .flatMap(Collection::stream)
                .toList();
        List<CommonExercise> varied = OnceEach.of(fitting, inOrder, members.size());
        int lost = lost(found.work(), inOrder, varied);
        OptionalInt gap = lost == 0 ? found.gap() : OptionalInt.of(found.gap().orElse(0) + lost);
        return LaidOut.of(members, timetable, varied).sheet(cannotCome, found.quarters() - lost, gap, note(timetable));
    }

    /** What the work is worth less, in quarters, because nobody does an exercise twice. */
    private static int lost(List<Pick> work, List<CommonExercise> best, List<CommonExercise> varied) {
        int lost = 0;
        for (int at = 0; at < best.size(); at++) {
            Move move = best.get(at).move();
            int sets = work.stream()
                    .filter(pick -> pick.move().equals(move))
                    .mapToInt(pick -> pick.dose().sets())
                    .findFirst()
                    .orElse(0);
            lost += sets == 0 ? 0 : best.get(at).quarters(sets) - varied.get(at).quarters(sets);
        }
        return Math.max(0, lost);
    }

    private String note(Timetable timetable) {
        int asked = request.minutes() * SECONDS;
        return timetable.seconds() >= SHORTEST_SHARE * asked
                ? ""
                : "Shorter than asked: nothing more suits " + FEWEST_PERCENT + " % of them together.";
    }

    private Optional<CommonExercise> common(Move move) {
        return fitting.common(move, pick -> pick);
    }

    private List<CommonExercise> commonOf(ExerciseGroup strand) {
        return catalogue.stream()
                .filter(move -> move.strand() == strand)
                .flatMap(move -> common(move).stream())
                .toList();
    }

    /** Breath, the belly felt, and something that loosens; best where a change of position between them costs least. */
    private List<CommonExercise> opening() {
        List<List<CommonExercise>> ways = extended(List.of(List.of()), commonOf(ExerciseGroup.BREATH));
        ways = extended(
                ways,
                commonOf(ExerciseGroup.CONNECT).stream()
                        .filter(one -> !one.move().isEarned())
                        .toList());
        if (request.minutes() >= MOBILISING_FROM_MINUTES) {
            ways = extended(
                    ways,
                    commonOf(ExerciseGroup.MOBILITY).stream()
                            .filter(one -> one.move().load() == 0)
                            .toList());
        }
        Optional<List<CommonExercise>> easy =
                best(ways.stream().filter(this::isEasyOnAll).toList());
        return easy.isPresent() ? easy.get() : shortened(best(ways).orElse(List.of()));
    }

    private static List<CommonExercise> shortened(List<CommonExercise> way) {
        return way.subList(0, Math.min(way.size(), MOST_RESTS_RUNNING));
    }

    private Optional<List<CommonExercise>> best(List<List<CommonExercise>> ways) {
        return ways.stream().max(Comparator.comparingInt(this::worthOf));
    }

    /** Nobody rests all the while, and no three are on the wrists. */
    private boolean isEasyOnAll(List<CommonExercise> way) {
        boolean wrists =
                way.stream().filter(one -> one.move().has(Demand.WRIST)).count() > HardLine.MOST_ON_THE_WRISTS;
        boolean rests = way.size() > MOST_RESTS_RUNNING
                && IntStream.range(0, members.size())
                        .anyMatch(member -> way.stream().allMatch(one -> one.rests(member)));
        return !wrists && !rests;
    }

    /** Each with one more; as they are where there is none. */
    private static List<List<CommonExercise>> extended(List<List<CommonExercise>> ways, List<CommonExercise> next) {
        return next.isEmpty()
                ? ways
                : ways.stream()
                        .flatMap(way -> next.stream()
                                .map(one -> Stream.concat(way.stream(), Stream.of(one))
                                        .toList()))
                        .toList();
    }

    private int worthOf(List<CommonExercise> way) {
        int worth = 0;
        for (int i = 0; i < way.size(); i++) {
            worth += way.get(i).quarters(1) - ARRIVING_IN_ONE_PLACE * changeFrom(way.subList(0, i), way.get(i));
        }
        return worth;
    }

    /** Letting go at the end, lying last where that suits them. */
    private List<CommonExercise> release(List<CommonExercise> opening) {
        List<CommonExercise> places = new ArrayList<>(catalogue.stream()
                .filter(move -> move.strand() == ExerciseGroup.RELEASE && move.load() == 0)
                .flatMap(move -> fitting.common(move, ClassComposer::held).stream())
                .toList());
        List<CommonExercise> release = new ArrayList<>();
        int count = request.minutes() >= TWO_RELEASES_FROM_MINUTES ? 2 : 1;
        while (release.size() < count && !places.isEmpty()) {
            CommonExercise next = nearest(places, release).orElseThrow();
            release.add(next);
            places.remove(next);
        }
        release.sort(Comparator.comparing(one -> -Family.of(one.move()).height()));
        return release;
    }

    static Pick held(Pick pick) {
        boolean each = pick.move().sides() == Sides.EACH;
        return pick.withDose(new Dose(
                1, 1, each ? A_SIDE_SECONDS : RELEASE_SECONDS, 0, 0, pick.dose().perSide()));
    }

    /** The most wanted, a change of position from the one before taken off. */
    private Optional<CommonExercise> nearest(List<CommonExercise> candidates, List<CommonExercise> before) {
        return candidates.stream()
                .max(Comparator.<CommonExercise>comparingInt(
                                one -> one.quarters(1) - ARRIVING_IN_ONE_PLACE * changeFrom(before, one))
                        .thenComparing(one -> -one.move().rung()));
    }

    private int changeFrom(List<CommonExercise> before, CommonExercise next) {
        if (before.isEmpty()) {
            return 0;
        }
        Move last = before.get(before.size() - 1).move();
        return CommonWork.changeQuarters(last, next.move()) * members.size();
    }

    /** Once through, as it is called out. */
    private Pick settled(CommonExercise exercise) {
        Pick called = exercise.called();
        return called.withDose(called.dose().withSets(1));
    }

    private List<CommonExercise> work(List<CommonExercise> done) {
        Set<Move> used = new HashSet<>(done.stream().map(CommonExercise::move).toList());
        return catalogue.stream()
                .filter(move -> isWork(move) && !used.contains(move))
                .flatMap(move -> common(move).stream())
                .filter(one -> isLongEnough(one.called()))
                .toList();
    }

    private static boolean isWork(Move move) {
        return switch (move.strand()) {
            case BREATH, RELEASE -> false;
            case CONNECT -> move.isEarned();
            default -> true;
        };
    }

    private static boolean isLongEnough(Pick pick) {
        return pick.move().strand().isPelvicFloorLift() || pick.workSeconds() >= SHORTEST_WORK_SECONDS;
    }

    /** Of each group the most wanted, each worth less after those that are wanted more. */
    private List<CommonWork.CommonItem> items(List<CommonExercise> work) {
        Map<ExerciseGroup, List<CommonExercise>> groups = work.stream()
                .sorted(Comparator.comparingInt(one -> -one.quarters(1)))
                .collect(Collectors.groupingBy(one -> one.move().strand(), LinkedHashMap::new, Collectors.toList()));
        List<CommonWork.CommonItem> items = new ArrayList<>();
        groups.forEach((group, exercises) -> {
            List<CommonExercise> chosen = new ArrayList<>();
            exercises.stream()
                    .filter(one ->
                            chosen.size() < most(group) && chosen.stream().noneMatch(one::isOneWith))
                    .forEach(one -> {
                        items.add(item(one, chosen.size()));
                        chosen.add(one);
                    });
        });
        return items;
    }

    private static int most(ExerciseGroup group) {
        return switch (group) {
            case PELVIC_FLOOR_ENDURANCE, PELVIC_FLOOR_QUICK, PELVIC_FLOOR_AREAS, SCAR -> 1;
            case MOBILITY -> MOST_OF_MOBILITY;
            default -> MOST_OF_A_GROUP;
        };
    }

    private CommonWork.CommonItem item(CommonExercise exercise, int rank) {
        Pick called = exercise.called();
        int most = called.mostSets();
        boolean loads = exercise.move().load() > 0;
        int least = loads ? Math.min(most, Math.min(2, called.dose().sets())) : 1;
        int again =
                ClassScore.QUARTERS * (AGAIN * rank * (members.size() - exercise.resting()) - restedBefore(exercise));
        List<CommonWork.CommonSets> options = IntStream.rangeClosed(least, most)
                .mapToObj(sets -> new CommonWork.CommonSets(sets, exercise.quarters(sets) + again))
                .toList();
        return new CommonWork.CommonItem(called, options);
    }
}
