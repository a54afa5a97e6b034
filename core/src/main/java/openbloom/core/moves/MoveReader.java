package openbloom.core.moves;

import java.util.ArrayList;
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
    private final Leads leads;

    MoveReader(DoseReader doses, Figures figures, Leads leads) {
        this.doses = doses;
        this.figures = figures;
        this.leads = leads;
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
                teaching(entry, placing, doing, fields),
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

    private Teaching teaching(MoveEntry entry, Placing placing, Doing doing, YamlFieldReader fields) {
        List<String> setup = orNone(entry.taught().setup());
        if (setup.isEmpty() || setup.size() > Teaching.MOST_SETUP_LINES) {
            fields.refuse("setup", "move.setup", Teaching.MOST_SETUP_LINES, setup.size());
        }
        setup.forEach(line -> fields.text("setup", line, LONGEST_LINE));
        return new Teaching(
                shortName(entry, fields),
                setup,
                cues(entry, doing.breath(), fields),
                signs(entry, fields),
                new Teaching.Levers(
                        lines("easier_by", entry.known().easierBy(), fields),
                        lines("harder_by", entry.known().harderBy(), fields)),
                figure(entry, placing.position(), fields),
                pose(entry, fields),
                false);
    }

    private static Teaching.Signs signs(MoveEntry entry, YamlFieldReader fields) {
        return new Teaching.Signs(
                orEmpty("feel", entry.known().feel(), fields),
                orEmpty("look", entry.known().look(), fields),
                mistakes(entry.known(), fields),
                orEmpty("hands", entry.known().hands(), fields),
                entry.known().effort() == null
                        ? 0
                        : fields.number("effort", entry.known().effort(), 0, 100),
                orEmpty("breath_words", entry.taught().breathWords(), fields));
    }

    /** Each with what to change; a plain list of what to watch for says only what goes wrong. */
    private static List<Teaching.Mistake> mistakes(MoveEntry.Known known, YamlFieldReader fields) {
        List<Teaching.Mistake> mistakes = new ArrayList<>();
        if (known.mistakes() != null) {
            known.mistakes()
                    .forEach((sign, change) -> mistakes.add(new Teaching.Mistake(
                            fields.text("mistakes", sign, LONGEST_LINE),
                            fields.text("mistakes." + sign, change, LONGEST_LINE))));
        }
        lines("watch_for", known.watchFor(), fields).forEach(sign -> mistakes.add(new Teaching.Mistake(sign, "")));
        if (mistakes.isEmpty()) {
            fields.refuse("watch_for", "move.watchFor");
        }
        return mistakes;
    }

    private static List<String> lines(String field, @Nullable List<String> told, YamlFieldReader fields) {
        return orNone(told).stream()
                .map(line -> fields.text(field, line, LONGEST_LINE))
                .toList();
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
        ObjectNode told = entry.taught().pose();
        if (told == null) {
            return Optional.empty();
        }
        Outcome<OwnPose> read = figures.own("pose", told);
        fields.refuseAll(read.problems());
        return read.problems().isEmpty() ? Optional.of(read.value()) : Optional.empty();
    }

    /** A move without a figure of its own is shown by its position; a name that is no figure is refused. */
    private String figure(MoveEntry entry, Position position, YamlFieldReader fields) {
        String told = entry.taught().figure();
        if (told == null || told.isBlank()) {
            return position.figure();
        }
        if (!figures.has(told)) {
            fields.refuse("figure", "move.figure", told);
        }
        return told;
    }

    private Map<CueFamily, String> cues(MoveEntry entry, BreathPattern breath, YamlFieldReader fields) {
        Map<CueFamily, String> cues = new EnumMap<>(CueFamily.class);
        MoveEntry.Taught taught = entry.taught();
        if (taught.then() != null) {
            String lead = taught.leads() == null ? "" : taught.leads();
            leads.cues(lead, breath, fields.text("then", taught.then(), LONGEST_LINE))
                    .ifPresentOrElse(cues::putAll, () -> fields.refuse("leads", "move.leads", lead));
        }
        if (taught.cue() != null) {
            cues.put(CueFamily.PLAIN, fields.text("cue", taught.cue(), LONGEST_LINE));
        }
        Map<String, String> written = taught.cues() == null ? Map.of() : taught.cues();
        written.forEach((family, cue) -> cues.put(
                fields.word("cues", family, CueFamily.class), fields.text("cues." + family, cue, LONGEST_LINE)));
        if (!cues.containsKey(CueFamily.PLAIN)) {
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
