package openbloom.app.checks.sensor;

import java.util.Map;
import openbloom.app.system.Typed;
import openbloom.core.pelvicfloor.trace.Convention;

/** The convention by which contractions are found, as it is typed: shares in percent, times in tenths of a second. */
public record ConventionForm(Map<String, String> typed) {
    private static final int PERCENT = 100;

    public String text(String field) {
        return typed.getOrDefault(
                field,
                switch (field) {
                    case "on" -> String.valueOf(Math.round(PERCENT * Convention.USUAL.onShare()));
                    case "off" -> String.valueOf(Math.round(PERCENT * Convention.USUAL.offShare()));
                    default -> String.valueOf(Math.round(Convention.USUAL.holdSeconds()));
                });
    }

    /** The convention typed, or the usual one where that makes no sense. */
    Convention convention(Typed problems) {
        int on = problems.whole("on", text("on"), 20, 90).orElse(50);
        int off = problems.whole("off", text("off"), 10, 80).orElse(30);
        int hold = problems.whole("hold", text("hold"), 1, 5).orElse(2);
        if (problems.isClean() && off >= on) {
            problems.refuse("off", "trace.thresholds");
        }
        return problems.isClean()
                ? new Convention(
                        on / (double) PERCENT,
                        off / (double) PERCENT,
                        Convention.USUAL.shortestSeconds(),
                        hold,
                        Convention.USUAL.fadeShare())
                : Convention.USUAL;
    }
}
