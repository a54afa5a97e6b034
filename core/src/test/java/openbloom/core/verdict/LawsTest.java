package openbloom.core.verdict;

import static openbloom.core.verdict.VerdictKind.ADJUST;
import static openbloom.core.verdict.VerdictKind.NOT_YET;
import static openbloom.core.verdict.VerdictKind.STOP;
import static openbloom.core.verdict.VerdictKind.SWAP;
import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapState;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.moves.Rotation;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Client;
import openbloom.core.record.Falls;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Birth;

/**
 * The lines of the rule page said again, each on its own and from her facts alone, over women in whom everything meets: no
 * verdict is more permissive than any line that speaks of her. Numbers are those of the page (practice unless it says else).
 */
@Tag("long")
class LawsTest {
    /** After an easy birth from the first day, or from two or four weeks: docs/rules, the early list (common practice). */
    private static final Set<String> EARLY_MOVES = Set.of(
            "heel-slide",
            "knee-fallout",
            "bridge",
            "clam",
            "side-leg-lift",
            "pushup-wall",
            "box-squat",
            "squat",
            "step-up",
            "pushup-counter");

    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Set<Condition> RAISED = Set.of(
            Condition.HIGH_BLOOD_PRESSURE_CONTROLLED,
            Condition.HIGH_BLOOD_PRESSURE_UNCONTROLLED,
            Condition.GESTATIONAL_HYPERTENSION);
    private static final Set<Symptom> AGAINST_IMPACT = Set.of(
            Symptom.LEAK_WITH_URGE,
            Symptom.HEAVINESS,
            Symptom.PELVIC_PAIN,
            Symptom.PELVIC_GIRDLE_PAIN,
            Symptom.BACK_PAIN,
            Symptom.SCAR_PAIN,
            Symptom.PAIN_WITH_LIFTS,
            Symptom.LIGHT_HEADED);
    private static final Set<ExerciseGroup> EARLY = Set.of(
            ExerciseGroup.BREATH,
            ExerciseGroup.CONNECT,
            ExerciseGroup.PELVIC_FLOOR_ENDURANCE,
            ExerciseGroup.PELVIC_FLOOR_QUICK,
            ExerciseGroup.PELVIC_FLOOR_AREAS,
            ExerciseGroup.RELEASE,
            ExerciseGroup.MOBILITY,
            ExerciseGroup.BALANCE,
            ExerciseGroup.SCAR);

    /** One line: of whom it speaks, of which moves, and the mildest verdict it leaves. */
    private record Law(String line, Predicate<Client> who, Predicate<Move> which, VerdictKind mildest) {}

