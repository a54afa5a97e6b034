package openbloom.core.verdict;

/**
 * Why a verdict is what it is.
 *
 * @param fact what triggered the rule: a value and, where it has one, its date
 */
public record Reason(Rule rule, String fact) {
    public String code() {
        return rule.code();
    }
}
