package openbloom.app.checks;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import openbloom.app.system.Typed;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import openbloom.core.stage.Told;

/**
 * The gap check as it is typed: for every site and state a width in half fingers, depth, firmness and doming, under
 * names such as {@code width-LIFT-NAVEL}.
 */
public record GapForm(Map<String, String> typed) {
    private static final Pattern WIDTH = Pattern.compile("(\\d{1,3})(?:[.,](\\d{1,3}))?");
    private static final String[] PARTS = {"width", "depth", "firmness", "domed"};

    public GapForm {
        typed = Map.copyOf(typed);
    }

    /** What was typed, or nothing. */
    public String at(String part, GapState state, Site site) {
        return typed.getOrDefault(name(part, state, site), "");
    }

    static String name(String part, GapState state, Site site) {
        return part + "-" + state + "-" + site;
    }

    /** The state that is being typed; the small lift to begin with. */
    public GapState state() {
        return new Typed().choice("state", typed.get("state"), GapState.class).orElse(GapState.LIFT);
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

    public String formKey() {
        return typed.getOrDefault("formKey", "");
    }

    /** The readings so far, for the map: what is not told yet is drawn at its mildest, and a slip is left out. */
    List<GapReading> sketch() {
        return readings(new Typed(), false);
    }

    /** The check to be kept; every slip and everything missing is told to {@code problems}. */
    GapCheck check(LocalDate day, Typed problems) {
        List<GapReading> readings = readings(problems, true);
        boolean lifted = readings.stream().anyMatch(reading -> reading.state() == GapState.LIFT);
        if (problems.isClean() && !lifted) {
            problems.refuse(name("width", GapState.LIFT, Site.NAVEL), "gap.noLift");
        }
        if (formKey().isBlank() || formKey().length() > 36) {
            problems.refuse("formKey", "typed.formKey");
        }
        return new GapCheck(day, readings);
    }

    private List<GapReading> readings(Typed problems, boolean whole) {
        List<GapReading> readings = new ArrayList<>();
        for (GapState state : GapState.values()) {
            for (Site site : Site.EVERYDAY) {
                reading(state, site, problems, whole).ifPresent(readings::add);
            }
        }
        return readings;
    }

    private Optional<GapReading> reading(GapState state, Site site, Typed problems, boolean whole) {
        String name = name("width", state, site);
        boolean untouched =
                Arrays.stream(PARTS).allMatch(part -> at(part, state, site).isBlank());
        if (untouched) {
            return Optional.empty();
        }
        Optional<Width> width = width(name, at("width", state, site), problems);
        Optional<Depth> depth = problems.choice(name("depth", state, site), at("depth", state, site), Depth.class);
        Optional<Integer> firmness = problems.whole(name("firmness", state, site), at("firmness", state, site), 0, 3);
        Told domed = problems.choice(name("domed", state, site), at("domed", state, site), Told.class)
                .orElse(Told.UNKNOWN);
        if (whole && width.isPresent() && (depth.isEmpty() || firmness.isEmpty())) {
            problems.refuse(name, "gap.incomplete", site.words(), state.words());
        }
        return width.map(read -> new GapReading(
                site,
                site.usualOffsetMm(),
                state,
                read,
                depth.orElse(Depth.SURFACE),
                Firmness.of(firmness.orElse(0)),
                domed));
    }

    private static Optional<Width> width(String name, String typed, Typed problems) {
        var match = WIDTH.matcher(typed.strip());
        if (!match.matches()) {
            problems.refuse(name, typed.isBlank() ? "gap.widthMissing" : "gap.width", typed);
            return Optional.empty();
        }
        String part = match.group(2) == null ? "0" : match.group(2).replaceFirst("0+$", "");
        int halves = 2 * Integer.parseInt(match.group(1)) + (part.equals("5") ? 1 : 0);
        if (!List.of("", "0", "5").contains(part) || halves > Width.WIDEST_HALF_FINGERS) {
            problems.refuse(name, "gap.width", typed);
            return Optional.empty();
        }
        return Optional.of(Width.ofHalfFingers(halves));
    }
}
