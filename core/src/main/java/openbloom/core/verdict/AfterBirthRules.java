package openbloom.core.verdict;

import static openbloom.core.evidence.Published.BY_THE_SIDE;
import static openbloom.core.evidence.Published.EARLIEST_REBUILD;
import static openbloom.core.evidence.Published.EARLIEST_RECONNECT;
import static openbloom.core.evidence.Published.EARLIEST_STRENGTHEN;
import static openbloom.core.evidence.Published.LIFTING_AFTER_CAESAREAN;
import static openbloom.core.evidence.Published.NO_NOTE_LIGHT;
import static openbloom.core.evidence.Published.NO_NOTE_LIGHT_SLOWER;
import static openbloom.core.evidence.Published.NO_NOTE_MIDDLE;
import static openbloom.core.evidence.Published.NO_NOTE_MIDDLE_SLOWER;
import static openbloom.core.evidence.Published.PRONE_AFTER_CAESAREAN;
import static openbloom.core.evidence.Published.SCAR_DEEP;
import static openbloom.core.evidence.Published.SCAR_TOUCH;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Birth;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.stage.Tear;
import openbloom.core.words.Evidence;
import openbloom.core.words.Topic;

/** What time, wound and criteria allow after a birth. */
final class AfterBirthRules {
    /** Highest load before each stage: none in Heal, 1 in Reconnect, 3 in Rebuild. */
    private static final int LOAD_IN_RECONNECT = 1;

    private static final int LIGHT_LOAD = 2;
    private static final int LOAD_IN_REBUILD = 3;
    private static final int FIRST_MASSAGE_RUNG = 2;
    private static final int DEEP_SCAR_RUNG = 5;

    private static final Rule RECONNECT = Rule.code("PP-TIME-RECONNECT")
            .client("In the first two weeks rest, breath and letting go do the work.")
            .instructor("Early healing: nothing that loads the midline or the pelvic floor for two weeks.")
            .onlyAfterABirth()
            .looks((facts, found) -> facts.recentBirth()
                    .ifPresent(birth -> found.unlessMet(
                            move -> move.load() > 0 && !move.isWalking() && !EarlyMoves.areOpen(facts, move),
                            facts.evidence().sinceBirth(),
                            facts.gates().time(birth, EARLIEST_RECONNECT))));

    private static final Rule REBUILD = Rule.code("PP-TIME-REBUILD")
            .client("Loading starts when six weeks have passed, the wound has closed and your clinician has said yes.")
            .instructor(
                    "Rebuilding needs six weeks, clearance on file and a closed wound. Without a note, everything asked and"
                            + " nothing reported: load 2 from {} weeks and load 3 from {} ({} and {} after a caesarean or a deep tear);"
                            + " impact and heavy loads always need it.",
                    Published.NO_NOTE_LIGHT,
                    Published.NO_NOTE_MIDDLE,
                    Published.NO_NOTE_LIGHT_SLOWER,
                    Published.NO_NOTE_MIDDLE_SLOWER)
            .looks(AfterBirthRules::rebuild);

    private static final Rule WIDE_ON_A_TEAR = Rule.code("PP-TEAR-WIDE")
            .client("No wide-legged stretch while the tear is healing.")
            .instructor("A tear that has not closed: nothing wide-legged, no stretch on it.")
            .onlyAfterABirth()
            .looks((facts, found) -> facts.recentBirth()
                    .filter(birth -> birth.tear() != Tear.NONE && !birth.isCaesarean())
                    .ifPresent(birth -> found.unlessMet(
                            move -> move.has(Demand.WIDE),
                            new Evidence.TearKnown(birth.tear()),
                            facts.gates().wound())));

    private static final Rule SCAR_SORE = Rule.code("PP-CS-SCAR-SORE")
            .client("While the scar hurts, only a resting hand, and what pulls on it stays small.")
            .instructor(
                    "Pain at the scar: only a resting hand until it is quiet; curls, hanging and the middle loads in"
                            + " a small range over a caesarean scar.")
            .onlyTold(Symptom.SCAR_PAIN)
            .looks((facts, found) -> {
                if (facts.has(Symptom.SCAR_PAIN)) {
                    found.notYet(
                            move -> move.strand() == ExerciseGroup.SCAR && move.rung() >= FIRST_MASSAGE_RUNG,
                            facts.evidence().told(Symptom.SCAR_PAIN),
                            scarGate(facts));
                    lastCaesarean(facts)
                            .ifPresent(birth -> found.adjust(
                                    AfterBirthRules::pullsOnTheBelly,
                                    facts.evidence().told(Symptom.SCAR_PAIN),
                                    Adjustment.SMALLER_RANGE));
                }
            });

