package openbloom.app.checks;

import java.time.LocalDate;
import java.util.List;
import openbloom.app.system.Joined;
import openbloom.app.system.Typed;
import openbloom.core.breath.BreathFinding;
import openbloom.core.evidence.Published;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.stage.Told;
import openbloom.core.verdict.ImpactTests;
import org.jspecify.annotations.Nullable;

/** The body check as it is typed. */
public record BodyForm(
        @Nullable String formKey,
        @Nullable String breath,
        @Nullable String tone,
        @Nullable String letsGo,
        @Nullable String pain,
        @Nullable String leftRaise,
        @Nullable String rightRaise,
        @Nullable List<String> tests) {
    private static final int HARDEST_RAISE = Published.STRAIGHT_LEG_RAISE_MAX.amount() / 2;

    /** The check to be kept; what makes no sense is told to {@code typed}. */
    BodyCheck check(long womanId, LocalDate day, String by, Typed typed) {
        if (formKey == null || formKey.isBlank() || formKey.length() > 36) {
            typed.refuse("breath", "typed.formKey");
        }
        var left = typed.whole("leftRaise", leftRaise, 0, HARDEST_RAISE);
        var right = typed.whole("rightRaise", rightRaise, 0, HARDEST_RAISE);
        if (typed.isClean() && left.isPresent() != right.isPresent()) {
            typed.refuse(left.isPresent() ? "rightRaise" : "leftRaise", "body.bothLegs");
        }
        return new BodyCheck(
                0,
                womanId,
                day,
                by,
                typed.choice("breath", breath, BreathFinding.class).orElse(BreathFinding.UNKNOWN),
                typed.choice("tone", tone, Tone.class).orElse(Tone.UNKNOWN),
                typed.choice("letsGo", letsGo, Told.class).orElse(Told.UNKNOWN),
                typed.choice("pain", pain, Told.class).orElse(Told.UNKNOWN),
                left.isPresent() && right.isPresent() ? Integer.valueOf(left.get() + right.get()) : null,
                Joined.constants(typed.choices("tests", tests, ImpactTests.Test.class)));
    }

    public boolean passed(String test) {
        return tests != null && tests.contains(test);
    }
}
