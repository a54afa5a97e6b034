package openbloom.app.people;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * The line that is always in view in a woman's record.
 *
 * @param stops what stops her today, and what pain holds
 */
public record StageStrip(
        long womanId,
        String name,
        Now now,
        List<String> cautions,
        String clearance,
        Stops stops,
        NextCheck nextCheck,
        StageDrawn drawn) {
    static final String CANNOT_BE_READ = "this record cannot be read: open her intake, look through it and save it";

    /**
     * Where she is.
     *
     * @param where weeks and days, or how long since birth, with the unit
     * @param detail trimester and block, or kind of birth
     */
    public record Now(String where, String detail, String stage, boolean isReadable) {}

    /**
     * What stops her.
     *
     * @param sign a warning sign in words; empty if none stands
     * @param held pain that holds ladders and what loads the place, in words
     */
    public record Stops(String sign, List<String> held) {
        public static final Stops NONE = new Stops("", List.of());
    }

    /** A warning sign that stops her today; empty if none. */
    public String stop() {
        return stops.sign();
    }

    public List<String> held() {
        return stops.held();
    }

    /**
     * When the next gap check is due, in words; whether today or overdue.
     *
     * @param on the day; none where no check is due
     */
    public record NextCheck(String words, boolean isDue, Optional<LocalDate> on) {}

    /**
     * How she is drawn.
     *
     * @param body how a figure of her is drawn today, as the query of its address; empty when nothing is known
     */
    public record StageDrawn(String ring, String body) {}

    /** Stands for a woman whose record cannot be read. */
    public static StageStrip unreadable(long womanId, String name) {
        Now now = new Now(CANNOT_BE_READ, "", "", false);
        return new StageStrip(
                womanId,
                name,
                now,
                List.of(),
                "",
                Stops.NONE,
                new NextCheck("", false, Optional.empty()),
                new StageDrawn("", ""));
    }

    public boolean isReadable() {
        return now.isReadable();
    }
}
