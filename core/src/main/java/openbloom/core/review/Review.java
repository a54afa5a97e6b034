package openbloom.core.review;

import java.time.LocalDate;
import java.util.List;

/** The look back at a block, or at any two days. */
public record Review(
        LocalDate from, LocalDate to, List<Measure> measures, List<AimLook> aims, List<Proposed> proposals) {
    public Review {
        measures = List.copyOf(measures);
        aims = List.copyOf(aims);
        proposals = List.copyOf(proposals);
    }

    public static Review of(Look look) {
        List<AimLook> aims = look.aims().stream()
                .distinct()
                .map(aim -> AimLook.of(aim, look))
                .toList();
        return new Review(look.from(), look.to(), Measures.of(look), aims, Proposed.of(look, aims));
    }
}
