package openbloom.app.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.app.system.FormReader;
import openbloom.core.session.Format;
import openbloom.core.session.Format.FormatKind;
import openbloom.core.session.SessionRequest;
import openbloom.core.session.Shares;
import org.jspecify.annotations.Nullable;

/** What a session is asked to be, as it is typed. */
public record ComposeForm(
        @Nullable String minutes,
        @Nullable String kind,
        @Nullable String rounds,
        @Nullable String workSeconds,
        @Nullable String restSeconds,
        @Nullable List<String> shares) {
    public static ComposeForm of(int minutes) {
        return new ComposeForm(Integer.toString(minutes), "", "", "", "", List.of());
    }

    /** How much of the work each goal has, as typed from the first on; empty where nobody typed any. */
    public Optional<Shares> shares(FormReader typed) {
        List<Integer> percent = new ArrayList<>();
        for (int i = 0; i < typedShares(); i++) {
            int at = percent.size();
            typed.whole("shares[" + i + "]", share(i), Shares.LEAST, Shares.MOST)
                    .ifPresent(percent::add);
            if (percent.size() == at && typed.isClean()) {
                typed.refuse("shares[" + i + "]", "session.shareMissing");
            }
        }
        return percent.isEmpty() ? Optional.empty() : Optional.of(new Shares(percent));
    }

    /** Up to the last that is not blank. */
    private int typedShares() {
        int last = 0;
        for (int i = 0; shares != null && i < shares.size(); i++) {
            last = share(i).isBlank() ? last : i + 1;
        }
        return last;
    }

    /** What was typed for one goal, or empty. */
    public String share(int goal) {
        String typed = shares == null || goal >= shares.size() ? null : shares.get(goal);
        return typed == null ? "" : typed;
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
