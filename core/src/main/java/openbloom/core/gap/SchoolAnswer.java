package openbloom.core.gap;

import java.util.Optional;
import openbloom.core.evidence.Source;

/**
 * How one school reads a check.
 *
 * @param school whose reading it is, see {@link School}
 * @param verdict what it calls the check
 * @param grade its own grade, empty where it has none
 * @param site the {@link Site} that decided it
 * @param detail the readings it rests on, in words
 * @param source where the school is published
 */
public record SchoolAnswer(
        School school,
        SchoolVerdict verdict,
        Optional<String> grade,
        Optional<Site> site,
        String detail,
        Source source) {
    /** Within the school's limit, wider than it, nothing it could judge, or nothing anybody judges while pregnant. */
    public enum SchoolVerdict {
        WITHIN,
        WIDER,
        NO_READING,
        NOT_JUDGED
    }

    /** What every school answers while she is pregnant: what was read, and no judgement of it. */
    static SchoolAnswer notJudged(School school, GapCheck check) {
        String read = check.widest(GapState.LIFT)
                .or(() -> check.widest(GapState.REST))
                .map(widest -> "read " + widest.words() + "; not judged while pregnant")
                .orElse("not judged while pregnant");
        return new SchoolAnswer(
                school, SchoolVerdict.NOT_JUDGED, Optional.empty(), Optional.empty(), read, school.source());
    }

    /** The same answer, saying that its millimetres were derived from fingers. */
    SchoolAnswer derived() {
        return new SchoolAnswer(school, verdict, grade, site, detail + ", mm derived from fingers", source);
    }
}
