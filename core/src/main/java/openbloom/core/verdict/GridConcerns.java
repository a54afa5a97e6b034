package openbloom.core.verdict;

import static openbloom.core.verdict.GridPart.*;

import java.util.EnumSet;
import java.util.Set;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;

/** What of the body a fact concerns; empty where it concerns all of her. */
final class GridConcerns {
    private GridConcerns() {}

    static Set<GridPart> of(Condition condition) {
        return switch (condition) {
            case OSTEOPOROSIS, VERTEBRAL_FRACTURE -> EnumSet.of(BONES, BALANCE, IMPACT, BELLY, FLOOR);
            case EPILEPSY -> EnumSet.of(BALANCE);
            case PROLAPSE -> EnumSet.of(FLOOR, IMPACT, BREATH);
            case HERNIA -> EnumSet.of(BELLY, FLOOR, BREATH);
            case EARLIER_SURGERY -> EnumSet.of(WOUND, BELLY, FLOOR, IMPACT);
            case HIGH_BLOOD_PRESSURE_CONTROLLED -> EnumSet.of(CIRCULATION, ARMS, BREATH);
            case ANAEMIA -> EnumSet.of(EFFORT);
            case BREASTFEEDING -> EnumSet.of(IMPACT, PELVIS);
            default -> EnumSet.of(BELLY, FLOOR, IMPACT, EFFORT);
        };
    }

    static Set<GridPart> of(Symptom symptom) {
        return switch (symptom) {
            case LEAK_WITH_EFFORT, LEAK_WITH_URGE, HEAVINESS -> EnumSet.of(FLOOR, IMPACT, BREATH);
            case PELVIC_PAIN, PAIN_WITH_LIFTS -> EnumSet.of(FLOOR, IMPACT);
            case PELVIC_GIRDLE_PAIN -> EnumSet.of(PELVIS, IMPACT);
            case BACK_PAIN -> EnumSet.of(BACK, IMPACT, BELLY, FLOOR);
            case NECK_PAIN -> EnumSet.of(NECK);
            case WRIST_PAIN -> EnumSet.of(WRISTS);
            case DIZZY_LYING_DOWN, FRONT_LYING_UNCOMFORTABLE, SITTING_PRESSURE_UNCOMFORTABLE -> EnumSet.of(POSITION);
            case LIGHT_HEADED -> EnumSet.of(CIRCULATION, BALANCE, IMPACT, POSITION);
            case SCAR_PAIN -> EnumSet.of(SCAR, IMPACT);
            case BELLY_PUSHES_OUT -> EnumSet.of(BELLY);
            case REFLUX -> EnumSet.of(CIRCULATION);
            case SICKNESS, LOW_MOOD, VERY_TIRED, LOW_DAY -> EnumSet.of(EFFORT);
        };
    }

    static Set<GridPart> of(ClinicalRestriction limit) {
        return switch (limit) {
            case NO_LYING_ON_THE_BACK -> EnumSet.of(POSITION);
            case NO_IMPACT -> EnumSet.of(IMPACT);
            case NO_ARMS_OVERHEAD -> EnumSet.of(ARMS);
            case LIGHT_LOAD_ONLY -> EnumSet.of(BELLY, FLOOR, IMPACT);
            case NO_FRONT_SUPPORT -> EnumSet.of(WRISTS, POSITION);
            case NO_FLOOR_CONTRACTIONS -> EnumSet.of(FLOOR);
            case NO_SINGLE_LEG -> EnumSet.of(PELVIS);
            case BREATH_ONLY, WORDS_UNDERSTOOD -> Set.of();
        };
    }
}
