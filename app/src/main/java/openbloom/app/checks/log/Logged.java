package openbloom.app.checks.log;

import java.time.ZoneId;

/** A check of any kind as it stands in the log. */
public interface Logged {
    CheckVersion version();

    /** Whether nothing is found in it any more. */
    boolean isWithdrawn();

    default long id() {
        return version().id();
    }

    default long root() {
        return version().root();
    }

    default String reason() {
        return version().reason();
    }

    default String keptBy() {
        return version().keptBy();
    }

    default String keptWords(ZoneId there) {
        return version().keptWords(there);
    }
}
