package openbloom.app.api;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import openbloom.app.moves.Catalogues;
import openbloom.app.studio.SignedIn;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.Width;
import openbloom.core.moves.Catalogue;
import openbloom.core.program.Goals;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.review.GoalOutcome;
import openbloom.core.review.Measure;
import openbloom.core.review.ProgramReview;
import openbloom.core.review.Recommendation;
import openbloom.core.review.ReviewPeriod;
import openbloom.core.review.ReviewPeriod.SessionsDone;
import openbloom.core.screening.Symptom;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The look back for other programs; nothing is kept. */
@RestController
@RequestMapping("/api/v1")
class ReviewApi {
    private static final int MOST = 2000;
    private static final int MOST_MINUTES = 100_000;

    private final Catalogues catalogues;

    ReviewApi(Catalogues catalogues) {
        this.catalogues = catalogues;
    }

    /** What {@code POST /api/v1/review} takes; without aims those of the later client, or the suggested ones, count. */
    record ReviewRequest(
            @Nullable ReviewSide before,
            @Nullable ReviewSide after,
            @Nullable List<@Nullable Goal> aims,
            @Nullable SessionsTold sessions,
            @Nullable List<@Nullable AnswerTold> answers) {}

    /** Her record on a day. */
    record ReviewSide(@Nullable LocalDate onDate, @Nullable ClientRequest client) {}

    /** Sessions planned and done, and the minutes of the last weeks, the latest first. */
    record SessionsTold(
            @Nullable Integer planned,
            @Nullable Integer done,
            @Nullable Integer plannedMinutes,
            @Nullable Integer doneMinutes,
            @Nullable List<@Nullable Integer> weeks) {}

    /** What she told on a day; none of what is absent. */
    record AnswerTold(
            @Nullable LocalDate date,
            @Nullable List<@Nullable Symptom> symptoms,
            @Nullable Boolean fromHome) {}

    /** What it answers. */
    record ReviewResponse(
            LocalDate from,
            LocalDate to,
            List<MeasureTold> measures,
            List<GoalTold> aims,
            List<Recommendation> proposals) {}

    /** A measure; sessions done are counted, which its three verdicts have no word for but that there is nothing to compare. */
    record MeasureTold(
            String what,
            String before,
            String after,
            Measure.MeasureVerdict verdict,
            String sum,
            Optional<Measure.MeasureScale> scale) {
        static MeasureTold of(Measure measure) {
            boolean counted = measure.verdict() == Measure.MeasureVerdict.COUNTED;
            return new MeasureTold(
                    measure.what(),
                    measure.before(),
                    measure.after(),
                    counted ? Measure.MeasureVerdict.NOT_COMPARABLE : measure.verdict(),
                    measure.sum(),
                    measure.scale());
        }
    }

    /** An aim with what it came to. */
    record GoalTold(Goal aim, GoalOutcome.State state, String why) {}

    @PostMapping("/review")
    ReviewResponse review(@AuthenticationPrincipal SignedIn me, @RequestBody ReviewRequest request) {
        JsonFieldReader reading = new JsonFieldReader();
        ReviewSide none = new ReviewSide(null, null);
        ReviewSide before = reading.required("before", request.before()).orElse(none);
        ReviewSide after = reading.required("after", request.after()).orElse(none);
        LocalDate from = reading.required("before.onDate", before.onDate()).orElse(LocalDate.EPOCH);
        LocalDate to = reading.required("after.onDate", after.onDate()).orElse(LocalDate.EPOCH);
        if (to.isBefore(from)) {
            reading.refuse("after.onDate", "api.order", from, to);
        }
        SessionsDone done = done(request.sessions(), reading);
        List<ReviewPeriod.SymptomsAnswered> answers = answers(request.answers(), to, reading);
        Catalogue catalogue = catalogues.of(me.studioId());
        Judgement first = Judgement.of(catalogue, ClientReader.read(before.client(), from, reading), from);
        Judgement second = Judgement.of(catalogue, ClientReader.read(after.client(), to, reading), to);
        ReviewPeriod.GapSeen gap = ReviewPeriod.GapSeen.working(
                measured(before, first.facts().client(), "before", reading),
                measured(after, second.facts().client(), "after", reading));
        reading.orRefuse();
        ProgramReview review = ProgramReview.of(
                new ReviewPeriod(first, second, aims(request, after, first), gap, done, answers, true));
        return new ReviewResponse(
                review.from(),
                review.to(),
                review.measures().stream().map(MeasureTold::of).toList(),
                review.aims().stream()
                        .map(told -> new GoalTold(told.aim(), told.state(), told.why()))
                        .toList(),
                review.proposals());
    }

