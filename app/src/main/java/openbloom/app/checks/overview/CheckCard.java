package openbloom.app.checks.overview;

import java.util.Optional;

/**
 * One kind of check: what was found last and where it is done.
 *
 * @param last what was found, with its day; empty when it was never done
 */
public record CheckCard(String kind, String path, Optional<String> last, String when, boolean due) {}
