package openbloom.app.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.app.moves.Judgements;
import openbloom.app.moves.MoveFigures;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.app.studio.Editions;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import openbloom.core.moves.Move;
import openbloom.core.record.Occasion;
import openbloom.core.session.Edited;
import openbloom.core.session.ExclusionReason;
import openbloom.core.session.Outline;
import openbloom.core.session.Outline.OutlineLine;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.Versions;
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

/** A session while it is changed: judged and timed anew after every change, each change a version. */
@Controller
@RequestMapping("/people/{womanId}/sessions/{sessionId:\\d{1,18}}")
class EditController {
    private final Sessions sessions;
    private final SessionEdits edits;
    private final Judgements judgements;
    private final RecordReader records;
    private final WantedMoves wanted;
    private final FormPages forms;
    private final Editions editions;
    private final StudioDay day;

    EditController(
            Sessions sessions,
            SessionEdits edits,
            Judgements judgements,
            RecordReader records,
            WantedMoves wanted,
            FormPages forms,
            Editions editions,
            StudioDay day) {
        this.editions = editions;
        this.sessions = sessions;
        this.edits = edits;
        this.judgements = judgements;
        this.records = records;
        this.wanted = wanted;
        this.forms = forms;
        this.day = day;
    }

    /**
     * One line of the editor.
     *
     * @param broken the hard lines it breaks, in words
     */
    public record EditedLine(
            int at,
            Move move,
            Verdict verdict,
            List<String> adjustments,
            OutlineLine entry,
            int seconds,
            List<Edited.Broken> broken) {
        /** How its changes are asked for in the address of its figure. */
        public String version() {
            return MoveFigures.address(verdict.adjustments());
        }

        /** What its dose is counted in. */
        public int amount() {
            return DoseFields.amount(entry.dose());
        }

        public String unit() {
            return DoseFields.unit(entry.dose());
        }

        public String clock() {
            return SessionDocument.minutesAndSeconds(seconds);
        }
    }

    /** A move that may stand in for a line. */
    public record OtherMove(Move move, Verdict verdict, List<String> adjustments) {}

    @GetMapping("/edit")
    ModelAndView edit(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable long sessionId,
            @RequestParam(defaultValue = "0") String at) {
        Sessions.ComposedFor planned = open(woman, sessionId);
        FormReader typed = new FormReader();
        int focus = typed.whole("at", at, 0, 100).orElse(0);
        return page(me, woman, planned, focus);
    }

    @PostMapping("/edit")
    ModelAndView change(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable long sessionId,
            @ModelAttribute("edit") EditForm form,
            @RequestHeader(name = "HX-Request", required = false) @Nullable String htmx) {
        Sessions.ComposedFor planned = open(woman, sessionId);
        SessionEdits.PlanVersion latest = edits.latest(sessionId);
        FormReader typed = new FormReader();
        int seen = form.seen(typed);
        Optional<EditForm.Act> act = form.asked(typed);
        if (typed.isClean() && seen != latest.version()) {
            typed.refuse("version", "session.overtaken", latest.by());
        }
        int at = 0;
        if (typed.isClean()) {
            at = act.orElseThrow() == EditForm.Act.UNDO
                    ? undone(me, planned, latest, typed)
                    : changed(me, woman, planned, latest, typed, act.get(), form);
        }
        if (!typed.isClean()) {
            int line = new FormReader().whole("item", form.item(), 0, 100).orElse(0);
            ModelAndView page = page(me, woman, open(woman, sessionId), line)
                    .addObject("asked", form.move())
                    .addObject("typedWords", form.words())
                    .addObject("youTyped", form.inWords())
                    .addObject(
                            "pending",
                            typed.problems().stream().anyMatch(one -> one.key().equals("session.because"))
                                    ? form
                                    : null);
            return forms.refused(fragment(page, htmx), typed);
        }
        return htmx == null
                ? new ModelAndView("redirect:/people/" + woman.id() + "/sessions/" + sessionId + "/edit?at=" + at)
                : fragment(page(me, woman, open(woman, sessionId), at), htmx);
    }

