package openbloom.app.moves;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import openbloom.app.system.CompositeForm;
import openbloom.core.figure.Joint;
import org.jspecify.annotations.Nullable;

/** A studio's own move as it is typed; turned into an entry of a YAML file, so that one checker judges both ways in. */
@CompositeForm
public record MoveForm(Named named, Graded graded, Done done, FigureFields shown, Taught taught, Linked linked) {
    /** What it is called and where it stands. */
    public record Named(
            @Nullable String id,
            @Nullable String name,
            @Nullable String strand,
            @Nullable String rung,
            @Nullable String purpose) {}

    /** What it asks of her. */
    public record Graded(
            @Nullable String midlineLoad,
            @Nullable String pressure,
            @Nullable String flexion,
            @Nullable String rotation,
            @Nullable String impact,
            @Nullable List<String> demands) {}

    /** How it is done. */
    public record Done(
            @Nullable String position,
            @Nullable String sides,
            @Nullable String breath,
            @Nullable String tone,
            @Nullable String dose) {}

    /** How it is drawn: a figure, and joints that were turned of the one in {@code jointsOf}. */
    public record FigureFields(
            @Nullable String figure,
            @Nullable Map<String, String> joints,
            @Nullable String jointsOf) {}

    /** How it is taught. */
    public record Taught(
            @Nullable String setup,
            @Nullable String cue,
            @Nullable String watchFor) {}

    /** Where it leads. */
    public record Linked(
            @Nullable String easier,
            @Nullable String harder,
            @Nullable String swaps) {}

    static MoveForm empty() {
        return new MoveForm(
                new Named("", "", "limb-load", "1", "limb-load"),
                new Graded("0", "0", "none", "none", "0", List.of()),
                new Done("hooklying", "both", "out", "neutral", "reps"),
                new FigureFields("hooklying", Map.of(), "hooklying"),
                new Taught("", "", ""),
                new Linked("", "", ""));
    }

    /** Its key as typed, or made of its name. */
    String key() {
        String typed = text(named.id());
        return typed.isEmpty()
                ? text(named.name())
                        .toLowerCase(Locale.ROOT)
                        .replaceAll("[^a-z0-9]+", "-")
                        .replaceAll("^-|-$", "")
                : typed;
    }

    /** @param keyOf the key of a move by its name, if there is such a move */
    Map<String, Object> entry(Function<String, Optional<String>> keyOf) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("id", key());
        entry.put("name", text(named.name()));
        entry.put("strand", text(named.strand()));
        entry.put("rung", number(named.rung()));
        entry.put("purpose", text(named.purpose()));
        entry.put("position", text(done.position()));
        entry.put("midline_load", number(graded.midlineLoad()));
        entry.put("pressure", number(graded.pressure()));
        entry.put("flexion", text(graded.flexion()));
        entry.put("rotation", text(graded.rotation()));
        entry.put("impact", number(graded.impact()));
        if (graded.demands() != null) {
            graded.demands().forEach(demand -> entry.put(demand, true));
        }
        entry.put("sides", text(done.sides()));
        entry.put("breath", text(done.breath()));
        entry.put("tone", text(done.tone()));
        entry.put("dose", text(done.dose()));
        entry.put("figure", text(shown.figure()));
        entry.put("setup", lines(taught.setup()));
        entry.put("cues", Map.of("plain", text(taught.cue())));
        entry.put("watch_for", lines(taught.watchFor()));
        entry.put("easier", keys(linked.easier(), keyOf));
        entry.put("harder", keys(linked.harder(), keyOf));
        entry.put("swaps", keys(linked.swaps(), keyOf));
        return entry;
    }

    /** Joints that were turned, of the figure they belong to; none of a figure chosen afterwards without a script. */
    Map<Joint, Integer> turned() {
        return shown.joints() == null || !text(shown.figure()).equals(text(shown.jointsOf()))
                ? Map.of()
                : JointFields.of(shown.joints());
    }

    /** What was typed for a joint, or what the figure has. */
    public String joint(Joint joint, Map<Joint, Integer> measured) {
        String typed = shown.joints() == null ? null : shown.joints().get(joint.written());
        return typed == null ? String.valueOf(measured.getOrDefault(joint, 0)) : typed;
    }

    public boolean has(String demand) {
        return graded.demands() != null && graded.demands().contains(demand);
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

    /** Moves by name with commas between them; what is no name is taken for keys. */
    private static List<String> keys(@Nullable String typed, Function<String, Optional<String>> keyOf) {
        return Arrays.stream(text(typed).split("[,\n]"))
                .map(String::strip)
                .filter(one -> !one.isEmpty())
                .flatMap(one -> keyOf.apply(one).stream()
                        .findFirst()
                        .map(Stream::of)
                        .orElseGet(
                                () -> Arrays.stream(one.toLowerCase(Locale.ROOT).split("\\s+"))))
                .toList();
    }
}
