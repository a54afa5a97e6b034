package openbloom.core.verdict;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.Move;
import openbloom.core.moves.Position;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Contraindication;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.words.Evidence;
import openbloom.core.words.Topic;

/** Warning signs, contraindications and clearance. */
final class StopRules {
    /** What a woman may do in the first weeks before anyone has cleared her: nothing that loads the midline. */
    private static final Set<ExerciseGroup> BEFORE_CLEARANCE = EnumSet.of(
            ExerciseGroup.BREATH,
            ExerciseGroup.CONNECT,
            ExerciseGroup.PELVIC_FLOOR_ENDURANCE,
            ExerciseGroup.PELVIC_FLOOR_QUICK,
            ExerciseGroup.PELVIC_FLOOR_AREAS,
            ExerciseGroup.RELEASE);

    private static final Rule CLEARANCE = Rule.code("STOP-CLEAR-WEEKS")
            .client(
                    "In the first six weeks, breath, gentle lifts, letting go, easy mobility and walking are enough until your"
                            + " clinician has seen you.")
            .instructor("Under six weeks without clearance: breath, connect, gentle pelvic floor, release, unloaded"
                    + " mobility, rising from a raised seat and walking only.")
            .source(Source.E_PPCARE)
            .looks(StopRules::beforeClearance);

    private static final Rule LIMIT = Rule.code("STOP-CLEAR-LIMIT")
            .client("Your clinician has asked for this to wait.")
            .instructor("Her clinician's limit excludes this exercise.")
            .source(Source.E_PPCARE)
            .looks(StopRules::limits);

    private static final Rule WORDS = Rule.code("STOP-CLEAR-WORDS")
            .client("Your clinician wrote down limits; we stay light until we have understood them.")
            .instructor("Her clinician wrote limits in words: nothing above load 1 until you have said what they mean,"
                    + " in the limits of her clearance.")
            .source(Source.E_PPCARE)
            .looks(StopRules::limitsInWords);

    private static final Rule PAIN = Rule.code("STOP-PAIN")
            .client("That hurt too much last time. What loads the place that hurt waits until we have asked you again.")
            .instructor(
                    "Pain above {} of 10 in a session, or any with a pelvic floor lift: the progression and every exercise that loads"
                            + " the place wait until she was asked again ({} of 10 or less; floor and scar none) or her"
                            + " clinician has said so since, and somebody says by name why it goes on.",
                    Published.PAIN_TOO_MUCH,
                    Published.PAIN_ACCEPTABLE)
            .source(Source.E_PAIN)
            .looks((facts, found) -> facts.client().standing().holds().forEach(hold -> {
                Evidence fact = new Evidence.PainHeld(hold);
                found.notYet(hold::holds, fact, Gate.of(GateKind.PAIN_ANSWERED, false, hold.words()));
            }));

    private static final Rule ASK_SIGNS = ask(
            "SIGNS",
            "We begin with the questions about warning signs.",
            "Warning signs not asked: nothing above load 1, no bending, no impact, no scar work. Ask first.",
            new Evidence.NotAsked(Topic.WARNING_SIGNS),
            Facts::isAskedForSigns);

    private static final Rule ASK_SYMPTOMS = ask(
            "SYMPTOMS",
            "Tell us first how you have been these last two weeks.",
            Published.said(
                    "Symptoms not asked in the last {} days: nothing above load 1, no bending, no impact, no scar work.",
                    Published.SYMPTOM_MEMORY),
            new Evidence.NotAsked(Topic.SYMPTOMS),
            Facts::isAskedForSymptoms);

    private static final Rule ASK_CONDITIONS = ask(
            "CONDITIONS",
            "Tell us first about your health.",
            "Conditions not asked: nothing above load 1, no bending, no impact, no scar work. Ask at intake.",
            new Evidence.NotAsked(Topic.CONDITIONS),
            Facts::isAskedForConditions);

