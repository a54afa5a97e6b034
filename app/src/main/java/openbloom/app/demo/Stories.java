package openbloom.app.demo;

import static openbloom.core.moves.Equipment.BALL;
import static openbloom.core.moves.Equipment.BAND;
import static openbloom.core.moves.Equipment.BAR;
import static openbloom.core.moves.Equipment.BARBELL;
import static openbloom.core.moves.Equipment.BLOCK;
import static openbloom.core.moves.Equipment.CHAIR;
import static openbloom.core.moves.Equipment.DUMBBELL;
import static openbloom.core.moves.Equipment.RACK;
import static openbloom.core.moves.Equipment.ROPE;
import static openbloom.core.moves.Equipment.STEP;
import static openbloom.core.screening.Condition.BREASTFEEDING;
import static openbloom.core.screening.Condition.HIGH_BLOOD_PRESSURE_CONTROLLED;
import static openbloom.core.screening.Condition.OSTEOPOROSIS;
import static openbloom.core.screening.Symptom.BACK_PAIN;
import static openbloom.core.screening.Symptom.HEAVINESS;
import static openbloom.core.screening.Symptom.PAIN_WITH_LIFTS;
import static openbloom.core.screening.Symptom.PELVIC_GIRDLE_PAIN;
import static openbloom.core.screening.Symptom.PELVIC_PAIN;
import static openbloom.core.screening.Symptom.SICKNESS;
import static openbloom.core.screening.Symptom.SITTING_PRESSURE_UNCOMFORTABLE;
import static openbloom.core.screening.Symptom.WRIST_PAIN;
import static openbloom.core.stage.BirthKind.ASSISTED;
import static openbloom.core.stage.BirthKind.CAESAREAN;
import static openbloom.core.stage.BirthKind.VAGINAL;

import java.util.List;
import java.util.Set;
import openbloom.app.demo.Story.GapStory;
import openbloom.core.YesNoUnknown;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Tear;

/** The fourteen invented women of the Boathouse Rooms. */
final class Stories {
    private Stories() {}

