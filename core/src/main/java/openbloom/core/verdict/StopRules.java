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
import openbloom.core.moves.Move;
import openbloom.core.moves.Strand;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Contraindication;
import openbloom.core.screening.WarningSign;
import openbloom.core.words.Evidence;

/** Warning signs, contraindications and clearance. */
final class StopRules {
    /** What a woman may do in the first weeks before anyone has cleared her: nothing that loads the midline. */
    private static final Set<Strand> BEFORE_CLEARANCE = EnumSet.of(
            Strand.BREATH,
            Strand.CONNECT,
            Strand.PELVIC_FLOOR_ENDURANCE,
            Strand.PELVIC_FLOOR_QUICK,
            Strand.PELVIC_FLOOR_AREAS,
            Strand.RELEASE);

    private static final Rule CLEARANCE = Rule.code("STOP-CLEAR-WEEKS")
            .client(
                    "In the first six weeks, breath, gentle lifts, letting go and walking are enough until your clinician"
                            + " has seen you.")
            .instructor("Under six weeks without clearance: breath, connect, gentle pelvic floor, release and walking"
                    + " only.")
            .source(Source.E_PPCARE)
            .looks(StopRules::beforeClearance);

    private static final Rule LIMIT = Rule.code("STOP-CLEAR-LIMIT")
            .client("Your clinician has asked for this to wait.")
            .instructor("Her clinician's limit excludes this move.")
            .source(Source.E_PPCARE)
            .looks(StopRules::limits);

    private static final Rule WORDS = Rule.code("STOP-CLEAR-WORDS")
            .client("Your clinician set limits; we keep inside them.")
            .instructor("Her clinician wrote limits that only a person can read: read them before any load.")
            .source(Source.E_PPCARE)
            .looks(StopRules::limitsInWords);

    private StopRules() {}

    static List<Rule> all() {
        Stream<Rule> signs = Arrays.stream(WarningSign.values()).map(StopRules::sign);
        Stream<Rule> absolute = Contraindication.listed(Contraindication.ABSOLUTE).stream()
                .map(condition -> contraindication(condition, Contraindication.ABSOLUTE));
        Stream<Rule> relative =
                relativeConditions().map(condition -> contraindication(condition, Contraindication.RELATIVE));
        return Stream.of(signs, absolute, relative, Stream.of(CLEARANCE, LIMIT, WORDS))
                .flatMap(rules -> rules)
                .toList();
    }

    private static Stream<Condition> relativeConditions() {
        Stream<Condition> late = Contraindication.listed(Contraindication.RELATIVE).stream();
        return Stream.concat(late, Stream.of(Condition.PLACENTA_PRAEVIA));
    }

    private static Rule sign(WarningSign sign) {
        return Rule.code("STOP-SIGN-" + asCode(sign))
                .client("Because of " + sign.words() + ", we stop today and your clinician comes first.")
                .instructor(sign.urgency().whatToDo())
                .source(sign.source())
                .looks((facts, found) -> {
                    if (facts.client().safety().standing().keySet().contains(sign)) {
                        found.stop(move -> true, new Evidence.SignTold(sign, facts.toldOn(sign)));
                    }
                });
    }

    private static Rule contraindication(Condition condition, Contraindication kind) {
        boolean absolute = kind == Contraindication.ABSOLUTE;
        String group = absolute ? "STOP-ABS-" : "STOP-REL-";
        return Rule.code(group + asCode(condition))
                .client(
                        absolute
                                ? "With " + condition.words() + ", exercise waits for your clinician."
                                : "With " + condition.words()
                                        + ", we stay very light until your clinician has said yes.")
                .instructor(
                        absolute
                                ? "Absolute contraindication: nothing but what her clinician has named, and that only without"
                                        + " load."
                                : "Relative contraindication: load 1 at most until clearance is on file.")
                .source(Source.E_CONTRA)
                .looks((facts, found) -> {
                    if (facts.bearing(condition).filter(kind::equals).isPresent()) {
                        contraindicated(condition, kind, facts, found);
                    }
                });
    }

    private static void contraindicated(Condition condition, Contraindication kind, Facts facts, Findings found) {
        if (kind == Contraindication.RELATIVE) {
            found.unlessMet(move -> move.load() > 1, facts.known(condition), facts.clearanceGate());
            return;
        }
        Predicate<Move> named = move -> move.load() == 0
                && facts.clearance().filter(given -> given.names(move)).isPresent();
        found.stop(named.negate(), facts.known(condition));
        facts.clearance().ifPresent(given -> found.advise(named, new Evidence.Answered(condition, given.date())));
    }

    private static void beforeClearance(Facts facts, Findings found) {
        if (facts.isWithinOfBirth(Published.FULL_CHECK_AFTER_BIRTH)) {
            Predicate<Move> allowed =
                    move -> BEFORE_CLEARANCE.contains(move.strand()) && move.load() <= 1 || move.isWalking();
            found.unlessMet(allowed.negate(), facts.sinceBirth(), facts.clearanceGate());
            found.adjust(Move::isWalking, facts.sinceBirth(), Adjustment.EASY_PACE);
        }
    }

    private static void limits(Facts facts, Findings found) {
        facts.clearance()
                .ifPresent(given -> given.readable().stream().sorted().forEach(limit -> {
                    Evidence fact = new Evidence.LimitSet(limit.words(), false, given.by(), given.date());
                    found.notYet(limit::excludes, fact, facts.allowedGate(limit.words()));
                }));
    }

    private static void limitsInWords(Facts facts, Findings found) {
        facts.clearance().filter(given -> !given.words().isEmpty()).ifPresent(given -> {
            Evidence fact = new Evidence.LimitSet(String.join("; ", given.words()), true, given.by(), given.date());
            found.adjust(move -> move.load() > 0, fact, Adjustment.WITHIN_HER_LIMITS);
        });
    }

    private static String asCode(Enum<?> constant) {
        return Arrays.stream(constant.name().split("_")).collect(Collectors.joining("-"));
    }
}
