package openbloom.core.verdict;

import openbloom.core.words.Evidence;

/**
 * Why a verdict is what it is.
 *
 * @param evidence what triggered the rule
 * @param kind what the rule alone would make of the move
 * @see Verdict
 * @see Judgement
 */
public record Reason(Rule rule, Evidence evidence, VerdictKind kind) {
    /** What triggered the rule, in words. */
    public String fact() {
        return evidence.words();
    }

    /** The same reason for what it comes to with one move. */
    Reason as(VerdictKind found) {
        return found == kind ? this : new Reason(rule, evidence, found);
    }

    public String code() {
        return rule.code();
    }
}
