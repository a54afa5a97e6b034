package openbloom.app.classes;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import openbloom.app.moves.Catalogues;
import openbloom.app.session.DoseFields;
import openbloom.app.session.SessionDocument;
import openbloom.app.session.SessionEdits;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.core.classes.ClassCell;
import openbloom.core.classes.ClassEdited;
import openbloom.core.classes.ClassItem;
import openbloom.core.classes.ClassMember;
import openbloom.core.classes.ClassOutline;
import openbloom.core.moves.Move;
import openbloom.core.session.ExclusionReason;
import openbloom.core.session.Pick;
import openbloom.core.verdict.Verdict;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** A class sheet while it is changed: judged for each woman and timed anew after every change, each change a version. */
@Controller
@RequestMapping("/teachings/{teachingId:\\d{1,18}}/edit")
class ClassEditController {
    private static final int MOST_LINES = 40;
    private static final String AS_WRITTEN = "same";

    private final Classes classes;
    private final ClassSheets sheets;
    private final ClassEdits edits;
    private final Catalogues catalogues;
    private final FormPages forms;

    ClassEditController(Classes classes, ClassSheets sheets, ClassEdits edits, Catalogues catalogues, FormPages forms) {
        this.classes = classes;
        this.sheets = sheets;
        this.edits = edits;
        this.catalogues = catalogues;
        this.forms = forms;
    }

    /**
     * One line of the editor.
     *
     * @param ways each way it is done, as it is called out, with who does it so
     */
    public record ClassEditLine(
            int at,
            ClassOutline.ClassLine line,
            String clock,
            List<String> ways,
            List<ClassEdited.ClassBroken> broken) {
        public int amount() {
            return DoseFields.amount(line.dose());
        }

        public String unit() {
            return DoseFields.unit(line.dose());
        }
    }

    /**
     * What one woman does in the line that is open.
     *
     * @param whyNot why the exercise itself is not hers today; empty where it is
     */
    public record HerChoice(int woman, String name, List<HerOption> options, String whyNot) {}

    /** @param moveId empty to rest */
    public record HerOption(String moveId, String words, boolean isChosen) {}

    @GetMapping
    ModelAndView edit(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable long teachingId,
            @RequestParam(defaultValue = "") String at) {
        Optional<Integer> focus = new FormReader().whole("at", at, 0, MOST_LINES);
        return page(me, open(me, teachingId), focus.orElse(0), focus.isPresent());
    }

    @PostMapping
    ModelAndView change(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable long teachingId,
            @ModelAttribute("edit") ClassEditForm form,
            @RequestHeader(name = "HX-Request", required = false) @Nullable String htmx) {
        ClassEdits.OpenSheet open = open(me, teachingId);
        SessionEdits.PlanVersion latest = edits.latest(teachingId);
        FormReader typed = new FormReader();
        int seen = form.seen(typed);
        Optional<ClassEditForm.ClassAct> act = form.asked(typed);
        if (typed.isClean() && seen != latest.version()) {
            typed.refuse("version", "class.overtaken", latest.by());
        }
        int at = 0;
        if (typed.isClean()) {
            at = act.orElseThrow() == ClassEditForm.ClassAct.UNDO
                    ? undone(me, open, latest, typed)
                    : changed(me, open, latest, typed, act.get(), form);
        }
        if (!typed.isClean()) {
            ModelAndView page = page(me, open(me, teachingId), form.line(), false)
                    .addObject("asked", form.move())
                    .addObject("typedWords", form.words())
                    .addObject(
                            "pending",
                            typed.problems().stream().anyMatch(one -> one.key().equals("session.because"))
                                    ? form
                                    : null);
            return forms.refused(fragment(page, htmx), typed);
        }
        return htmx == null
                ? new ModelAndView("redirect:/teachings/" + teachingId + "/edit?at=" + at)
                : fragment(page(me, open(me, teachingId), at, act.orElseThrow().isOfWhatIsDone()), htmx);
    }

