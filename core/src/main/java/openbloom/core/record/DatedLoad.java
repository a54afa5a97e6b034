package openbloom.core.record;

import java.time.LocalDate;

/** A load check on its day. */
public record DatedLoad(LocalDate on, LoadCheck check) {}
