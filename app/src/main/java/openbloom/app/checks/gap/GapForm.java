package openbloom.app.checks.gap;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.system.FormReader;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Method;
import openbloom.core.gap.Spot;
import openbloom.core.gap.Width;

/**
 * The gap check as it is typed: the method, the spots, and for every spot and state a width, depth, firmness, doming and
 * soreness, under names such as {@code width-LIFT-NAVEL-0}.
 */
public record GapForm(Map<String, String> typed) {
    private static final Pattern FINGERS = Pattern.compile("(\\d{0,3})(½|[.,](\\d{1,3}))?");
    private static final Pattern MILLIMETRES = Pattern.compile("\\d{1,3}");
    private static final String[] PARTS = {"width", "depth", "firmness", "domed", "sore"};

    public GapForm {
        typed = Map.copyOf(typed);
    }

    static GapForm blank(String formKey, Method method, List<Spot> spots) {
        return new GapForm(Map.of("formKey", formKey, "method", method.name(), "spots", written(spots)));
    }

    /** A kept check, to be corrected. */
    static GapForm of(String formKey, GapChecks.KeptCheck kept) {
        Map<String, String> typed = new HashMap<>(
                blank(formKey, kept.measured().method(), kept.check().spots()).typed);
        typed.put("corrects", String.valueOf(kept.id()));
        kept.check().readings().forEach(reading -> {
            GapState state = reading.state();
            Spot spot = reading.spot();
            typed.put(name("width", state, spot), number(reading.width()));
            reading.depth().ifPresent(depth -> typed.put(name("depth", state, spot), depth.name()));
            reading.firmness()
                    .ifPresent(floor -> typed.put(name("firmness", state, spot), String.valueOf(floor.grade())));
            if (reading.domed() != YesNoUnknown.UNKNOWN) {
                typed.put(name("domed", state, spot), reading.domed().name());
            }
            if (reading.sore()) {
                typed.put(name("sore", state, spot), YesNoUnknown.YES.name());
            }
        });
        return new GapForm(typed);
    }

    private static String number(Width width) {
        return Method.amountOf(width) % 1 == 0
                ? String.valueOf((int) Method.amountOf(width))
                : String.valueOf(Method.amountOf(width));
    }

    private static String written(List<Spot> spots) {
        return spots.stream().map(Spot::toString).collect(Collectors.joining(","));
    }

    /** What was typed, or nothing. */
    public String at(String part, GapState state, Spot spot) {
        return typed.getOrDefault(name(part, state, spot), "");
    }

    public static String name(String part, GapState state, Spot spot) {
        return part + "-" + state + "-" + spot;
    }

    public String text(String field) {
        return typed.getOrDefault(field, "");
    }

    public String formKey() {
        return text("formKey");
    }

    public Method method() {
        return new FormReader()
                .choice("method", typed.get("method"), Method.class)
                .orElse(Method.FINGERS);
    }

    /** The state that is being typed; the small lift to begin with. */
    public GapState state() {
        return new FormReader()
                .choice("state", typed.get("state"), GapState.class)
                .orElse(GapState.LIFT);
    }

    /** The spots that are read, from the breastbone down; the everyday three if none make sense. */
    public List<Spot> spots() {
        List<Spot> spots = Arrays.stream(text("spots").split(","))
                .flatMap(GapForm::spot)
                .distinct()
                .sorted()
                .limit(Spot.MOST_IN_A_CHECK)
                .toList();
        return spots.isEmpty() ? Spot.everyday() : spots;
    }

    private static Stream<Spot> spot(String written) {
        try {
            return Stream.of(Spot.parse(written.strip()));
        } catch (IllegalArgumentException unreadable) {
            return Stream.empty();
        }
    }

    /** The same form at other spots; a spot at which something was typed stays. */
    GapForm at(List<Spot> others) {
        Stream<Spot> begun = spots().stream()
                .filter(spot -> Arrays.stream(GapState.values()).anyMatch(state -> !isUntouched(state, spot)));
        List<Spot> spots =
                Stream.concat(others.stream(), begun).distinct().sorted().toList();
        Map<String, String> changed = new HashMap<>(typed);
        changed.put("spots", written(spots));
        return new GapForm(changed);
    }

