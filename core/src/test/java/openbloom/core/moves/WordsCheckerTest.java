package openbloom.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import openbloom.core.breath.CueFamily;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Forty contradictions planted in copies of shipped moves are each found by name, and the shipped ones have none. */
class WordsCheckerTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    @Test
    void findsNoneInTheShippedMoves() {
        assertThat(WordsChecker.check(CATALOGUE.moves())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // hers on herself while they hold, carry or are elsewhere
                "press-out-standing | hands | Hers on the front hip bones; yours on the ribs. | hands are placed",
                "goblet-squat | hands | Hers on the lower ribs; yours near the hips. | hands are placed",
                "band-row | hands | Hers on the belly; yours stay away. | hands are placed",
                "kneel-one-leg | hands | Hers on the front hip bones; yours stay away. | hands are placed",
                "support-chair | hands | Hers on the midline; yours stay away. | hands are placed",
                "pushup-full | hands | Hers on the ribs; yours stay away. | hands are placed",
                "half-drop | hands | Hers on both front hip bones; yours stay away. | hands are placed",
                "pull-up | hands | Hers on the waist; yours stay away. | hands are placed",
                // a lift where nothing lifts
                "hip-press-side | cue | Breathe out and let the hips rise. | hips rise",
                "heel-slide | cue | Breathe out and let the hips rise. | hips rise",
                "head-lift | cue | Lift the hips with the head. | hips rise",
                "side-rest | cue | Lift the belly a little with each breath. | something lifts",
                "supported-butterfly | cue | Squeeze on the out-breath, then let go. | something lifts",
                "wide-child | cue | Gather the belly as you breathe. | something lifts",
                "happy-hips | cue | Draw up on each out-breath. | something lifts",
                // limbs that do not move
                "head-nod | setup+cue | Nod the chin a little. + Slide one heel as you nod. | legs are told",
                "scar-circles | setup+cue | Two pads draw small circles. + Let the knee fall as you draw. | legs are told",
                "light-brace | setup+cue | Firm the belly. + Float one foot while it stays. | legs are told",
                "head-nod | setup+cue | Nod the chin a little. + Reach one arm as you nod. | arms are told",
                "pelvic-tilts | setup+cue | Roll behind and in front. + Bend the elbows as you roll. | arms are told",
                // landing where no foot leaves
                "brisk-walk | cue | Land softly with each step. | somebody lands",
                "squat | cue | Breathe out and land softly. | somebody lands",
                "clam | cue | Jump the knee open. | somebody lands",
                "calf-raise | cue | Hop up on both feet. | somebody lands",
                // a breath that stops
                "bridge | cue | Hold the breath and press the feet down. | the breath is held",
                "squat | breath | hold your breath on the way up | the breath is held",
                "light-brace | breath | a long pause with the belly firm | the breath is held",
                "support-full-10 | cue | Keep the breath in and hold the line. | the breath is held",
                // lying words upright, upright words lying
                "squat | cue | With the back on the floor, rise. | lying words",
                "connect-standing | cue | Lying quietly, let it firm up. | lying words",
                "march-standing | cue | On the back, lift one knee. | lying words",
                "bridge | cue | Stand tall and let the hips rise. | upright words",
                "heel-slide | cue | Standing, let one heel glide. | upright words",
                "side-leg-lift | cue | On your feet, lift the leg. | upright words",
                // an out-breath that begins what goes on
                "support-counter | cue | Breathe out and push the surface away. | the cue begins",
                "bridge-pulse | cue | Breathe out and pulse the hips. | the cue begins",
                "one-leg-stand | cue | Breathe out and stand on one foot. | the cue begins",
                // sides
                "squat | cue | Rise; change. | sides change",
                "both-feet-float | cue | Float one foot and change. | sides change",
                // things that are not there
                "heel-slide | cue | Press the ball as the heel glides. | a thing is named",
                "squat | cue | Rise with the weight close. | a thing is named",
                "clam | cue | Open the knee against the band. | a thing is named",
                "side-leg-lift | cue | Push the wall with the heel. | a thing is named"
            })
    void findsEachThatIsPlanted(String id, String where, String planted, String found) {
        Move move = CATALOGUE.get(id);
        String[] parts = planted.split(" \\+ ");
        Move changed = where.equals("setup+cue")
                ? with(with(move, "setup", parts[0]), "cue", parts[1])
                : with(move, where, planted);
        List<String> told = WordsChecker.check(List.of(changed));
    }

    private static Move with(Move move, String where, String words) {
        Teaching was = move.teaching();
        Teaching.Signs signs = was.signs();
        Map<CueFamily, String> cues = new EnumMap<>(was.cues());
        if (where.equals("cue")) {
            cues.put(CueFamily.PLAIN, words);
        }
        Teaching.Signs other = new Teaching.Signs(
                signs.feel(),
                signs.look(),
                signs.mistakes(),
                where.equals("hands") ? words : signs.hands(),
                signs.effortPercent(),
                where.equals("breath") ? words : signs.breath());
        Teaching teaching = new Teaching(
                was.shortName(),
                where.equals("setup") ? List.of(words) : was.setup(),
                cues,
                other,
                was.levers(),
                was.figure(),
                was.pose(),
                false);
        return new Move(
                move.id(),
                move.name(),
                move.placing(),
                move.demands(),
                move.doing(),
                teaching,
                move.links(),
                move.evidence());
    }
}