    private static ModelAndView fragment(ModelAndView page, @Nullable String htmx) {
        if (htmx != null) {
            page.setViewName("session/edit :: editor");
        }
        return page;
    }

    private int undone(SignedIn me, Sessions.ComposedFor planned, SessionEdits.PlanVersion latest, FormReader typed) {
        if (!latest.canBeTakenBack()) {
            typed.refuse("act", "session.nothingToUndo");
        } else if (!edits.undo(me, planned, latest)) {
            typed.refuse("version", "session.overtaken", "");
        }
        return 0;
    }

    private int changed(
            SignedIn me,
            Woman woman,
            Sessions.ComposedFor planned,
            SessionEdits.PlanVersion latest,
            FormReader typed,
            EditForm.Act act,
            EditForm form) {
        Judgement judgement = judgement(me, woman, planned);
        Edited before = SessionEdits.judged(planned, judgement);
        Optional<EditForm.SessionChange> change = form.apply(typed, act, before.outline(), judgement);
        if (change.isEmpty() || !typed.isClean()) {
            return 0;
        }
        Edited after = Edited.of(change.get().outline(), judgement);
        if (act != EditForm.Act.NOTE && !form.reason().isEmpty()) {
            after = reasoned(before, after, form.reason(), judgement);
        }
        after.open().stream()
                .filter(line -> isNew(before, line))
                .findFirst()
                .ifPresent(
                        line -> typed.refuse("words", line.shut() ? "session.shut" : "session.because", line.words()));
        if (typed.isClean()
                && !edits.keep(
                        me, planned, latest, after, judgement, change.get().words())) {
            typed.refuse("version", "session.overtaken", "");
        }
        if (typed.isClean() && (act == EditForm.Act.PIN || act == EditForm.Act.BAN)) {
            pinOrBan(me, woman, act, form, before);
        }
        return change.get().at();
    }

    private void pinOrBan(SignedIn me, Woman woman, EditForm.Act act, EditForm form, Edited before) {
        int at = new FormReader()
                .whole("item", form.item(), 0, before.outline().entries().size() - 1)
                .orElse(0);
        String move = before.outline().entries().get(at).move().id();
        WantedMoves.WishKind kind = act == EditForm.Act.PIN ? WantedMoves.WishKind.PIN : WantedMoves.WishKind.BAN;
        editions.add(
                me,
                Editions.Subject.PREFERENCES,
                woman.id(),
                () -> wanted.keep(me, woman, new WantedMoves.WantedMove(move, kind, null, "")));
    }

    /** What was broken before the change is no reason to refuse it. */
    private static boolean isNew(Edited before, Edited.Broken line) {
        return before.open().stream().noneMatch(old -> old.words().equals(line.words()));
    }

    /** The same with a reason beside every line that the change breaks. */
    private static Edited reasoned(Edited before, Edited after, String reason, Judgement judgement) {
        Outline outline = after.outline();
        for (Edited.Broken line : after.open()) {
            outline = isNew(before, line) ? outline.because(line.at(), reason) : outline;
        }
        return Edited.of(outline, judgement);
    }

