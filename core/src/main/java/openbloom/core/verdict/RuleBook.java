package openbloom.core.verdict;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Every rule, in the order their reasons are told: warning signs first. */
public final class RuleBook {
    /** Stored with every plan, so that a verdict can be explained by the rules it was made with. */
    public static final String VERSION = "2026-11-v2";

    private static final List<Rule> RULES = Stream.of(
                    StopRules.all(),
                    PregnancyRules.all(),
                    AfterBirthRules.all(),
                    GapRules.all(),
                    PelvicFloorRules.all(),
                    BodyRules.all(),
                    CheckRules.all(),
                    LadderRules.all(),
                    ApproachRules.all())
            .flatMap(List::stream)
            .toList();
    private static final Map<String, Rule> BY_CODE =
            RULES.stream().collect(Collectors.toUnmodifiableMap(Rule::code, Function.identity()));

    private RuleBook() {}

    public static List<Rule> rules() {
        return RULES;
    }

    public static Optional<Rule> find(String code) {
        return Optional.ofNullable(BY_CODE.get(code));
    }
}
