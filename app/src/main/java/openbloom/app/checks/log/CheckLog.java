package openbloom.app.checks.log;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.dao.DuplicateKeyException;

/** What counts of the versions of checks, and what came of adding one. */
public final class CheckLog {
    private CheckLog() {}

    /** What came of a correction. */
    public enum LoggedCheck {
        NEW_VERSION,
        OVERTAKEN
    }

    /** The latest version of each check, in the order given; withdrawn ones are left out. */
    public static <E extends Logged> List<E> current(List<E> versions) {
        Set<Long> overtaken = versions.stream()
                .map(one -> one.version().corrects())
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        return versions.stream()
                .filter(one -> !one.isWithdrawn() && !overtaken.contains(one.id()))
                .toList();
    }

    /** All versions of one check, the latest first; empty when there is none of that number. */
    public static <E extends Logged> List<E> versionsOf(long id, List<E> all) {
        Optional<Long> root =
                all.stream().filter(one -> one.id() == id).map(Logged::root).findFirst();
        return all.stream()
                .filter(one -> root.filter(same -> one.root() == same).isPresent())
                .sorted(Comparator.comparing(Logged::id).reversed())
                .toList();
    }

    /** Adds a correction; the database lets one version be corrected once. */
    public static LoggedCheck correct(Runnable insert) {
        try {
            insert.run();
            return LoggedCheck.NEW_VERSION;
        } catch (DuplicateKeyException alreadyCorrected) {
            return LoggedCheck.OVERTAKEN;
        }
    }
}
