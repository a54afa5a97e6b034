package openbloom.app.checks;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import openbloom.app.checks.log.CheckVersion;
import openbloom.app.checks.log.Logged;

/**
 * One version of a sheet as it is kept; never changed afterwards.
 *
 * @param found field and answer; empty when the sheet was withdrawn
 */
public record Sheet(
        CheckVersion version,
        long womanId,
        SheetKind kind,
        LocalDate checkedOn,
        String checkedBy,
        Map<String, String> found)
        implements Logged {
    static final Map<String, String> CANNOT_BE_READ = Map.of("cannot-be-read", "YES");

    /** Whether what was found is written in a way this version does not understand. */
    public boolean isUnreadable() {
        return found.equals(CANNOT_BE_READ);
    }

    public SheetAnswers answers() {
        return new SheetAnswers(found);
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

    @Override
    public boolean isWithdrawn() {
        return found.isEmpty();
    }
}
