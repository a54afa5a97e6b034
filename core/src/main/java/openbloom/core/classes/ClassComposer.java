package openbloom.core.classes;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Sides;
import openbloom.core.record.Goal;
import openbloom.core.session.CommonWork;
import openbloom.core.session.Family;
import openbloom.core.session.Fitting;
import openbloom.core.session.Part;
import openbloom.core.session.Pick;
import openbloom.core.session.SessionItem;
import openbloom.core.session.Timetable;
import openbloom.core.verdict.Adjustment;

/**
 * Composes a class: arriving, work, letting go, in one sequence for all. An exercise is taken only where at least 60 % of the
 * women do it itself; the others do another of the same purpose in the same family of positions, or rest with breath, nobody more
 * than twice running. The work is worth the most there is, exactly where nobody would rest too long in it; else the best found,
 * with its gap.
 */
public final class ClassComposer {
    /** Of the members, who do an exercise itself (common practice, no source). */
    static final int FEWEST_PERCENT = 60;

    static final int MOST_RESTS_RUNNING = 2;

    private static final int PERCENT = 100;
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
    private final Map<Integer, Map<Move, Pick>> fitting = new HashMap<>();
    private final Map<List<Object>, List<Move>> alike;

    private ClassComposer(ClassRequest request, ComeTogether who) {
        this.request = request;
        this.members = who.come();
        this.catalogue = members.get(0).judgement().catalogue().moves();
        this.alike = catalogue.stream().collect(Collectors.groupingBy(ClassComposer::kind));
        for (int member = 0; member < members.size(); member++) {
            fitting.put(member, who.fits().get(members.get(member)));
        }
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

    /**
     * Everything that fits her, as she would do it; what the room lacks is made good for all, and which side she begins with is
     * said once for all the class: neither is a way of hers.
     */
    static Map<Move, Pick> fits(ClassMember member) {
        Fitting fitting = member.fitting();
        Map<Move, Pick> fits = new IdentityHashMap<>();
        for (Move move : member.judgement().catalogue().moves()) {
            fitting.itself(move)
                    .ifPresent(pick -> fits.put(
                            move, pick.without(Adjustment.USE_SUBSTITUTE).without(Adjustment.WEAKER_SIDE_FIRST)));
        }
        return fits;
    }

    /** What may stand in for each other: the same purpose in the same family of positions. */
    static List<Object> kind(Move move) {
        return List.of(move.purpose(), Family.of(move));
    }

    private ClassSheet compose(List<ClassSheet.CannotCome> cannotCome) {
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
        RestRuns.Found found = new RestRuns(frame, members.size(), known).best(items(work));
        Timetable timetable = frame.laid(found.work());
        List<ClassItem> items = laid(timetable, known);
        return new ClassSheet(
                members,
                cannotCome,
                items,
                timetable.items(),
                unserved(items),
                Watching.of(members, items),
                timetable.seconds(),
                timetable.transitions(),
                found.quarters(),
                found.gap(),
                note(timetable));
    }

    private String note(Timetable timetable) {
        int asked = request.minutes() * SECONDS;
        return timetable.seconds() >= SHORTEST_SHARE * asked
                ? ""
                : "Shorter than asked: nothing more suits " + FEWEST_PERCENT + " % of them together.";
    }

    /** Who does an exercise itself, where they are enough. */
    private Optional<CommonExercise> common(Move move) {
        return common(move, pick -> pick);
    }

    private Optional<CommonExercise> common(Move move, UnaryOperator<Pick> dosed) {
        Map<Integer, Pick> itself = new LinkedHashMap<>();
        for (int member = 0; member < members.size(); member++) {
            Pick pick = fitting.get(member).get(move);
            if (pick != null) {
                itself.put(member, dosed.apply(pick));
            }
        }
        if (itself.size() * PERCENT < FEWEST_PERCENT * members.size()) {
            return Optional.empty();
        }
        CommonExercise common = new CommonExercise(move, itself, members.size());
        List<Move> others = alike.get(kind(move)).stream()
                .filter(other -> !other.equals(move))
                .toList();
        common.letOthersDo(others, fitting);
        common.letSomeGoFurther(others, fitting);
        return common.ways() > CommonExercise.MOST_WAYS ? Optional.empty() : Optional.of(common);
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
        return ways.stream().max(Comparator.comparingInt(this::worthOf)).orElse(List.of());
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
                .flatMap(move -> common(move, ClassComposer::held).stream())
                .toList());
        List<CommonExercise> release = new ArrayList<>();
        int count = request.minutes() >= TWO_RELEASES_FROM_MINUTES ? 2 : 1;
        while (release.size() < count && !places.isEmpty()) {
            CommonExercise next = nearest(places, release).orElseThrow();
            release.add(next);
            places.remove(next);
        }
        release.sort(Comparator.comparing(one -> -Family.of(one.move()).ordinal()));
        return release;
    }

    private static Pick held(Pick pick) {
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
        int again = ClassScore.QUARTERS * AGAIN * rank * (members.size() - exercise.resting());
        List<CommonWork.CommonSets> options = IntStream.rangeClosed(least, most)
                .mapToObj(sets -> new CommonWork.CommonSets(sets, exercise.quarters(sets) + again))
                .toList();
        return new CommonWork.CommonItem(called, options);
    }

    private List<ClassItem> laid(Timetable timetable, Map<Move, CommonExercise> known) {
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
            CommonExercise exercise = known.get(item.move());
            items.add(new ClassItem(
                    item.part(),
                    item.pick(),
                    startsAt,
                    seconds,
                    exercise.versions(item.dose().sets())));
            startsAt += seconds;
        }
        return items;
    }

    private List<ClassSheet.Unserved> unserved(List<ClassItem> items) {
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
