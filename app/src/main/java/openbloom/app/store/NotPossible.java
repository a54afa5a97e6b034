package openbloom.app.store;

/** What an operator asked for cannot be done, in one sentence; nothing was lost. */
public final class NotPossible extends RuntimeException {
    private static final long serialVersionUID = 1L;

    NotPossible(String why) {
        super(why);
    }

    NotPossible(String why, Throwable cause) {
        super(why, cause);
    }
}