    /** Moves that may stand in for a line, and what each would change. */
    @GetMapping("/instead")
    ModelAndView instead(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable long sessionId,
            @RequestParam(defaultValue = "0") String item) {
        Sessions.ComposedFor planned = open(woman, sessionId);
        Judgement judgement = judgement(me, woman, planned);
        Edited edited = SessionEdits.judged(planned, judgement);
        int at = new FormReader().whole("item", item, 0, 100).orElse(0);
        if (at >= edited.outline().entries().size()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        Move move = edited.outline().entries().get(at).move();
        List<OtherMove> others = Edited.insteadOf(judgement, move).stream()
                .map(verdict -> new OtherMove(verdict.move(), verdict, words(verdict, judgement)))
                .toList();
        return page(me, woman, planned, at)
                .addObject("line", at)
                .addObject("others", others)
                .addObject("insteadOf", move);
    }

    /** Why a move is not in it: what the rules say, or what it is worth. */
    @GetMapping("/why")
    ModelAndView why(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable long sessionId,
            @RequestParam(defaultValue = "") String move) {
        Sessions.ComposedFor planned = open(woman, sessionId);
        Judgement judgement = judgement(me, woman, planned);
        String asked = move.strip();
        Optional<Move> found = judgement.catalogue().meant(asked);
        String answer = found.map(one -> answer(judgement, one))
                .orElse("There is no exercise of that name. Type a few letters and choose from the list.");
        return page(me, woman, planned, 0).addObject("asked", asked).addObject("answer", answer);
    }

    private static String answer(Judgement judgement, Move move) {
        Verdict verdict = judgement.of(move);
        if (!verdict.passes()) {
            return move.name() + " is " + verdict.kind().words() + " for her today: "
                    + ExclusionReason.of(judgement, move) + ".";
        }
        return move.name() + " passes for her today (" + verdict.kind().words()
                + "), but other exercises were worth more for her aims, or the time was full. Add it if you want it.";
    }

    private static List<String> words(Verdict verdict, Judgement judgement) {
        return verdict.adjustments().stream()
                .sorted()
                .map(change -> Versions.words(change, verdict.move(), judgement))
                .toList();
    }

    private Sessions.ComposedFor open(Woman woman, long sessionId) {
        Sessions.ComposedFor planned =
                sessions.find(woman, sessionId).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        if (planned.stored().occasion() == Occasion.CLASS) {
            throw new ResponseStatusException(
                    HttpStatus.CONFLICT, "This is her part of a class; it is changed on the sheet of the class.");
        }
        if (planned.stored().taughtOn() != null) {
            throw new ResponseStatusException(HttpStatus.CONFLICT, "This session has been taught; it stays as it was.");
        }
        return planned;
    }

    private Judgement judgement(SignedIn me, Woman woman, Sessions.ComposedFor planned) {
        return judgements.of(woman, day.today(me), planned.stored().place());
    }

    private ModelAndView page(SignedIn me, Woman woman, Sessions.ComposedFor planned, int at) {
        Judgement judgement = judgement(me, woman, planned);
        Edited edited = SessionEdits.judged(planned, judgement);
        Map<Integer, List<Edited.Broken>> broken =
                edited.broken().stream().collect(Collectors.groupingBy(Edited.Broken::at));
        List<EditedLine> lines = new ArrayList<>();
        for (int i = 0; i < edited.outline().entries().size(); i++) {
            var entry = edited.outline().entries().get(i);
            Verdict verdict = judgement.of(entry.move());
            int seconds = edited.session().items().stream()
                    .filter(item -> item.move().equals(entry.move()) && item.part() == entry.part())
                    .mapToInt(item -> item.seconds())
                    .sum();
            lines.add(new EditedLine(
                    i,
                    entry.move(),
                    verdict,
                    words(verdict, judgement),
                    entry,
                    seconds,
                    broken.getOrDefault(i, List.of())));
        }
        long id = planned.stored().id();
        return new ModelAndView("session/edit")
                .addObject("kept", planned.stored())
                .addObject("body", records.stripOn(woman, day.today(me)).drawn().body())
                .addObject("lines", lines)
                .addObject("at", Math.min(at, Math.max(0, lines.size() - 1)))
                .addObject("version", edits.latest(id))
                .addObject("versions", edits.of(id))
                .addObject(
                        "minutes",
                        SessionDocument.minutesAndSeconds(edited.session().seconds()))
                .addObject("over", edited.session().seconds() - planned.stored().minutes() * 63)
                .addObject("transitions", edited.session().transitions())
                .addObject("moves", judgement.catalogue().moves());
    }
}
