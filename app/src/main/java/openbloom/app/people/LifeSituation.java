package openbloom.app.people;

/** Where a woman is in her life as the intake tells it. */
public enum LifeSituation {
    PREGNANT("pregnant"),
    AFTER_BIRTH("after birth"),
    NEITHER("neither");

    private final String words;

    LifeSituation(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
