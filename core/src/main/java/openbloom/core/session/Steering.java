package openbloom.core.session;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.ConnectFault;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.Checks;
import openbloom.core.screening.FeltIn;
import openbloom.core.screening.PostureFinding;
import openbloom.core.verdict.Adjustment;

/**
 * What her checks change in how a session begins: a first move, the order, or a cue, each with the sentence that says so (common
 * practice, no source).
 */
final class Steering {
    /** In how many exercises of a session what to change is said. */
    private static final int MOST_LEVERS = 2;

    /** Where in the opening a finding asks for something. */
    private enum Turn {
        BEFORE_BREATH,
        BREATH,
        BEFORE_CONNECT,
        CONNECT
    }

    /** Moves in the order they are wanted, at their turn, and why. */
    private record FirstMove(Turn turn, List<String> moves, String words) {}

    private static final List<String> LOW_BACK =
            List.of("low-back-round", "knee-sway", "tail-tuck-chair", "pelvic-tilts");
    private static final List<String> HIPS = List.of("knee-sway", "knees-in-out", "hip-circles", "pelvic-circles");

    private static final Map<ConnectFault, FirstMove> FAULTS = Map.of(
            ConnectFault.PELVIS_TIPS,
            new FirstMove(
                    Turn.CONNECT,
                    List.of("connect-side"),
                    "Connect check: the pelvis tips. On the side first, where the floor steadies it."),
            ConnectFault.UPPER_BELLY_HARDENS,
            new FirstMove(
                    Turn.CONNECT,
                    List.of("connect-side", "connect-hands-knees"),
                    "Connect check: upper belly hardens, lower belly pushes out. On the side first, belly resting; begin low"
                            + " and small."),
            ConnectFault.BREATH_HELD,
            new FirstMove(
                    Turn.BREATH,
                    List.of("breath-lying", "breath-side"),
                    "Connect check: breath held. Hum each out-breath here until it goes on by itself, then connect."),
            ConnectFault.SEAT_OR_THIGHS_GRIP,
            new FirstMove(
                    Turn.BEFORE_CONNECT,
                    HIPS,
                    "Connect check: buttocks or thighs grip. Hips loosened before she connects."),
            ConnectFault.NECK_JAW_OR_TOES_GRIP,
            new FirstMove(
                    Turn.BREATH,
                    List.of("breath-propped", "breath-side"),
                    "Connect check: neck, jaw or toes grip. Begun with the head carried, mouth soft."),
            ConnectFault.BACK_TENSES,
            new FirstMove(Turn.BEFORE_BREATH, LOW_BACK, "Connect check: the back tenses. Loosened before the breath."));

    private static final Map<PostureFinding, FirstMove> POSTURE = Map.of(
            PostureFinding.STIFF_LOW_BACK,
            new FirstMove(Turn.BEFORE_BREATH, LOW_BACK, "Posture: low back stiff. Loosened before the breath."),
            PostureFinding.PELVIS_TIPPED,
            new FirstMove(
                    Turn.BEFORE_CONNECT, LOW_BACK, "Posture: low back hollow. Rounded a little before she connects."),
            PostureFinding.SITS_SLUMPED,
            new FirstMove(
                    Turn.BEFORE_CONNECT,
                    List.of("pelvic-tilts", "pelvic-circles", "tail-tuck-chair"),
                    "Posture: sits slumped. The way onto the sitting bones first."));

    /** A cue beside the first upright exercise of the work. */
    private static final Map<PostureFinding, String> UPRIGHT = Map.of(
            PostureFinding.HEAD_FORWARD,
                    "Posture: ear in front of the shoulder. Back of the neck long before she begins.",
            PostureFinding.RIBS_FORWARD,
                    "Posture: ribs in front of the pelvis. A long out-breath first; keep the ribs where it leaves them.",
            PostureFinding.PELVIS_TUCKED, "Posture: pelvis tucked. Knees soft and seat free before she begins.",
            PostureFinding.WEIGHT_ON_THE_HEELS,
                    "Posture: weight on the heels. Find the middle of both feet before she begins.",
            PostureFinding.WEIGHT_ON_THE_TOES,
                    "Posture: weight on the toes. Find the middle of both feet before she begins.");

    private final Checks checks;
    private final List<FirstMove> first;

    Steering(Checks checks) {
        this.checks = checks;
        this.first = firstMoves(checks);
    }

    private static List<FirstMove> firstMoves(Checks checks) {
        List<FirstMove> first = new ArrayList<>();
        checks.connect().faults().stream().sorted().map(FAULTS::get).forEach(first::add);
        checks.posture().found().stream()
                .sorted()
                .flatMap(finding -> Optional.ofNullable(POSTURE.get(finding)).stream())
                .forEach(first::add);
        return List.copyOf(first);
    }

