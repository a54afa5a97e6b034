package openbloom.core.moves;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import openbloom.core.YamlFieldReader;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads doses: a scheme by name, or stages written out. {@code all} stands for every stage not written. */
final class DoseReader {
    private static final int USUAL_REST_SECONDS = 20;
    private final Map<String, JsonNode> schemes;

    DoseReader(Map<String, JsonNode> schemes) {
        this.schemes = Map.copyOf(schemes);
    }

    Map<DoseStage, Dose> read(@Nullable JsonNode written, YamlFieldReader fields) {
        if (written == null || written.isNull()) {
            fields.refuse("dose", "move.dose");
            return Map.of();
        }
        JsonNode stages = written.isString() ? schemes.get(written.asString()) : written;
        if (stages == null || !stages.isObject()) {
            fields.refuse(
                    "dose",
                    "move.scheme",
                    String.join(", ", schemes.keySet().stream().sorted().toList()),
                    written.toString());
            return Map.of();
        }
        return stages(stages, fields);
    }

    /** Every scheme by name, in the order of their names. */
    Map<String, Dose> schemes() {
        Map<String, Dose> doses = new TreeMap<>();
        schemes.forEach((name, stages) -> Optional.ofNullable(
                        stages(stages, new YamlFieldReader(name)).get(DoseStage.OTHER))
                .ifPresent(dose -> doses.put(name, dose)));
        return Collections.unmodifiableMap(doses);
    }

    private static Map<DoseStage, Dose> stages(JsonNode stages, YamlFieldReader fields) {
        boolean perSide = stages.path("per_side").asBoolean(false);
        for (String name : stages.propertyNames()) {
            if (!name.equals("per_side") && !name.equals("all")) {
                fields.word("dose", name, DoseStage.class);
            }
        }
        Map<DoseStage, Dose> doses = new EnumMap<>(DoseStage.class);
        for (DoseStage stage : DoseStage.values()) {
            String name = YamlFieldReader.asWritten(stage);
            JsonNode written = stages.has(name) ? stages.get(name) : stages.path("all");
            if (written.isObject()) {
                dose(written, perSide, name, fields).ifPresent(dose -> doses.put(stage, dose));
            } else {
                fields.refuse("dose", "move.doseStage", stage.words());
            }
        }
        return doses;
    }

    private static Optional<Dose> dose(JsonNode written, boolean perSide, String stage, YamlFieldReader fields) {
        int sets = number(written, "sets", 1);
        int rest = number(written, "rest", sets > 1 ? USUAL_REST_SECONDS : 0);
        try {
            return Optional.of(new Dose(
                    sets,
                    number(written, "reps", 1),
                    number(written, "hold", 0),
                    number(written, "breaths", 0),
                    rest,
                    perSide));
        } catch (IllegalArgumentException outOfRange) {
            fields.refuse("dose." + stage, "move.doseRange", outOfRange.getMessage());
            return Optional.empty();
        }
    }

    private static int number(JsonNode written, String name, int ifMissing) {
        JsonNode value = written.path(name);
        if (value.isMissingNode()) {
            return ifMissing;
        }
        return value.isInt() ? value.asInt() : -1;
    }
}
