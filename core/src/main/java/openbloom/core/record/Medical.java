package openbloom.core.record;

import java.util.Optional;

/** What she and her clinician have said about her health. */
public record Medical(Answer<Conditions> conditions, Optional<Clearance> clearance) {
    /** The conditions known of her; none are known when nobody asked. */
    public Conditions known() {
        return conditions.known().orElse(Conditions.NONE);
    }
}
