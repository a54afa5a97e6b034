package openbloom.app.language;

import java.util.Locale;

/** A language her pages and hand-outs can be in. */
public enum HerLanguage {
    ENGLISH(Locale.ENGLISH),
    GERMAN(Locale.GERMAN);

    private final Locale locale;

    HerLanguage(Locale locale) {
        this.locale = locale;
    }

    public Locale locale() {
        return locale;
    }

    /** What it calls itself. */
    public String words() {
        return HerWords.in(this).of("language.name");
    }

    /** Whether its words came later than the first ones, so that somebody who speaks it has to look at them. */
    public boolean isSecond() {
        return this != ENGLISH;
    }
}
