package openbloom.core.record;

import java.time.LocalDate;
import java.util.Optional;
import openbloom.core.screening.Symptom;

/**
 * A leak, heaviness or pain she told from home without saying in which exercise. It counts as a symptom from that day until she
 * is asked again, like one noted in a session; it never takes one away, and no ladder goes down for it.
 *
 * @param on the day it was for
 * @param noted what she told
 * @param place where it hurt; empty if it did not, or she did not say
 * @see SafetyNotes
 */
public record HomeReport(LocalDate on, Noted noted, Optional<PainSite> place) {
    /** The symptom it counts as; empty for pain no symptom says the place of. */
    public Optional<Symptom> symptom() {
        return noted.symptom(place);
    }

    /** It hurt, and no symptom the rules know says where. */
    boolean isPainElsewhere() {
        return noted == Noted.HURT && symptom().isEmpty();
    }
}
