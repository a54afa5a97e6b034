package openbloom.core.verdict;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Every rule, in the order their reasons are told: warning signs first.
 *
 * @see Judgement
 */
public final class RuleBook {
    /** Stored with every plan, so that a verdict can be explained by the rules it was made with. */
    public static final String VERSION = "2026-11-v7";

    private static final List<RuleChapter> CHAPTERS = List.of(
            new RuleChapter("Warning signs, and what has to be asked first", StopRules.all()),
            new RuleChapter("Pregnancy", PregnancyRules.all()),
            new RuleChapter("After a birth", AfterBirthRules.all()),
            new RuleChapter("Early after a birth", EarlyRules.all()),
            new RuleChapter("After an operation, and wounds", HealingRules.all()),
            new RuleChapter("The gap", GapRules.all()),
            new RuleChapter("Pelvic floor", PelvicFloorRules.all()),
            new RuleChapter("Conditions and pain", BodyRules.all()),
            new RuleChapter("Falls and age", FallRules.all()),
            new RuleChapter("What checks found", CheckRules.all()),
            new RuleChapter("Progressions and kit", LadderRules.all()),
            new RuleChapter("Her approach", ApproachRules.all()));

    private static final List<Rule> RULES =
            CHAPTERS.stream().flatMap(chapter -> chapter.rules().stream()).toList();
    private static final Map<String, Rule> BY_CODE =
            RULES.stream().collect(Collectors.toUnmodifiableMap(Rule::code, Function.identity()));

    private RuleBook() {}

    /**
     * Rules of one kind, in the order their reasons are told.
     *
     * @param title as it is said
     * @param rules each a {@link Rule}
     */
    public record RuleChapter(String title, List<Rule> rules) {
        public RuleChapter {
            rules = List.copyOf(rules);
        }
    }

    public static List<RuleChapter> chapters() {
        return CHAPTERS;
    }

    public static List<Rule> rules() {
        return RULES;
    }

    public static Optional<Rule> find(String code) {
        return Optional.ofNullable(BY_CODE.get(code));
    }
}