    private static final List<Law> LAWS = List.of(
            new Law("a warning sign stops everything", LawsTest::hasSign, move -> true, STOP),
            new Law("symptoms stop impact", her(AGAINST_IMPACT), Move::isImpact, SWAP),
            new Law("dizzy lying down: never on the back", LawsTest::isDizzyPregnant, Move::isOnTheBack, SWAP),
            new Law("no lying on the front from 14 weeks", from(14), move -> move.position() == Position.PRONE, SWAP),
            new Law("no curls from 14 weeks", from(14), Move::isCurl, SWAP),
            new Law(
                    "nothing to fall or hang from from 14 weeks",
                    from(14),
                    has(Demand.FALL).or(has(Demand.HANGING)),
                    SWAP),
            new Law("no bar past the bump from 20 weeks", from(20), has(Demand.BAR_PATH), SWAP),
            new Law(
                    "a support within reach from 20 weeks",
                    from(20),
                    has(Demand.BALANCE).and(move -> move.position().isUpright()),
                    ADJUST),
            new Law("no impact from 28 weeks", from(28), Move::isImpact, SWAP),
            new Law(
                    "nothing on the back from 28 weeks, but by symptoms",
                    from(28).and(woman -> !woman.approach().is(ApproachChoice.BY_SYMPTOMS)),
                    Move::isOnTheBack,
                    SWAP),
            new Law("no held breath while pregnant", from(0), has(Demand.BREATH_HOLD), ADJUST),
            new Law("no legs together while pregnant", from(0), has(Demand.LEGS_TOGETHER), ADJUST),
            new Law(
                    "little before six weeks without clearance",
                    uncleared(0, 42),
                    move -> move.load() > 1
                            || !EARLY.contains(move.strand())
                                    && !EARLY_MOVES.contains(move.id())
                                    && !move.isWalking()
                                    && move.position() != Position.SEATED_CHAIR,
                    SWAP),
            new Law("load 1 before eight weeks without clearance", uncleared(0, 56), load(2), SWAP),
            new Law("load 2 before twelve weeks without clearance", uncleared(0, 84), load(3), SWAP),
            new Law("load 3 within two years without clearance", uncleared(0, 730), load(4), SWAP),
            new Law("no impact within two years without clearance", uncleared(0, 730), Move::isImpact, SWAP),
            new Law(
                    "caesarean or deep tear: load 1 before twelve weeks without clearance",
                    uncleared(0, 84).and(LawsTest::healsLonger),
                    load(2),
                    SWAP),
            new Law(
                    "caesarean or deep tear: load 2 before half a year without clearance",
                    uncleared(0, 182).and(LawsTest::healsLonger),
                    load(3),
                    SWAP),
            new Law("no impact before twelve weeks", born(0, 84), Move::isImpact, SWAP),
            new Law(
                    "no impact before sixteen weeks after a caesarean or deep tear",
                    born(0, 112).and(LawsTest::healsLonger),
                    Move::isImpact,
                    SWAP),
            new Law(
                    "impact after a birth only with its tests",
                    born(0, 730).and(woman -> !woman.checks().impactTests().allPassed()),
                    Move::isImpact,
                    SWAP),
            new Law(
                    "not on the front for eight weeks after a caesarean",
                    born(0, 56).and(LawsTest::isCaesarean),
                    move -> move.position() == Position.PRONE || move.isFullFrontSupport(),
                    SWAP),
            new Law("no touching the scar for six weeks", born(0, 42).and(LawsTest::isCaesarean), scar(2), SWAP),
            new Law("no deep scar work for twelve weeks", born(0, 84).and(LawsTest::isCaesarean), scar(5), SWAP),
            new Law("an open wound is left alone", woman -> wound(woman) == YesNoUnknown.NO, scar(2), SWAP),
            new Law("a sore scar has a resting hand", her(Set.of(Symptom.SCAR_PAIN)), scar(2), SWAP),
            new Law(
                    "a deep tear waits with the floor for clearance",
                    uncleared(0, 730).and(woman -> birth(woman).tear().reachesSphincter()),
                    move -> move.isSqueezeOrLift() && move.strand() != ExerciseGroup.PELVIC_FLOOR_ENDURANCE,
                    SWAP),
            new Law(
                    "a middle that is not known holds load 3",
                    LawsTest::middleUnknown,
                    move -> move.demands().midlineLoad() >= 3,
                    NOT_YET),
            new Law(
                    "a middle that is not known changes load 2",
                    LawsTest::middleUnknown,
                    move -> move.demands().midlineLoad() == 2,
                    ADJUST),
            new Law("no curl without a fresh reading", LawsTest::middleUnknown, Move::isCurl, NOT_YET),
            new Law(
                    "a middle that domes or is deep and soft holds load 3",
                    LawsTest::isSoft,
                    move -> move.demands().midlineLoad() >= 3,
                    SWAP),
            new Law(
                    "a middle that domes or is deep and soft changes load 2",
                    LawsTest::isSoft,
                    move -> move.demands().midlineLoad() == 2,
                    ADJUST),
            new Law("no curl over a soft middle", LawsTest::isSoft, Move::isCurl, SWAP),
            new Law(
                    "no end-range twist from 14 weeks",
                    from(14),
                    move -> move.demands().rotation() == Rotation.END,
                    SWAP),
            new Law(
                    "brittle bones: no end-range twist",
                    having(Condition.OSTEOPOROSIS),
                    move -> move.demands().rotation() == Rotation.END,
                    SWAP),
            new Law("sore wrists: not flat on them", her(Set.of(Symptom.WRIST_PAIN)), has(Demand.WRIST), ADJUST),
            new Law(
                    "light-headed: no head low, no hanging, no falling",
                    her(Set.of(Symptom.LIGHT_HEADED)),
                    has(Demand.HEAD_LOW).or(has(Demand.HANGING)).or(has(Demand.FALL)),
                    SWAP),
            new Law(
                    "lying on the front where it hurts",
                    her(Set.of(Symptom.FRONT_LYING_UNCOMFORTABLE)),
                    move -> move.position() == Position.PRONE,
                    SWAP),
            new Law("back pain: no heavy loads as written", her(Set.of(Symptom.BACK_PAIN)), has(Demand.HEAVY), ADJUST),
            new Law(
                    "an earlier loss or early birth without clearance: load 1",
                    from(0).and(having(Set.of(
                                    Condition.RECURRENT_LOSS,
                                    Condition.PREVIOUS_PRETERM_BIRTH,
                                    Condition.GESTATIONAL_HYPERTENSION)))
                            .and(LawsTest::hasNoClearance),
                    load(2),
                    NOT_YET),
            new Law(
                    "twins from 28 weeks without clearance: load 1",
                    from(28).and(woman -> woman.background().knownBabies() == 2).and(LawsTest::hasNoClearance),
                    load(2),
                    NOT_YET),
            new Law(
                    "three babies: stop",
                    from(0).and(woman -> woman.background().knownBabies() > 2),
                    load(1),
                    STOP),
            new Law(
                    "unsteady: balance and one leg with a support",
                    LawsTest::isUnsteady,
                    move -> move.position().isUpright() && (move.has(Demand.BALANCE) || move.has(Demand.SINGLE_LEG)),
                    ADJUST),
            new Law(
                    "unsteady, epileptic or light-headed: nothing to fall from, nothing thrown",
                    her(Set.of(Symptom.LIGHT_HEADED))
                            .or(having(Condition.EPILEPSY))
                            .or(LawsTest::isUnsteady),
                    has(Demand.FALL).or(has(Demand.HANGING)).or(has(Demand.THROWN)),
                    SWAP),
            new Law(
                    "sixty-five and over, falls not asked: load 2",
                    woman -> woman.background().isAtLeast(65)
                            && woman.background().falls() == Falls.NOT_ASKED,
                    load(3),
                    NOT_YET),
            new Law(
                    "under eighteen: nothing heavy as written",
                    woman -> woman.background().isUnder(18),
                    has(Demand.HEAVY),
                    ADJUST),
            new Law(
                    "heavy not before twelve weeks, but for her sport",
                    born(0, 84).and(woman -> !woman.background().training().equals(Optional.of(Training.SPORT))),
                    has(Demand.HEAVY),
                    SWAP),
            new Law(
                    "heavy not before twenty-six weeks after a deep tear",
                    born(0, 182)
                            .and(woman -> birth(woman).tear().reachesSphincter())
                            .and(woman -> !woman.background().training().equals(Optional.of(Training.SPORT))),
                    has(Demand.HEAVY),
                    SWAP),
            new Law(
                    "pre-eclampsia or high pressure: nothing heavy overhead for twelve weeks",
                    born(0, 84).and(having(Condition.PRE_ECLAMPSIA).or(having(RAISED))),
                    has(Demand.HEAVY).and(has(Demand.OVERHEAD)),
                    SWAP),
            new Law(
                    "prolapse without pessary or word: no impact",
                    having(Condition.PROLAPSE)
                            .and(woman -> woman.medical().pessary() != YesNoUnknown.YES)
                            .and(LawsTest::hasNoClearance),
                    Move::isImpact,
                    SWAP),
            new Law("leaks running: no impact", leaks(LeakWhen.RUN), Move::isImpact, SWAP),
            new Law(
                    "leaks jumping or coughing: no hard impact",
                    leaks(LeakWhen.JUMP).or(leaks(LeakWhen.TRAMPOLINE)).or(leaks(LeakWhen.COUGH)),
                    move -> move.demands().impact() >= 2,
                    SWAP),
            new Law("leaks lifting: nothing heavy", leaks(LeakWhen.LIFT), has(Demand.HEAVY), SWAP),
            new Law("what a clinician said and nobody read: load 1", limited("keep it light"), load(2), NOT_YET),
            new Law("her clinician's limit: no impact", limited("NO_IMPACT"), Move::isImpact, NOT_YET),
            new Law(
                    "her clinician's limit: not on the back",
                    limited("NOTHING_ON_THE_BACK"),
                    Move::isOnTheBack,
                    NOT_YET),
            new Law(
                    "a hernia without clearance: no heavy load, no curls",
                    having(Condition.HERNIA).and(LawsTest::hasNoClearance),
                    has(Demand.HEAVY).or(Move::isCurl),
                    SWAP),
            new Law(
                    "leaking, not said when: no impact, less pressure",
                    her(Set.of(Symptom.LEAK_WITH_EFFORT))
                            .and(woman -> woman.safety().symptoms().leaksWhen().isEmpty()),
                    move -> move.demands().pressure() >= 3,
                    ADJUST),
            new Law(
                    "a tight floor lets go first",
                    LawsTest::isTight,
                    move -> move.isSqueeze() && move.has(Demand.INNER_THIGH_SQUEEZE),
                    NOT_YET),
            new Law(
                    "heaviness: nothing heavy, nothing of much pressure",
                    her(Set.of(Symptom.HEAVINESS)),
                    has(Demand.HEAVY).or(move -> move.demands().pressure() >= 3).or(Move::isImpact),
                    SWAP),
            new Law(
                    "pain with lifts stops lifts",
                    her(Set.of(Symptom.PAIN_WITH_LIFTS)),
                    move -> move.strand() == ExerciseGroup.PELVIC_FLOOR_QUICK,
                    SWAP),
            new Law(
                    "a zone that does not move has its cue in breath",
                    woman -> !woman.checks().breath().still().isEmpty(),
                    move -> move.strand() == ExerciseGroup.BREATH,
                    ADJUST),
            new Law(
                    "one leg with girdle pain is swapped",
                    her(Set.of(Symptom.PELVIC_GIRDLE_PAIN)),
                    has(Demand.SINGLE_LEG),
                    SWAP),
            new Law("raised pressure: no arms overhead as written", having(RAISED), has(Demand.OVERHEAD), ADJUST),
            new Law("raised pressure: no hanging", having(RAISED), has(Demand.HANGING), SWAP),
            new Law("raised pressure: no held breath", having(RAISED), has(Demand.BREATH_HOLD), ADJUST),
            new Law(
                    "brittle bones: no loaded rounding",
                    having(Condition.OSTEOPOROSIS).or(having(Condition.VERTEBRAL_FRACTURE)),
                    move -> move.isCurl() || move.has(Demand.ROUNDED),
                    SWAP),
            new Law("a broken vertebra: no impact", having(Condition.VERTEBRAL_FRACTURE), Move::isImpact, SWAP),
            new Law("unexplained bleeding: stop", having(Condition.UNEXPLAINED_BLEEDING), load(1), STOP),
            new Law(
                    "uncontrolled pressure: load 1",
                    having(Condition.HIGH_BLOOD_PRESSURE_UNCONTROLLED).and(LawsTest::hasNoClearance),
                    load(2),
                    NOT_YET),
            new Law(
                    "symptomatic anaemia without clearance: load 1",
                    having(Condition.ANAEMIA_SYMPTOMATIC).and(LawsTest::hasNoClearance),
                    load(2),
                    NOT_YET),
            new Law(
                    "symptomatic anaemia without clearance: easy at load 1",
                    having(Condition.ANAEMIA_SYMPTOMATIC).and(LawsTest::hasNoClearance),
                    load(1),
                    ADJUST));

