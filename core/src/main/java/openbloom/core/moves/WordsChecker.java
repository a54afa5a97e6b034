package openbloom.core.moves;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Looks whether what is said of a move fits what is done in it: its set-up, position, kit and breath. What does not is told in a
 * sentence.
 */
final class WordsChecker {
    private static final Set<Position> LYING =
            EnumSet.of(Position.HOOKLYING, Position.SUPINE, Position.SIDE_LYING, Position.PRONE);

    private static final Set<Position> ON_THE_HANDS =
            EnumSet.of(Position.HANDS_AND_KNEES, Position.PLANK_KNEES, Position.PLANK_FULL, Position.INCLINE);

    private static final Set<Equipment> HELD_IN_THE_HANDS =
            EnumSet.of(Equipment.DUMBBELL, Equipment.BARBELL, Equipment.BAND, Equipment.BAR, Equipment.ROPE);

    private static final Pattern ON_HERSELF = words("hip bones?|ribs|midline|belly|pubic bone|waist|pelvis");
    private static final Pattern A_FREE_HAND = words("one of hers|her (free|upper|other) hand|her hand|the other");
    private static final Pattern ARMS_ELSEWHERE =
            words("arms (are )?(wide|overhead|crossed|up|high|to the ceiling|forward|long)|hands behind|straight arms"
                    + "|hands on (the|a) (wall|counter|chair|edge)|hands (forward|empty)|fingers? on");
    private static final Pattern HIPS_RISE = words("hips (rise|float|lift)|lift(ing)? the hips|let the hips rise");
    private static final Pattern HIPS_IN_SETUP =
            words("hips?( are)? (up|high|level|until|at their|rise)|the hips|hips");
    private static final Pattern LIFTED = words("lift|squeeze|gather|draw up");
    private static final Pattern NOTHING_LIFTED = words("lift nothing|nothing lifts");
    private static final Pattern LEGS = words(
            "legs?|foot|feet|heels?|knees?|toes?|shins?|thighs?|ankles?|hips? (back|forward)|walk|stand|sit|lunge");
    private static final Pattern LEGS_SAID = words("legs?|foot|feet|heels?|knees?|toes?|shins?");
    private static final Pattern ARMS = words(
            "arms?|hands?|elbows?|forearms?|fingers?|fingertips|palms?|weights?|band|bar|rope|handles?|ring|reach");
    private static final Pattern ARMS_SAID = words("arms?|hands?|elbows?|forearms?|fingertips");
    private static final Pattern LANDS = words("lands?|landing|hops?|jumps?");
    private static final Pattern BREATH_HELD =
            words("hold (your|the) breath|breath held|stop breathing|without breathing|keep the breath in");
    private static final Pattern EMPTIED = words("pause|emptied|empty");
    private static final Pattern SAYS_LYING = words("lying|on the back|on the side|on the front|back on the floor");
    private static final Pattern SAYS_STANDING = words("stand tall|stand up|standing|on your feet|over both feet");
    private static final Pattern CHANGES = words("change|change feet|then the other (leg|foot|arm)");
    private static final Pattern THINGS = words(
            "ball|block|band|bar|rope|(?<!your )weights?(?! (through|travel))|springs?|cloth|wall|counter|chair|cushions?");

    /** One way in which words can contradict what is done. */
    private record Contradiction(String words, Predicate<Move> found) {}

