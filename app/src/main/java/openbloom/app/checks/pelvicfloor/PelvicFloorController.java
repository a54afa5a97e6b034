package openbloom.app.checks.pelvicfloor;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Stream;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.SheetFindings;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.care.HabitPrompt;
import openbloom.core.care.HabitPrompts;
import openbloom.core.pelvicfloor.DatedCheck;
import openbloom.core.pelvicfloor.Pacer;
import openbloom.core.pelvicfloor.PelvicFloorReview;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.pelvicfloor.Release;
import openbloom.core.pelvicfloor.Track;
import openbloom.core.picture.FloorTrend;
import openbloom.core.picture.PelvicFloorMap;
import openbloom.core.screening.Symptom;
import openbloom.core.verdict.Facts;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What her pelvic floor practises and why, guided second by second, and how it has gone. */
@Controller
@RequestMapping("/people/{womanId}/floor")
class PelvicFloorController {
    private static final int MOST_DONE = 60;
    private static final int TEN = 10;

    private final SheetFindings findings;
    private final RecordReader records;
    private final PracticeMapper rows;
    private final Practices practices;
    private final SafetyService safety;
    private final FormPages forms;
    private final StudioDay day;

    PelvicFloorController(
            SheetFindings findings,
            RecordReader records,
            PracticeMapper rows,
            Practices practices,
            SafetyService safety,
            FormPages forms,
            StudioDay day) {
        this.findings = findings;
        this.records = records;
        this.rows = rows;
        this.practices = practices;
        this.safety = safety;
        this.forms = forms;
        this.day = day;
    }

    @GetMapping
    ModelAndView page(@AuthenticationPrincipal SignedIn me, Woman woman) {
        LocalDate today = day.today(me);
        List<DatedCheck> checks = findings.pelvicFloorChecks(woman.id(), today);
        Facts facts = new Facts(records.clientOn(woman, today), today);
        Prescription given = practices.prescribed(woman, checks, facts);
        ModelAndView page = new ModelAndView("checks/pelvicfloor/floor")
                .addObject("given", given)
                .addObject("checked", !checks.isEmpty())
                .addObject("setSeconds", Pacer.seconds(Pacer.of(given)))
                .addObject("moments", moments(given.track(), hasABaby(facts, today)))
                .addObject(
                        "news",
                        PelvicFloorReview.of(
                                checks, facts.client().safety().symptoms().has(Symptom.HEAVINESS), today))
                .addObject("home", Pacer.homeText(given))
                .addObject("release", given.track() == Track.RELEASE ? release(woman, checks) : "")
                .addObject("history", findings.pelvicFloorHistory(woman.id(), today))
                .addObject("practices", latestFirst(rows.of(woman.id())));
        if (!checks.isEmpty()) {
            page.addObject("trend", FloorTrend.of(checks, asked(woman)));
        }
        return page;
    }

    private static List<String> moments(Track track, boolean withABaby) {
        Stream<String> prompts =
                HabitPrompts.ofTheFloor(track, withABaby).stream().map(HabitPrompt::words);
        return (track == Track.RELEASE ? prompts : Stream.concat(prompts, Stream.of(HabitPrompts.LIMIT))).toList();
    }

    private static boolean hasABaby(Facts facts, LocalDate today) {
        return facts.recentBirth()
                .filter(birth -> birth.date().plusYears(1).isAfter(today))
                .isPresent();
    }

    private List<FloorTrend.AskedFor> asked(Woman woman) {
        return safety.answersOf(woman).stream()
                .map(answer -> new FloorTrend.AskedFor(answer.askedOn(), answer.symptomSet()))
                .toList();
    }

    private String release(Woman woman, List<DatedCheck> checks) {
        return Release.words(practices.since(woman, checks).stream()
                .map(row -> new Release.ReleasePractice(
                        row.practisedOn(),
                        row.seen().letGoOfTen() == null
                                ? OptionalInt.empty()
                                : OptionalInt.of(row.seen().letGoOfTen()),
                        row.seen().hurt()))
                .toList());
    }

    private static List<PracticeMapper.PracticeRow> latestFirst(List<PracticeMapper.PracticeRow> oldestFirst) {
        return oldestFirst.stream()
                .sorted(Comparator.comparing(PracticeMapper.PracticeRow::practisedOn)
                        .reversed())
                .limit(30)
                .toList();
    }

    @GetMapping("/practice")
    ModelAndView practise(@AuthenticationPrincipal SignedIn me, Woman woman) {
        Optional<String> detour = safety.detour(me, woman, "practice");
        if (detour.isPresent()) {
            return new ModelAndView(detour.get());
        }
        return pacer(me, woman, Map.of("formKey", UUID.randomUUID().toString()));
    }

    /** @param told what was counted and ticked so far */
    private ModelAndView pacer(SignedIn me, Woman woman, Map<String, String> told) {
        LocalDate today = day.today(me);
        Facts facts = new Facts(records.clientOn(woman, today), today);
        Prescription given = practices.prescribed(woman, facts);
        return new ModelAndView("checks/pelvicfloor/practice")
                .addObject("given", given)
                .addObject("floor", PelvicFloorMap.toPractise())
                .addObject("phases", Pacer.of(given))
                .addObject("setSeconds", Pacer.seconds(Pacer.of(given)))
                .addObject(
                        "positions",
                        Arrays.stream(PracticeMapper.PositionRow.values())
                                .filter(position -> position != PracticeMapper.PositionRow.NOT_ASKED)
                                .toList())
                .addObject("told", told);
    }

    @Idempotent
    @PostMapping("/practice")
    ModelAndView keep(@AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam Map<String, String> typed) {
        FormReader problems = new FormReader();
        safety.require(me, woman, problems);
        LocalDate today = day.today(me);
        PracticeMapper.PracticeRow row = row(typed, today, problems);
        String key = typed.getOrDefault("formKey", "");
        if (!problems.isClean()) {
            return forms.refused(pacer(me, woman, typed), problems);
        }
        practices.keep(me, woman, key, row);
        return Saved.then("redirect:/people/" + woman.id() + "/floor", "saved.practice");
    }

    private static PracticeMapper.PracticeRow row(Map<String, String> typed, LocalDate today, FormReader problems) {
        Track track = problems.requiredChoice("practice", typed.get("track"), Track.class)
                .orElse(Track.RELEASE);
        return new PracticeMapper.PracticeRow(
                0,
                today,
                "",
                false,
                new PracticeMapper.AskedSet(
                        track,
                        count(typed, "holdSeconds", problems),
                        count(typed, "holds", problems),
                        count(typed, "flicks", problems)),
                new PracticeMapper.DoneSet(
                        count(typed, "holdsDone", problems),
                        count(typed, "flicksDone", problems),
                        problems.choice("practice", typed.get("position"), PracticeMapper.PositionRow.class)
                                .orElse(PracticeMapper.PositionRow.LYING)),
                new PracticeMapper.SeenSet(
                        problems.whole("letGoOfTen", typed.get("letGoOfTen"), 0, TEN)
                                .orElse(null),
                        typed.containsKey("letGoFully"),
                        typed.containsKey("faded"),
                        typed.containsKey("hurt"),
                        typed.containsKey("heavy")));
    }

    private static int count(Map<String, String> typed, String field, FormReader problems) {
        return problems.requiredWhole("practice", typed.get(field), 0, MOST_DONE)
                .orElse(0);
    }
}