    @Property(seed = "20261129")
    void noVerdictIsMilderThanALineOfThePage(@ForAll Client woman) {
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        List<Law> hers = LAWS.stream().filter(law -> law.who.test(woman)).toList();
        List<String> broken = CATALOGUE.moves().stream()
                .flatMap(move -> hers.stream()
                        .filter(law -> law.which.test(move))
                        .filter(law ->
                                law.mildest.isStrongerThan(judgement.of(move).kind()))
                        .map(law -> law.line + ": " + move.id() + " "
                                + judgement.of(move).kind()))
                .toList();
        assertThat(broken).isEmpty();
    }

    @Property(seed = "20261129")
    void noRungIsSkippedBeyondHerStart(@ForAll Client woman) {
        Judgement judgement = Judgement.of(CATALOGUE, woman, TODAY);
        assertThat(CATALOGUE.moves())
                .filteredOn(Move::isEarned)
                .filteredOn(move -> woman.standing().rungs().containsKey(move.strand()))
                .filteredOn(move -> move.rung()
                        > 1
                                + Math.max(
                                        woman.standing().rungs().get(move.strand()),
                                        woman.standing().flat().containsKey(move.strand())
                                                ? woman.standing()
                                                        .flat()
                                                        .get(move.strand())
                                                        .rung()
                                                : woman.standing().ceilings().getOrDefault(move.strand(), 0)))
                .filteredOn(move -> !move.strand().name().startsWith("PELVIC_FLOOR"))
                .filteredOn(move -> woman.standing().ceilings().containsKey(move.strand())
                        || woman.standing().flat().containsKey(move.strand())
                        || isBeyondHerStart(woman, move))
                .noneMatch(move -> judgement.of(move).passes());
    }

