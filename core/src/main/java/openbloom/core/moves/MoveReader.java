package openbloom.core.moves;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import openbloom.core.Outcome;
import openbloom.core.YamlFieldReader;
import openbloom.core.breath.CueFamily;
import openbloom.core.evidence.Source;
import openbloom.core.figure.Figures;
import openbloom.core.figure.OwnPose;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ObjectNode;

/** Turns an entry of a file into a move, or says everything that is wrong with it. */
final class MoveReader {
    private static final int LONGEST_LINE = 300;
    private static final Pattern ID = Pattern.compile("[a-z0-9]+(-[a-z0-9]+)*");

    private final DoseReader doses;
    private final Figures figures;

    MoveReader(DoseReader doses, Figures figures) {
        this.doses = doses;
        this.figures = figures;
    }

    Outcome<Move> read(MoveEntry entry) {
        YamlFieldReader fields = new YamlFieldReader(
                entry.named().id() == null ? "move" : entry.named().id());
        String id = fields.text("id", entry.named().id(), 60);
        if (!id.isEmpty() && !ID.matcher(id).matches()) {
            fields.refuse("id", "move.id", id);
        }
        entry.unknown().forEach(name -> fields.refuse(name, "yaml.unknown", name));
        Position position = fields.word("position", entry.done().position(), Position.class);
        Placing placing = new Placing(
                fields.word("strand", entry.named().strand(), ExerciseGroup.class),
                fields.number("rung", entry.named().rung(), 1, 40),
                fields.word("purpose", entry.named().purpose(), Purpose.class),
                position,
                fields.word("surface", entry.done().surface(), Surface.FLOOR));
        Doing doing = new Doing(
                fields.word("breath", entry.done().breath(), BreathPattern.OUT),
                fields.word("tone", entry.done().tone(), PelvicTone.NEUTRAL),
                fields.word("sides", entry.done().sides(), Sides.BOTH),
                kit(entry, fields),
                doses.read(entry.done().dose(), fields));
        Move move = new Move(
                id,
                fields.text("name", entry.named().name(), 80),
                placing,
                demands(entry, fields),
                doing,
                teaching(entry, position, fields),
                new Links(
                        orNone(entry.linked().easier()),
                        orNone(entry.linked().harder()),
                        orNone(entry.linked().swaps())),
                source(entry, fields));
        return fields.outcome(move);
    }

    private static Demands demands(MoveEntry entry, YamlFieldReader fields) {
        return new Demands(
                fields.number("midline_load", entry.graded().midlineLoad(), 0, 5),
                fields.number("pressure", entry.graded().pressure(), 0, 5),
                fields.word("flexion", entry.graded().flexion(), Flexion.NONE),
                fields.word("rotation", entry.graded().rotation(), Rotation.NONE),
                entry.graded().impact() == null
                        ? 0
                        : fields.number("impact", entry.graded().impact(), 0, 3),
                entry.features());
    }

    private static List<Kit> kit(MoveEntry entry, YamlFieldReader fields) {
        return orNone(entry.done().equipment()).stream()
                .map(item -> new Kit(
                        fields.word("equipment", item.needs(), Equipment.class),
                        Optional.ofNullable(item.substitute())))
                .toList();
    }

    private Teaching teaching(MoveEntry entry, Position position, YamlFieldReader fields) {
        List<String> setup = orNone(entry.taught().setup());
        if (setup.isEmpty() || setup.size() > Teaching.MOST_SETUP_LINES) {
            fields.refuse("setup", "move.setup", Teaching.MOST_SETUP_LINES, setup.size());
        }
        setup.forEach(line -> fields.text("setup", line, LONGEST_LINE));
        List<String> watchFor = orNone(entry.taught().watchFor());
        if (watchFor.isEmpty()) {
            fields.refuse("watch_for", "move.watchFor");
        }
        watchFor.forEach(line -> fields.text("watch_for", line, LONGEST_LINE));
        Teaching.Signs signs = new Teaching.Signs(
                orEmpty("feel", entry.taught().feel(), fields),
                orEmpty("look", entry.taught().look(), fields),
                watchFor,
                orEmpty("hands", entry.taught().hands(), fields),
                entry.taught().effort() == null
                        ? 0
                        : fields.number("effort", entry.taught().effort(), 0, 100));
        return new Teaching(
                shortName(entry, fields),
                setup,
                cues(entry, fields),
                signs,
                figure(entry, position, fields),
                pose(entry, fields));
    }

    private static String orEmpty(String field, @Nullable String told, YamlFieldReader fields) {
        return told == null || told.isBlank() ? "" : fields.text(field, told, LONGEST_LINE);
    }

    /** A name that is short enough is its own short name; a longer one is cut where none was written. */
    private static String shortName(MoveEntry entry, YamlFieldReader fields) {
        if (entry.named().shortName() != null) {
            return fields.text("short", entry.named().shortName(), Teaching.LONGEST_SHORT_NAME);
        }
        String name = entry.named().name() == null ? "" : entry.named().name().strip();
        return name.length() <= Teaching.LONGEST_SHORT_NAME
                ? name
                : name.substring(0, Teaching.LONGEST_SHORT_NAME - 1).strip() + "…";
    }

    private Optional<OwnPose> pose(MoveEntry entry, YamlFieldReader fields) {
        ObjectNode told = entry.drawn().pose();
        if (told == null) {
            return Optional.empty();
        }
        Outcome<OwnPose> read = figures.own("pose", told);
        fields.refuseAll(read.problems());
        return read.problems().isEmpty() ? Optional.of(read.value()) : Optional.empty();
    }

    /** A move without a figure of its own is shown by its position; a name that is no figure is refused. */
    private String figure(MoveEntry entry, Position position, YamlFieldReader fields) {
        String told = entry.drawn().figure();
        if (told == null || told.isBlank()) {
            return position.figure();
        }
        if (!figures.has(told)) {
            fields.refuse("figure", "move.figure", told);
        }
        return told;
    }

    private static Map<CueFamily, String> cues(MoveEntry entry, YamlFieldReader fields) {
        Map<CueFamily, String> cues = new EnumMap<>(CueFamily.class);
        Map<String, String> written =
                entry.taught().cues() == null ? Map.of() : entry.taught().cues();
        written.forEach((family, cue) -> cues.put(
                fields.word("cues", family, CueFamily.class), fields.text("cues." + family, cue, LONGEST_LINE)));
        if (!written.containsKey(YamlFieldReader.asWritten(CueFamily.PLAIN))) {
            fields.refuse("cues", "move.cues");
        }
        return cues;
    }

    private static Source source(MoveEntry entry, YamlFieldReader fields) {
        if (entry.named().evidence() == null) {
            return Source.COMMON_PRACTICE;
        }
        return Source.parse(entry.named().evidence()).orElseGet(() -> {
            fields.refuse("evidence", "move.evidence", entry.named().evidence());
            return Source.COMMON_PRACTICE;
        });
    }

    private static <T> List<T> orNone(@Nullable List<T> list) {
        return list == null ? List.of() : list;
    }
}