    private static final Rule SCAR_OPEN = Rule.code("PP-CS-SCAR-OPEN")
            .client("Nothing on or near the scar, and no lifting of the head lying down, until we know it has closed.")
            .instructor(
                    "The caesarean wound is not closed, or nobody has looked: nothing on or near it, no head lifts or curls.")
            .looks((facts, found) -> {
                lastCaesarean(facts)
                        .filter(birth -> birth.woundClosed() == YesNoUnknown.NO)
                        .ifPresent(birth -> found.notYet(
                                move -> move.strand() == ExerciseGroup.SCAR,
                                facts.evidence().lastBirth(),
                                facts.gates().wound()));
                caesarean(facts)
                        .ifPresent(birth -> found.unlessMet(
                                move -> move.demands().flexion() != Flexion.NONE,
                                facts.evidence().lastBirth(),
                                facts.gates().wound()));
            });

    private static final Rule STRENGTHEN = Rule.code("PP-TIME-STRENGTHEN")
            .client(
                    "The harder exercises come when twelve weeks have passed and the easier ones stay flat and comfortable.")
            .instructor(
                    "Strengthening needs twelve weeks, connect in two positions, no heaviness and a flat second level of"
                            + " limb load; until then load 3 at most.")
            .looks(AfterBirthRules::strengthen);

    private static final Rule BY_SIDE = Rule.code("PP-SIDE")
            .client("Lie down and come up by the side: roll first, then push up with your hands.")
            .instructor("Down and up by the side in the first eight weeks and whenever there is a gap.")
            .looks(AfterBirthRules::byTheSide);

    private static final Rule CS_LIFT = Rule.code("PP-CS-LIFT")
            .client("Lift nothing heavier than your baby until six weeks after the caesarean.")
            .instructor("Caesarean under six weeks: no external load unless her clinician says otherwise.")
            .source(Source.E_FASCIA)
            .onlyAfterABirth()
            .looks((facts, found) -> caesarean(facts)
                    .ifPresent(birth -> found.unlessMet(
                            AfterBirthRules::isLoaded,
                            facts.evidence().sinceBirth(),
                            facts.gates().time(birth, LIFTING_AFTER_CAESAREAN))));

    private static final Rule CS_PRONE = Rule.code("PP-CS-PRONE")
            .client("Lying on the front and full front supports wait until the scar is eight weeks old and quiet.")
            .instructor("Caesarean: no lying on the front or full front support before eight weeks and a clear scar.")
            .source(Source.E_FASCIA)
            .onlyAfterABirth()
            .looks((facts, found) -> caesarean(facts)
                    .ifPresent(birth -> found.unlessMet(
                            move -> move.position() == Position.PRONE || move.isFullFrontSupport(),
                            facts.evidence().sinceBirth(),
                            facts.gates().time(birth, PRONE_AFTER_CAESAREAN),
                            facts.gates().wound(),
                            scarGate(facts))));

    private static final Rule SCAR_NONE = Rule.code("PP-CS-SCAR-NONE")
            .client("Scar care is for a caesarean scar.")
            .instructor("No caesarean on file, so no scar care.")
            .looks((facts, found) -> {
                if (lastCaesarean(facts).isEmpty()) {
                    Gate none = Gate.of(GateKind.SCAR_ON_FILE, false, "no caesarean on file");
                    found.notYet(
                            move -> move.strand() == ExerciseGroup.SCAR, new Evidence.NotAsked(Topic.CAESAREAN), none);
                }
            });

    private static final Rule SCAR_TOUCH_RULE = Rule.code("PP-CS-SCAR-TOUCH")
            .client("Gentle touch from six weeks, once the scar is fully closed.")
            .instructor("Gentle scar massage from six weeks if fully closed; two to three minutes a day.")
            .looks((facts, found) -> scar(facts, found, FIRST_MASSAGE_RUNG, SCAR_TOUCH));

    private static final Rule SCAR_DEEP_RULE = Rule.code("PP-CS-SCAR-DEEP")
            .client("Deeper scar work waits until twelve weeks.")
            .instructor("Deep scar work not before twelve weeks and a closed wound.")
            .looks((facts, found) -> scar(facts, found, DEEP_SCAR_RUNG, SCAR_DEEP));

    private static final Rule TEAR = Rule.code("PP-TEAR-34")
            .client("After a deep tear, strengthening the pelvic floor and impact need your clinician's yes.")
            .instructor(
                    "Third- or fourth-degree tear, or not known in the first {} weeks or while something hurts: gentle lifts of one"
                            + " breath only, once any catheter is out; strengthening and impact need clearance.",
                    Published.FULL_CHECK_AFTER_BIRTH)
            .source(Source.E_RCOG29)
            .looks(AfterBirthRules::tear);

