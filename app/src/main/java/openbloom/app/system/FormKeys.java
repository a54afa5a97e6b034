package openbloom.app.system;

import java.util.UUID;

/** A key for each form of a page, so that one sent and gone back to takes nothing from another beside it. */
public final class FormKeys {
    public String next() {
        return UUID.randomUUID().toString();
    }
}
