package openbloom.app.reasons;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.app.moves.Catalogues;
import openbloom.app.people.People;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import openbloom.core.gap.Depth;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.record.Client;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.Verdict;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The bench of judgement: change a fact and see which verdicts change, and the rule that did it. Nothing is kept. */
@Controller
@PreAuthorize("hasRole('OWNER')")
class WhatIfController {
    private static final int MOST_MOVES = 20;
    private static final List<String> TELLING = List.of(
            "breath-lying",
            "squat",
            "heel-tap",
            "double-leg-lower",
            "curl-up",
            "support-kneeling",
            "step-up",
            "press-seated-light",
            "pf-hold-baseline",
            "hops");

    private final Catalogues catalogues;
    private final People people;
    private final RecordReader records;
    private final FormPages forms;
    private final StudioDay day;

    WhatIfController(Catalogues catalogues, People people, RecordReader records, FormPages forms, StudioDay day) {
        this.catalogues = catalogues;
        this.people = people;
        this.records = records;
        this.forms = forms;
        this.day = day;
    }

    /** One move before and after, with the reasons that only the changed woman has. */
    record WhatIfRow(Move move, Verdict before, Verdict after, List<Reason> because) {
        static WhatIfRow of(Move move, Judgement before, Judgement after) {
            Verdict then = before.of(move);
            Verdict now = after.of(move);
            List<Reason> because = now.reasons().stream()
                    .filter(reason -> then.reasons().stream()
                            .noneMatch(same -> same.code().equals(reason.code()) && same.kind() == reason.kind()))
                    .toList();
            return new WhatIfRow(
                    move, then, now, because.isEmpty() ? now.leading().stream().toList() : because);
        }

        public boolean isChanged() {
            return before.kind() != after.kind() || !before.adjustments().equals(after.adjustments());
        }
    }

    @GetMapping("/reasons/what-if")
    ModelAndView bench(
            @AuthenticationPrincipal SignedIn me,
            WhatIfForm form,
            @RequestParam(defaultValue = "") String who,
            @RequestHeader(name = "HX-Target", defaultValue = "") String target) {
        FormReader typed = new FormReader();
        LocalDate today = day.today(me);
        Catalogue catalogue = catalogues.of(me.studioId());
        Optional<Woman> chosen =
                typed.whole("woman", form.her().woman(), 1, Integer.MAX_VALUE).flatMap(id -> people.find(me, id));
        People.Picked picked = people.picked(me, chosen, who);
        Optional<Woman> woman = picked.her();
        Client base = woman.map(hers -> records.clientOn(hers, today)).orElseGet(() -> form.plain(today, typed));
        Client changed = form.changed(base, today, typed);
        Judgement before = Judgement.of(catalogue, base, today);
        Judgement after = Judgement.of(catalogue, changed, today);
        List<WhatIfRow> rows = moves(form, catalogue).stream()
                .map(move -> WhatIfRow.of(move, before, after))
                .toList();
        ModelAndView page = new ModelAndView(target.equals("judged") ? "reasons/what-if :: judged" : "reasons/what-if")
                .addObject("rows", rows)
                .addObject("picked", picked)
                .addObject("wheres", WhatIfForm.StageTyped.values())
                .addObject("trainings", Training.values())
                .addObject("allConditions", Condition.values())
                .addObject("allSymptoms", Symptom.asked())
                .addObject("depths", Depth.values())
                .addObject("allMoves", catalogue.moves());
        return typed.isClean() ? page : forms.refused(page, typed);
    }

    private static List<Move> moves(WhatIfForm form, Catalogue catalogue) {
        List<String> chosen =
                form.looked().moves() == null || form.looked().moves().isEmpty()
                        ? TELLING
                        : form.looked().moves();
        return chosen.stream()
                .distinct()
                .limit(MOST_MOVES)
                .flatMap(id -> catalogue.find(id).stream())
                .toList();
    }
}
