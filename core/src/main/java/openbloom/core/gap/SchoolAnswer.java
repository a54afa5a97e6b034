package openbloom.core.gap;

import java.util.Optional;
import openbloom.core.evidence.Source;

/** How one school reads a check. */
public record SchoolAnswer(
        School school, Reading verdict, Optional<String> grade, Optional<Site> site, String detail, Source source) {
    /** Within the school's limit, wider than it, or nothing it could judge. */
    public enum Reading {
        WITHIN,
        WIDER,
        NO_READING
    }

    /** The same answer, saying that its millimetres were derived from fingers. */
    SchoolAnswer derived() {
        return new SchoolAnswer(school, verdict, grade, site, detail + ", mm derived from fingers", source);
    }
}
