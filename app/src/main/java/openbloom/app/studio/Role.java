package openbloom.app.studio;

import java.util.List;
import java.util.Locale;

/** What somebody may do in a studio. */
public enum Role {
    /** Everything, and who else may. */
    OWNER("sees and changes everything, and decides who works here"),
    /** Works with the women of the studio. */
    INSTRUCTOR("sees and changes everything of the women"),
    /** Sees what instructors see and changes nothing. */
    READER("sees everything of the women, changes nothing");

    private final String may;

    Role(String may) {
        this.may = may;
    }

    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What she may do, as a half sentence. */
    public String may() {
        return may;
    }

    /** An owner may what an instructor may; a reader is neither. */
    List<String> authorities() {
        return switch (this) {
            case OWNER -> List.of("ROLE_OWNER", "ROLE_INSTRUCTOR");
            case INSTRUCTOR -> List.of("ROLE_INSTRUCTOR");
            case READER -> List.of("ROLE_READER");
        };
    }
}
