package openbloom.app.api.fhir;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.core.gap.Measured;
import openbloom.core.letter.Letter;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;

/**
 * Who a bundle is about.
 *
 * @param key what its resources are named after; the same key, the same names
 * @param name hers; empty where it is not told
 * @param bornIn year of her birth
 * @param author who has kept the record, and the studio
 * @param client what the rules know of her
 * @param gap her latest gap check with who measured and how; empty where that was not told
 * @param aims what she trains for
 * @param doing exercises she does now, by name
 * @param letter what the document says; empty for a collection
 */
public record FhirSubject(
        String key,
        Optional<String> name,
        Optional<Integer> bornIn,
        Optional<Author> author,
        LocalDate on,
        Instant at,
        Client client,
        Optional<Measured> gap,
        List<Goal> aims,
        List<String> doing,
        Optional<Letter> letter) {
    /** Who has kept it. */
    public record Author(String name, String studio) {}

    public FhirSubject {
        aims = List.copyOf(aims);
        doing = List.copyOf(doing);
    }
}
