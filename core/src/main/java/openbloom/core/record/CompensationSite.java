package openbloom.core.record;

import java.util.Arrays;
import java.util.Optional;

/** What did the work in place of what was meant to. */
public enum CompensationSite {
    BACK("back"),
    NECK("neck"),
    HIP("hip"),
    THIGH("thigh");

    private final String words;

    CompensationSite(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** What a response names; empty when it was not told. */
    public static Optional<CompensationSite> named(String what) {
        return Arrays.stream(values()).filter(one -> one.name().equals(what)).findFirst();
    }
}
