package openbloom.app.people;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.core.record.Approach;
import openbloom.core.record.Client;

/** Reads a woman's whole record, checks and responses included, as the rules want it. */
public interface RecordReader {
    Client clientOn(Woman woman, LocalDate day);

    /** Many women's records in one batch, in their order; one that cannot be read is listed as such. */
    List<ListedRecord> listedOn(List<Woman> women, LocalDate day);

    /**
     * A woman as a list shows her.
     *
     * @param client what the rules read of her; empty when her record cannot be read
     */
    record ListedRecord(Woman woman, Optional<Client> client, StageStrip strip) {}

    /** The approach that counts for her: her own choices over the studio's over the usual ones. */
    Approach approachOf(Woman woman);

    StageStrip stripOn(Woman woman, LocalDate day);

    /** Numbers of the women of a studio whom a warning sign stops. */
    List<Long> stoppedIn(long studioId);

    /** Numbers of the women of a studio whose pain may still hold something. */
    List<Long> heldIn(long studioId);
}