    private static final Rule BALL = Rule.code("PP-BALL")
            .client("Sit on the ball only while the pressure is comfortable.")
            .instructor("Seated ball feedback only when pressure there is comfortable.")
            .looks((facts, found) -> {
                Predicate<Move> onBall = move -> move.position() == Position.SEATED_BALL;
                if (facts.has(Symptom.SITTING_PRESSURE_UNCOMFORTABLE)) {
                    Evidence fact = facts.evidence().told(Symptom.SITTING_PRESSURE_UNCOMFORTABLE);
                    found.notYet(onBall, fact, Gate.of(GateKind.SEAT_COMFORT, false, fact.words()));
                } else if (facts.recentBirth().isPresent()) {
                    found.adjust(onBall, facts.evidence().sinceBirth(), Adjustment.ONLY_IF_COMFORTABLE);
                }
            });

    private static final Rule IMPACT_TIME = Rule.code("PP-IMPACT-TIME")
            .client("Jumping and running wait at least twelve weeks, longer after surgery or a deep tear.")
            .instructor("No impact before twelve weeks; sixteen after a caesarean or a third- or fourth-degree tear.")
            .source(Source.E_RUN)
            .onlyAfterABirth()
            .looks((facts, found) -> facts.recentBirth()
                    .ifPresent(birth -> found.unlessMet(
                            Move::isImpact,
                            facts.evidence().sinceBirth(),
                            facts.gates().returnToImpact(birth))));

    private static final Rule IMPACT_TESTS = Rule.code("PP-IMPACT-TESTS")
            .client("Before jumping or running you pass a short list of tests with no leak, heaviness or pain.")
            .instructor(
                    "Impact within two years of a birth needs the return tests passed and no leak, heaviness or pain.")
            .source(Source.E_RUN)
            .looks((facts, found) -> {
                if (facts.recentBirth().isPresent()) {
                    found.unlessMet(
                            Move::isImpact,
                            facts.evidence().tests(),
                            facts.gates().impactTests());
                    found.unlessMet(
                            facts::isAgainstImpact,
                            facts.evidence().tests(),
                            facts.gates().symptomFree());
                }
            });

    private static final Rule IMPACT_SYMPTOM = Rule.code("IMPACT-SYMPTOM")
            .client("Jumping and running wait while you have this.")
            .instructor("Leak, heaviness, pelvic, girdle, back or scar pain, or light-headed: no impact at any stage.")
            .source(Source.E_RUN)
            .looks((facts, found) -> facts.firstTold(Symptom.AGAINST_IMPACT)
                    .filter(symptom -> !facts.isPregnant())
                    .ifPresent(symptom -> found.notYet(
                            facts::isAgainstImpact,
                            facts.evidence().told(symptom),
                            Gate.of(
                                    GateKind.SYMPTOM_FREE,
                                    false,
                                    facts.evidence().told(symptom).words()))));

    private static final Rule IMPACT_FLOOR = Rule.code("IMPACT-FLOOR")
            .client("We look at your pelvic floor before you jump or run.")
            .instructor("Pelvic floor not checked: impact waits for the check.")
            .looks((facts, found) -> {
                if (!facts.isPregnant() && !facts.isFloorChecked()) {
                    Evidence fact = new Evidence.NotAsked(Topic.FLOOR);
                    found.notYet(Move::isImpact, fact, Gate.of(GateKind.FLOOR_CHECKED, false, fact.words()));
                }
            });

    private static final Rule FEED = Rule.code("PP-FEED")
            .client("Feed or express before jumping or running, and stay out of the end of the range.")
            .instructor("Breastfeeding: joints may stay lax; feed or express before impact.")
            .onlyWith(Condition.BREASTFEEDING)
            .looks((facts, found) -> {
                if (facts.has(Condition.BREASTFEEDING)) {
                    found.advise(
                            move -> move.isImpact() || move.has(Demand.WIDE),
                            facts.evidence().known(Condition.BREASTFEEDING));
                }
            });

    private AfterBirthRules() {}

    /** The latest birth, however long ago, when it was a caesarean. */
    private static Optional<Birth> lastCaesarean(Facts facts) {
        return facts.client().situation().birth().filter(Birth::isCaesarean);
    }

    private static boolean pullsOnTheBelly(Move move) {
        return move.isCurl() || GapRules.needsAReading(move);
    }

    static List<Rule> all() {
        return List.of(
                RECONNECT,
                REBUILD,
                STRENGTHEN,
                BY_SIDE,
                CS_LIFT,
                CS_PRONE,
                SCAR_NONE,
                SCAR_TOUCH_RULE,
                SCAR_DEEP_RULE,
                SCAR_SORE,
                SCAR_OPEN,
                WIDE_ON_A_TEAR,
                TEAR,
                BALL,
                IMPACT_TIME,
                IMPACT_TESTS,
                IMPACT_SYMPTOM,
                IMPACT_FLOOR,
                FEED);
    }

