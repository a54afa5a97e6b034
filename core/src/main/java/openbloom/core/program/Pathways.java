package openbloom.core.program;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.Days;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.record.Goal;
import openbloom.core.record.ImpactTests;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Birth;
import openbloom.core.verdict.Facts;
import openbloom.core.verdict.Judgement;

/**
 * The ways that fit her: each generated from her facts, dated, with its conditions and its source.
 *
 * @see PathwayStepEdit
 * @see GymPath
 */
public final class Pathways {
    private static final int FORTNIGHT = 14;
    private static final int WEEK = 7;
    private static final int FIRST_WEEKS = 6;
    private static final int FIRST_WALK_MINUTES = 5;

    private final Judgement judgement;
    private final Map<Goal, LocalDate> aims;
    private final Facts facts;
    private final LocalDate today;

    private Pathways(Judgement judgement, Map<Goal, LocalDate> aims) {
        this.judgement = judgement;
        this.aims = aims;
        this.facts = judgement.facts();
        this.today = facts.day();
    }

    /**
     * One way.
     *
     * @param id stays the same whenever the way is generated
     * @param why the fact it was generated from
     * @param source key of its source, or common practice
     */
    public record Path(String id, String name, String why, List<PathwayStep> steps, String source) {
        public Path {
            steps = List.copyOf(steps);
        }

        Path with(List<PathwayStep> other) {
            return new Path(id, name, why, other, source);
        }
    }

    /**
     * A step of it.
     *
     * @param id stays the same whenever the way is generated
     * @param from the first day; empty where only the condition opens it
     * @param condition what has to be true, or empty
     * @param change what the instructor made of it, if anything
     */
    public record PathwayStep(
            String id, Optional<LocalDate> from, String what, String condition, Optional<PathwayStepEdit> change) {}

    /**
     * Those that fit her on the day of the judgement; none while a warning sign stands.
     *
     * @param aims what her program is for, and since when
     * @param usual ids of the moves she does anyway
     */
    public static List<Path> of(Judgement judgement, Map<Goal, LocalDate> aims, List<String> usual) {
        if (!judgement.facts().client().safety().standing().isEmpty()) {
            return List.of();
        }
        return new Pathways(judgement, aims).all(usual);
    }

    private List<Path> all(List<String> usual) {
        List<Path> all = new ArrayList<>();
        Optional<Birth> birth = facts.recentBirth();
        birth.filter(born -> born.daysOn(today) < (long) FIRST_WEEKS * WEEK)
                .map(this::firstWeeks)
                .ifPresent(all::add);
        birth.filter(Birth::isCaesarean).map(this::caesarean).ifPresent(all::add);
        if (aims.containsKey(Goal.RUN) || aims.containsKey(Goal.JUMP)) {
            all.add(running());
        }
        boolean heavy = facts.client().has(Symptom.HEAVINESS);
        if (heavy || aims.containsKey(Goal.STOP_LEAKING) || aims.containsKey(Goal.EASE_HEAVINESS)) {
            all.add(floor(heavy || aims.containsKey(Goal.EASE_HEAVINESS)));
        }
        facts.client().situation().pregnancy().ifPresent(dating -> {
            LocalDate from = dating.dayOfWeek(Published.NO_RISE_PREGNANT.amount());
            all.add(birth(from.isBefore(today) ? today : from));
        });
        GymPath.of(judgement, usual).ifPresent(all::add);
        return List.copyOf(all);
    }

    /** Since when the first of these aims is hers; today if none is. */
    private LocalDate since(Goal... any) {
        return Arrays.stream(any)
                .filter(aims::containsKey)
                .map(aims::get)
                .findFirst()
                .orElse(today);
    }

    static PathwayStep on(String id, LocalDate day, String what, String condition) {
        return new PathwayStep(id, Optional.of(day), what, condition, Optional.empty());
    }

    private static PathwayStep then(String id, String what, String condition) {
        return new PathwayStep(id, Optional.empty(), what, condition, Optional.empty());
    }

    /** Breath, gentle lifts, ankles, tilts, sit to stand and walks of five minutes more each week. */
    private Path firstWeeks(Birth birth) {
        List<PathwayStep> steps = new ArrayList<>();
        steps.add(on(
                "begin",
                birth.date(),
                "breath, gentle lifts, ankles and pelvic tilts; feeding and lifting positions",
                "only what is comfortable"));
        for (int week = 1; week <= FIRST_WEEKS; week++) {
            LocalDate from = birth.date().plusDays((long) WEEK * (week - 1));
            if (!from.plusDays(WEEK).isBefore(today)) {
                steps.add(on(
                        "week-" + week,
                        from,
                        "walk " + FIRST_WALK_MINUTES * week + " minutes a day"
                                + (week == 3 ? "; sit to stand from a raised seat" : ""),
                        "less again if bleeding gets heavier or brighter"));
            }
        }
        steps.add(on(
                "check",
                birth.date().plusDays(Published.FULL_CHECK_AFTER_BIRTH.days()),
                "the check by her clinician; then the progressions",
                "clearance on file"));
        return new Path(
                "first-weeks", "The first six weeks", birth.kind().words(), steps, Source.COMMON_PRACTICE.key());
    }

