package openbloom.core.session;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.UniqueElements;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Purpose;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.program.Goals;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;

/** Every hard line of a session, for generated women, every length and every format. */
@Tag("long")
class SessionRulesTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Pattern LIFTS_THE_FLOOR =
            Pattern.compile("(?i)pelvic floor lift|(?<!nothing; )(lift|draw up|squeeze|tighten)[^.;]* pelvic floor");
    private static final Wishes WISHES = Wishes.of(Map.of(
            ExerciseGroup.LIMB_LOAD,
            30,
            ExerciseGroup.BRIDGE,
            30,
            ExerciseGroup.IMPACT,
            20,
            ExerciseGroup.FRONT_SUPPORT,
            10));

    private static Session compose(
            Judgement judgement, int minutes, Format.FormatKind kind, long seed, List<Goal> goals) {
        int fitting = kind == Format.FormatKind.FIVE_MINUTES ? Math.min(10, minutes) : minutes;
        return Composer.compose(
                judgement,
                SessionRequest.of(fitting, Place.HOME, seed, History.NONE)
                        .in(Format.of(kind))
                        .wanting(goals.isEmpty() ? WISHES : wishes(goals)));
    }

    private static Wishes wishes(List<Goal> goals) {
        Map<ExerciseGroup, Integer> aims = Goals.worth(goals);
        return new Wishes(goals, aims, aims.keySet(), Set.of(), Set.of(), List.of(), PlannedDay.NONE);
    }

    /** For nothing in particular, and divided by up to three goals. */
    @Property(seed = "20261126")
    void keepsEveryHardLine(
            @ForAll Client woman,
            @ForAll @IntRange(min = 5, max = 75) int minutes,
            @ForAll Format.FormatKind kind,
            @ForAll @Size(max = 3) @UniqueElements List<Goal> goals) {
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        Session session = compose(judgement, minutes, kind, minutes, goals);
        assertThat(compose(judgement, minutes, kind, minutes, goals))
                .as("the same again")
                .isEqualTo(session);
        List<SessionItem> items = session.items();
        assertThat(items).allMatch(item -> judgement.of(item.move()).passes());
        assertThat(items).allMatch(item -> item.adjustments().stream().allMatch(change -> change.fits(item.move())));
        assertThat(session.seconds()).isLessThanOrEqualTo((int) (minutes * 63));
        assertThat(session.secondsOn(Side.LEFT)).isEqualTo(session.secondsOn(Side.RIGHT));
        assertThat(items)
                .as("what is counted takes the time that was planned")
                .allMatch(item -> item.counting(session.format()).seconds() == item.workSeconds());
        if (kind == Format.FormatKind.BREATH_AND_FLOOR) {
            assertThat(session.transitions())
                    .as(() -> "changes of position: "
                            + items.stream().map(SessionItem::moveId).toList())
                    .isLessThanOrEqualTo(judgement.facts().isFloorToLetGo() ? 3 : 2);
        }
        assertThat(session.parts().stream().mapToInt(SessionPart::items).sum())
                .as("every item belongs to a part")
                .isEqualTo(items.size());
        if (kind == Format.FormatKind.GYM_CARD) {
            return;
        }
        assertThat(Edited.of(Outline.of(session), judgement).broken())
                .as("what is composed breaks nothing the editor knows")
                .isEmpty();
        parts(items, kind);
        work(judgement, session, minutes, kind);
        if (goals.isEmpty() || kind != Format.FormatKind.SETS) {
            visits(session);
        }
        floor(judgement, items);
        onTheBack(judgement, items);
        tight(judgement, session);
    }

    private static void parts(List<SessionItem> items, Format.FormatKind kind) {
        List<Part> order = items.stream().map(SessionItem::part).toList();
        assertThat(order).isSorted();
        assertThat(items)
                .filteredOn(item -> item.part() == Part.RELEASE)
                .allMatch(item -> item.move().strand() == ExerciseGroup.BREATH
                        || item.move().strand() == ExerciseGroup.RELEASE
                                && item.workSeconds() >= 60
                                && item.workSeconds() <= 180);
        if (items.stream().anyMatch(item -> item.move().strand() == ExerciseGroup.BREATH)) {
            assertThat(items.get(0).move().purpose()).isEqualTo(Purpose.BREATH);
        }
        assertThat(kind == Format.FormatKind.FIVE_MINUTES && order.contains(Part.RELEASE))
                .isFalse();
    }

    private static void work(Judgement judgement, Session session, int minutes, Format.FormatKind kind) {
        List<SessionItem> work = session.items().stream()
                .filter(item -> item.part() == Part.WORK)
                .toList();
        if (kind == Format.FormatKind.BREATH_AND_FLOOR || work.isEmpty()) {
            return;
        }
        Set<Object> moves = new HashSet<>();
        work.stream()
                .filter(item -> item.move().strand() != ExerciseGroup.RELEASE)
                .forEach(item -> moves.add(item.move()));
        int most = switch (kind) {
            case INTERVALS -> 20;
            case ROUNDS -> 6;
            case FIVE_MINUTES -> Math.max(5, Math.min(10, minutes) * 3 / 5);
            default -> Math.min(20, minutes / 2);
        };
        assertThat(moves).hasSizeLessThanOrEqualTo(most);
        assertThat(work.get(0).move().demands().midlineLoad()).isLessThanOrEqualTo(2);
        long fresh = work.stream()
                .filter(item -> item.pick().isNew())
                .map(SessionItem::move)
                .distinct()
                .count();
        assertThat(fresh).isLessThanOrEqualTo(minutes <= 20 ? 5 : 8);
        int run = 0;
        int time = 0;
        Object before = null;
        for (SessionItem item : session.items()) {
            time += item.seconds();
            if (item.part() == Part.WORK && item.move() != before) {
                run = item.move().has(Demand.WRIST) ? run + 1 : 0;
                assertThat(run).isLessThanOrEqualTo(session.format().passes() > 1 ? 4 : 2);
            }
            before = item.move();
            if (item.move().isImpact() && session.format().passes() == 1) {
                assertThat(time).isLessThanOrEqualTo(minutes * 30 + 10);
            }
            assertThat(item.move().isFullFrontSupport() && item.dose().stillSeconds() > 60)
                    .isFalse();
        }
        if (judgement.facts().isPregnant()) {
            assertThat(moves.stream()
                            .filter(move -> ((openbloom.core.moves.Move) move).purpose() == Purpose.FRONT_SUPPORT))
                    .hasSizeLessThanOrEqualTo(1);
        }
    }

    /**
     * Each family of positions once, inside it by rising load, but that one step heavier may come before its turn beside what opposes
     * it or between two alike; letting go may stand between.
     */
    private static void visits(Session session) {
        Format format = session.format();
        if (format.passes() > 1 || format.kind() == Format.FormatKind.BREATH_AND_FLOOR) {
            return;
        }
        List<SessionItem> work = session.items().stream()
                .filter(item -> item.part() == Part.WORK)
                .toList();
        List<Family> visited = new ArrayList<>();
        int load = 0;
        for (SessionItem item : work) {
            Family family = Family.of(item.move());
            if (visited.isEmpty() || visited.get(visited.size() - 1) != family) {
                assertThat(visited).doesNotContain(family);
                visited.add(family);
                load = 0;
            }
            boolean rests = item.move().strand() == ExerciseGroup.RELEASE;
            assertThat(rests ? load : item.move().load()).isGreaterThanOrEqualTo(load - 1);
            load = rests ? load : Math.max(load, item.move().load());
        }
        List<Family> sorted = visited.stream().sorted().toList();
        List<Family> reversed = new ArrayList<>(sorted);
        java.util.Collections.reverse(reversed);
        assertThat(visited).isIn(sorted, reversed);
    }

    private static void floor(Judgement judgement, List<SessionItem> items) {
        Prescription practice = judgement
                .facts()
                .pelvicPractice(judgement.facts().client().checks().pelvicFloor());
        int contractions = items.stream()
                .filter(item -> item.move().strand().isPelvicFloorLift())
                .mapToInt(item -> item.dose().sets() * item.dose().repetitions())
                .sum();
        assertThat(contractions).isLessThanOrEqualTo(practice.contractionsPerDay());
    }

    private static void onTheBack(Judgement judgement, List<SessionItem> items) {
        int seconds = 0;
        boolean limited = false;
        for (SessionItem item : items) {
            boolean back = item.move().isOnTheBack();
            seconds = back ? seconds + item.workSeconds() : 0;
            limited = back && (limited || item.adjustments().contains(Adjustment.SHORT_BOUTS_ON_THE_BACK));
            assertThat(limited && seconds > 180)
                    .as(() -> judgement.facts().day() + "")
                    .isFalse();
        }
    }

    /** At least 45 % for breath, release and letting go; no lift-first cue is a matter of the words. */
    /** Of a floor that must let go (common practice, no source): letting go is spread, never more than two running. */
    private static void releasesRunning(Session session) {
        int running = 0;
        for (int at = 0; at < session.items().size(); at++) {
            SessionItem item = session.items().get(at);
            boolean otherSide = at > 0 && item.isOtherSideOf(session.items().get(at - 1));
            running = item.move().strand() != ExerciseGroup.RELEASE ? 0 : otherSide ? running : running + 1;
            assertThat(running)
                    .as(session.items().stream()
                            .map(one -> one.move().id())
                            .toList()
                            .toString())
                    .isLessThanOrEqualTo(2);
        }
    }

    private static void tight(Judgement judgement, Session session) {
        boolean tight = judgement.facts().client().checks().pelvicFloor().isTight();
        if (judgement.facts().isFloorToLetGo()) {
            session.items().forEach(item -> neverLifts(judgement, item));
        }
        int rest = session.items().stream()
                .filter(item -> item.move().strand() == ExerciseGroup.BREATH
                        || item.move().strand() == ExerciseGroup.RELEASE)
                .mapToInt(SessionItem::workSeconds)
                .sum();
        boolean works = session.items().stream().anyMatch(item -> item.part() == Part.WORK);
        assertThat(session.items())
                .as("a breath among the releases is for a floor that has to let go")
                .noneMatch(item -> !judgement.facts().isFloorToLetGo()
                        && item.part() == Part.RELEASE
                        && item.move().strand() != ExerciseGroup.RELEASE);
        boolean breathes = session.items().stream().anyMatch(item -> item.move().strand() == ExerciseGroup.BREATH);
        if (judgement.facts().isFloorToLetGo()
                && works
                && breathes
                && session.format().rules().isInSets()) {
            releasesRunning(session);
        }
        if (tight && works) {
            assertThat(rest)
                    .as(() -> session.format() + " " + session.seconds() + " s: "
                            + session.items().stream()
                                    .map(item -> item.part() + " " + item.move().id() + " " + item.seconds())
                                    .toList())
                    .isGreaterThanOrEqualTo((int) (0.45 * session.seconds()) - 15);
        }
    }

    /** Neither the words she hears, nor how it is set up, nor what is added tells a floor that has to let go to lift. */
    private static void neverLifts(Judgement judgement, SessionItem item) {
        String said = judgement.cue(item.move()) + " "
                + String.join(" ", item.move().teaching().setup());
        assertThat(LIFTS_THE_FLOOR.matcher(said).find())
                .as(() -> item.move().id() + ": " + said)
                .isFalse();
        assertThat(item.adjustments()).doesNotContain(Adjustment.PRE_LIFT);
        assertThat(!item.move().strand().isPelvicFloorLift()
                        || item.adjustments().contains(Adjustment.ATTENTION_ONLY))
                .as(item.move().id())
                .isTrue();
    }
}
