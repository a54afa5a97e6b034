package openbloom.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Example;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Move;
import openbloom.core.record.Client;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.Versions;
import openbloom.core.verdict.Women;

/** What every changed figure must hold: the same as every other, and that the change is to be seen. */
class ChangedTest {
    private static final Figures FIGURES = Figures.shipped();
    private static final Catalogue CATALOGUE = new CatalogueLoader(FIGURES).shipped();
    private static final int WOMEN = 1_000;
    private static final long SEED = 9;
    private static final List<BodyStage> STAGES =
            List.of(BodyStage.NEITHER, new BodyStage.Pregnant(24), new BodyStage.Pregnant(34));

    /** A move's figure with a change some rule can ask for, at one end. */
    private record Shown(String move, String figure, FigureChange change, BodyStage stage, Pose pose, Skeleton body) {
        String where(String what) {
            return move + " (" + figure + ") " + change + " " + stage + ": " + what;
        }
    }

    /** What the rules really ask of each move, found by judging it for a few hundred made women. */
    private static final Map<Move, Set<Adjustment>> ASKED = new LinkedHashMap<>();

    private static Map<Move, Set<Adjustment>> asked() {
        if (ASKED.isEmpty()) {
            judge();
        }
        return ASKED;
    }

    private static void judge() {
        for (Client woman : Women.some(WOMEN, SEED)) {
            for (Verdict verdict : Judgement.of(CATALOGUE, woman, Women.TODAY).all()) {
                Set<Adjustment> asked = ASKED.computeIfAbsent(verdict.move(), any -> EnumSet.noneOf(Adjustment.class));
                verdict.adjustments().stream()
                        .filter(adjustment -> Versions.seen(adjustment).isPresent())
                        .forEach(asked::add);
            }
        }
    }

    private static Stream<Adjustment> changesOf(Move move) {
        return asked().getOrDefault(move, Set.of()).stream();
    }

    private static Stream<Shown> everyBody() {
        return CATALOGUE.moves().stream()
                .flatMap(move -> changesOf(move)
                        .map(adjustment -> Versions.seen(adjustment).orElseThrow())
                        .distinct()
                        .flatMap(change -> STAGES.stream().flatMap(stage -> shown(move, change, stage))));
    }

    private static Stream<Shown> shown(Move move, FigureChange change, BodyStage stage) {
        String id = move.teaching().figure();
        Figure.Way way = Changed.way(FIGURES.figure(id).at(stage), EnumSet.of(change));
        Skeleton start = Posing.of(way.start(), stage);
        Skeleton end = start.to(Posing.of(way.end(), stage), Changed.share(Set.of(change)));
        return Stream.of(
                new Shown(move.id(), id, change, stage, way.start(), start),
                new Shown(move.id(), id, change, stage, way.end(), end));
    }

    /** Ranges of the usual clinical tables (AAOS, from memory, with room), as for every figure. */
    @Example
    void bendsJointsOnlyAsPeopleDo() {
        List<String> wrong = new ArrayList<>();
        everyBody().forEach(shown -> {
            for (Skeleton.SkeletonPart part : Skeleton.SkeletonPart.values()) {
                Limb limb = shown.body().limb(part);
                Vec down = shown.body().pelvis().along().times(-1);
                double hip = limb.first().along().degreesTo(down);
                if (limb.bend() < -6 || limb.bend() > 158 || part.isLeg() && hip > 146) {
                    wrong.add(shown.where("%s bends %.0f, hip %.0f".formatted(part, limb.bend(), hip)));
                }
            }
        });
        assertThat(wrong).isEmpty();
    }

    @Example
    void goesThroughNoFloorAndReachesWhatItReachesFor() {
        List<String> wrong = new ArrayList<>();
        everyBody().forEach(shown -> {
            for (Skeleton.Resting rest : List.of(
                    Skeleton.Resting.KNEES,
                    Skeleton.Resting.FEET,
                    Skeleton.Resting.HANDS,
                    Skeleton.Resting.SEAT,
                    Skeleton.Resting.HEAD,
                    Skeleton.Resting.ELBOWS)) {
                double low = shown.body().lowest(List.of(rest));
                if (low < -0.016) {
                    wrong.add(shown.where("%s at %.3f".formatted(rest, low)));
                }
            }
            boolean whole = Changed.share(Set.of(shown.change())) == 1;
            shown.pose().limbs().forEach((part, reach) -> {
                if (whole
                        && reach instanceof Pose.Reach.ReachTarget place
                        && !shown.pose().onTheSide()) {
                    Limb limb = shown.body().limb(part);
                    Vec at = part.isLeg() ? limb.sole() : limb.tip();
                    double off = at.minus(FigureTest.wanted(shown.body(), shown.stage(), part, place))
                                    .length()
                            - (part.isLeg() || place.grips() ? 0 : 0.014);
                    if (off > 0.012) {
                        wrong.add(shown.where("%s ends %.3f short".formatted(part, off)));
                    }
                }
            });
        });
        assertThat(wrong).isEmpty();
    }

    /** A label that changes nothing is a lie: what the rules change is to be seen, unless it is so already. */
    @Example
    void showsWhatIsChanged() {
        List<String> same = new ArrayList<>();
        for (Move move : CATALOGUE.moves()) {
            changesOf(move).forEach(adjustment -> {
                FigureChange change = Versions.seen(adjustment).orElseThrow();
                String figure = move.teaching().figure();
                boolean cannotShow =
                        change == FigureChange.SMALLER_RANGE && usual(figure).isHeld()
                                || change == FigureChange.SUPPORT_NEAR && hasSupport(usual(figure))
                                || change == FigureChange.TO_A_BOX && hasSupport(usual(figure))
                                || change == FigureChange.ARMS_LOW && hasLowArms(usual(figure));
                if (!cannotShow && picture(figure, Set.of(change)).equals(picture(figure, Set.of()))) {
                    same.add(move.id() + " (" + figure + ") " + adjustment);
                }
            });
        }
        assertThat(same).isEmpty();
    }

    /** No version that no adjustment reaches. */
    @Example
    void hasNoChangeThatNoRuleReaches() {
        Set<FigureChange> reached = asked().values().stream()
                .flatMap(Set::stream)
                .map(adjustment -> Versions.seen(adjustment).orElseThrow())
                .collect(Collectors.toSet());
        assertThat(reached).containsExactlyInAnyOrder(FigureChange.values());
    }

    private static Figure.Way usual(String figure) {
        return FIGURES.figure(figure).usual();
    }

    private static boolean hasSupport(Figure.Way way) {
        return way.start().props().stream().anyMatch(prop -> prop.kind().isSupport());
    }

    private static boolean hasLowArms(Figure.Way way) {
        Skeleton body = Posing.of(way.end(), BodyStage.NEITHER);
        return Stream.of(Skeleton.SkeletonPart.NEAR_ARM, Skeleton.SkeletonPart.FAR_ARM)
                .allMatch(part ->
                        body.limb(part).hold().y() < body.shoulder(part.side()).y() + 0.06);
    }

    private static String picture(String figure, Set<FigureChange> changes) {
        return FIGURES.picture(
                figure, new FigureStyle(BodyStage.NEITHER, false, "#3F6B57", "", "", changes, Optional.empty()));
    }
}
