package openbloom.app.session;

import java.time.LocalDate;
import openbloom.core.moves.Strand;

/** One thing noted about one item of a taught session. */
public record Response(long sessionId, LocalDate on, int item, String moveId, Strand strand, int rung, Told told) {}
