package openbloom.core.moves;

import java.util.Locale;

/**
 * A ladder of moves of one kind, from easy to hard.
 *
 * @see Move
 * @see Catalogue
 */
public enum ExerciseGroup {
    BREATH("Breath", "breath"),
    CONNECT("Connect", "connect"),
    LIMB_LOAD("Limb load", "limb-load"),
    BRIDGE("Bridge", "bridge"),
    FRONT_SUPPORT("Front support", "front-support"),
    HANDS_AND_KNEES("Hands and knees", "hands-and-knees"),
    SIDE_SUPPORT("Side support", "side-support"),
    UPRIGHT_CONTROL("Upright control", "upright-control"),
    PELVIC_FLOOR_ENDURANCE("Pelvic floor endurance", "pelvic-floor-endurance"),
    PELVIC_FLOOR_QUICK("Pelvic floor quick", "pelvic-floor-quick"),
    PELVIC_FLOOR_AREAS("Pelvic floor areas", "pelvic-floor-areas"),
    RELEASE("Release", "release"),
    MOBILITY("Mobility", "mobility"),
    FLEXION("Return to flexion and rotation", "flexion"),
    STRENGTH_LEGS("Strength, legs", "strength-legs"),
    STRENGTH_PUSH("Strength, push", "strength-push"),
    STRENGTH_PULL("Strength, pull", "strength-pull"),
    STRENGTH_PRESS("Strength, press", "strength-press"),
    BALANCE("Feet and balance", "balance"),
    IMPACT("Impact", "impact"),
    SCAR("Scar care", "scar");

    private final String words;
    private final String wordsWithin;
    private final String fileName;

    ExerciseGroup(String words, String fileName) {
        this.words = words;
        this.wordsWithin = words.toLowerCase(Locale.ROOT);
        this.fileName = fileName;
    }

    public String words() {
        return words;
    }

    /** Its words within a sentence. */
    public String wordsWithin() {
        return wordsWithin;
    }

    /** Name of its file in the catalogue, without ending; also the tone it is drawn in. */
    public String fileName() {
        return fileName;
    }

    /** Strands that work the pelvic floor by lifting it. */
    public boolean isPelvicFloorLift() {
        return this == PELVIC_FLOOR_ENDURANCE || this == PELVIC_FLOOR_QUICK;
    }
}
