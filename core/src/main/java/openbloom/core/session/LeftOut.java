package openbloom.core.session;

import openbloom.core.moves.Move;
import openbloom.core.verdict.VerdictKind;

/**
 * A move she might have expected, and why it is not in the session.
 *
 * @param move the {@link Move} she might expect
 * @param verdict what the {@link VerdictKind} is
 * @param reason in a sentence
 */
public record LeftOut(Move move, VerdictKind verdict, String reason) {}