    static List<Story> all() {
        return List.of(
                new Story(
                        Story.DemoIntake.pregnant("Aveline Thorne", 31, 9, 3, "keep moving without feeling worse"),
                        Set.of(SICKNESS),
                        Set.of(),
                        null,
                        2,
                        "08:45",
                        false),
                new Story(
                        Story.DemoIntake.pregnant(
                                        "Brisa Calder", 29, 16, 2, "keep lifting; asks about box jumps and burpees")
                                .having(BLOCK, BAND, DUMBBELL, CHAIR, STEP, BARBELL, BAR, ROPE, RACK),
                        Set.of(WRIST_PAIN),
                        Set.of(),
                        new GapStory(4, 5, 2, 3, 1, false),
                        7,
                        "09:30",
                        true),
                new Story(
                        Story.DemoIntake.pregnant("Corin Ashdown", 34, 22, 4, "walk and turn over in bed without pain")
                                .births(1),
                        Set.of(PELVIC_GIRDLE_PAIN),
                        Set.of(),
                        new GapStory(5, 9, 3, 4, 1, false),
                        6,
                        null,
                        false),
                new Story(
                        Story.DemoIntake.pregnant("Delphine Orrey", 37, 29, 1, "stay strong until the birth")
                                .with(HIGH_BLOOD_PRESSURE_CONTROLLED)
                                .cleared(30, "hospital midwife"),
                        Set.of(),
                        Set.of(),
                        new GapStory(6, 4, 2, 4, 1, false),
                        8,
                        "11:00",
                        true),
                new Story(
                        Story.DemoIntake.pregnant("Esme Hollin", 33, 34, 0, "less back ache, ready for the birth")
                                .births(1)
                                .having(BALL, CHAIR),
                        Set.of(BACK_PAIN),
                        Set.of(),
                        new GapStory(8, 6, 3, 5, 1, true),
                        9,
                        "11:45",
                        false),
                new Story(
                        Story.DemoIntake.pregnant("Fenna Marlowe", 35, 24, 5, "carry two babies with less strain")
                                .twins()
                                .cleared(
                                        20,
                                        "consultant",
                                        ClinicalRestriction.NO_IMPACT,
                                        ClinicalRestriction.LIGHT_LOAD_ONLY),
                        Set.of(),
                        Set.of(),
                        new GapStory(4, 3, 3, 5, 1, false),
                        5,
                        null,
                        false),
                new Story(
                        Story.DemoIntake.born(
                                        "Greta Sorrel",
                                        28,
                                        9,
                                        VAGINAL,
                                        Tear.SECOND,
                                        YesNoUnknown.NO,
                                        "sit without discomfort")
                                .with(BREASTFEEDING),
                        Set.of(SITTING_PRESSURE_UNCOMFORTABLE),
                        Set.of(WarningSign.FEVER),
                        null,
                        0,
                        "13:00",
                        true),
                new Story(
                        Story.DemoIntake.born(
                                        "Hazel Quillon",
                                        32,
                                        36,
                                        CAESAREAN,
                                        Tear.NONE,
                                        YesNoUnknown.YES,
                                        "lift the older child again")
                                .births(2),
                        Set.of(),
                        Set.of(),
                        new GapStory(2, 6, 7, 6, 1, true),
                        2,
                        null,
                        false),
                new Story(
                        Story.DemoIntake.born(
                                        "Imke Farrow",
                                        30,
                                        58,
                                        ASSISTED,
                                        Tear.THIRD,
                                        YesNoUnknown.YES,
                                        "hold on when she coughs")
                                .cleared(8, "pelvic health physiotherapist", ClinicalRestriction.NO_IMPACT),
                        Set.of(openbloom.core.screening.Symptom.LEAK_WITH_EFFORT),
                        Set.of(),
                        new GapStory(4, 2, 6, 5, 1, false),
                        4,
                        "14:30",
                        false),
                new Story(
                        Story.DemoIntake.born(
                                        "Rhona Vale",
                                        36,
                                        100,
                                        CAESAREAN,
                                        Tear.NONE,
                                        YesNoUnknown.YES,
                                        "run along the harbour again")
                                .cleared(50, "family doctor")
                                .with(BREASTFEEDING)
                                .having(BLOCK, BALL, BAND, CHAIR, DUMBBELL),
                        Set.of(),
                        Set.of(),
                        new GapStory(8, 7, 7, 5, 1, true),
                        9,
                        "15:30",
                        true),
                new Story(
                        Story.DemoIntake.born(
                                        "Jorun Pell",
                                        34,
                                        213,
                                        VAGINAL,
                                        Tear.FIRST,
                                        YesNoUnknown.YES,
                                        "a flat belly line on effort; crunches")
                                .cleared(160, "family doctor"),
                        Set.of(),
                        Set.of(),
                        new GapStory(16, 3, 6, 6, 1, false),
                        12,
                        "17:00",
                        true),
                new Story(
                        Story.DemoIntake.born(
                                        "Kestrel Dunmore",
                                        38,
                                        735,
                                        VAGINAL,
                                        Tear.SECOND,
                                        YesNoUnknown.YES,
                                        "no pain, no straining")
                                .cleared(600, "pelvic health physiotherapist"),
                        Set.of(PELVIC_PAIN, PAIN_WITH_LIFTS),
                        Set.of(),
                        new GapStory(3, 12, 4, 4, 1, false),
                        5,
                        null,
                        false),
                new Story(
                        Story.DemoIntake.born(
                                        "Linnea Strand",
                                        33,
                                        152,
                                        VAGINAL,
                                        Tear.SECOND,
                                        YesNoUnknown.YES,
                                        "carry the baby without heaviness")
                                .cleared(100, "midwife"),
                        Set.of(HEAVINESS),
                        Set.of(),
                        new GapStory(7, 20, 6, 4, 1, false),
                        7,
                        null,
                        false),
                new Story(
                        Story.DemoIntake.neither("Maren Copeland", 58, "garden without back ache; strong bones")
                                .births(3)
                                .with(OSTEOPOROSIS)
                                .having(CHAIR, BAND, DUMBBELL)
                                .cleared(90, "family doctor"),
                        Set.of(),
                        Set.of(),
                        new GapStory(10, 2, 7, 6, 2, false),
                        10,
                        "18:15",
                        true));
    }
}
