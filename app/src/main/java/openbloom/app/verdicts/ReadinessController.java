package openbloom.app.verdicts;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import openbloom.app.moves.Judgements;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import openbloom.core.moves.Move;
import openbloom.core.moves.UsualNames;
import openbloom.core.session.Place;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Readiness;
import openbloom.core.verdict.RequestedActivity;
import openbloom.core.verdict.VerdictKind;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** "Can she …?": conditions, not a date. */
@Controller
class ReadinessController {
    private static final int MOST_OTHERS = 8;

    private final Judgements judgements;
    private final FormPages forms;
    private final StudioDay day;

    ReadinessController(Judgements judgements, FormPages forms, StudioDay day) {
        this.forms = forms;
        this.judgements = judgements;
        this.day = day;
    }

    /** One of the common wishes with its verdict today. */
    record WishToday(RequestedActivity wish, VerdictKind kind, long missing) {}

    @GetMapping("/people/{womanId}/can")
    ModelAndView can(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "") String wish,
            @RequestParam(defaultValue = "") String move,
            @RequestParam(defaultValue = "") String named) {
        Judgement judgement = judgements.of(woman, day.today(me), Place.STUDIO);
        List<WishToday> wishes = Arrays.stream(RequestedActivity.values())
                .map(each -> today(judgement, each))
                .toList();
        Optional<RequestedActivity> wished = new FormReader().choice("wish", wish, RequestedActivity.class);
        List<Move> meant = named.isBlank()
                ? List.of()
                : UsualNames.meant(named, judgement.catalogue().moves());
        FormReader typed = new FormReader();
        if (!named.isBlank() && meant.isEmpty()) {
            typed.refuse("named", "move.notCalledSo", named.strip());
        }
        boolean isWish = move.isEmpty() && meant.isEmpty();
        Move asked = meant.isEmpty()
                ? judgement
                        .catalogue()
                        .find(
                                move.isEmpty()
                                        ? wished.orElse(RequestedActivity.CRUNCHES)
                                                .moveId()
                                        : move)
                        .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND))
                : meant.get(0);
        ModelAndView page = new ModelAndView("verdicts/readiness")
                .addObject("wishes", wishes)
                .addObject(
                        "wished",
                        isWish ? wished.orElse(RequestedActivity.CRUNCHES).name() : "")
                .addObject("named", named.strip())
                .addObject(
                        "others",
                        meant.stream()
                                .skip(1)
                                .limit(MOST_OTHERS)
                                .map(judgement::of)
                                .toList())
                .addObject("usual", UsualNames.all())
                .addObject("moves", judgement.catalogue().moves())
                .addObject("asked", asked)
                .addObject("answer", Readiness.of(judgement, asked));
        return typed.isClean() ? page : forms.refused(page, typed);
    }

    private static WishToday today(Judgement judgement, RequestedActivity wish) {
        Readiness answer = Readiness.of(judgement, judgement.catalogue().get(wish.moveId()));
        return new WishToday(wish, answer.verdict().kind(), answer.missing().size());
    }
}
