package openbloom.app.verdicts;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.app.moves.Judgements;
import openbloom.app.people.People;
import openbloom.app.people.RecordReader;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.ApplicationVersion;
import openbloom.app.system.FormReader;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.record.Approach;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.ApproachPreset;
import openbloom.core.record.Question;
import openbloom.core.session.Place;
import openbloom.core.verdict.Difference;
import openbloom.core.verdict.Judgement;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Her approach: twelve questions on which practitioners differ, and what each choice would change for her. */
@Controller
class ApproachController {
    private final Judgements judgements;
    private final RecordReader records;
    private final People people;
    private final StudioDay day;

    ApproachController(Judgements judgements, RecordReader records, People people, StudioDay day) {
        this.judgements = judgements;
        this.records = records;
        this.people = people;
        this.day = day;
    }

    @GetMapping("/people/{womanId}/approach")
    ModelAndView approach(
            @AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam(defaultValue = "") String preset) {
        Optional<ApproachPreset> chosen = new FormReader().choice("preset", preset, ApproachPreset.class);
        return page(me, woman, chosen.map(ApproachPreset::approach).orElseGet(() -> records.approachOf(woman)));
    }

    /** What would change, before anything is kept. */
    @PostMapping("/people/{womanId}/approach/look")
    ModelAndView look(@AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam Map<String, String> typed) {
        return new ModelAndView("verdicts/approach :: differences")
                .addObject("differences", differences(me, woman, chosen(typed)));
    }

    @PostMapping("/people/{womanId}/approach")
    ModelAndView keep(@AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam Map<String, String> typed) {
        int version = ApplicationVersion.parse(typed.get("version")).number();
        Approach chosen = chosen(typed);
        Set<ApproachChoice> choices = EnumSet.copyOf(chosen.choices().values());
        if (people.follow(me, woman, choices, version)) {
            return Saved.then("redirect:/people/" + woman.id() + "/exercise-check", "saved.approach");
        }
        ModelAndView page = page(me, woman, chosen).addObject("stale", true);
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page;
    }

    private ModelAndView page(SignedIn me, Woman woman, Approach approach) {
        return new ModelAndView("verdicts/approach")
                .addObject("questions", Question.values())
                .addObject("approach", approach)
                .addObject("presets", ApproachPreset.values())
                .addObject("differences", differences(me, woman, approach));
    }

    private List<Difference> differences(SignedIn me, Woman woman, Approach chosen) {
        LocalDate today = day.today(me);
        Judgement now = judgements.of(woman, today, Place.STUDIO);
        return Difference.between(now, judgements.with(now, chosen));
    }

    /** The choices of the form; a question without a readable answer keeps its usual choice. */
    private static Approach chosen(Map<String, String> typed) {
        Map<Question, ApproachChoice> choices = new EnumMap<>(Question.class);
        Arrays.stream(Question.values())
                .forEach(question -> new FormReader()
                        .choice(question.name(), typed.get(question.name()), ApproachChoice.class)
                        .filter(choice -> choice.question() == question)
                        .ifPresent(choice -> choices.put(question, choice)));
        return Approach.of(choices.values());
    }
}