    private static ModelAndView fragment(ModelAndView page, @Nullable String htmx) {
        if (htmx != null) {
            page.setViewName("classes/edit :: editor");
        }
        return page;
    }

    private int undone(SignedIn me, ClassEdits.OpenSheet open, SessionEdits.PlanVersion latest, FormReader typed) {
        if (!latest.canBeTakenBack()) {
            typed.refuse("act", "class.nothingToUndo");
        } else if (!edits.undo(me, open, latest)) {
            typed.refuse("version", "class.overtaken", "");
        }
        return 0;
    }

    private int changed(
            SignedIn me,
            ClassEdits.OpenSheet open,
            SessionEdits.PlanVersion latest,
            FormReader typed,
            ClassEditForm.ClassAct act,
            ClassEditForm form) {
        ClassEdited before = ClassEdited.of(open.outline(), open.members());
        Optional<ClassEditForm.ClassChange> change =
                form.apply(typed, act, before.outline(), open.members(), catalogues.of(me.studioId()));
        if (change.isEmpty() || !typed.isClean()) {
            return 0;
        }
        ClassEdited after = ClassEdited.of(change.get().outline(), open.members());
        if (act != ClassEditForm.ClassAct.NOTE && !form.reason().isEmpty()) {
            after = reasoned(before, after, form.reason(), open.members());
        }
        newlyBroken(before, after)
                .findFirst()
                .ifPresent(
                        line -> typed.refuse("words", line.shut() ? "session.shut" : "session.because", line.words()));
        if (typed.isClean() && !edits.keep(me, open, latest, after, change.get().words())) {
            typed.refuse("version", "class.overtaken", "");
        }
        return change.get().at();
    }

    /** What was broken before the change is no reason to refuse it. */
    private static Stream<ClassEdited.ClassBroken> newlyBroken(ClassEdited before, ClassEdited after) {
        return after.open().stream()
                .filter(line ->
                        before.open().stream().noneMatch(old -> old.words().equals(line.words())));
    }

    /** The same with a reason beside every line that the change breaks. */
    private static ClassEdited reasoned(
            ClassEdited before, ClassEdited after, String reason, List<ClassMember> members) {
        ClassOutline outline = after.outline();
        for (ClassEdited.ClassBroken line : newlyBroken(before, after).toList()) {
            outline = outline.because(line.at(), reason);
        }
        return ClassEdited.of(outline, members);
    }

    /** Why one of them does not do an exercise. */
    @GetMapping("/why")
    ModelAndView why(
            @AuthenticationPrincipal SignedIn me,
            @PathVariable long teachingId,
            @RequestParam(defaultValue = "") String move,
            @RequestParam(defaultValue = "0") String woman) {
        ClassEdits.OpenSheet open = open(me, teachingId);
        int who = new FormReader()
                .whole("woman", woman, 0, open.members().size() - 1)
                .orElse(0);
        String asked = move.strip();
        Optional<Move> found = catalogues.of(me.studioId()).meant(asked);
        String answer = found.map(one -> whyNot(open.members().get(who), one)
                        .orElse(one.name() + " passes for "
                                + open.members().get(who).name() + " today."))
                .orElse("There is no exercise of that name. Type a few letters and choose from the list.");
        return page(me, open, 0, false)
                .addObject("asked", asked)
                .addObject("askedOf", who)
                .addObject("answer", answer);
    }

    private static Optional<String> whyNot(ClassMember member, Move move) {
        Verdict verdict = member.judgement().of(move);
        return verdict.passes()
                ? Optional.empty()
                : Optional.of(move.name() + " is " + verdict.kind().words() + " for " + member.name() + " today: "
                        + ExclusionReason.of(member.judgement(), move) + ".");
    }

