package openbloom.app.system;

import java.util.UUID;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** A key for each form of a page, so that one sent and gone back to takes nothing from another beside it. */
public final class FormKeys {
    private static final Pattern KEY = Pattern.compile("[A-Za-z0-9-]{8,36}");

    /** Whether a page may have made it. */
    public static boolean isKey(@Nullable String sent) {
        return sent != null && KEY.matcher(sent).matches();
    }

    public String next() {
        return UUID.randomUUID().toString();
    }
}
