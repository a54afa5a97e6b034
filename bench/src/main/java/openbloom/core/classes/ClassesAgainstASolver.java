package openbloom.core.classes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import openbloom.core.YesNoUnknown;
import openbloom.core.dating.Dating;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.program.Goals;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.Falls;
import openbloom.core.record.Goal;
import openbloom.core.record.Training;
import openbloom.core.screening.SymptomReport;
import openbloom.core.session.ClassRests;
import openbloom.core.session.ClassSolver;
import openbloom.core.session.Format;
import openbloom.core.session.History;
import openbloom.core.session.Place;
import openbloom.core.session.PlannedDay;
import openbloom.core.session.SessionRequest;
import openbloom.core.session.Wishes;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.Judgement;

/**
 * Small classes against a general solver on the same score and the same lines, rests included: never below it, and how much
 * faster. {@code ./bloom bench classes [classes] [seconds for the solver]}.
 */
public final class ClassesAgainstASolver {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    private ClassesAgainstASolver() {}

    public static void main(String[] args) {
        int classes = args.length > 0 ? Integer.parseInt(args[0]) : 50;
        double seconds = args.length > 1 ? Double.parseDouble(args[1]) : 10;
        Random chance = new Random(20261130);
        int below = 0;
        int proved = 0;
        double ours = 0;
        double theirs = 0;
        for (int i = 0; i < classes; i++) {
            ClassRequest request = request(chance);
            ClassComposer.compose(request);
            long from = System.nanoTime();
            ClassSheet sheet = ClassComposer.compose(request);
            double tookMs = (System.nanoTime() - from) / 1e6;
            if (sheet.items().isEmpty()) {
                System.out.printf("%2d  nobody comes together%n", i + 1);
                continue;
            }
            from = System.nanoTime();
            ClassComposer.ClassAsked asked = ClassComposer.asked(request);
            ClassSolver.ClassBest best = ClassSolver.best(
                    asked.frame(),
                    asked.items(),
                    new Rests(asked, sheet.members().size()),
                    seconds);
            double solverMs = (System.nanoTime() - from) / 1e6;
            int found = new RestRuns(asked.frame(), sheet.members().size(), asked.known())
                    .best(asked.items())
                    .quarters();
            ours += tookMs;
            theirs += solverMs;
            below += found < best.quarters() ? 1 : 0;
            proved += best.proved() ? 1 : 0;
            System.out.printf(
                    "%2d  %d women, %2d min  composer %6d in %6.1f ms   solver %6d in %8.0f ms %s%s%n",
                    i + 1,
                    sheet.members().size(),
                    request.minutes(),
                    found,
                    tookMs,
                    best.quarters(),
                    solverMs,
                    best.proved() ? "proved" : "",
                    found < best.quarters() ? "  BELOW, gap told " + sheet.gap() : "");
        }
        System.out.printf(
                "below the solver: %d of %d; proved by it: %d; composer %.1f ms on average, %.0f × faster%n",
                below, classes, proved, ours / classes, theirs / ours);
    }

    /** @param women how many take part */
    private record Rests(ClassComposer.ClassAsked asked, int women) implements ClassRests {
        @Override
        public int most() {
            return ClassComposer.MOST_RESTS_RUNNING;
        }

        @Override
        public boolean rests(Move move, int woman) {
            return asked.known().get(move).rests(woman);
        }

        @Override
        public int before(int woman) {
            int running = 0;
            for (CommonExercise one : asked.opening()) {
                running = one.rests(woman) ? running + 1 : 0;
            }
            return running;
        }

        @Override
        public int after(int woman) {
            int running = 0;
            for (CommonExercise one : asked.release()) {
                if (!one.rests(woman)) {
                    return running;
                }
                running++;
            }
            return running;
        }
    }

    private static ClassRequest request(Random chance) {
        int minutes = 20 + 5 * chance.nextInt(3);
        int size = 2 + chance.nextInt(3);
        List<ClassMember> members = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            Goal goal = Goal.values()[chance.nextInt(Goal.values().length)];
            Map<ExerciseGroup, Integer> aims = Goals.worth(List.of(goal));
            members.add(new ClassMember(
                    "W" + i,
                    Judgement.of(CATALOGUE, woman(chance), DAY),
                    SessionRequest.of(minutes, Place.STUDIO, 0, History.NONE)
                            .in(Format.of(Format.FormatKind.SETS))
                            .wanting(new Wishes(
                                    List.of(goal),
                                    aims,
                                    aims.keySet(),
                                    Set.of(),
                                    Set.of(),
                                    List.of(),
                                    PlannedDay.NONE))));
        }
        return new ClassRequest(minutes, members);
    }

    private static Client woman(Random chance) {
        Client.Builder her = Client.of(1, 1, 25 + chance.nextInt(45))
                .warningSigns(DAY, Set.of())
                .conditions(DAY, Set.of())
                .symptoms(SymptomReport.none(DAY))
                .falls(Falls.NONE)
                .trained(Training.values()[chance.nextInt(Training.values().length)])
                .equipment(Set.of(Equipment.CHAIR, Equipment.BAND, Equipment.BLOCK));
        return switch (chance.nextInt(3)) {
            case 0 ->
                her.pregnant(Dating.stated(
                                DAY.minusWeeks(10 + chance.nextInt(25)).plusDays(280)))
                        .build();
            case 1 ->
                her.gaveBirth(new Birth(
                                DAY.minusDays(70 + chance.nextInt(300)),
                                BirthKind.VAGINAL,
                                Tear.NONE,
                                YesNoUnknown.YES))
                        .cleared(Clearance.of(DAY.minusDays(20), "midwife", List.of()))
                        .build();
            default -> her.build();
        };
    }
}
