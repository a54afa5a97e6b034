package openbloom.core.verdict;

import java.util.Collection;
import java.util.stream.Collectors;

/** What of the body a demand asks for, and what a fact concerns. */
enum GridPart {
    BELLY("the middle of the belly"),
    FLOOR("the pelvic floor"),
    BREATH("the breath and the pressure from above"),
    CIRCULATION("heart and circulation"),
    BONES("spine and bones"),
    PELVIS("the joints of the pelvis"),
    BACK("the back"),
    NECK("the neck"),
    WRISTS("the wrists"),
    ARMS("the arms"),
    BALANCE("balance and falling"),
    IMPACT("landing"),
    WOUND("a wound of belly or floor"),
    SCAR("the scar"),
    BUMP("the bump"),
    POSITION("the position she lies or sits in"),
    MOVING("moving through a position"),
    CONNECT("how she connects"),
    EFFORT("how hard she works");

    private final String words;

    GridPart(String words) {
        this.words = words;
    }

    static String words(Collection<GridPart> parts) {
        return parts.stream().sorted().map(part -> part.words).collect(Collectors.joining(", "));
    }
}
