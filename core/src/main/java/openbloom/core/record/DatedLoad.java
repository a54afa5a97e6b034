package openbloom.core.record;

import java.time.LocalDate;

/**
 * A load check on its day.
 *
 * @param on the day it was done
 * @param check what it showed, see {@link LoadCheck}
 */
public record DatedLoad(LocalDate on, LoadCheck check) {}
