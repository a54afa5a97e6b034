package openbloom.app.session;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Pattern;
import openbloom.app.system.FormReader;
import openbloom.core.progress.DoseStep;
import openbloom.core.progress.Pain;
import org.jspecify.annotations.Nullable;

/** What goes with a response: a number for pain, what was counted, a short note, and what it takes the place of. */
record HowForm(
        @Nullable String pain,
        @Nullable String counted,
        @Nullable String kilograms,
        @Nullable String note,
        @Nullable String instead,
        @Nullable String takenBack) {
    private static final Pattern KEY = Pattern.compile("[\\w.-]{1,36}");
    private static final int LONGEST_NOTE = 200;
    private static final int MOST = 2000;

    /** Key of what it takes the place of. */
    Optional<String> insteadOf(FormReader typed) {
        String key = instead == null ? "" : instead.strip();
        if (!key.isEmpty() && !KEY.matcher(key).matches()) {
            typed.refuse("instead", "session.noSuchResponse");
            return Optional.empty();
        }
        return key.isEmpty() ? Optional.empty() : Optional.of(key);
    }

    boolean isTakenBack() {
        return "yes".equals(takenBack);
    }

    /** @param item number of the item in the plan; what was asked of her stands there */
    StoredResponse.How read(FormReader typed, int item, SessionDocument plan) {
        Integer pain = typed.whole("pain", this.pain, 0, Pain.MOST).orElse(null);
        Integer done = typed.whole("counted", counted, 0, MOST).orElse(null);
        BigDecimal load = Loads.read(typed, "kilograms", kilograms).orElse(null);
        String words = typed.text("note", note, LONGEST_NOTE);
        if (item < 0 || item >= plan.items().size()) {
            return new StoredResponse.How(pain, null, null, DoseStep.WRITTEN, null, words);
        }
        SessionLine of = plan.items().get(item);
        Integer asked = done == null ? null : of.counting(plan.format()).total();
        return new StoredResponse.How(pain, done, asked, of.doseStep(), load, words);
    }
}
