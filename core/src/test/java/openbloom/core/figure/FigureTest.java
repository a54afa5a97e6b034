package openbloom.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What every figure must hold, in every stage in which it is drawn; the expected values stand before each test. */
class FigureTest {
    private static final Figures FIGURES = Figures.shipped();
    private static final List<BodyStage> STAGES = List.of(
            BodyStage.NEITHER,
            new BodyStage.Pregnant(8),
            new BodyStage.Pregnant(16),
            new BodyStage.Pregnant(24),
            new BodyStage.Pregnant(32),
            new BodyStage.Pregnant(40),
            new BodyStage.AfterBirth(2));

    /** A figure at one end in one stage. */
    private record Shown(String id, Pose pose, BodyStage stage, Skeleton body) {
        String where(String what) {
            return id + "/" + pose.id() + " " + stage + ": " + what;
        }
    }

    private static Stream<Shown> everyBody() {
        return FIGURES.ids().stream().flatMap(id -> STAGES.stream().flatMap(stage -> shown(id, stage)));
    }

    private static Stream<Shown> shown(String id, BodyStage stage) {
        Figure.Way way = FIGURES.figure(id).at(stage);
        return Stream.of(way.start(), way.end())
                .distinct()
                .map(pose -> new Shown(id, pose, stage, Posing.of(pose, stage)));
    }

