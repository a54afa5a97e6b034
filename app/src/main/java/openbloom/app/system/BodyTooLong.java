package openbloom.app.system;

import java.io.IOException;

/** More came than may come. */
public final class BodyTooLong extends IOException {
    private static final long serialVersionUID = 1L;

    BodyTooLong() {
        super("the body is longer than allowed");
    }
}
