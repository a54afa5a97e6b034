package openbloom.core.verdict;

/**
 * Why a verdict is what it is.
 *
 * @param fact what triggered the rule: a value and, where it has one, its date
 * @param kind what the rule alone would make of the move
 */
public record Reason(Rule rule, String fact, Kind kind) {
    public String code() {
        return rule.code();
    }
}