    /** Load 2 and no impact where nothing is known; one step further is tried; the regular one, the athlete two more. */
    private static boolean isBeyondHerStart(Client woman, Move move) {
        Training trained = woman.background().training().orElse(Training.NONE);
        int shift = trained == Training.SPORT ? 2 : trained == Training.REGULAR ? 1 : 0;
        int impact = shift == 2 ? 3 : shift == 1 ? 2 : 0;
        return move.isImpact() && move.strand() == ExerciseGroup.IMPACT
                ? move.demands().impact() > impact
                : Math.max(move.demands().midlineLoad(), move.demands().pressure()) > 3 + shift;
    }

    private static boolean isUnsteady(Client woman) {
        return woman.background().falls().isUnsteady()
                || woman.background().isAtLeast(75)
                || woman.has(Condition.OSTEOPOROSIS)
                || woman.has(Condition.VERTEBRAL_FRACTURE);
    }

    private static Predicate<Client> leaks(LeakWhen when) {
        return her(Set.of(Symptom.LEAK_WITH_EFFORT))
                .and(woman -> woman.safety().symptoms().leaksWhen().contains(when));
    }

    private static boolean hasSign(Client woman) {
        return !woman.safety().standing().isEmpty();
    }

    private static Predicate<Client> her(Set<Symptom> symptoms) {
        return woman ->
                woman.safety().symptoms().isFreshOn(TODAY) && symptoms.stream().anyMatch(woman::has);
    }

