package openbloom.app.people;

import java.util.List;

/**
 * The line that is always in view in a woman's record.
 *
 * @param stop what stops her today, empty if nothing
 */
public record StageStrip(
        long womanId,
        String name,
        Now now,
        List<String> cautions,
        String clearance,
        String stop,
        NextCheck nextCheck,
        Drawn drawn) {
    static final String CANNOT_BE_READ = "this record cannot be read: open her intake, look through it and save it";

    /**
     * Where she is.
     *
     * @param where weeks and days, or how long since birth, with the unit
     * @param detail trimester and block, or kind of birth
     */
    public record Now(String where, String detail, String stage, boolean isReadable) {}

    /** When the next check is due, in words; whether today or overdue. */
    public record NextCheck(String words, boolean isDue) {}

    /**
     * How she is drawn.
     *
     * @param body how a figure of her is drawn today, as the query of its address; empty when nothing is known
     */
    public record Drawn(String ring, String body) {}

    /** Stands for a woman whose record cannot be read. */
    public static StageStrip unreadable(long womanId, String name) {
        Now now = new Now(CANNOT_BE_READ, "", "", false);
        return new StageStrip(womanId, name, now, List.of(), "", "", new NextCheck("", false), new Drawn("", ""));
    }

    public boolean isReadable() {
        return now.isReadable();
    }
}
