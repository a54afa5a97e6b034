package openbloom.core.figure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.Problems;
import openbloom.core.Yaml;
import openbloom.core.YamlFieldReader;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.node.ObjectNode;

/** A YAML file of poses and of figures made from them. A pose may start {@code from} another and change a part of it. */
record FigureFile(
        @Nullable Map<String, ObjectNode> poses, @Nullable Map<String, FigureEntry> figures) {
    /** A figure as it stands in the file. */
    record FigureEntry(
            @Nullable String start,
            @Nullable String end,
            @Nullable String bumpStart,
            @Nullable String bumpEnd,
            @Nullable String follows,
            @Nullable String works) {}

    /** What a file comes to; poses as entries that stand for themselves. */
    record FigureRead(Map<String, Figure> figures, Map<String, ObjectNode> poses) {}

    static Outcome<FigureRead> read(String yaml) {
        if (yaml.length() > Yaml.LONGEST) {
            return Outcome.refused(Problem.of("file", "yaml.tooLong", Yaml.LONGEST, yaml.length()));
        }
        try {
            FigureFile file = Yaml.MAPPER.readValue(yaml, FigureFile.class);
            return file == null || file.poses() == null || file.figures() == null
                    ? Outcome.refused(Problem.of("file", "yaml.empty"))
                    : new FileReading(file.poses(), file.figures()).read();
        } catch (JacksonException broken) {
            return Outcome.refused(Yaml.broken("file", broken));
        }
    }

    /** A pose that starts from another: both its limbs give way to one told for both. */
    static ObjectNode over(ObjectNode from, ObjectNode own) {
        ObjectNode base = from.deepCopy();
        own.propertyNames().forEach(name -> {
            if (name.equals("legs")) {
                base.remove(List.of("near", "far"));
            } else if (name.equals("arms")) {
                base.remove(List.of("nearArm", "farArm"));
            }
        });
        base.setAll(own);
        return base;
    }

    /** Reads one file; problems are gathered until the end. */
    private static final class FileReading {
        private final Map<String, ObjectNode> entries;
        private final Map<String, FigureEntry> figures;
        private final Map<String, ObjectNode> wholes = new LinkedHashMap<>();
        private final Map<String, Pose> poses = new LinkedHashMap<>();
        private final Problems problems = new Problems();

        FileReading(Map<String, ObjectNode> entries, Map<String, FigureEntry> figures) {
            this.entries = entries;
            this.figures = figures;
        }

        Outcome<FigureRead> read() {
            entries.keySet().forEach(this::pose);
            Map<String, Figure> read = new LinkedHashMap<>();
            figures.forEach((id, entry) -> read.put(id, figure(id, entry)));
            return problems.outcome(new FigureRead(read, wholes));
        }

        private void pose(String id) {
            try {
                ObjectNode whole = whole(id, 0);
                wholes.put(id, whole);
                Outcome<Pose> pose = PoseReader.read(id, Yaml.MAPPER.treeToValue(whole, PoseEntry.class));
                problems.refuseAll(pose.problems());
                if (pose.problems().isEmpty()) {
                    poses.put(id, pose.value());
                }
            } catch (JacksonException unreadable) {
                problems.refuseAll(List.of(Yaml.broken(id, unreadable)));
            }
        }

        private ObjectNode whole(String id, int deep) {
            ObjectNode own = entries.get(id);
            String from = own.path("from").asString("");
            if (from.isEmpty()) {
                return own;
            }
            if (!entries.containsKey(from) || deep > 5) {
                problems.refuse(id + ".from", "pose.unknown", from);
                return own;
            }
            return over(whole(from, deep + 1), own);
        }

        private Figure figure(String id, FigureEntry entry) {
            YamlFieldReader fields = new YamlFieldReader(id);
            Pose start = named(id + ".start", entry.start());
            Pose end = entry.end() == null ? start : named(id + ".end", entry.end());
            Figure figure = new Figure(
                    id,
                    new Figure.Way(start, end),
                    bump(id, entry),
                    fields.word("follows", entry.follows(), Figure.Follows.NOTHING),
                    fields.word("works", entry.works(), Figure.Works.DEEP_BELLY));
            problems.refuseAll(fields.outcome(id).problems());
            return figure;
        }

        private Optional<Figure.Way> bump(String id, FigureEntry entry) {
            return Optional.ofNullable(entry.bumpStart()).map(start -> {
                Pose from = named(id + ".bumpStart", start);
                return new Figure.Way(from, entry.bumpEnd() == null ? from : named(id + ".bumpEnd", entry.bumpEnd()));
            });
        }

        private Pose named(String field, @Nullable String pose) {
            Pose found = pose == null ? null : poses.get(pose);
            if (found == null) {
                problems.refuse(field, "pose.unknown", pose == null ? "nothing" : pose);
                return poses.values().iterator().next();
            }
            return found;
        }
    }
}
