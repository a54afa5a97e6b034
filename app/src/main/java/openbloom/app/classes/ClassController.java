package openbloom.app.classes;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.app.checks.SafetyRecord;
import openbloom.app.checks.SafetyService;
import openbloom.app.moves.Judgements;
import openbloom.app.people.People;
import openbloom.app.people.RecordReader;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.classes.ClassRequest;
import openbloom.core.moves.Equipment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** The classes of a studio, each with its members; who is asked today, and who comes. */
@Controller
class ClassController {
    private static final int SHEETS_SHOWN = 8;
    private static final int SHEETS_LOOKED_BACK = 4;

    private final Classes classes;
    private final ClassSheets sheets;
    private final People people;
    private final RecordReader records;
    private final Judgements judgements;
    private final SafetyService safety;
    private final FormPages forms;
    private final StudioDay day;

    ClassController(
            Classes classes,
            ClassSheets sheets,
            People people,
            RecordReader records,
            Judgements judgements,
            SafetyService safety,
            FormPages forms,
            StudioDay day) {
        this.classes = classes;
        this.sheets = sheets;
        this.people = people;
        this.records = records;
        this.judgements = judgements;
        this.safety = safety;
        this.forms = forms;
        this.day = day;
    }

    /**
     * A member of a class on a day.
     *
     * @param isAsked whether she was asked today
     * @param needsHerOwn whether she is asked on a form of her own alone: stopped, or her blood pressure is measured
     */
    public record ClassRow(StageStrip strip, boolean isAsked, boolean needsHerOwn) {}

    @GetMapping("/classes")
    ModelAndView list(@AuthenticationPrincipal SignedIn me) {
        List<StudioClass> all = classes.of(me);
        Map<Long, Integer> sizes = new HashMap<>();
        all.forEach(one -> sizes.put(one.id(), classes.members(one).size()));
        return new ModelAndView("classes/list").addObject("classes", all).addObject("sizes", sizes);
    }

    @GetMapping("/classes/new")
    ModelAndView blank(@AuthenticationPrincipal SignedIn me) {
        return form(me, 0, ClassForm.blank(day.today(me)));
    }

    @GetMapping("/classes/{classId:\\d{1,18}}/edit")
    ModelAndView edit(@AuthenticationPrincipal SignedIn me, @PathVariable long classId) {
        StudioClass kept = find(me, classId);
        return form(me, classId, ClassForm.of(kept, classes.members(kept)));
    }

    @Idempotent
    @PostMapping("/classes")
    ModelAndView add(@AuthenticationPrincipal SignedIn me, ClassForm form) {
        return keep(me, 0, form);
    }

    @PostMapping("/classes/{classId:\\d{1,18}}/edit")
    ModelAndView change(@AuthenticationPrincipal SignedIn me, @PathVariable long classId, ClassForm form) {
        find(me, classId);
        return keep(me, classId, form);
    }

    private ModelAndView keep(SignedIn me, long classId, ClassForm form) {
        FormReader typed = new FormReader();
        StudioClass wanted = form.read(classId, me.studioId(), typed);
        List<Long> members = members(me, form, typed);
        if (typed.isClean()) {
            Optional<Long> kept = classes.keep(me, wanted, members);
            if (kept.isPresent()) {
                return Saved.then("redirect:/classes/" + kept.get(), "saved.class");
            }
            typed.refuse("version", "class.stale");
        }
        return forms.refused(form(me, classId, form), typed);
    }

    /** Those ticked, if they are the studio's own, and one more by name. */
    private List<Long> members(SignedIn me, ClassForm form, FormReader typed) {
        List<Long> members = new ArrayList<>(people.named(me, form.ticked()).stream()
                .map(named -> named.id())
                .toList());
        if (members.size() < form.ticked().size()) {
            typed.refuse("members", "class.notHere");
        }
        named(me, "add", form.added(), typed).ifPresent(id -> joined(id, members, "add", form.added(), typed));
        if (members.size() > ClassRequest.MOST_MEMBERS) {
            typed.refuse("members", "class.members", 1, ClassRequest.MOST_MEMBERS, members.size());
        }
        return members;
    }

    /** One more, each woman once. */
    private static void joined(long id, List<Long> all, String field, String name, FormReader typed) {
        if (all.contains(id)) {
            typed.refuse(field, "class.twice", name.strip());
        } else {
            all.add(id);
        }
    }

    /** The one woman of a name; empty where nothing was typed, or nobody or several are called so. */
    private Optional<Long> named(SignedIn me, String field, String name, FormReader typed) {
        if (name.isBlank()) {
            return Optional.empty();
        }
        List<Long> found = people.called(me, name.strip());
        if (found.size() != 1) {
            typed.refuse(field, found.isEmpty() ? "class.nobody" : "class.several", name.strip(), found.size());
        }
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }

    private ModelAndView form(SignedIn me, long classId, ClassForm form) {
        return new ModelAndView("classes/form")
                .addObject("title", classId == 0 ? "New class" : "Change the class")
                .addObject("classId", classId)
                .addObject("form", form)
                .addObject("weekdays", DayOfWeek.values())
                .addObject("equipment", Equipment.values())
                .addObject("members", people.named(me, form.ticked()))
                .addObject("offered", people.offered(me));
    }