    private static Predicate<Client> having(Condition condition) {
        return woman -> woman.has(condition);
    }

    private static Predicate<Client> having(Set<Condition> conditions) {
        return woman -> conditions.stream().anyMatch(woman::has);
    }

    private static boolean isDizzyPregnant(Client woman) {
        return from(0).test(woman) && her(Set.of(Symptom.DIZZY_LYING_DOWN)).test(woman);
    }

    private static Predicate<Client> from(int weeks) {
        return woman -> woman.situation()
                .pregnancy()
                .flatMap(dating -> dating.ageOn(TODAY))
                .filter(age -> age.isAtLeastWeeks(weeks))
                .isPresent();
    }

    private static Predicate<Client> born(long fromDays, long toDays) {
        return woman -> woman.situation().pregnancy().isEmpty()
                && woman.situation()
                        .birth()
                        .filter(birth -> birth.daysOn(TODAY) >= fromDays && birth.daysOn(TODAY) < toDays)
                        .isPresent();
    }

    private static Predicate<Client> uncleared(long fromDays, long toDays) {
        return born(fromDays, toDays).and(LawsTest::hasNoClearance);
    }

    /** None at all, or none of this time of her life. */
    private static boolean hasNoClearance(Client woman) {
        return woman.medical().clearance().isEmpty();
    }

