package openbloom.core.pelvicfloor;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import openbloom.core.Days;
import openbloom.core.evidence.Published;

/**
 * What has changed since the first check, as honestly as a day's noise allows, what is due, and when to refer.
 *
 * @see DatedCheck
 * @see Published
 */
public final class PelvicFloorReview {
    /** Seconds or flicks that a day and a stopwatch make; a working value, as nobody has duplicates of this yet. */
    private static final int NOISE = 2;

    private PelvicFloorReview() {}

    /**
     * @param checks oldest first
     * @param heavy whether she tells of heaviness: then the programme lasts longer before it is judged
     * @return sentences, never none
     */
    public static List<String> of(List<DatedCheck> checks, boolean heavy, LocalDate today) {
        if (checks.isEmpty()) {
            return List.of("Not checked yet: practice stays gentle until it is.");
        }
        DatedCheck first = checks.get(0);
        DatedCheck last = checks.get(checks.size() - 1);
        List<String> sentences = new ArrayList<>();
        sentences.add(due(last, today));
        if (checks.size() > 1) {
            sentences.add(changed("Best hold", "s", seconds(first), seconds(last), first.on()));
            sentences.add(changed("In a row", "flicks", flicks(first), flicks(last), first.on()));
        }
        Published programme = heavy ? Published.PELVIC_PROGRAMME_HEAVY : Published.PELVIC_PROGRAMME;
        if (!first.on().plusDays(programme.days()).isAfter(today)) {
            sentences.add(programme.amount() + " weeks since the first check: " + judged(first, last));
        }
        return List.copyOf(sentences);
    }

    private static String due(DatedCheck last, LocalDate today) {
        LocalDate again = last.on().plusDays(Published.PELVIC_REVIEW.days());
        return "Checked " + Days.words(last.on()) + "; again "
                + (again.isAfter(today) ? "on " + Days.words(again) : "now, it is due") + ".";
    }

    private static int seconds(DatedCheck dated) {
        return dated.check().holdSeconds();
    }

    private static int flicks(DatedCheck dated) {
        return dated.check().flicks();
    }

    private static String changed(String what, String unit, int first, int last, LocalDate since) {
        if (last == first) {
            return what + " " + last + " " + unit + ", as on " + Days.words(since) + ".";
        }
        String worth = Math.abs(last - first) > NOISE
                ? "a real change by our working value of " + NOISE + " " + unit
                : "within what a day makes (working value " + NOISE + " " + unit + ")";
        return what + " " + first + " to " + last + " " + unit + " since " + Days.words(since) + ": " + worth + ".";
    }

    private static String judged(DatedCheck first, DatedCheck last) {
        int seconds = seconds(last) - seconds(first);
        int flicks = flicks(last) - flicks(first);
        if (Math.min(seconds, flicks) < -NOISE) {
            return "it has become less. Refer her to a pelvic health clinician.";
        }
        return Math.max(seconds, flicks) > NOISE
                ? "it has grown; go on, and keep it with one set a day once it is full."
                : "no change that is clear of noise. Refer her to a pelvic health clinician.";
    }
}
