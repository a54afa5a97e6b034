package openbloom.core.verdict;

import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;

/** Why a fact changes nothing for a demand, although the two meet: looked at one by one (common practice, no source). */
final class GridReasons {
    private static final String LIFTS = "FLOOR_.*|BRACED|INNER_THIGH_SQUEEZE";
    private static final String TURNS = "ROTATION_.*";
    private static final String LOADS = "LOAD_.*|PRESSURE_.*";

    private static final List<NoLimitPattern> ALL = List.of(
            // what is small enough for everybody
            of(
                    ".*",
                    "LOAD_1|PRESSURE_1",
                    "the load of sitting up and walking; nobody is kept from it but who is stopped"),
            of("ASKED\\..*", LIFTS, "gentle lifts ask for the floor check, which has its own gate"),
            of(
                    "ASKED\\..*",
                    TURNS + "|OVERHEAD|ROUNDED|HEAVY",
                    "what it loads is asked by its load, not by its direction"),
            // age and training
            of(
                    "AGE\\.16",
                    LIFTS + "|" + TURNS + "|OVERHEAD|CURL|HEAD_LIFT|HEAD_LOW|BREATH_HOLD",
                    "growing limits maximal loads, nothing else"),
            of(
                    "AGE\\.65",
                    LIFTS + "|" + TURNS + "|" + LOADS + "|OVERHEAD|CURL|HEAD_LIFT|IMPACT_1",
                    "below load 3 nothing has to be asked first"),
            of(
                    "AGE\\.65",
                    "BALANCE|SINGLE_LEG|FALL|HANGING|THROWN",
                    "a number alone stops nobody; from seventy-five a support stands within reach"),
            of(
                    "TRAINING\\..*",
                    LIFTS + "|" + TURNS + "|" + LOADS + "|OVERHEAD|CURL|HEAD_LIFT|HEAVY",
                    "where she begins goes by load, and this is within her start"),
            // births: by weeks
            of(
                    "(AGE|BIRTH|TRIMESTER|CONNECT|WOUND|CONDITION|SYMPTOM)\\..*",
                    "CONNECT|LEGS_LYING",
                    "connecting and a sliding leg are where everybody begins"),
            of(
                    "BIRTH\\..*",
                    "BALANCE|SINGLE_LEG|WRIST|BAR_PATH|LEGS_TOGETHER|MOVING|ROUNDED|SEATED|SQUAT|WIDE|BREATH_HOLD|EMPTY_PAUSE",
                    "a birth that heals well limits load and impact, not this"),
            of(
                    "BIRTH\\..*",
                    "FALL|HANGING|THROWN",
                    "a birth makes nobody unsteady; what is lifted or pulled is limited by its load"),
            of(
                    "BIRTH\\..*",
                    LIFTS + "|" + TURNS + "|ARCHED|FRONT_STRETCH|FRONT_SUPPORT|HEAD_LOW|OVERHEAD|WRAPPED|" + LOADS
                            + "|CURL|HEAD_LIFT|IMPACT_.*|HEAVY|SCAR_TOUCH|ON_.*",
                    "by these weeks it is open, or another rule names what it waits for"),
            of(
                    "TEAR\\..*",
                    LOADS
                            + "|HEAVY|SQUAT|LEGS_TOGETHER|SINGLE_LEG|ARCHED|FRONT_STRETCH|WRAPPED|HEAD_LOW|CURL|HEAD_LIFT|"
                            + TURNS,
                    "a tear of the floor is not pulled on by it"),
            of("TEAR\\..*", LIFTS + "|IMPACT_.*|WIDE", "its weeks have passed, or gentle lifts are welcome"),
            of(
                    "WOUND\\.(OPEN_BELLY|NOT_RECORDED)",
                    "LOAD_.*|HEAVY|BRACED|ROTATION_SMALL|WRAPPED|ON_.*|SEATED|FRONT_SUPPORT|CURL|HEAD_LIFT|ROTATION_END|OVERHEAD|ARCHED|FRONT_STRETCH|HEAD_LOW",
                    "held already by the weeks after the birth, or it does not pull on the wound"),
            of("WOUND\\.OPEN_FLOOR", ".*", "it does not pull on the tear"),
            of("TRIMESTER\\.FIRST", ".*", "the first trimester limits little; how she feels decides"),
            of("TRIMESTER\\..*", ".*", "pregnancy changes nothing about it"),
            // operations
            of("SURGERY\\..*|CONDITION\\.EARLIER_SURGERY", LIFTS, "gentle lifts are welcome when nothing hurts"),
            of(
                    "SURGERY\\..*",
                    TURNS
                            + "|HEAD_LIFT|HEAD_LOW|ARCHED|FRONT_STRETCH|OVERHEAD|WRAPPED|HEAVY|LOAD_.*|PRESSURE_.*|CURL|IMPACT_.*",
                    "its weeks have passed, or it does not go through the belly"),
            // conditions
            of(
                    "CONDITION\\.(THYROID|DIABETES_TYPE_1)_CONTROLLED|CONDITION\\.GESTATIONAL_DIABETES",
                    ".*",
                    "controlled it limits no exercise; she eats before and stops when she feels unwell"),
            of(
                    "CONDITION\\.TWINS",
                    ".*",
                    "until the third trimester twins change how her body is drawn; from then her clinician's word is asked"),
            of(
                    "CONDITION\\.(PLACENTA_PRAEVIA|PREVIOUS_PRETERM_BIRTH|RECURRENT_LOSS|GESTATIONAL_HYPERTENSION)",
                    ".*",
                    "pregnant it is held already; the condition ends with the pregnancy"),
            of(
                    "CONDITION\\.HIGH_BLOOD_PRESSURE_CONTROLLED",
                    "EMPTY_PAUSE|HEAVY|PRESSURE_.*",
                    "controlled pressure limits the held breath and the arms overhead; effort goes by the talk test"),
            of(
                    "CONDITION\\.BREASTFEEDING",
                    ".*",
                    "laxer joints ask for the easy middle of a wide range, and a feed before impact"),
            of(
                    "CONDITION\\.(OSTEOPOROSIS|VERTEBRAL_FRACTURE)",
                    LIFTS + "|" + LOADS + "|OVERHEAD",
                    "strong and steady is what bones need"),
            of(
                    "CONDITION\\.HERNIA",
                    LIFTS + "|LOAD_.*|EMPTY_PAUSE|OVERHEAD|ROTATION_.*",
                    "without strain it does not press on a hernia"),
            of(
                    "CONDITION\\.PROLAPSE",
                    LIFTS + "|BREATH_HOLD|EMPTY_PAUSE",
                    "lifts are what helps it; holding the breath is held by its pressure"),
            // symptoms
            of("(LEAK|SYMPTOM)\\..*", LIFTS, "lifts are what helps, while nothing hurts"),
            of(
                    "(LEAK|SYMPTOM)\\.(LEAK.*|HEAVINESS|COUGH|JUMP|TRAMPOLINE|RUN|LIFT|ANY|URGE)",
                    "BREATH_HOLD|EMPTY_PAUSE",
                    "what it presses is counted as pressure"),
            of(
                    "LEAK\\..*|SYMPTOM\\.LEAK_WITH_URGE",
                    "HEAVY|IMPACT_.*|PRESSURE_.*",
                    "she reported that it comes with something else"),
            of(
                    "SYMPTOM\\.BACK_PAIN",
                    "CURL|HEAD_LIFT|OVERHEAD|HEAVY|" + TURNS,
                    "a back that hurts is spared load, not direction"),
            of(
                    "SYMPTOM\\.LIGHT_HEADED",
                    "OVERHEAD|SEATED|ON_THE_BALL",
                    "sitting and reaching bring no faintness; coming up slowly does the rest"),
            of(
                    "SYMPTOM\\.(DIZZY_LYING_DOWN|FRONT_LYING_UNCOMFORTABLE|SITTING_PRESSURE_UNCOMFORTABLE)",
                    ".*",
                    "another position than the one that troubles her"),
            of("SYMPTOM\\.REFLUX", "OVERHEAD|BREATH_HOLD|HEAVY", "acid comes up with the position, not with the load"),
            of(
                    "SYMPTOM\\.(PELVIC_GIRDLE_PAIN|PELVIC_PAIN|PAIN_WITH_LIFTS|BELLY_PUSHES_OUT)",
                    ".*",
                    "it does not load what hurts"),
            of(
                    "SYMPTOM\\.(LOW_MOOD|VERY_TIRED)",
                    ".*",
                    "a low day changes the session that is offered, not what she may do"),
            of("SYMPTOM\\.SICKNESS", ".*", "manageable sickness changes the pace of a session, not what she may do"),
            // checks
            of(
                    "GAP\\..*",
                    "LOAD_2|OVERHEAD|ROTATION_SMALL|HEAVY",
                    "what it loads the middle with is counted as midline load"),
            of(
                    "FLOOR\\.(TIGHT|NONE_FELT|PAIN)|LETTING_GO\\..*",
                    "IMPACT_.*|PRESSURE_.*|HEAVY|BREATH_HOLD|EMPTY_PAUSE",
                    "a floor that has to let go still bears load; what it must not do is lift more"),
            of(
                    "FLOOR\\.(NOT_CHECKED|NONE_FELT)|LETTING_GO\\..*",
                    "FLOOR_BY_AREA|BRACED|INNER_THIGH_SQUEEZE|PRESSURE_.*|HEAVY",
                    "attention and light effort are how a floor is found"),
            of(
                    "FLOOR\\.(WEAK|UNCOORDINATED)",
                    ".*",
                    "a weak floor is trained; what it bears goes by leak and heaviness"),
            of("RAISE\\.HARD|LIMIT\\.NO_SINGLE_LEG", ".*", "both legs share it"),
            of("LIMIT\\.LIGHT_LOAD_ONLY", ".*", "light is load 1, and this is light by itself"),
            of("LIMIT\\.NO_FLOOR_CONTRACTIONS", ".*", "it asks for no lift of the floor"),
            of("LIMIT\\.(NO_FRONT_SUPPORT|NO_LYING_ON_THE_BACK)", ".*", "another position than the one she limited"));

    private GridReasons() {}

    /** A reason for some facts and demands by their ids. */
    private record NoLimitPattern(Pattern fact, Pattern demand, String why) {}

    private static NoLimitPattern of(String fact, String demand, String why) {
        return new NoLimitPattern(Pattern.compile(fact), Pattern.compile(demand), why);
    }

    /** Empty when the two meet and nobody has said why nothing follows. */
    static String why(GridRow row, GridColumn column) {
        boolean meet = row.concerns().isEmpty() || !Collections.disjoint(row.concerns(), column.uses());
        if (!meet) {
            return "no limit: " + row.words() + " concerns " + GridPart.words(row.concerns()) + "; " + column.words()
                    + " asks for " + GridPart.words(column.uses());
        }
        return ALL.stream()
                .filter(one -> one.fact.matcher(row.id()).matches()
                        && one.demand.matcher(column.id()).matches())
                .findFirst()
                .map(one -> "no limit: " + one.why)
                .orElse("");
    }
}