    /** With who read it and how, as far as it was told: fingers, or calipers for millimetres, by one and the same person. */
    private static Optional<Measured> measured(ReviewSide side, Client client, String path, JsonFieldReader reading) {
        ClientRequest.GapTold told =
                side.client() == null ? null : side.client().checks().gap();
        return client.checks().gap().map(check -> {
            boolean fingers = check.readings().stream().allMatch(one -> one.width() instanceof Width.Fingers);
            Method usual = fingers ? Method.FINGERS : Method.CALIPERS;
            Method method = told == null || told.method() == null ? usual : told.method();
            if (method.readsFingers() != fingers) {
                reading.refuse(path + ".client.gap.method", "api.methodUnit", method, fingers ? "fingers" : "mm");
            }
            String by = told == null || told.by() == null ? "" : told.by().strip();
            String name = by.isEmpty() ? "somebody not named" : by;
            return new Measured(check, method, new Measured.Examiner(name.hashCode(), name));
        });
    }

    private static List<Goal> aims(ReviewRequest request, ReviewSide after, Judgement before) {
        List<@Nullable Goal> told = request.aims() != null
                ? request.aims()
                : after.client() == null || after.client().wishes().aims() == null
                        ? List.of()
                        : after.client().wishes().aims();
        List<Goal> aims = told.stream().filter(Objects::nonNull).toList();
        return aims.isEmpty()
                ? Goals.suggest(before.facts()).stream()
                        .map(Goals.Suggested::aim)
                        .toList()
                : aims;
    }

    private static SessionsDone done(@Nullable SessionsTold told, JsonFieldReader reading) {
        if (told == null) {
            return SessionsDone.UNKNOWN;
        }
        List<Integer> weeks = new ArrayList<>();
        if (told.weeks() != null) {
            for (Integer minutes : told.weeks()) {
                weeks.add(reading.numberOr("sessions.weeks", minutes, 0, 0, MOST_MINUTES));
            }
        }
        return new SessionsDone(
                reading.numberOr("sessions.planned", told.planned(), 0, 0, MOST),
                reading.numberOr("sessions.done", told.done(), 0, 0, MOST),
                reading.numberOr("sessions.plannedMinutes", told.plannedMinutes(), 0, 0, MOST_MINUTES),
                reading.numberOr("sessions.doneMinutes", told.doneMinutes(), 0, 0, MOST_MINUTES),
                weeks);
    }

    private static List<ReviewPeriod.SymptomsAnswered> answers(
            @Nullable List<@Nullable AnswerTold> told, LocalDate to, JsonFieldReader reading) {
        List<ReviewPeriod.SymptomsAnswered> answers = new ArrayList<>();
        int count = told == null ? 0 : told.size();
        if (count > MOST) {
            reading.refuse("answers", "api.tooMany", MOST, count);
            return answers;
        }
        for (int i = 0; i < count; i++) {
            String path = "answers[" + i + "]";
            AnswerTold answer = told.get(i);
            if (answer == null) {
                reading.refuse(path, "api.missing");
                continue;
            }
            Set<Symptom> symptoms = EnumSet.noneOf(Symptom.class);
            if (answer.symptoms() != null) {
                answer.symptoms().stream().filter(Objects::nonNull).forEach(symptoms::add);
            }
            answers.add(new ReviewPeriod.SymptomsAnswered(
                    reading.past(path + ".date", answer.date(), to).orElse(to),
                    symptoms,
                    Boolean.TRUE.equals(answer.fromHome())));
        }
        return answers;
    }
}
