package openbloom.core.words;

import openbloom.core.evidence.Published;

/**
 * Something a woman can be asked or checked about.
 *
 * @see Evidence
 */
public enum Topic {
    WARNING_SIGNS("warning signs not asked"),
    SYMPTOMS(Published.said("symptoms not asked in the last {} days", Published.SYMPTOM_MEMORY)),
    CONDITIONS("conditions not asked"),
    LEAK_AND_HEAVINESS(Published.said(
            "not free of leak and heaviness in the last {} days, or not asked", Published.SYMPTOM_MEMORY)),
    LYING_ON_THE_BACK("not asked how she feels lying down"),
    GAP("gap not checked"),
    FLOOR("pelvic floor not checked"),
    TRAINING("training before and levels not known"),
    BIRTH("no birth on file"),
    CAESAREAN("no caesarean on file");

    private final String words;

    Topic(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