    private StopRules() {}

    static List<Rule> all() {
        Stream<Rule> signs = Arrays.stream(WarningSign.values()).map(StopRules::sign);
        Stream<Rule> absolute = Stream.concat(
                Contraindication.listed(Contraindication.ABSOLUTE).stream().map(one -> absolute(one, true)),
                Contraindication.listedNotPregnant(Contraindication.ABSOLUTE).stream()
                        .map(one -> absolute(one, false)));
        Stream<Rule> relative = Stream.concat(
                relativeInPregnancy().map(one -> relative(one, true)),
                Contraindication.listedNotPregnant(Contraindication.RELATIVE).stream()
                        .map(one -> relative(one, false)));
        return Stream.of(
                        signs,
                        absolute,
                        relative,
                        Stream.of(PAIN, CLEARANCE, LIMIT, WORDS, ASK_SIGNS, ASK_SYMPTOMS, ASK_CONDITIONS))
                .flatMap(rules -> rules)
                .toList();
    }

    private static Stream<Condition> relativeInPregnancy() {
        Stream<Condition> late = Contraindication.listed(Contraindication.RELATIVE).stream();
        return Stream.concat(late, Stream.of(Condition.PLACENTA_PRAEVIA));
    }

    /** Not asked is not "none": until she is asked, little is open. */
    private static Rule ask(
            String what, String client, String instructor, Evidence notAsked, Predicate<Facts> isAsked) {
        return Rule.code("ASK-" + what).client(client).instructor(instructor).looks((facts, found) -> {
            if (!isAsked.test(facts)) {
                Gate asked = Gate.of(GateKind.ASKED, false, notAsked.words());
                found.notYet(move -> needsAnswers(move, facts), notAsked, asked);
            }
        });
    }

    private static boolean needsAnswers(Move move, Facts facts) {
        boolean onTheFrontAfterCaesarean = move.position() == Position.PRONE
                && facts.client()
                        .situation()
                        .birth()
                        .filter(Birth::mayBeCaesarean)
                        .isPresent();
        return move.load() > 1
                || move.isImpact()
                || move.demands().flexion() != Flexion.NONE
                || move.strand() == ExerciseGroup.SCAR
                || onTheFrontAfterCaesarean;
    }

    private static Rule sign(WarningSign sign) {
        return Rule.code("STOP-SIGN-" + asCode(sign))
                .client(
                        sign == WarningSign.THOUGHTS_OF_HARM
                                ? "Thank you for telling us. You are not alone with this, and there is help now; we stay with"
                                        + " you until somebody is there for you."
                                : "Because of " + sign.wordsToHer() + ", we stop today and your clinician comes first.")
                .instructor(sign.whatToDo())
                .source(sign.source())
                .steady()
                .looks((facts, found) -> {
                    if (facts.client().safety().standing().containsKey(sign)) {
                        found.stop(move -> true, new Evidence.SignTold(sign, facts.toldOn(sign)));
                    }
                });
    }

    private static Rule absolute(Condition condition, boolean pregnant) {
        return Rule.code("STOP-ABS-" + asCode(condition) + (pregnant ? "" : "-NOT-PREGNANT"))
                .client("Because " + condition.clauseToHer() + ", exercise waits for your clinician.")
                .instructor((pregnant ? "Absolute contraindication in pregnancy" : "Stop and refer")
                        + ": nothing but what her clinician has named, and that only without load.")
                .source(pregnant ? Source.E_CONTRA : Source.COMMON_PRACTICE)
                .onlyWith(condition)
                .looks((facts, found) -> {
                    if (facts.isPregnant() == pregnant && bears(facts, condition, Contraindication.ABSOLUTE)) {
                        onlyWhatIsNamed(condition, facts, found);
                    }
                });
    }

