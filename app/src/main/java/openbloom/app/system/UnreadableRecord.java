package openbloom.app.system;

import org.jspecify.annotations.Nullable;

/** A stored record that cannot be read. It is said where it would stand; every other record goes on. */
public final class UnreadableRecord extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String name;

    public UnreadableRecord(String name, String what, @Nullable Throwable cause) {
        super(what, cause);
        this.name = name;
    }

    /** Whose record it is. */
    public String name() {
        return name;
    }
}
