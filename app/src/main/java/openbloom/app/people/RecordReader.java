package openbloom.app.people;

import java.time.LocalDate;
import openbloom.core.verdict.Approach;
import openbloom.core.verdict.Client;

/** Reads a woman's whole record, checks and responses included, as the rules want it. */
public interface RecordReader {
    Client clientOn(Woman woman, LocalDate day);

    /** The approach that counts for her: her own choices over the studio's over the usual ones. */
    Approach approachOf(Woman woman);

    StageStrip stripOn(Woman woman, LocalDate day);
}
