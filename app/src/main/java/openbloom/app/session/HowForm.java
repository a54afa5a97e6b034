package openbloom.app.session;

import java.math.BigDecimal;
import openbloom.app.system.Typed;
import openbloom.core.progress.DoseStep;
import openbloom.core.progress.Pain;
import org.jspecify.annotations.Nullable;

/** What goes with a response: a number for pain, what was counted, a short note. */
record HowForm(
        @Nullable String pain,
        @Nullable String counted,
        @Nullable String kilograms,
        @Nullable String note) {
    private static final int LONGEST_NOTE = 200;
    private static final int MOST = 2000;

    /** @param item number of the item in the plan; what was asked of her stands there */
    StoredResponse.How read(Typed typed, int item, PlanDocument plan) {
        Integer pain = typed.whole("pain", this.pain, 0, Pain.MOST).orElse(null);
        Integer done = typed.whole("counted", counted, 0, MOST).orElse(null);
        BigDecimal load = Loads.read(typed, "kilograms", kilograms).orElse(null);
        String words = typed.text("note", note, LONGEST_NOTE);
        if (item < 0 || item >= plan.items().size()) {
            return new StoredResponse.How(pain, null, null, DoseStep.WRITTEN, null, words);
        }
        PlannedItem of = plan.items().get(item);
        return new StoredResponse.How(pain, done, done == null ? null : of.counts(), of.doseStep(), load, words);
    }
}
