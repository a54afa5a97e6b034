package openbloom.core.verdict;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Every rule, in the order their reasons are told: warning signs first. */
public final class RuleBook {
    /** Stored with every plan, so that a verdict can be explained by the rules it was made with. */
    public static final String VERSION = "2026-11-v6";

    private static final List<Chapter> CHAPTERS = List.of(
            new Chapter("Warning signs, and what has to be asked first", StopRules.all()),
            new Chapter("Pregnancy", PregnancyRules.all()),
            new Chapter("After a birth", AfterBirthRules.all()),
            new Chapter("Early after a birth", EarlyRules.all()),
            new Chapter("After an operation, and wounds", HealingRules.all()),
            new Chapter("The gap", GapRules.all()),
            new Chapter("Pelvic floor", PelvicFloorRules.all()),
            new Chapter("Conditions and pain", BodyRules.all()),
            new Chapter("Falls and age", FallRules.all()),
            new Chapter("What checks found", CheckRules.all()),
            new Chapter("Ladders and kit", LadderRules.all()),
            new Chapter("Her approach", ApproachRules.all()));

    private static final List<Rule> RULES =
            CHAPTERS.stream().flatMap(chapter -> chapter.rules().stream()).toList();
    private static final Map<String, Rule> BY_CODE =
            RULES.stream().collect(Collectors.toUnmodifiableMap(Rule::code, Function.identity()));

    private RuleBook() {}

    /** Rules of one kind, in the order their reasons are told. */
    public record Chapter(String title, List<Rule> rules) {
        public Chapter {
            rules = List.copyOf(rules);
        }
    }

    public static List<Chapter> chapters() {
        return CHAPTERS;
    }

    public static List<Rule> rules() {
        return RULES;
    }

    public static Optional<Rule> find(String code) {
        return Optional.ofNullable(BY_CODE.get(code));
    }
}
