package openbloom.app.people;

import java.time.LocalDate;
import openbloom.core.verdict.Client;

/** Reads a woman's whole record, checks and responses included, as the rules want it. */
public interface RecordReader {
    Client clientOn(Woman woman, LocalDate day);

    StageStrip stripOn(Woman woman, LocalDate day);
}
