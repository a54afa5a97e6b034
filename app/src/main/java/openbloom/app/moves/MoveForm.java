package openbloom.app.moves;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import openbloom.core.figure.Joint;
import org.jspecify.annotations.Nullable;

/** A studio's own move as it is typed; turned into an entry of a YAML file, so that one checker judges both ways in. */
public record MoveForm(
        @Nullable String id,
        @Nullable String name,
        @Nullable String strand,
        @Nullable String rung,
        @Nullable String purpose,
        @Nullable String position,
        @Nullable String midlineLoad,
        @Nullable String pressure,
        @Nullable String flexion,
        @Nullable String rotation,
        @Nullable String impact,
        @Nullable List<String> demands,
        @Nullable String sides,
        @Nullable String breath,
        @Nullable String tone,
        @Nullable String dose,
        @Nullable String figure,
        @Nullable Map<String, String> joints,
        @Nullable String jointsOf,
        @Nullable String setup,
        @Nullable String cue,
        @Nullable String watchFor,
        @Nullable String easier,
        @Nullable String harder,
        @Nullable String swaps) {

    static MoveForm empty() {
        return new MoveForm(
                "",
                "",
                "limb-load",
                "1",
                "limb-load",
                "hooklying",
                "0",
                "0",
                "none",
                "none",
                "0",
                List.of(),
                "both",
                "out",
                "neutral",
                "reps",
                "hooklying",
                Map.of(),
                "hooklying",
                "",
                "",
                "",
                "",
                "",
                "");
    }

    Map<String, Object> entry() {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("id", text(id));
        entry.put("name", text(name));
        entry.put("strand", text(strand));
        entry.put("rung", number(rung));
        entry.put("purpose", text(purpose));
        entry.put("position", text(position));
        entry.put("midline_load", number(midlineLoad));
        entry.put("pressure", number(pressure));
        entry.put("flexion", text(flexion));
        entry.put("rotation", text(rotation));
        entry.put("impact", number(impact));
        if (demands != null) {
            demands.forEach(demand -> entry.put(demand, true));
        }
        entry.put("sides", text(sides));
        entry.put("breath", text(breath));
        entry.put("tone", text(tone));
        entry.put("dose", text(dose));
        entry.put("figure", text(figure));
        entry.put("setup", lines(setup));
        entry.put("cues", Map.of("plain", text(cue)));
        entry.put("watch_for", lines(watchFor));
        entry.put("easier", ids(easier));
        entry.put("harder", ids(harder));
        entry.put("swaps", ids(swaps));
        return entry;
    }

    /** Joints that were turned, of the figure they belong to; none of a figure chosen afterwards without a script. */
    Map<Joint, Integer> turned() {
        return joints == null || !text(figure).equals(text(jointsOf)) ? Map.of() : JointFields.of(joints);
    }

    /** What was typed for a joint, or what the figure has. */
    public String joint(Joint joint, Map<Joint, Integer> measured) {
        String typed = joints == null ? null : joints.get(joint.written());
        return typed == null ? String.valueOf(measured.getOrDefault(joint, 0)) : typed;
    }

    public boolean has(String demand) {
        return demands != null && demands.contains(demand);
    }

    private static String text(@Nullable String typed) {
        return typed == null ? "" : typed.strip();
    }

    /** A number if it is one; otherwise the text itself, which the checker refuses in words. */
    private static Object number(@Nullable String typed) {
        String text = text(typed);
        return text.matches("\\d{1,6}") ? Integer.valueOf(text) : text;
    }

    private static List<String> lines(@Nullable String typed) {
        return text(typed)
                .lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList();
    }

    private static List<String> ids(@Nullable String typed) {
        return new ArrayList<>(
                Arrays.stream(text(typed).toLowerCase(Locale.ROOT).split("[,\\s]+"))
                        .filter(id -> !id.isEmpty())
                        .toList());
    }
}