    @GetMapping("/classes/{classId:\\d{1,18}}")
    ModelAndView show(@AuthenticationPrincipal SignedIn me, @PathVariable long classId) {
        return page(me, find(me, classId));
    }

    private ModelAndView page(SignedIn me, StudioClass kept) {
        LocalDate today = day.today(me);
        List<Woman> women = people.of(me, classes.members(kept)).women();
        Map<Long, SafetyRecord> asked =
                safety.ofAll(women.stream().map(Woman::id).toList());
        List<ClassRow> rows = records.listedOn(women, today).stream()
                .map(listed -> row(listed, asked.get(listed.woman().id()), today))
                .toList();
        return new ModelAndView("classes/show")
                .addObject("class", kept)
                .addObject("isHeld", kept.isHeldOn(today))
                .addObject("rows", rows)
                .addObject("offered", people.offered(me))
                .addObject("sheets", sheets.of(me, kept, SHEETS_SHOWN));
    }

    /**
     * What of a sheet would be hers.
     *
     * @param hers exercises she would do, as written or changed
     * @param not the others, each with why
     */
    public record LookedBack(LocalDate on, int hers, int all, List<String> not) {}

    /** For somebody new: what of the last sheets would have been hers, by what is known of her today. */
    @GetMapping("/classes/{classId:\\d{1,18}}/look-back/{womanId}")
    ModelAndView lookBack(@AuthenticationPrincipal SignedIn me, @PathVariable long classId, Woman woman) {
        StudioClass kept = find(me, classId);
        Judgement judgement = judgements.in(woman, day.today(me), kept.kit());
        List<LookedBack> sheetsBack = sheets.of(me, kept, SHEETS_LOOKED_BACK).stream()
                .map(sheet -> lookedBack(sheet, judgement))
                .toList();
        return new ModelAndView("classes/look-back").addObject("class", kept).addObject("sheets", sheetsBack);
    }

    private static LookedBack lookedBack(ClassSheets.KeptSheet sheet, Judgement judgement) {
        List<Verdict> verdicts = sheet.sheet().called().rows().stream()
                .flatMap(row -> judgement.catalogue().find(row.item().moveId()).stream())
                .map(judgement::of)
                .toList();
        List<String> not = verdicts.stream()
                .filter(verdict -> !verdict.passes())
                .map(verdict -> verdict.move().name()
                        + verdict.leading()
                                .map(reason -> ": " + reason.rule().instructor())
                                .orElse(""))
                .toList();
        return new LookedBack(sheet.teaching().plannedOn(), verdicts.size() - not.size(), verdicts.size(), not);
    }

    private ClassRow row(RecordReader.ListedRecord listed, @Nullable SafetyRecord told, LocalDate today) {
        boolean isAsked = told != null && told.on(today).isPresent();
        boolean needsHerOwn = !listed.strip().stop().isEmpty()
                || !listed.strip().isReadable()
                || safety.isPressureAsked(listed.woman());
        return new ClassRow(listed.strip(), isAsked, needsHerOwn);
    }

    /** Keeps whom somebody asked and who told nothing; then, if that is wanted, composes for those who come. */
    @Idempotent
    @PostMapping("/classes/{classId:\\d{1,18}}/today")
    ModelAndView today(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable long classId,
            @RequestParam(required = false) @Nullable List<String> nothing,
            @RequestParam(required = false) @Nullable List<String> comes,
            @RequestParam(defaultValue = "") String guest,
            @RequestParam(defaultValue = "ask") String act) {
        StudioClass kept = find(me, classId);
        List<Long> members = classes.members(kept);
        FormReader typed = new FormReader();
        for (Woman woman : people.of(me, numbers(nothing, members)).women()) {
            if (!safety.toldNothing(me, woman)) {
                typed.refuse("nothing", "class.herOwn", woman.name());
            }
        }
        if (!typed.isClean() || !act.equals("compose")) {
            return typed.isClean()
                    ? Saved.then("redirect:/classes/" + classId, "saved.asked")
                    : forms.refused(page(me, kept), typed);
        }
        List<Long> numbers = new ArrayList<>(numbers(comes, members));
        named(me, "guest", guest, typed).ifPresent(id -> joined(id, numbers, "guest", guest, typed));
        if (numbers.size() > ClassRequest.MOST_MEMBERS) {
            typed.refuse("guest", "class.members", 1, ClassRequest.MOST_MEMBERS, numbers.size());
        }
        if (!typed.isClean()) {
            return forms.refused(page(me, kept).addObject("guest", guest), typed);
        }
        List<Woman> coming = people.of(me, numbers).women();
        if (coming.isEmpty()) {
            typed.refuse("comes", "class.nobodyComes");
            return forms.refused(page(me, kept), typed);
        }
        ClassSheets.Composed composed = sheets.compose(me, kept, coming, day.today(me));
        if (composed.teachingId().isPresent()) {
            return new ModelAndView(
                    "redirect:/teachings/" + composed.teachingId().get());
        }
        typed.refuse("comes", "class.noSheet");
        return forms.refused(page(me, kept).addObject("cannot", composed.sheet().cannotCome()), typed);
    }

    private static List<Long> numbers(@Nullable List<String> typed, List<Long> members) {
        return typed == null
                ? List.of()
                : members.stream()
                        .filter(id -> typed.contains(String.valueOf(id)))
                        .toList();
    }

    private StudioClass find(SignedIn me, long classId) {
        return classes.find(me, classId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
