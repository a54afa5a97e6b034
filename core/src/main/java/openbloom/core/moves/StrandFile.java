package openbloom.core.moves;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.Problems;
import openbloom.core.Yaml;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.node.ObjectNode;

/** A YAML file of moves: what they have in common under {@code defaults}, then the moves. */
record StrandFile(@Nullable ObjectNode defaults, List<ObjectNode> moves) {

    /** @param words how each move is said, by its id, over what the file says */
    static Outcome<List<MoveEntry>> entries(String yaml, Map<String, ObjectNode> words) {
        if (yaml.length() > Yaml.LONGEST) {
            return Outcome.refused(Problem.of("file", "yaml.tooLong", Yaml.LONGEST, yaml.length()));
        }
        try {
            StrandFile file = Yaml.MAPPER.readValue(yaml, StrandFile.class);
            return file == null || file.moves() == null || file.moves().isEmpty()
                    ? Outcome.refused(Problem.of("file", "yaml.empty"))
                    : file.entries(words);
        } catch (JacksonException broken) {
            return Outcome.refused(problem("file", broken));
        }
    }

    static Map<String, JsonNode> doseSchemes(String yaml) {
        return Yaml.MAPPER.readValue(yaml, new TypeReference<Map<String, JsonNode>>() {});
    }

    /** How the moves of a ladder are said, by id; {@code leads} of the file are those of each. */
    static Map<String, ObjectNode> words(String yaml) {
        Map<String, JsonNode> written =
                Yaml.MAPPER.readValue(yaml, new TypeReference<LinkedHashMap<String, JsonNode>>() {});
        JsonNode leads = written.remove("leads");
        Map<String, ObjectNode> words = new LinkedHashMap<>();
        written.forEach((id, said) -> {
            ObjectNode one = (ObjectNode) said;
            if (leads != null && one.has("then")) {
                one.set("leads", leads);
            }
            words.put(id, one);
        });
        return words;
    }

    static Map<String, Map<String, String>> leads(String yaml) {
        return Yaml.MAPPER.readValue(yaml, new TypeReference<Map<String, Map<String, String>>>() {});
    }

    private Outcome<List<MoveEntry>> entries(Map<String, ObjectNode> words) {
        List<MoveEntry> entries = new ArrayList<>();
        Problems problems = new Problems();
        for (ObjectNode move : moves) {
            try {
                ObjectNode whole = withDefaults(move);
                ObjectNode said = words.get(move.path("id").asString(""));
                entries.add(MoveEntry.of(said == null ? whole : whole.setAll(said)));
            } catch (JacksonException broken) {
                problems.refuseAll(List.of(problem(move.path("id").asString("move"), broken)));
            }
        }
        return problems.outcome(List.copyOf(entries));
    }

    private ObjectNode withDefaults(ObjectNode move) {
        if (defaults == null) {
            return move;
        }
        ObjectNode whole = defaults.deepCopy();
        whole.setAll(move);
        if (defaults.path("cues").isObject() && move.path("cues").isObject()) {
            ObjectNode cues = (ObjectNode) defaults.get("cues").deepCopy();
            cues.setAll((ObjectNode) move.get("cues"));
            whole.set("cues", cues);
        }
        return whole;
    }

    private static Problem problem(String owner, JacksonException broken) {
        if (broken instanceof DatabindException mismatch && !mismatch.getPath().isEmpty()) {
            return problemOfField(owner, mismatch);
        }
        return Yaml.broken(owner, broken);
    }

    /** A field that is unknown or of the wrong kind, told without the names of the program's own types. */
    private static Problem problemOfField(String owner, DatabindException mismatch) {
        String name = mismatch.getPath().stream()
                .map(JacksonException.Reference::getPropertyName)
                .filter(Objects::nonNull)
                .reduce((first, last) -> last)
                .orElse("moves");
        String field = owner + "." + name;
        if (mismatch instanceof UnrecognizedPropertyException) {
            return Problem.of(field, "yaml.unknown", name);
        }
        Class<?> type = mismatch instanceof MismatchedInputException wrong && wrong.getTargetType() != null
                ? wrong.getTargetType()
                : Object.class;
        return Problem.of(field, "yaml.kind", expected(type));
    }

    private static String expected(Class<?> type) {
        if (Number.class.isAssignableFrom(type)) {
            return "a whole number";
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        return type == String.class ? "text" : "a list or a group of fields";
    }
}
