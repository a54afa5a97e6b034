package openbloom.app.verdicts;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.session.PainLifts;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.moves.Move;
import openbloom.core.progress.Pain;
import openbloom.core.record.PainHold;
import openbloom.core.record.PainLift;
import openbloom.core.record.PainSite;
import openbloom.core.session.Place;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.ModelAndView;

/** Pain that holds: what it holds, and who says by name that it goes on. */
@Controller
@RequestMapping("/people/{womanId}/held")
class HeldController {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_REASON = 600;

    private final Judgements judgements;
    private final PainLifts lifts;
    private final FormPages forms;
    private final StudioDay day;

    HeldController(Judgements judgements, PainLifts lifts, FormPages forms, StudioDay day) {
        this.judgements = judgements;
        this.lifts = lifts;
        this.forms = forms;
        this.day = day;
    }

    /**
     * A place that hurts.
     *
     * @param seen the latest thing noted there
     * @param words of each pain that holds
     * @param needs what lets it go on
     * @param moves how many moves wait
     * @param names some of them by name
     * @param byClinicianAlone whether asking again is not enough
     */
    public record Held(
            PainSite place,
            long seen,
            List<String> words,
            List<String> needs,
            int moves,
            List<String> names,
            boolean byClinicianAlone) {}

    /** An answer as it is typed. */
    record HeldForm(
            @Nullable String formKey,
            @Nullable String place,
            @Nullable String seen,
            @Nullable String pain,
            @Nullable String clinicianOn,
            @Nullable String saidBy,
            @Nullable String reason) {
        static final HeldForm BLANK = new HeldForm("", "", "", "", "", "", "");
    }

    @GetMapping
    ModelAndView show(@AuthenticationPrincipal SignedIn me, Woman woman) {
        return page(me, woman, HeldForm.BLANK);
    }

    @Idempotent
    @PostMapping
    ModelAndView lift(@AuthenticationPrincipal SignedIn me, Woman woman, HeldForm form) {
        LocalDate today = day.today(me);
        FormReader typed = new FormReader();
        Optional<PainSite> place = typed.requiredChoice("place", form.place(), PainSite.class);
        String at = place.map(PainSite::name).orElse("");
        Optional<Integer> pain = typed.whole("pain-" + at, form.pain(), 0, Pain.MOST);
        Optional<LocalDate> word = typed.pastDate("clinicianOn-" + at, form.clinicianOn(), today);
        String by = typed.requiredText("saidBy-" + at, form.saidBy(), LONGEST_NAME);
        String why = typed.requiredText("reason-" + at, form.reason(), LONGEST_REASON);
        List<PainHold> holds = judgements.of(woman, today, Place.STUDIO).facts().client().standing().holds().stream()
                .filter(hold -> place.filter(hold.place()::equals).isPresent())
                .toList();
        long latest = holds.stream().mapToLong(PainHold::response).max().orElse(0);
        if (place.isPresent() && !Long.toString(latest).equals(form.seen())) {
            typed.refuse("pain-" + at, holds.isEmpty() ? "held.answered" : "held.again");
        }
        if (typed.isClean()) {
            check(holds, lift(latest, today, place.orElseThrow(), pain, word), typed);
        }
        if (!typed.isClean()) {
            return forms.refused(page(me, woman, form), typed);
        }
        lifts.keep(
                new PainLifts.PainLifted(
                        woman.id(),
                        latest,
                        place.orElseThrow(),
                        today,
                        pain.orElse(null),
                        word.orElse(null),
                        new PainLifts.PainLifted.Said(by, why, me.account().name())),
                me.accountId(),
                day.instant());
        return Saved.then("redirect:/people/" + woman.id() + "/held", "saved.held");
    }

    private static PainLift lift(
            long response, LocalDate on, PainSite place, Optional<Integer> pain, Optional<LocalDate> word) {
        return new PainLift(response, on, place, pain.map(OptionalInt::of).orElseGet(OptionalInt::empty), word);
    }

    /** An answer that lets nothing go on is told, and what would. */
    private static void check(List<PainHold> holds, PainLift answer, FormReader typed) {
        holds.stream()
                .filter(hold -> !hold.isLiftedBy(answer))
                .findFirst()
                .ifPresent(hold -> typed.refuse(
                        (hold.needsClinician() ? "clinicianOn-" : "pain-") + hold.place(),
                        "held.notYet",
                        hold.needs()));
    }

    private ModelAndView page(SignedIn me, Woman woman, HeldForm form) {
        Judgement judgement = judgements.of(woman, day.today(me), Place.STUDIO);
        Map<PainSite, List<PainHold>> byPlace =
                judgement.facts().client().standing().holds().stream().collect(Collectors.groupingBy(PainHold::place));
        List<Held> held = Arrays.stream(PainSite.values())
                .filter(byPlace::containsKey)
                .map(place -> held(place, byPlace.get(place), judgement))
                .toList();
        return new ModelAndView("verdicts/held")
                .addObject("heldPlaces", held)
                .addObject("form", form)
                .addObject("before", lifts.ofAll(List.of(woman.id())).getOrDefault(woman.id(), List.of()));
    }

    private static Held held(PainSite place, List<PainHold> holds, Judgement judgement) {
        List<Move> moves = judgement.catalogue().moves().stream()
                .filter(move -> holds.stream().anyMatch(hold -> hold.holds(move)))
                .toList();
        return new Held(
                place,
                holds.stream().mapToLong(PainHold::response).max().orElseThrow(),
                holds.stream()
                        .sorted(Comparator.comparing(PainHold::since))
                        .map(hold -> hold.words() + name(hold, judgement))
                        .toList(),
                holds.stream().map(PainHold::needs).distinct().toList(),
                moves.size(),
                moves.stream().map(Move::name).limit(8).toList(),
                holds.stream().anyMatch(PainHold::needsClinician));
    }

    private static String name(PainHold hold, Judgement judgement) {
        return judgement
                .catalogue()
                .find(hold.moveId())
                .map(move -> ", with " + move.name())
                .orElse("");
    }
}
