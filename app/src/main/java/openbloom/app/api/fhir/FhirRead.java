package openbloom.app.api.fhir;

import java.util.List;
import java.util.Optional;
import openbloom.app.api.ClientRequest;

/**
 * What a bundle says, as far as it is understood. Nothing is kept by reading it.
 *
 * @param name hers; empty where it is not told
 * @param bornIn year of her birth
 * @param read each thing that was read, and what it becomes
 * @param notUnderstood each thing that was not, and why
 * @param client what was read, as other programs describe a woman
 */
public record FhirRead(
        Optional<String> name,
        Optional<Integer> bornIn,
        List<String> read,
        List<String> notUnderstood,
        ClientRequest client) {
    public FhirRead {
        read = List.copyOf(read);
        notUnderstood = List.copyOf(notUnderstood);
    }
}