    /** P-CS-1 to 3, the wound as gate. */
    private Path caesarean(Birth birth) {
        LocalDate born = birth.date();
        return new Path(
                "caesarean",
                "After a caesarean",
                "a caesarean on " + Days.words(born),
                List.of(
                        on(
                                "begin",
                                born,
                                "breath and a first light connect; a binder for first healing only",
                                "comfortable"),
                        on(
                                "touch",
                                born.plusDays(Published.SCAR_TOUCH.days()),
                                "gentle touch at the scar, two to three minutes a day",
                                "the wound fully closed"),
                        on(
                                "holds",
                                born.plusDays(Published.PRONE_AFTER_CAESAREAN.days()),
                                "still holds on the surface progression, from the wall down",
                                "the scar quiet, the midline flat"),
                        on(
                                "deep",
                                born.plusDays(Published.SCAR_DEEP.days()),
                                "deeper scar work; then limbs that move under a still trunk",
                                "no pain at the scar"),
                        on(
                                "impact",
                                birth.earliestReturn(),
                                "impact may be thought of",
                                "the return tests without a symptom")),
                Source.COMMON_PRACTICE.key());
    }

    /** Prepare, tests, weeks: the dates of the weeks stand once she may begin. */
    private PathwayStep row(RunningPath.RunningWeek week) {
        String between = week.walkMinutes() > 0 ? ", " + number(week.walkMinutes()) + " min walk between" : "";
        return on(
                "row-" + week.week(),
                week.days().get(0),
                "row " + week.week() + ": " + week.bouts() + " × " + number(week.runMinutes()) + " min run" + between,
                "three days, none next to another; pain above 2 repeats the row");
    }

    private Path running() {
        RunningPath path = RunningPath.of(judgement, List.of());
        LocalDate earliest = facts.recentBirth()
                .map(Birth::earliestReturn)
                .filter(day -> day.isAfter(today))
                .orElse(today);
        List<PathwayStep> steps = new ArrayList<>();
        steps.add(on(
                "prepare",
                since(Goal.RUN, Goal.JUMP),
                "walks from 10 to 30 minutes; single-leg strength towards 20 each side",
                "no symptom"));
        List<ImpactTests.Test> missing = facts.client().checks().impactTests().missing();
        if (!missing.isEmpty()) {
            String tests = missing.stream().map(ImpactTests.Test::words).collect(Collectors.joining(", "));
            steps.add(on(
                    "tests",
                    earliest,
                    "the tests: " + tests,
                    "walk, strength, then impact; they end at the first symptom"));
        }
        path.missing().stream()
                .map(gate -> "needs " + gate.kind().words() + ": " + gate.detail())
                .distinct()
                .forEach(gate -> steps.add(then("needs-" + steps.size(), gate, "")));
        path.why().forEach(why -> steps.add(then("why-" + steps.size(), why, "")));
        path.weeks().forEach(week -> steps.add(row(week)));
        if (path.weeks().isEmpty()) {
            steps.add(then("rows", RunningPath.tableWords(), "the tests passed, no leak, heaviness or pain"));
        }
        return new Path("running", "Return to running", "she wants to run", steps, Source.E_RUN.key());
    }

    private static String number(double minutes) {
        return minutes == Math.rint(minutes) ? String.valueOf((long) minutes) : String.valueOf(minutes);
    }

    /** Twelve weeks, sixteen with heaviness; looked at every fortnight. */
    private Path floor(boolean heavy) {
        Published length = heavy ? Published.PELVIC_PROGRAMME_HEAVY : Published.PELVIC_PROGRAMME;
        LocalDate begun = heavy ? since(Goal.EASE_HEAVINESS, Goal.STOP_LEAKING) : since(Goal.STOP_LEAKING);
        List<PathwayStep> steps = new ArrayList<>();
        steps.add(on("begin", begun, "the prescribed sets, every day", "nothing hurts"));
        for (LocalDate day = begun.plusDays(FORTNIGHT);
                day.isBefore(begun.plusDays(length.days()));
                day = day.plusDays(FORTNIGHT)) {
            steps.add(on("check-" + steps.size(), day, "the pelvic floor check again; the dose follows it", ""));
        }
        steps.add(on(
                "look-back",
                begun.plusDays(length.days()),
                heavy
                        ? "look back: fewer heavy days? Unchanged: a pelvic health clinician looks"
                        : "look back: fewer leaks? Unchanged: a pelvic health clinician looks",
                "sooner if it hurts or no lift can be felt"));
        return new Path(
                "pelvic-floor",
                "Pelvic floor training, " + length.days() / WEEK + " weeks",
                heavy ? "heaviness" : "leaking",
                steps,
                Source.E_NICE.key());
    }

    private Path birth(LocalDate from) {
        return new Path(
                "birth",
                "Ready for birth",
                "pregnant",
                List.of(
                        on(
                                "ease",
                                from,
                                "ease in the hips and back, letting go on the in-breath, resting positions",
                                "comfortable"),
                        on("letting-go", from, "floor practice stresses letting go; no progression rises", ""),
                        on("massage", from, "perineal massage: she asks her midwife", "her midwife says yes"),
                        then("recorded", "the birth is recorded: a new beginning", "")),
                Source.COMMON_PRACTICE.key());
    }
}
