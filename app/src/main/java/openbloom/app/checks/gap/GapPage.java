package openbloom.app.checks.gap;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import openbloom.app.people.Woman;
import openbloom.core.Days;
import openbloom.core.gap.School;
import openbloom.core.gap.Site;
import openbloom.core.gap.Spot;

/**
 * What the page of the gap check is opened for.
 *
 * @param action where the form goes
 * @param versions every version of the check that is corrected, latest first; empty otherwise
 */
public record GapPage(
        String title, String lead, String action, PagePurpose purpose, List<GapChecks.KeptCheck> versions) {
    static final int LONGEST_REASON = 300;
    private static final int CLOSE_MM = 25;

    /** A new check, a blind second reading, or a correction. */
    enum PagePurpose {
        NEW,
        BLIND,
        CORRECTION
    }

    static GapPage ofNew(Woman woman) {
        return new GapPage("Gap check", "", base(woman), PagePurpose.NEW, List.of());
    }

    static GapPage blind(Woman woman, GapChecks.KeptCheck first) {
        return new GapPage(
                "Measure again, blind",
                "The first reading is kept and stays hidden. Let her rest, lay the fingers on anew, and read as if for"
                        + " the first time.",
                base(woman) + "/" + first.id() + "/again",
                PagePurpose.BLIND,
                List.of());
    }

    static GapPage correcting(Woman woman, GapChecks.KeptCheck latest, List<GapChecks.KeptCheck> versions) {
        return new GapPage(
                "Correct the check of " + Days.words(latest.check().date()),
                "A correction is a new version; the old one stays and can be looked at below.",
                base(woman) + "/" + latest.id() + "/correct",
                PagePurpose.CORRECTION,
                versions);
    }

    private static String base(Woman woman) {
        return "/people/" + woman.id() + "/checks/gap";
    }

    public boolean isBlind() {
        return purpose == PagePurpose.BLIND;
    }

    public boolean isCorrection() {
        return purpose == PagePurpose.CORRECTION;
    }

    /** The spots of a school, the close ones of common practice (P-GAP-2), or the everyday three. */
    static List<Spot> preset(String name) {
        if (name.equals("CLOSE")) {
            return List.of(new Spot(Site.ABOVE, CLOSE_MM), Spot.usual(Site.NAVEL), new Spot(Site.BELOW, CLOSE_MM));
        }
        Optional<School> school = Arrays.stream(School.values())
                .filter(known -> known.name().equals(name))
                .findFirst();
        return school.map(School::spots).orElseGet(Spot::everyday);
    }
}
