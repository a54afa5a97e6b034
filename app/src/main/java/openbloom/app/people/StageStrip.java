package openbloom.app.people;

import java.util.List;

/**
 * The line that is always in view in a woman's record.
 *
 * @param where weeks and days, or how long since birth, with the unit
 * @param detail trimester and block, or kind of birth
 * @param stop what stops her today, empty if nothing
 * @param body how a figure of her is drawn today, as the query of its address; empty when nothing is known
 * @param checkDue whether the next check is due today or overdue
 */
public record StageStrip(
        long womanId,
        String name,
        String where,
        String detail,
        String stage,
        List<String> cautions,
        String clearance,
        String stop,
        String nextCheck,
        boolean checkDue,
        String ring,
        String body,
        boolean isReadable) {
    static final String CANNOT_BE_READ = "this record cannot be read: open her intake, look through it and save it";

    /** Stands for a woman whose record cannot be read. */
    public static StageStrip unreadable(long womanId, String name) {
        return new StageStrip(womanId, name, CANNOT_BE_READ, "", "", List.of(), "", "", "", false, "", "", false);
    }
}