    private static Birth birth(Client woman) {
        return woman.situation().birth().orElseThrow();
    }

    private static YesNoUnknown wound(Client woman) {
        return born(0, 730).test(woman) && isCaesarean(woman) ? birth(woman).woundClosed() : YesNoUnknown.UNKNOWN;
    }

    private static boolean isCaesarean(Client woman) {
        return birth(woman).isCaesarean();
    }

    private static boolean healsLonger(Client woman) {
        return isCaesarean(woman) || birth(woman).tear().reachesSphincter();
    }

    /** Somebody who gave birth, is not pregnant, and of whose middle nothing was read lately, nor a ladder seen flat. */
    /** Nobody looked at the middle, and no ladder was told to have stayed flat up to a rung. */
    private static boolean middleUnknown(Client woman) {
        return woman.background().mayHaveGivenBirth()
                && woman.situation().pregnancy().isEmpty()
                && woman.standing().flat().isEmpty()
                && woman.standing().ceilings().values().stream().allMatch(flat -> flat == 0)
                && woman.checks().gap().filter(LawsTest::isLookedAt).isEmpty();
    }

    private static boolean isLookedAt(GapCheck check) {
        return !check.date().isBefore(TODAY.minusDays(14))
                && check.in(GapState.LIFT).findAny().isPresent();
    }

    /** Gave birth, is not pregnant, and domed or was deep over a soft floor when last looked at, and no ladder seen flat. */
    private static boolean isSoft(Client woman) {
        return woman.background().mayHaveGivenBirth()
                && woman.situation().pregnancy().isEmpty()
                && woman.standing().flat().isEmpty()
                && woman.standing().ceilings().values().stream().allMatch(flat -> flat == 0)
                && woman.checks().gap().filter(LawsTest::isSoftLift).isPresent();
    }

    private static boolean isSoftLift(GapCheck check) {
        return check.in(GapState.LIFT)
                .anyMatch(reading -> reading.domed() == YesNoUnknown.YES
                        || reading.depth()
                                        .filter(deep -> deep.compareTo(Depth.SECOND_KNUCKLE) >= 0)
                                        .isPresent()
                                && reading.firmness()
                                        .filter(floor -> floor.compareTo(Firmness.SPRINGS) < 0)
                                        .isPresent());
    }

    /** A limit that stands today: told by now, in this pregnancy or since the latest birth. */
    private static Predicate<Client> limited(String limit) {
        return woman -> woman.medical()
                .clearance()
                .filter(given -> given.limits().contains(limit) && !given.date().isAfter(TODAY))
                .filter(given -> woman.situation()
                        .birth()
                        .filter(birth -> birth.date().isAfter(given.date()))
                        .isEmpty())
                .filter(given -> woman.situation()
                        .pregnancy()
                        .filter(dating -> dating.firstDay().isAfter(given.date()))
                        .isEmpty())
                .isPresent();
    }

    private static boolean isTight(Client woman) {
        return woman.checks().pelvicFloor().tone() == Tone.TIGHT
                || woman.checks().pelvicFloor().lettingGo() == LettingGo.ABSENT;
    }

    private static Predicate<Move> has(Demand demand) {
        return move -> move.has(demand);
    }

    private static Predicate<Move> load(int least) {
        return move -> move.load() >= least;
    }

    private static Predicate<Move> scar(int leastRung) {
        return move -> move.strand() == ExerciseGroup.SCAR && move.rung() >= leastRung;
    }
}
