package openbloom.app.program;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import openbloom.app.people.Woman;
import openbloom.app.studio.Editions;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.review.ProgramReview;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The review of a block: what has changed, what each aim came to, and what is proposed, accepted or overruled. */
@Controller
@RequestMapping("/people/{womanId}/review")
class ReviewController {
    private static final int LONGEST = 300;

    private final Reviews reviews;
    private final FormPages forms;
    private final Editions editions;
    private final StudioDay day;

    ReviewController(Reviews reviews, FormPages forms, Editions editions, StudioDay day) {
        this.editions = editions;
        this.reviews = reviews;
        this.forms = forms;
        this.day = day;
    }

    @GetMapping
    ModelAndView show(@AuthenticationPrincipal SignedIn me, Woman woman) {
        return page(me, woman, Map.of());
    }

    @Idempotent
    @PostMapping
    ModelAndView decide(@AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam Map<String, String> typed) {
        ProgramReview review = reviews.of(woman, day.today(me));
        FormReader problems = new FormReader();
        List<String> because = new ArrayList<>();
        for (int i = 0; i < review.proposals().size(); i++) {
            String what = review.proposals().get(i).what();
            String shown = typed.getOrDefault("what-" + i, "");
            if (shown.isEmpty()) {
                problems.refuse("because-" + i, "review.unseen");
            } else if (!what.equals(shown)) {
                problems.refuse("because-" + i, "review.stale");
            }
            String why = problems.text("because-" + i, typed.get("because-" + i), LONGEST);
            boolean overruled = typed.getOrDefault("do-" + i, "accept").equals("overrule");
            if (overruled && why.isEmpty()) {
                problems.refuse("because-" + i, "response.because");
            }
            because.add(overruled ? why : "");
        }
        editions.keep(
                me,
                Editions.Subject.REVIEW,
                woman.id(),
                typed.getOrDefault("edition", "0"),
                problems,
                () -> reviews.keep(me, woman, reviews.decided(review, because)));
        if (!problems.isClean()) {
            return forms.refused(page(me, woman, typed), problems);
        }
        return Saved.then("redirect:/people/" + woman.id() + "/review", "saved.review");
    }

    private ModelAndView page(SignedIn me, Woman woman, Map<String, String> typed) {
        ProgramReview review = reviews.of(woman, day.today(me));
        return new ModelAndView("program/review")
                .addObject("review", review)
                .addObject("bars", ReviewPicture.bars(review))
                .addObject("ladders", ReviewPicture.ladders(review))
                .addObject("kept", reviews.keptOf(woman.id()))
                .addObject("edition", editions.of(Editions.Subject.REVIEW, woman.id()))
                .addObject("typed", typed)
                .addObject("formKey", UUID.randomUUID().toString());
    }
}