    private static Optional<Birth> caesarean(Facts facts) {
        return facts.recentBirth().filter(Birth::mayBeCaesarean);
    }

    /** Clearance opens load 3; without a note a woman who was asked everything and told nothing goes more slowly. */
    private static void rebuild(Facts facts, Findings found) {
        facts.recentBirth().ifPresent(birth -> {
            Gate time = facts.gates().time(birth, EARLIEST_REBUILD);
            Gate cleared = facts.gates().clearance();
            Gate wound = facts.gates().wound();
            if (cleared.met()) {
                found.unlessMet(
                        move -> move.load() > LOAD_IN_RECONNECT && !EarlyMoves.areOpen(facts, move),
                        facts.evidence().sinceBirth(),
                        time,
                        cleared,
                        wound);
                return;
            }
            int open = facts.isAskedAndFree() && wound.met() ? loadWithoutNote(birth, facts.day()) : LOAD_IN_RECONNECT;
            found.notYet(
                    move -> (move.load() > open && !EarlyMoves.areOpen(facts, move))
                            || move.has(Demand.HEAVY)
                            || move.isImpact(),
                    facts.evidence().sinceBirth(),
                    time,
                    cleared,
                    wound);
        });
    }

    private static int loadWithoutNote(Birth birth, LocalDate day) {
        boolean slower = birth.healsSlowly();
        if (birth.daysOn(day) >= (slower ? NO_NOTE_MIDDLE_SLOWER : NO_NOTE_MIDDLE).days()) {
            return LOAD_IN_REBUILD;
        }
        return birth.daysOn(day) >= (slower ? NO_NOTE_LIGHT_SLOWER : NO_NOTE_LIGHT).days()
                ? LIGHT_LOAD
                : LOAD_IN_RECONNECT;
    }

    private static void strengthen(Facts facts, Findings found) {
        facts.recentBirth()
                .ifPresent(birth -> found.unlessMet(
                        move -> move.load() > LOAD_IN_REBUILD,
                        facts.evidence().sinceBirth(),
                        facts.gates().time(birth, EARLIEST_STRENGTHEN),
                        facts.gates().connect(),
                        facts.gates().noHeaviness(),
                        facts.gates().limbLoadFlat()));
    }

    private static void byTheSide(Facts facts, Findings found) {
        if (facts.isWithinOfBirth(BY_THE_SIDE)) {
            found.advise(move -> move.position().isLying(), facts.evidence().sinceBirth());
        } else if (facts.hasGap() && !facts.isPregnant()) {
            found.advise(move -> move.position().isLying(), facts.evidence().gap());
        }
    }

    private static boolean isLoaded(Move move) {
        return move.has(Demand.HEAVY) || move.needs(Equipment.DUMBBELL) || move.needs(Equipment.BARBELL);
    }

    private static Gate scarGate(Facts facts) {
        boolean quiet = !facts.has(Symptom.SCAR_PAIN);
        return Gate.of(
                GateKind.SCAR_QUIET,
                quiet,
                quiet
                        ? "no pain reported"
                        : facts.evidence().told(Symptom.SCAR_PAIN).words());
    }

    private static void scar(Facts facts, Findings found, int fromRung, Published floor) {
        facts.client()
                .situation()
                .birth()
                .filter(Birth::isCaesarean)
                .ifPresent(birth -> found.unlessMet(
                        move -> move.strand() == ExerciseGroup.SCAR && move.rung() >= fromRung,
                        facts.evidence().lastBirth(),
                        facts.gates().time(birth, floor),
                        facts.gates().wound()));
    }

    private static void tear(Facts facts, Findings found) {
        facts.recentBirth()
                .filter(birth -> birth.tear().reachesSphincter() || isTakenAsDeep(birth, facts))
                .ifPresent(birth -> {
                    Evidence fact = new Evidence.TearKnown(birth.tear());
                    Gate cleared = facts.gates().clearance();
                    found.unlessMet(move -> move.isSqueeze() && !move.isGentleLift() || move.isImpact(), fact, cleared);
                    if (!cleared.met()) {
                        found.adjust(Move::isGentleLift, fact, Adjustment.GENTLE_AND_LET_GO);
                    }
                    if (facts.isWithinOfBirth(Published.CATHETER)) {
                        found.adjust(Move::isGentleLift, fact, Adjustment.AFTER_THE_CATHETER);
                    }
                });
    }

    /** A tear nobody told of: asked, and taken for the worst only in the first six weeks, or while something hurts. */
    private static boolean isTakenAsDeep(Birth birth, Facts facts) {
        boolean quiet = facts.isAskedForSymptoms() && !facts.isFloorPainful();
        return birth.tear() == Tear.UNKNOWN
                && !birth.isCaesarean()
                && (facts.isWithinOfBirth(Published.FULL_CHECK_AFTER_BIRTH) || !quiet);
    }
}
