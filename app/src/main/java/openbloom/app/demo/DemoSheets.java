package openbloom.app.demo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import openbloom.app.checks.SheetKind;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.screening.Symptom;

/** The sheets of the check room for an invented woman, by what her story tells. */
final class DemoSheets {
    private DemoSheets() {}

    /** A sheet filled in so many days before today. */
    record Filled(SheetKind kind, int daysAgo, Map<String, String> found) {}

    static List<Filled> of(Story story) {
        List<Filled> sheets = new ArrayList<>();
        boolean tight = story.tone() == Tone.TIGHT;
        if (story.sessions() > 0) {
            sheets.add(new Filled(SheetKind.BREATH, 20, breath("SOME", tight ? "HELD" : "")));
            sheets.add(new Filled(SheetKind.BREATH, 6, breath(tight ? "SOME" : "FULL", tight ? "HELD" : "")));
            sheets.add(new Filled(SheetKind.CONNECT, 6, connect(story.sessions())));
        }
        if (story.sessions() > 4) {
            for (int weeks = 4; weeks >= 0; weeks -= 2) {
                sheets.add(new Filled(SheetKind.PELVIC_FLOOR, 6 + 7 * weeks, pelvicFloor(tight, 7 - weeks / 2)));
            }
        }
        if (story.gap() != null && story.gap().domes()) {
            sheets.add(new Filled(SheetKind.LOAD, 6, load()));
        }
        if (story.symptoms().contains(Symptom.PELVIC_GIRDLE_PAIN)) {
            sheets.add(new Filled(
                    SheetKind.EFFORT,
                    6,
                    Map.of("leftRaise", "3", "rightRaise", "2", "talks", "YES", "exertion", "13")));
        }
        if (story.sessions() > 6) {
            sheets.add(new Filled(SheetKind.SIDES, 13, sides()));
        }
        return sheets;
    }

    private static Map<String, String> breath(String backAndSides, String fault) {
        Map<String, String> found = new HashMap<>(Map.of(
                "zone-FRONT_RIBS", "FULL",
                "zone-LEFT_RIBS", "FULL",
                "zone-RIGHT_RIBS", backAndSides,
                "zone-BACK_RIBS", backAndSides,
                "zone-BELLY", "FULL",
                "zone-LOW_BELLY", backAndSides,
                "position-ON_THE_BACK", "NO",
                "position-ON_THE_SIDE", "YES"));
        if (!fault.isEmpty()) {
            found.put("faults", fault);
        }
        return found;
    }

    private static Map<String, String> pelvicFloor(boolean tight, int count) {
        return new HashMap<>(Map.of(
                "felt",
                "YES",
                "holdSeconds",
                String.valueOf(tight ? 3 : count),
                "holdRepetitions",
                String.valueOf(tight ? 2 : count - 2),
                "flicks",
                String.valueOf(count),
                "letsGo",
                tight ? "ABSENT" : "FULL",
                "known",
                "FELT",
                "pain",
                tight ? "YES" : "NO",
                "strains",
                tight ? "YES" : "NO",
                "side",
                "LEFT_WEAKER",
                "areas",
                "RIGHT,BACK,MIDDLE"));
    }

    private static Map<String, String> connect(int sessions) {
        Map<String, String> found = new HashMap<>(Map.of(
                "cue-DRAW_IN", "NO",
                "cue-HIP_BONES", "YES",
                "position-LYING", "YES",
                "faults", "UPPER_BELLY_HARDENS"));
        if (sessions > 4) {
            found.put("position-HANDS_AND_KNEES", "YES");
            found.put("position-SITTING", "NO");
        }
        return found;
    }

    private static Map<String, String> load() {
        return Map.of(
                "flat-FLEXION",
                "0",
                "ended-FLEXION",
                "DOMED",
                "flat-LIMB_LOAD",
                "4",
                "ended-LIMB_LOAD",
                "DOMED",
                "flat-FRONT_SUPPORT",
                "3",
                "ended-FRONT_SUPPORT",
                "DOMED");
    }

    private static Map<String, String> sides() {
        Map<String, String> found = new HashMap<>();
        for (String task : List.of("FLOAT_ONE_LEG", "STAND_ON_ONE_LEG")) {
            found.putAll(Map.of(
                    "control-" + task + "-left", "2",
                    "smoothness-" + task + "-left", "1",
                    "felt-" + task + "-left", "HIP_FLEXORS",
                    "control-" + task + "-right", "3",
                    "smoothness-" + task + "-right", "2",
                    "felt-" + task + "-right", "RIGHT_PLACE"));
        }
        return found;
    }
}
