package openbloom.app.checks;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import openbloom.core.Days;
import org.jspecify.annotations.Nullable;

/**
 * One version of a sheet as it is kept; never changed afterwards.
 *
 * @param rootId first version, or null for the first itself
 * @param corrects the version this one takes the place of
 * @param found field and answer; empty when the sheet was withdrawn
 */
public record Sheet(
        long id,
        long womanId,
        SheetKind kind,
        LocalDate checkedOn,
        String checkedBy,
        String keptBy,
        Instant storedAt,
        @Nullable Long rootId,
        @Nullable Long corrects,
        String reason,
        Map<String, String> found) {
    static final Map<String, String> CANNOT_BE_READ = Map.of("cannot-be-read", "YES");

    /** Whether what was found is written in a way this version does not understand. */
    public boolean isUnreadable() {
        return found.equals(CANNOT_BE_READ);
    }

    public long root() {
        return rootId == null ? id : rootId;
    }

    public Answers answers() {
        return new Answers(found);
    }

    /** {@code 24 Nov 2026 by Ines}, by the universal day. */
    public String keptWords() {
        return Days.words(LocalDate.ofInstant(storedAt, ZoneOffset.UTC)) + " by " + keptBy;
    }

    /** Field and answer as they stand in the sheet. */
    public String told() {
        return found.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(answer -> words(answer.getKey()) + " " + words(answer.getValue()))
                .collect(Collectors.joining(", "));
    }

    private static String words(String constant) {
        return constant.toLowerCase(Locale.ROOT).replace('_', ' ').replace('-', ' ');
    }

    public boolean isWithdrawn() {
        return found.isEmpty();
    }
}