    Optional<Pick> beforeBreath(List<Pick> passing) {
        return wanted(Turn.BEFORE_BREATH, passing);
    }

    Optional<Pick> breath(List<Pick> passing) {
        return wanted(Turn.BREATH, passing);
    }

    Optional<Pick> beforeConnect(List<Pick> passing) {
        return wanted(Turn.BEFORE_CONNECT, passing);
    }

    Optional<Pick> connect(List<Pick> passing) {
        return wanted(Turn.CONNECT, passing);
    }

    /** The position after the hardest in which she felt it: tried once, marked. */
    Optional<Pick> oneStepFurther(List<Pick> passing) {
        return checks.connect().highestFelt().isEmpty()
                ? Optional.empty()
                : passing.stream()
                        .filter(pick -> pick.adjustments().contains(Adjustment.TRY_ONE_SET))
                        .findFirst();
    }

    private Optional<Pick> wanted(Turn turn, List<Pick> passing) {
        return first.stream()
                .filter(one -> one.turn() == turn)
                .flatMap(one -> one.moves().stream())
                .flatMap(id -> passing.stream().filter(pick -> pick.move().id().equals(id)))
                .findFirst();
    }

    /** What is said beside each item, or nothing. */
    List<String> words(List<SessionItem> items) {
        List<String> words = new ArrayList<>();
        Set<Move> levers = new HashSet<>();
        boolean isBreathSaid = false;
        boolean isUprightSaid = false;
        for (SessionItem item : items) {
            List<String> beside = new ArrayList<>();
            boolean isBreath = item.part() == Part.OPENING && item.move().strand() == ExerciseGroup.BREATH;
            boolean isUpright =
                    item.part() == Part.WORK && item.move().position().isUpright();
            if (item.part() == Part.OPENING) {
                beside.addAll(opening(item));
            }
            if (isBreath && !isBreathSaid) {
                stillZone(item.move()).ifPresent(beside::add);
            }
            if (isUpright && !isUprightSaid) {
                UPRIGHT.keySet().stream()
                        .sorted()
                        .filter(checks.posture()::has)
                        .map(UPRIGHT::get)
                        .forEach(beside::add);
            }
            if (item.part() == Part.WORK && levers.size() < MOST_LEVERS && !levers.contains(item.move())) {
                lever(item.move()).ifPresent(change -> {
                    levers.add(item.move());
                    beside.add(change);
                });
            }
            isBreathSaid |= isBreath;
            isUprightSaid |= isUpright;
            words.add(String.join(" ", beside));
        }
        return words;
    }

    /** Where her sides were felt elsewhere than they should be: what to change in an exercise that is known to go wrong there. */
    private Optional<String> lever(Move move) {
        return checks.sides().tasks().values().stream()
                .flatMap(both -> Stream.of(both.left().felt(), both.right().felt()))
                .filter(FeltIn::isElsewhere)
                .distinct()
                .sorted()
                .flatMap(felt -> move.teaching().signs().mistakes().stream()
                        .filter(mistake -> mistake.sign().contains(felt.words()))
                        .map(mistake ->
                                "Side check: felt in the " + felt.words() + ". If so here: " + mistake.change() + "."))
                .findFirst();
    }

    private List<String> opening(SessionItem item) {
        List<String> beside = new ArrayList<>();
        first.stream()
                .filter(one ->
                        one.moves().contains(item.moveId()) && fits(one.turn()).test(item.move()))
                .map(FirstMove::words)
                .forEach(beside::add);
        Optional<ConnectPosition> felt = checks.connect().highestFelt();
        if (item.move().strand() == ExerciseGroup.CONNECT && item.adjustments().contains(Adjustment.TRY_ONE_SET)) {
            felt.ifPresent(position -> beside.add(
                    "Felt so far: " + position.words() + ". One position further, tried with one set and marked."));
        }
        return beside;
    }

    private static Predicate<Move> fits(Turn turn) {
        return switch (turn) {
            case BREATH -> move -> move.strand() == ExerciseGroup.BREATH;
            case CONNECT -> move -> move.strand() == ExerciseGroup.CONNECT;
            case BEFORE_BREATH, BEFORE_CONNECT -> move -> move.strand() != ExerciseGroup.CONNECT;
        };
    }

    /** Where the first zone that does not move has room: position and hand. */
    private Optional<String> stillZone(Move move) {
        return checks.breath().still().stream()
                .sorted()
                .findFirst()
                .filter(zone -> OpeningAndRelease.placeOf(zone.freesIn()) == move.position())
                .map(Steering::room);
    }

    private static String room(BreathZone zone) {
        return "Breath check: " + zone.words() + " still. This position gives room there; her hand on it.";
    }
}