    /**
     * Shares of stature after Drillis and Contini 1966, in Winter (from memory): thigh .245, shank .246, forearm .146, foot
     * height .039. Upper arm .186 is drawn as .172: by eye.
     */
    @Test
    void keepsEverySegmentsLengthOnTheWay() {
        List<String> wrong = new ArrayList<>();
        for (String id : FIGURES.ids()) {
            Figure.Way way = FIGURES.figure(id).usual();
            Skeleton from = Posing.of(way.start(), BodyStage.NEITHER);
            Skeleton to = Posing.of(way.end(), BodyStage.NEITHER);
            for (double share : new double[] {0, 0.3, 0.7, 1}) {
                Skeleton body = from.to(to, share);
                for (Skeleton.SkeletonPart part : Skeleton.SkeletonPart.values()) {
                    Limb limb = body.limb(part);
                    double first = limb.middle().minus(limb.root()).length();
                    double second = limb.tip().minus(limb.middle()).length();
                    double one = part.isLeg() ? 0.245 : 0.172;
                    double two = part.isLeg() ? 0.246 : 0.146;
                    boolean attached = limb.root().minus(body.root(part)).length() < 1e-6;
                    if (Math.abs(first - one) > 1e-6 || Math.abs(second - two) > 1e-6 || !attached) {
                        wrong.add(id + " " + part + " at " + share);
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** Ranges of the usual clinical tables (AAOS, from memory, with room): knee 0–155, elbow 0–155, hip to 140. */
    @Test
    void bendsJointsOnlyAsPeopleDo() {
        List<String> wrong = new ArrayList<>();
        everyBody().forEach(shown -> {
            for (Skeleton.SkeletonPart part : Skeleton.SkeletonPart.values()) {
                Limb limb = shown.body().limb(part);
                if (limb.bend() < -6 || limb.bend() > 158) {
                    wrong.add(shown.where(part + " bends " + Math.round(limb.bend())));
                }
                Vec down = shown.body().pelvis().along().times(-1);
                if (part.isLeg() && limb.first().along().degreesTo(down) > 142) {
                    wrong.add(shown.where(
                            part + " hip " + Math.round(limb.first().along().degreesTo(down))));
                }
            }
        });
        assertThat(wrong).isEmpty();
    }

    /** Half a hundredth of stature is 8 mm in a woman of 165 cm. */
    @Test
    void reachesWhatItReachesForAndRestsOnWhatItRestsOn() {
        List<String> wrong = new ArrayList<>();
        everyBody().forEach(shown -> {
            shown.pose().limbs().forEach((part, reach) -> {
                if (reach instanceof Pose.Reach.ReachTarget place
                        && !shown.pose().onTheSide()) {
                    Limb limb = shown.body().limb(part);
                    Vec at = part.isLeg() ? limb.sole() : limb.tip();
                    double off = at.minus(wanted(shown.body(), shown.stage(), part, place))
                                    .length()
                            - (part.isLeg() || place.grips() ? 0 : 0.014);
                    if (off > 0.006) {
                        wrong.add(shown.where(part + " ends %.3f short".formatted(off)));
                    }
                }
            });
            if (shown.pose().ground().hips().isEmpty()) {
                double off = shown.body().lowest(shown.pose().ground().rests())
                        - shown.pose().ground().height();
                if (Math.abs(off) > 0.005) {
                    wrong.add(shown.where("floats %.3f".formatted(off)));
                }
            }
        });
        assertThat(wrong).isEmpty();
    }

    /** Where a hand or foot is to be: a hand that would be in the belly lies on it. */
    static Vec wanted(Skeleton body, BodyStage stage, Skeleton.SkeletonPart part, Pose.Reach.ReachTarget place) {
        return part.isLeg() ? place.target() : new BellyRoom(body, stage).outside(place.target());
    }

    /** Arms, thighs and the floor do not cut into the belly; skin gives way by about two centimetres (by eye). */
    @Test
    void leavesTheBellyItsRoom() {
        List<String> wrong = new ArrayList<>();
        everyBody().forEach(shown -> {
            BellyRoom room = new BellyRoom(shown.body(), shown.stage());
            if (room.isAboveTheFloor() && room.deepest() < 0.76) {
                wrong.add(shown.where("a limb at %.2f of the way to the skin".formatted(room.deepest())));
            }
        });
        assertThat(wrong).isEmpty();
    }

    @Test
    void goesThroughNoFloor() {
        List<String> wrong = new ArrayList<>();
        everyBody().forEach(shown -> {
            List<Skeleton.Resting> all = List.of(
                    Skeleton.Resting.KNEES,
                    Skeleton.Resting.FEET,
                    Skeleton.Resting.HANDS,
                    Skeleton.Resting.SEAT,
                    Skeleton.Resting.HEAD,
                    Skeleton.Resting.ELBOWS);
            for (Skeleton.Resting rest : all) {
                double low = shown.body().lowest(List.of(rest));
                if (low < -0.014) {
                    wrong.add(shown.where(rest + " at %.3f".formatted(low)));
                }
            }
        });
        assertThat(wrong).isEmpty();
    }

    /** Shares of mass after Dempster, in Winter (from memory): head .081, trunk .497, arm .05, thigh .1, shank with foot .061. */
    @Test
    void standsAndKneelsOverItsBase() {
        List<String> wrong = new ArrayList<>();
        everyBody().filter(shown -> isFree(shown.pose())).forEach(shown -> {
            Skeleton body = shown.body();
            List<Double> base = new ArrayList<>();
            for (Skeleton.SkeletonPart part : Skeleton.SkeletonPart.values()) {
                Limb limb = body.limb(part);
                boolean foot = part.isLeg() && limb.sole().y() < 0.02;
                if (foot) {
                    base.add(limb.sole().x() - 0.05);
                    base.add(limb.sole().x() + 0.12);
                }
                if (part.isLeg() && limb.middle().y() < 0.05) {
                    base.add(limb.middle().x() - 0.3);
                    base.add(limb.middle().x() + 0.04);
                }
                if (!part.isLeg() && limb.sole().y() < 0.03) {
                    base.add(limb.sole().x());
                }
            }
            double least = base.stream().mapToDouble(x -> x).min().orElse(0);
            double most = base.stream().mapToDouble(x -> x).max().orElse(0);
            double middle = massX(body);
            if (!base.isEmpty() && (middle < least || middle > most)) {
                wrong.add(shown.where("%.3f outside %.3f to %.3f".formatted(middle, least, most)));
            }
        });
        assertThat(wrong).isEmpty();
    }

    private static boolean isFree(Pose pose) {
        boolean onHerFeetOrKnees = pose.ground().rests().equals(List.of(Skeleton.Resting.FEET))
                || pose.ground().rests().equals(List.of(Skeleton.Resting.KNEES));
        boolean held = pose.props().stream()
                .anyMatch(prop -> prop.kind() == Prop.PropKind.WALL
                        || prop.kind() == Prop.PropKind.CHAIR
                        || prop.kind() == Prop.PropKind.COUNTER
                        || prop.kind() == Prop.PropKind.RAIL
                        || prop.kind() == Prop.PropKind.STEP);
        return onHerFeetOrKnees && !held && !pose.onTheSide();
    }

    private static double massX(Skeleton body) {
        double sum = 0.081 * body.headBase().x() + 0.497 * body.spine(0.15).x();
        for (Skeleton.SkeletonPart part : Skeleton.SkeletonPart.values()) {
            Limb limb = body.limb(part);
            double first = limb.root().towards(limb.middle(), 0.43).x();
            double second =
                    limb.middle().towards(limb.tip(), part.isLeg() ? 0.6 : 0.7).x();
            sum += part.isLeg() ? 0.1 * first + 0.061 * second : 0.028 * first + 0.022 * second;
        }
        return sum;
    }

    /** At least 4 % of stature, or nobody sees what moves; hover and pulses are 2 to 5 cm by their nature. */
    @Test
    void movesVisiblyUnlessItIsHeld() {
        List<String> wrong = new ArrayList<>();
        for (String id : FIGURES.ids()) {
            Figure.Way way = FIGURES.figure(id).usual();
            if (!way.isHeld()) {
                Skeleton from = Posing.of(way.start(), BodyStage.NEITHER);
                Skeleton to = Posing.of(way.end(), BodyStage.NEITHER);
                double furthest = Math.max(
                        crown(from).minus(crown(to)).length(),
                        from.hips().minus(to.hips()).length());
                for (Skeleton.SkeletonPart part : Skeleton.SkeletonPart.values()) {
                    furthest = Math.max(
                            furthest,
                            from.limb(part)
                                    .middle()
                                    .minus(to.limb(part).middle())
                                    .length());
                    furthest = Math.max(
                            furthest,
                            from.limb(part).tip().minus(to.limb(part).tip()).length());
                }
                double least = id.equals("hover") || id.equals("bridge-pulse") ? 0.025 : 0.04;
                if (furthest < least) {
                    wrong.add(id + " moves %.3f".formatted(furthest));
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    private static Vec crown(Skeleton body) {
        return body.headBase().plus(body.head().along().times(0.113));
    }

    @Test
    void drawsTheLeftAsTheMirrorOfTheRightWithinItsFrameAndSmall() {
        List<String> wrong = new ArrayList<>();
        for (String id : FIGURES.ids()) {
            String left = FIGURES.picture(id, look(STAGES.get(0), true));
            if (!inner(left).equals(inner(FIGURES.picture(id, look(STAGES.get(0), false))))
                    || !left.contains("scale(-1 1)")) {
                wrong.add(id + " is no mirror");
            }
            for (BodyStage stage : STAGES) {
                String right = FIGURES.picture(id, look(stage, false));
                if (right.length() > 12 * 1024) {
                    wrong.add(id + " has " + right.length() + " characters");
                }
                if (!isWithinItsBox(right)) {
                    wrong.add(id + " leaves its frame at " + stage);
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    private static FigureStyle look(BodyStage stage, boolean left) {
        return new FigureStyle(stage, left, "#3F6B57", "Move", "A woman & a <mat>", Set.of(), Optional.empty());
    }

    private static String inner(String svg) {
        return svg.substring(svg.indexOf("<path"));
    }

    private static boolean isWithinItsBox(String svg) {
        Matcher box =
                Pattern.compile("viewBox=\"(-?\\d+) (-?\\d+) (\\d+) (\\d+)\"").matcher(svg);
        assertThat(box.find()).isTrue();
        int x = Integer.parseInt(box.group(1));
        int y = Integer.parseInt(box.group(2));
        int width = Integer.parseInt(box.group(3));
        int height = Integer.parseInt(box.group(4));
        return Pattern.compile("M(-?\\d+) (-?\\d+)").matcher(svg).results().allMatch(at -> {
            int px = Integer.parseInt(at.group(1));
            int py = Integer.parseInt(at.group(2));
            return px >= x && px <= x + width && py >= y && py <= y + height;
        });
    }

    /** The belly: none before week 10, .032 at 20, .084 at 34, .108 at 40 (our convention); twins read four weeks further. */
    @Test
    void growsWithTheWeekAndFallsAfterBirth() {
        assertThat(new BodyStage.Pregnant(8).belly()).isZero();
        assertThat(new BodyStage.Pregnant(20).belly()).isBetween(0.031, 0.033);
        assertThat(new BodyStage.Pregnant(34).belly()).isBetween(0.083, 0.086);
        assertThat(new BodyStage.Pregnant(40).belly()).isBetween(0.107, 0.109);
        assertThat(new BodyStage.AfterBirth(1).belly()).isGreaterThan(0.03);
        assertThat(new BodyStage.AfterBirth(8).belly()).isLessThan(0.004);
        assertThat(FIGURES.picture("connect-standing", look(new BodyStage.Pregnant(34), false)))
                .isNotEqualTo(FIGURES.picture("connect-standing", look(new BodyStage.Pregnant(20), false)));
        assertThat(FIGURES.picture("front-rest", look(new BodyStage.Pregnant(34), false)))
                .as("nobody lies on a bump: drawn without one")
                .isEqualTo(FIGURES.picture("front-rest", look(BodyStage.NEITHER, false)));
    }

    @Test
    void escapesItsWordsAndHasTheSameSizeInEveryFrame() {
        List<String> frames = FIGURES.frames("bridge", look(BodyStage.NEITHER, false), 7);
        assertThat(frames).hasSize(7).doesNotHaveDuplicates();
        assertThat(frames.stream().map(FigureTest::box).distinct()).hasSize(1);
        assertThat(frames.get(0))
                .contains("<desc>A woman &amp; a &lt;mat&gt;</desc>")
                .doesNotContain("style=");
    }

    private static String box(String svg) {
        return svg.substring(svg.indexOf("viewBox"), svg.indexOf("><title>"));
    }
}
