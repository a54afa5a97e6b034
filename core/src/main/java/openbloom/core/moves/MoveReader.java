package openbloom.core.moves;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import openbloom.core.Fields;
import openbloom.core.Outcome;
import openbloom.core.breath.CueFamily;
import openbloom.core.evidence.Source;
import openbloom.core.figure.Figures;
import org.jspecify.annotations.Nullable;

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
        Fields fields = new Fields(entry.id() == null ? "move" : entry.id());
        String id = fields.text("id", entry.id(), 60);
        if (!id.isEmpty() && !ID.matcher(id).matches()) {
            fields.refuse("id", "move.id", id);
        }
        Position position = fields.word("position", entry.position(), Position.class);
        Move move = new Move(
                id,
                fields.text("name", entry.name(), 80),
                fields.word("strand", entry.strand(), Strand.class),
                fields.number("rung", entry.rung(), 1, 40),
                fields.word("purpose", entry.purpose(), Purpose.class),
                position,
                fields.word("surface", entry.surface(), Surface.FLOOR),
                demands(entry, fields),
                fields.word("breath", entry.breath(), BreathPattern.OUT),
                fields.word("tone", entry.tone(), PelvicTone.NEUTRAL),
                fields.word("sides", entry.sides(), Sides.BOTH),
                kit(entry, fields),
                doses.read(entry.dose(), fields),
                teaching(entry, position, fields),
                new Links(orNone(entry.easier()), orNone(entry.harder()), orNone(entry.swaps())),
                source(entry, fields));
        return fields.outcome(move);
    }

    private static Demands demands(MoveEntry entry, Fields fields) {
        return new Demands(
                fields.number("midline_load", entry.midlineLoad(), 0, 5),
                fields.number("pressure", entry.pressure(), 0, 5),
                fields.word("flexion", entry.flexion(), Flexion.NONE),
                fields.word("rotation", entry.rotation(), Rotation.NONE),
                entry.impact() == null ? 0 : fields.number("impact", entry.impact(), 0, 3),
                features(entry));
    }

    private static Set<Demand> features(MoveEntry entry) {
        Map<Demand, Boolean> told = new EnumMap<>(Demand.class);
        told.put(Demand.OVERHEAD, entry.overhead());
        told.put(Demand.WRIST, entry.wrist());
        told.put(Demand.SINGLE_LEG, entry.singleLeg());
        told.put(Demand.LEGS_TOGETHER, entry.legsTogether());
        told.put(Demand.INNER_THIGH_SQUEEZE, entry.innerThighSqueeze());
        told.put(Demand.BAR_PATH, entry.barPath());
        told.put(Demand.BALANCE, entry.balance());
        told.put(Demand.HEAVY, entry.heavy());
        told.put(Demand.WIDE, entry.wide());
        told.put(Demand.BREATH_HOLD, entry.breathHold());
        told.put(Demand.EMPTY_PAUSE, entry.emptyPause());
        told.put(Demand.ARCHED, entry.arched());
        told.put(Demand.WRAPPED, entry.wrapped());
        told.put(Demand.BRACED, entry.braced());
        told.put(Demand.HEAD_LOW, entry.headLow());
        told.put(Demand.MOVING, entry.moving());
        told.put(Demand.ROUNDED, entry.rounded());
        told.put(Demand.SQUAT, entry.squat());
        told.put(Demand.HANGING, entry.hanging());
        told.put(Demand.FALL, entry.fall());
        Set<Demand> features = EnumSet.noneOf(Demand.class);
        told.forEach((demand, yes) -> {
            if (yes) {
                features.add(demand);
            }
        });
        return features;
    }

    private static List<Kit> kit(MoveEntry entry, Fields fields) {
        return orNone(entry.equipment()).stream()
                .map(item -> new Kit(
                        fields.word("equipment", item.needs(), Equipment.class),
                        Optional.ofNullable(item.substitute())))
                .toList();
    }

    private Teaching teaching(MoveEntry entry, Position position, Fields fields) {
        List<String> setup = orNone(entry.setup());
        if (setup.isEmpty() || setup.size() > Teaching.MOST_SETUP_LINES) {
            fields.refuse("setup", "move.setup", Teaching.MOST_SETUP_LINES, setup.size());
        }
        setup.forEach(line -> fields.text("setup", line, LONGEST_LINE));
        List<String> watchFor = orNone(entry.watchFor());
        if (watchFor.isEmpty()) {
            fields.refuse("watch_for", "move.watchFor");
        }
        watchFor.forEach(line -> fields.text("watch_for", line, LONGEST_LINE));
        Teaching.Signs signs = new Teaching.Signs(
                orEmpty("feel", entry.feel(), fields),
                orEmpty("look", entry.look(), fields),
                watchFor,
                orEmpty("hands", entry.hands(), fields),
                entry.effort() == null ? 0 : fields.number("effort", entry.effort(), 0, 100));
        return new Teaching(
                shortName(entry, fields), setup, cues(entry, fields), signs, figure(entry, position, fields));
    }

    private static String orEmpty(String field, @Nullable String told, Fields fields) {
        return told == null || told.isBlank() ? "" : fields.text(field, told, LONGEST_LINE);
    }

    /** A name that is short enough is its own short name; a longer one is cut where none was written. */
    private static String shortName(MoveEntry entry, Fields fields) {
        if (entry.shortName() != null) {
            return fields.text("short", entry.shortName(), Teaching.LONGEST_SHORT_NAME);
        }
        String name = entry.name() == null ? "" : entry.name().strip();
        return name.length() <= Teaching.LONGEST_SHORT_NAME
                ? name
                : name.substring(0, Teaching.LONGEST_SHORT_NAME - 1).strip() + "…";
    }

    /** A move without a figure of its own is shown by its position; a name that is no figure is refused. */
    private String figure(MoveEntry entry, Position position, Fields fields) {
        String told = entry.figure();
        if (told == null || told.isBlank()) {
            return position.figure();
        }
        if (!figures.has(told)) {
            fields.refuse("figure", "move.figure", told);
        }
        return told;
    }

    private static Map<CueFamily, String> cues(MoveEntry entry, Fields fields) {
        Map<CueFamily, String> cues = new EnumMap<>(CueFamily.class);
        Map<String, String> written = entry.cues() == null ? Map.of() : entry.cues();
        written.forEach((family, cue) -> cues.put(
                fields.word("cues", family, CueFamily.class), fields.text("cues." + family, cue, LONGEST_LINE)));
        if (!written.containsKey(Fields.asWritten(CueFamily.PLAIN))) {
            fields.refuse("cues", "move.cues");
        }
        return cues;
    }

    private static Source source(MoveEntry entry, Fields fields) {
        if (entry.evidence() == null) {
            return Source.COMMON_PRACTICE;
        }
        return Source.parse(entry.evidence()).orElseGet(() -> {
            fields.refuse("evidence", "move.evidence", entry.evidence());
            return Source.COMMON_PRACTICE;
        });
    }

    private static <T> List<T> orNone(@Nullable List<T> list) {
        return list == null ? List.of() : list;
    }
}
