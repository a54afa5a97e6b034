package openbloom.core.classes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.program.Goals;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.record.LadderStatus;
import openbloom.core.record.Training;
import openbloom.core.session.Format;
import openbloom.core.session.History;
import openbloom.core.session.Pick;
import openbloom.core.session.Place;
import openbloom.core.session.PlannedDay;
import openbloom.core.session.SessionRequest;
import openbloom.core.session.Wishes;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Women;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Six weeks of one class in which everybody does everything well. Numbers: common practice, no source. */
@Tag("long")
class ClassSeriesTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final int WEEKS = 6;
    private static final int MINUTES = 45;

    /** A woman while the weeks go by. */
    private static final class Weeks {
        private final String name;
        private final Goal goal;
        private final Client client;
        private final Map<ExerciseGroup, Integer> rungs = new EnumMap<>(ExerciseGroup.class);
        private final List<List<String>> recent = new ArrayList<>();
        private final Set<String> known = new HashSet<>();
        private final Map<ExerciseGroup, LadderStatus.Working> decided = new EnumMap<>(ExerciseGroup.class);
        private final Map<String, Integer> times = new HashMap<>();
        private int rested;

        Weeks(String name, Client client, Goal goal) {
            this.name = name;
            this.client = client;
            this.goal = goal;
        }

        ClassMember member() {
            Map<ExerciseGroup, Integer> aims = Goals.worth(List.of(goal));
            Client now = client.but()
                    .standing(new LadderStatus(
                            rungs, Map.of(), Map.of(), decided, false, LadderStatus.AgainstLoadCheck.NOTHING))
                    .build();
            return new ClassMember(
                    name,
                    Judgement.of(CATALOGUE, now, Women.TODAY),
                    SessionRequest.of(MINUTES, Place.STUDIO, 0, new History(recent, known))
                            .in(Format.of(Format.FormatKind.SETS))
                            .wanting(new Wishes(
                                    List.of(goal),
                                    aims,
                                    aims.keySet(),
                                    Set.of(),
                                    Set.of(),
                                    List.of(),
                                    PlannedDay.NONE)),
                    rested);
        }

        void did(ClassSheet sheet, int member) {
            List<Move> moves = sheet.items().stream()
                    .flatMap(item -> item.of(member).pick().stream())
                    .map(Pick::move)
                    .toList();
            moves.stream().filter(Move::isEarned).forEach(this::didWell);
            recent.add(0, moves.stream().map(Move::id).toList());
            if (recent.size() > 3) {
                recent.remove(3);
            }
            moves.forEach(move -> known.add(move.id()));
            rested = sheet.items().size() - moves.size();
        }

        /** After two good weeks on a rung the next is decided. */
        private void didWell(Move move) {
            rungs.merge(move.strand(), move.rung(), Math::max);
            int twice = times.merge(move.strand() + " " + move.rung(), 1, Integer::sum);
            if (twice >= 2 && move.rung() == rungs.get(move.strand())) {
                decided.put(move.strand(), new LadderStatus.Working(move.rung() + 1, 1));
            }
        }
    }

    private static List<Weeks> women() {
        return List.of(
                new Weeks("Ada", ClassComposerTest.pregnant(16), Goal.SUPPORT_MIDLINE),
                new Weeks("Bea", ClassComposerTest.born(300), Goal.STOP_LEAKING),
                new Weeks("Cleo", ClassComposerTest.base(58).build(), Goal.STRONG_BONES),
                new Weeks(
                        "Dora",
                        ClassComposerTest.base(35).trained(Training.REGULAR).build(),
                        Goal.KEEP_ACTIVE));
    }

    @Test
    void sixWeeksGoFurtherForEachAndVaryWithoutBecomingAnotherClass() {
        List<Weeks> women = women();
        List<ClassSheet> sheets = new ArrayList<>();
        Map<String, Map<ExerciseGroup, Integer>> first = new LinkedHashMap<>();
        for (int week = 0; week < WEEKS; week++) {
            ClassSheet sheet = ClassComposer.compose(
                    new ClassRequest(MINUTES, women.stream().map(Weeks::member).toList()));
            assertThat(sheet.members()).hasSize(women.size());
            assertThat(ClassEdited.of(ClassOutline.of(sheet), sheet.members()).broken())
                    .isEmpty();
            IntStream.range(0, women.size()).forEach(at -> women.get(at).did(sheet, at));
            sheets.add(sheet);
            if (week == 0) {
                women.forEach(woman -> first.put(woman.name, new EnumMap<>(woman.rungs)));
            }
        }
        for (int week = 1; week < WEEKS; week++) {
            assertThat(shared(sheets, week, Move::id))
                    .as("exercises of week %s again", week + 1)
                    .isLessThanOrEqualTo(0.9);
            assertThat(shared(sheets, week, Move::strand))
                    .as("progressions of week %s again", week + 1)
                    .isGreaterThanOrEqualTo(0.6);
        }
        Map<String, Long> further = new LinkedHashMap<>();
        for (Weeks woman : women) {
            Map<ExerciseGroup, Integer> before = first.get(woman.name);
            further.put(
                    woman.name,
                    woman.rungs.entrySet().stream()
                            .filter(now ->
                                    before.containsKey(now.getKey()) && now.getValue() > before.get(now.getKey()))
                            .count());
        }
        assertThat(further.values())
                .as("progressions on which each went further: %s", further)
                .allMatch(ladders -> ladders >= 2);
    }

    /** Of what is in the sheet of a week, how much was in the one before. */
    private static double shared(List<ClassSheet> sheets, int week, Function<Move, Object> what) {
        Set<Object> now = all(sheets.get(week), what);
        Set<Object> again = new HashSet<>(now);
        again.retainAll(all(sheets.get(week - 1), what));
        return (double) again.size() / now.size();
    }

    private static Set<Object> all(ClassSheet sheet, Function<Move, Object> what) {
        return sheet.items().stream().map(ClassItem::move).map(what).collect(Collectors.toSet());
    }

    /** Whoever rested often last week rests no more often than if she had not, and somewhere less often. */
    @Example
    void whoRestedLastTimeHasHerTurn() {
        Map<Integer, Integer> counted = new HashMap<>();
        for (ClassRequest request : ClassComposerTest.generated()) {
            ClassSheet usual = ClassComposer.compose(request);
            for (int member = 0; member < usual.members().size() && member < 2; member++) {
                String name = usual.members().get(member).name();
                ClassSheet turned = ClassComposer.compose(new ClassRequest(
                        request.minutes(),
                        request.members().stream()
                                .map(one -> one.name().equals(name)
                                        ? new ClassMember(name, one.judgement(), one.request(), 3)
                                        : one)
                                .toList()));
                counted.merge(Long.compare(rests(turned, name), rests(usual, name)), 1, Integer::sum);
            }
        }
        assertThat(counted.getOrDefault(-1, 0))
                .as("rests less, in all %s", counted)
                .isPositive();
        assertThat(counted.getOrDefault(1, 0))
                .as("rests more, in all %s", counted)
                .isZero();
    }

    private static long rests(ClassSheet sheet, String name) {
        int member = sheet.members().stream().map(ClassMember::name).toList().indexOf(name);
        return sheet.items().stream()
                .filter(item -> item.of(member).how() == TakesPart.RESTS)
                .count();
    }
}
