package openbloom.app.checks.sensor;

import java.util.Map;
import openbloom.app.system.FormReader;
import openbloom.core.pelvicfloor.trace.Convention;

/** The convention by which contractions are found, as it is typed: shares in percent, times in tenths of a second. */
public record ConventionForm(Map<String, String> typed) {
    private static final int PERCENT = 100;

    public String text(String field) {
        return typed.getOrDefault(
                field,
                switch (field) {
                    case "edge" -> String.valueOf(Math.round(PERCENT * Convention.USUAL.edgeShare()));
                    case "dip" -> String.valueOf(Math.round(PERCENT * Convention.USUAL.dipShare()));
                    default -> String.valueOf(Math.round(Convention.USUAL.holdSeconds()));
                });
    }

    /** The convention typed, or the usual one where that makes no sense. */
    Convention convention(FormReader problems) {
        int edge = problems.whole("edge", text("edge"), 20, 80).orElse(50);
        int dip = problems.whole("dip", text("dip"), 20, 80).orElse(40);
        int hold = problems.whole("hold", text("hold"), 1, 5).orElse(2);
        return problems.isClean()
                ? new Convention(
                        edge / (double) PERCENT,
                        dip / (double) PERCENT,
                        Convention.USUAL.shortestSeconds(),
                        hold,
                        Convention.USUAL.fadeShare())
                : Convention.USUAL;
    }
}
