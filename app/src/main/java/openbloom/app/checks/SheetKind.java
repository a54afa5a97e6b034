package openbloom.app.checks;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A sheet of the check room, in the order of a visit. */
public enum SheetKind {
    OPENING("Opening check"),
    BREATH("Breath"),
    CONNECT("Connect"),
    PELVIC_FLOOR("Pelvic floor"),
    LOAD("Load"),
    POSTURE("Posture"),
    SIDES("Side to side"),
    EFFORT("Effort and return");

    private final String words;

    SheetKind(String words) {
        this.words = words;
    }

    public static Optional<SheetKind> at(String path) {
        return Arrays.stream(values()).filter(kind -> kind.path().equals(path)).findFirst();
    }

    public String words() {
        return words;
    }

    /** Its part of an address, also the name of its template. */
    public String path() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
