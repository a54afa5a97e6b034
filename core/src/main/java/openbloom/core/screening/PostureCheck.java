package openbloom.core.screening;

import java.util.Set;
import openbloom.core.Enums;

/**
 * One look at how she stands and sits. Looked at and nothing found is not the same as not looked at.
 *
 * @param isLooked whether somebody looked
 * @param found what was seen; empty where all of it was as it should be
 * @see PostureFinding
 */
public record PostureCheck(boolean isLooked, Set<PostureFinding> found) {
    public static final PostureCheck NOT_CHECKED = new PostureCheck(false, Set.of());

    public PostureCheck {
        found = Enums.copyOf(found);
    }

    public static PostureCheck of(Set<PostureFinding> found) {
        return new PostureCheck(true, found);
    }

    public boolean has(PostureFinding finding) {
        return found.contains(finding);
    }
}