    private ClassEdits.OpenSheet open(SignedIn me, long teachingId) {
        ClassSheets.KeptSheet kept =
                sheets.find(me, teachingId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        StudioClass in = Optional.ofNullable(kept.teaching().classId())
                .flatMap(id -> classes.find(me, id))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        return edits.open(me, in, kept)
                .orElseThrow(() -> new ResponseStatusException(
                        HttpStatus.CONFLICT, "This sheet is taught or of another day; it stays as it was."));
    }

    /** @param choosing whether what else could be done in the line is shown */
    private ModelAndView page(SignedIn me, ClassEdits.OpenSheet open, int at, boolean choosing) {
        ClassEdited edited = ClassEdited.of(open.outline(), open.members());
        List<ClassEditLine> lines = new ArrayList<>();
        for (int i = 0; i < edited.outline().lines().size(); i++) {
            int number = i;
            lines.add(new ClassEditLine(
                    i,
                    edited.outline().lines().get(i),
                    SessionDocument.minutesAndSeconds(
                            edited.sheet().items().get(i).seconds()),
                    ways(edited, i),
                    edited.broken().stream().filter(one -> one.at() == number).toList()));
        }
        int focus = Math.min(at, Math.max(0, lines.size() - 1));
        long id = open.kept().teaching().id();
        int asked = 60 * open.in().time().minutes();
        ModelAndView page = new ModelAndView("classes/edit")
                .addObject("class", open.in())
                .addObject("kept", open.kept())
                .addObject("lines", lines)
                .addObject("at", focus)
                .addObject("choosing", choosing)
                .addObject("gone", edited.gone())
                .addObject("members", open.members())
                .addObject("version", edits.latest(id))
                .addObject("versions", edits.of(id))
                .addObject("moves", catalogues.of(me.studioId()).moves())
                .addObject(
                        "minutes",
                        SessionDocument.minutesAndSeconds(edited.sheet().seconds()))
                .addObject("over", edited.sheet().seconds() > 1.05 * asked)
                .addObject("changes", edited.sheet().changes());
        if (choosing && !lines.isEmpty()) {
            Move move = lines.get(focus).line().move();
            page.addObject("others", ClassEdited.insteadOf(open.members(), move))
                    .addObject("choices", choices(open, edited, focus));
        }
        return page;
    }

    /** {@code same: Ada, Bea}. */
    private static List<String> ways(ClassEdited edited, int at) {
        int line = IntStream.range(0, edited.sheet().lines().size())
                .filter(one ->
                        edited.sheet().itemOf(one) == edited.sheet().items().get(at))
                .findFirst()
                .orElseThrow();
        Map<String, List<String>> ways = new LinkedHashMap<>(Map.of(AS_WRITTEN, new ArrayList<>()));
        for (int member = 0; member < edited.sheet().members().size(); member++) {
            ClassCell cell = edited.sheet().cell(line, member);
            ways.computeIfAbsent(cell.called().isEmpty() ? AS_WRITTEN : cell.called(), any -> new ArrayList<>())
                    .add(edited.sheet().members().get(member).name());
        }
        return ways.entrySet().stream()
                .filter(way -> !way.getValue().isEmpty())
                .map(way -> way.getKey() + ": " + String.join(", ", way.getValue()))
                .toList();
    }

    private static List<HerChoice> choices(ClassEdits.OpenSheet open, ClassEdited edited, int at) {
        ClassItem item = edited.sheet().items().get(at);
        List<HerChoice> choices = new ArrayList<>();
        for (int woman = 0; woman < open.members().size(); woman++) {
            ClassMember member = open.members().get(woman);
            Optional<Move> does = item.of(woman).pick().map(Pick::move);
            List<HerOption> options = new ArrayList<>();
            for (Verdict verdict : ClassEdited.forHer(member, item.move())) {
                Move move = verdict.move();
                options.add(new HerOption(
                        move.id(),
                        move.equals(item.move()) ? "this exercise" : move.name(),
                        does.filter(move::equals).isPresent()));
            }
            options.add(new HerOption("", "rests with breath", does.isEmpty()));
            choices.add(new HerChoice(
                    woman, member.name(), options, whyNot(member, item.move()).orElse("")));
        }
        return choices;
    }
}
