package openbloom.core.moves;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import openbloom.core.Yaml;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A move as it stands in a YAML file, before anything is checked; names are those of the file, its fields in groups.
 *
 * @param features every field that is true or false
 * @param unknown names of fields that belong to no group
 */
record MoveEntry(
        Named named,
        Graded graded,
        Done done,
        Taught taught,
        Known known,
        Linked linked,
        Set<Demand> features,
        Set<String> unknown) {
    /** What it is called and where it stands. */
    record Named(
            @Nullable String id,
            @Nullable String name,
            @JsonProperty("short") @Nullable String shortName,
            @Nullable String strand,
            @Nullable Integer rung,
            @Nullable String purpose,
            @Nullable String evidence) {}

    /** What it asks of her. */
    record Graded(
            @JsonProperty("midline_load") @Nullable Integer midlineLoad,
            @Nullable Integer pressure,
            @Nullable String flexion,
            @Nullable String rotation,
            @Nullable Integer impact) {}

    /** How it is done. */
    record Done(
            @Nullable String position,
            @Nullable String surface,
            @Nullable String breath,
            @Nullable String tone,
            @Nullable String sides,
            @Nullable List<KitEntry> equipment,
            @Nullable JsonNode dose) {}

    /**
     * What is said and shown. {@code then} follows how the middle begins, in each family of {@code leads}; {@code cue} is said as it
     * stands, whatever the family.
     */
    record Taught(
            @Nullable List<String> setup,
            @Nullable Map<String, String> cues,
            @Nullable String cue,
            @Nullable String then,
            @Nullable String leads,
            @JsonProperty("breath_words") @Nullable String breathWords,
            @Nullable String figure,
            @Nullable ObjectNode pose) {}

    /** By what it is known, and what makes it easier and harder without leaving it. */
    record Known(
            @Nullable String feel,
            @Nullable String look,
            @Nullable String hands,
            @Nullable Integer effort,
            @JsonProperty("watch_for") @Nullable List<String> watchFor,
            @Nullable Map<String, String> mistakes,
            @JsonProperty("easier_by") @Nullable List<String> easierBy,
            @JsonProperty("harder_by") @Nullable List<String> harderBy) {}

    /** Where it leads. */
    record Linked(
            @Nullable List<String> easier,
            @Nullable List<String> harder,
            @Nullable List<String> swaps) {}

    /** A thing needed and what may stand in for it. */
    record KitEntry(@Nullable String needs, @Nullable String substitute) {}

    /** @throws tools.jackson.core.JacksonException if a field is of the wrong kind */
    static MoveEntry of(ObjectNode entry) {
        ObjectNode left = entry.deepCopy();
        return new MoveEntry(
                take(left, Named.class),
                take(left, Graded.class),
                take(left, Done.class),
                take(left, Taught.class),
                take(left, Known.class),
                take(left, Linked.class),
                features(left),
                new TreeSet<>(left.propertyNames()));
    }

    private static <T extends Record> T take(ObjectNode left, Class<T> group) {
        ObjectNode part = left.objectNode();
        for (RecordComponent field : group.getRecordComponents()) {
            JsonProperty written = field.getAccessor().getAnnotation(JsonProperty.class);
            String name = written == null ? field.getName() : written.value();
            JsonNode told = left.remove(name);
            if (told != null) {
                part.set(name, told);
            }
        }
        return Yaml.MAPPER.treeToValue(part, group);
    }

    private static Set<Demand> features(ObjectNode left) {
        Set<Demand> features = new TreeSet<>();
        for (Demand demand : Demand.values()) {
            JsonNode told = left.remove(demand.name().toLowerCase(Locale.ROOT));
            if (told != null && Boolean.TRUE.equals(Yaml.MAPPER.treeToValue(told, Boolean.class))) {
                features.add(demand);
            }
        }
        return features;
    }
}