    private static Rule relative(Condition condition, boolean pregnant) {
        return Rule.code("STOP-REL-" + asCode(condition) + (pregnant ? "" : "-NOT-PREGNANT"))
                .client("Because " + condition.clauseToHer()
                        + ", we stay very light until your clinician has said yes.")
                .instructor("Until her clinician has answered this condition: load 1 and walking only, at an easy pace,"
                        + " talking in sentences; refer.")
                .source(pregnant ? Source.E_CONTRA : Source.COMMON_PRACTICE)
                .onlyWith(condition)
                .looks((facts, found) -> {
                    if (facts.isPregnant() == pregnant && bears(facts, condition, Contraindication.RELATIVE)) {
                        Gate gate = facts.gates().clearanceFor(condition);
                        found.unlessMet(
                                move -> move.load() > 1, facts.evidence().known(condition), gate);
                        if (!gate.met()) {
                            found.adjust(
                                    move -> move.load() <= 1 && !move.isRest(),
                                    facts.evidence().known(condition),
                                    Adjustment.EASY_PACE);
                        }
                    }
                });
    }

    private static boolean bears(Facts facts, Condition condition, Contraindication kind) {
        return facts.has(condition)
                && facts.bearing(condition).filter(kind::equals).isPresent();
    }

    private static void onlyWhatIsNamed(Condition condition, Facts facts, Findings found) {
        Predicate<Move> named = move -> move.load() == 0
                && facts.clearance().filter(given -> given.names(move)).isPresent();
        found.stop(named.negate(), facts.evidence().known(condition));
        facts.clearance().ifPresent(given -> found.advise(named, new Evidence.Answered(condition, given.date())));
    }

    private static void beforeClearance(Facts facts, Findings found) {
        if (facts.isWithinOfBirth(Published.FULL_CHECK_AFTER_BIRTH)) {
            Predicate<Move> rising = move -> move.has(Demand.SQUAT) && move.position() == Position.SEATED_CHAIR;
            Predicate<Move> allowed = move -> BEFORE_CLEARANCE.contains(move.strand()) && move.load() <= 1
                    || move.strand() == ExerciseGroup.MOBILITY && move.load() == 0
                    || move.isWalking()
                    || rising.test(move)
                    || EarlyMoves.areOpen(facts, move);
            found.unlessMet(
                    allowed.negate(),
                    facts.evidence().sinceBirth(),
                    facts.gates().clearance());
            found.adjust(Move::isWalking, facts.evidence().sinceBirth(), Adjustment.EASY_PACE);
            found.adjust(
                    rising.and(move -> !EarlyMoves.areOpen(facts, move)),
                    facts.evidence().sinceBirth(),
                    Adjustment.RAISED_SEAT);
        }
    }

    private static void limits(Facts facts, Findings found) {
        facts.clearance()
                .ifPresent(given -> given.readable().stream()
                        .filter(limit -> limit != ClinicalRestriction.WORDS_UNDERSTOOD)
                        .sorted()
                        .forEach(limit -> {
                            Evidence fact = new Evidence.LimitSet(limit.words(), false, given.by(), given.date());
                            found.notYet(limit::excludes, fact, facts.gates().clinicianAllows(limit.words()));
                        }));
    }

    private static void limitsInWords(Facts facts, Findings found) {
        facts.clearance().filter(given -> !given.words().isEmpty()).ifPresent(given -> {
            String words = String.join("; ", given.words());
            Evidence fact = new Evidence.LimitSet(words, true, given.by(), given.date());
            if (given.isUnderstood()) {
                found.adjust(move -> move.load() > 0, fact, Adjustment.WITHIN_HER_LIMITS);
            } else {
                found.notYet(
                        move -> move.load() > 1,
                        fact,
                        facts.gates().clinicianAllows("“" + words + "” not yet understood"));
            }
        });
    }

    private static String asCode(Enum<?> constant) {
        return Arrays.stream(constant.name().split("_")).collect(Collectors.joining("-"));
    }
}