    /** The form opened at the state of its first problem. */
    GapForm openedAtProblem(Map<String, String> errors) {
        return Arrays.stream(GapState.values())
                .filter(state -> errors.keySet().stream().anyMatch(field -> field.startsWith("width-" + state)))
                .findFirst()
                .map(state -> {
                    Map<String, String> opened = new HashMap<>(typed);
                    opened.put("state", state.name());
                    return new GapForm(opened);
                })
                .orElse(this);
    }

    /** The readings so far, for the map: what is not told yet stays unread, and a slip is left out. */
    List<GapReading> sketch() {
        return readings(new FormReader(), false);
    }

    /** The check to be kept; every slip and everything missing is told to {@code problems}. */
    GapCheck check(LocalDate day, FormReader problems) {
        List<GapReading> readings = readings(problems, true);
        boolean enough = readings.stream().anyMatch(reading -> reading.state() == GapState.LIFT)
                || !method().readsFingers() && !readings.isEmpty();
        if (problems.isClean() && !enough) {
            problems.refuse(name("width", GapState.LIFT, spots().get(0)), "gap.noLift");
        }
        return new GapCheck(day, readings);
    }

    private List<GapReading> readings(FormReader problems, boolean whole) {
        List<GapReading> readings = new ArrayList<>();
        for (GapState state : GapState.values()) {
            for (Spot spot : spots()) {
                reading(state, spot, problems, whole).ifPresent(readings::add);
            }
        }
        return readings;
    }

    private boolean isUntouched(GapState state, Spot spot) {
        return Arrays.stream(PARTS).allMatch(part -> at(part, state, spot).isBlank());
    }

    private Optional<GapReading> reading(GapState state, Spot spot, FormReader problems, boolean whole) {
        String name = name("width", state, spot);
        if (isUntouched(state, spot)) {
            return Optional.empty();
        }
        Optional<Width> width = width(name, at("width", state, spot), problems);
        Optional<Depth> depth = problems.choice(name("depth", state, spot), at("depth", state, spot), Depth.class);
        Optional<Integer> firmness = problems.whole(name("firmness", state, spot), at("firmness", state, spot), 0, 3);
        YesNoUnknown domed = problems.choice(name("domed", state, spot), at("domed", state, spot), YesNoUnknown.class)
                .orElse(YesNoUnknown.UNKNOWN);
        if (whole && width.isPresent() && (depth.isEmpty() || firmness.isEmpty())) {
            problems.refuse(name, "gap.incomplete", spot.words(), state.words());
        }
        return width.map(read -> new GapReading(
                spot,
                state,
                read,
                depth,
                firmness.map(Firmness::of),
                domed,
                !at("sore", state, spot).isBlank()));
    }

    private Optional<Width> width(String name, String typedWidth, FormReader problems) {
        Optional<Width> width = method().readsFingers() ? fingers(typedWidth.strip()) : millimetres(typedWidth.strip());
        if (width.isEmpty()) {
            String unreadable = method().readsFingers() ? "gap.width" : "gap.widthMm";
            problems.refuse(name, typedWidth.isBlank() ? "gap.widthMissing" : unreadable, typedWidth);
        }
        return width;
    }

    /** Fingers in halves: {@code 2}, {@code 2.5}, {@code 2,5}, and as the screen writes it, {@code 2½}. */
    static Optional<Width> fingers(String written) {
        var match = FINGERS.matcher(written);
        if (written.isEmpty() || !match.matches() || match.group(1).isEmpty() && !written.equals("½")) {
            return Optional.empty();
        }
        String part = match.group(2) == null
                ? "0"
                : match.group(3) == null ? "5" : match.group(3).replaceFirst("0+$", "");
        int whole = match.group(1).isEmpty() ? 0 : Integer.parseInt(match.group(1));
        int halves = 2 * whole + (part.equals("5") ? 1 : 0);
        return List.of("", "0", "5").contains(part) && halves <= Width.WIDEST_HALF_FINGERS
                ? Optional.of(Width.ofHalfFingers(halves))
                : Optional.empty();
    }

    /** Whole millimetres. */
    static Optional<Width> millimetres(String written) {
        return MILLIMETRES.matcher(written).matches() && Integer.parseInt(written) <= Width.WIDEST_MM
                ? Optional.of(new Width.Millimetres(Integer.parseInt(written)))
                : Optional.empty();
    }
}
