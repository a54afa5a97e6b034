package openbloom.app.session;

import openbloom.app.system.FormReader;
import openbloom.core.session.Format;
import openbloom.core.session.Format.FormatKind;
import openbloom.core.session.SessionRequest;
import org.jspecify.annotations.Nullable;

/** What a session is asked to be, as it is typed. */
public record ComposeForm(
        @Nullable String minutes,
        @Nullable String kind,
        @Nullable String rounds,
        @Nullable String workSeconds,
        @Nullable String restSeconds) {
    public static ComposeForm of(int minutes) {
        return new ComposeForm(Integer.toString(minutes), "", "", "", "");
    }

    /** The minutes asked for; any number that makes sense while there are problems. */
    public int minutes(FormReader typed) {
        return typed.requiredWhole("minutes", minutes, SessionRequest.SHORTEST_MINUTES, SessionRequest.LONGEST_MINUTES)
                .orElse(SessionRequest.SHORTEST_MINUTES);
    }

    /** The format; where none is chosen the one that suits the length. */
    public Format format(FormReader typed, int asked) {
        Format usual =
                typed.choice("kind", kind, FormatKind.class).map(Format::of).orElseGet(() -> Format.usual(asked));
        return new Format(
                usual.kind(),
                typed.whole("rounds", rounds, 1, Format.MOST_ROUNDS).orElse(usual.rounds()),
                typed.whole("workSeconds", workSeconds, Format.SHORTEST_WORK, Format.LONGEST_WORK)
                        .orElse(usual.workSeconds()),
                typed.whole("restSeconds", restSeconds, Format.SHORTEST_REST, Format.LONGEST_REST)
                        .orElse(usual.restSeconds()));
    }
}