    private static final List<Contradiction> ALL = List.of(
            new Contradiction("hands are placed where they are busy", WordsChecker::hasBusyHands),
            new Contradiction("hips rise in the cue and nowhere in the set-up", WordsChecker::liftsWithoutLift),
            new Contradiction("something lifts where everything lets go", WordsChecker::liftsInARest),
            new Contradiction(
                    "legs are told to move where none does", move -> says(cues(move), LEGS_SAID, setup(move), LEGS)),
            new Contradiction(
                    "arms are told to move where none does", move -> says(cues(move), ARMS_SAID, setup(move), ARMS)),
            new Contradiction("somebody lands where no foot leaves", WordsChecker::landsWithoutLeaving),
            new Contradiction("the breath is held where it flows", WordsChecker::holdsTheBreath),
            new Contradiction(
                    "lying words in an upright position",
                    move -> !LYING.contains(move.position())
                            && SAYS_LYING.matcher(cues(move)).find()),
            new Contradiction(
                    "upright words in a lying position",
                    move -> LYING.contains(move.position())
                            && SAYS_STANDING.matcher(cues(move)).find()
                            && !SAYS_STANDING.matcher(setup(move)).find()),
            new Contradiction(
                    "the cue begins on an out-breath while the breath goes on", WordsChecker::beginsOnAnOutBreath),
            new Contradiction(
                    "sides change where both move alike",
                    move -> move.sides() == Sides.BOTH
                            && CHANGES.matcher(cues(move)).find()
                            && !CHANGES.matcher(setup(move)).find()),
            new Contradiction("a thing is named that is not there", WordsChecker::namesWhatIsNotThere));

    private WordsChecker() {}

    /** A sentence for each contradiction, move by move. */
    static List<String> check(Collection<Move> moves) {
        return moves.stream()
                .flatMap(move ->
                        ALL.stream().filter(one -> one.found().test(move)).map(one -> move.id() + ": " + one.words()))
                .toList();
    }

    private static boolean hasBusyHands(Move move) {
        String hers = move.teaching().signs().hands().toLowerCase(Locale.ROOT).split(";")[0];
        boolean isBusy = ON_THE_HANDS.contains(move.position())
                || move.kit().stream().anyMatch(kit -> HELD_IN_THE_HANDS.contains(kit.needs()))
                || ARMS_ELSEWHERE.matcher(setup(move)).find();
        return isBusy
                && ON_HERSELF.matcher(hers).find()
                && !A_FREE_HAND.matcher(hers).find();
    }

    private static boolean liftsWithoutLift(Move move) {
        return says(cues(move), HIPS_RISE, setup(move), HIPS_IN_SETUP);
    }

    private static boolean liftsInARest(Move move) {
        return move.doing().tone() == PelvicTone.RELEASE
                && LIFTED.matcher(cues(move)).find()
                && !NOTHING_LIFTED.matcher(cues(move)).find();
    }

    private static boolean landsWithoutLeaving(Move move) {
        return move.demands().impact() == 0 && says(cues(move), LANDS, setup(move), LANDS);
    }

    private static boolean holdsTheBreath(Move move) {
        String told = cues(move) + " " + move.teaching().signs().breath().toLowerCase(Locale.ROOT);
        return BREATH_HELD.matcher(told).find()
                || EMPTIED.matcher(move.teaching().signs().breath()).find() && !move.has(Demand.EMPTY_PAUSE);
    }

    private static boolean beginsOnAnOutBreath(Move move) {
        return move.breath() != BreathPattern.OUT
                && move.teaching().cues().values().stream().anyMatch(cue -> cue.startsWith("Breathe out and"));
    }

    private static boolean namesWhatIsNotThere(Move move) {
        String there = setup(move)
                + move.kit().stream()
                        .map(kit -> " " + kit.needs().words() + " "
                                + kit.substitute().orElse(""))
                        .collect(Collectors.joining())
                        .toLowerCase(Locale.ROOT);
        return THINGS.matcher(cues(move))
                .results()
                .map(found -> found.group().replaceAll("s$", ""))
                .anyMatch(thing -> !there.contains(thing));
    }

    /** Whether something is said that has no counterpart in what is done. */
    private static boolean says(String said, Pattern what, String done, Pattern counterpart) {
        return what.matcher(said).find() && !counterpart.matcher(done).find();
    }

    private static String cues(Move move) {
        return String.join(" ", move.teaching().cues().values()).toLowerCase(Locale.ROOT);
    }

    private static String setup(Move move) {
        return String.join(" ", move.teaching().setup()).toLowerCase(Locale.ROOT);
    }

    private static Pattern words(String alternatives) {
        return Pattern.compile("\\b(" + alternatives + ")\\b");
    }
}
