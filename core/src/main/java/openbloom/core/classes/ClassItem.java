package openbloom.core.classes;

import java.util.List;
import openbloom.core.moves.Move;
import openbloom.core.session.Part;
import openbloom.core.session.Pick;

/**
 * One exercise of a class, both its sides together.
 *
 * @param pick as it is called out; worth and verdict are nobody's
 * @param startsAt seconds from the beginning of the class
 * @param seconds in all: getting into it, both sides, rests
 * @param versions as written first, then adjusted, other exercises, and who rests; together everybody once
 * @see ClassSheet
 * @see LaidOut
 */
public record ClassItem(Part part, Pick pick, int startsAt, int seconds, List<ClassVersion> versions) {
    public ClassItem {
        versions = List.copyOf(versions);
    }

    public Move move() {
        return pick.move();
    }

    /** How a member does it. */
    public ClassVersion of(int member) {
        return versions.stream()
                .filter(version -> version.isFor(member))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("A member's number was expected, but was " + member));
    }

    /** In how many ways it is done, those who rest not counted. */
    public int ways() {
        return (int) versions.stream()
                .filter(version -> version.how() != TakesPart.RESTS)
                .count();
    }
}
