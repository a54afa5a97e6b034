package openbloom.app.home;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import openbloom.app.checks.SafetyService;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredResponse;
import openbloom.app.system.FormReader;
import openbloom.core.Enums;
import openbloom.core.progress.DoseStep;
import openbloom.core.record.HomeReport;
import openbloom.core.record.Noted;
import openbloom.core.record.PainSite;
import openbloom.core.record.PracticeTold;
import openbloom.core.record.PracticeTold.HowMuch;
import openbloom.core.screening.WarningSign;
import org.springframework.stereotype.Service;

/** What she tells of a practice at home: of one exercise, of all of it, what went wrong, the morning after. */
@Service
class PracticeAnswers {
    private static final int MOST_LINES = 200;

    /** Ends of an exercise, and what may go wrong in one. */
    private static final Set<Noted> OF_A_MOVE =
            Set.of(Noted.DONE, Noted.PARTLY, Noted.SKIPPED, Noted.LEAKED, Noted.HEAVY, Noted.HURT);

    private static final Set<Noted> ENDS = Set.of(Noted.DONE, Noted.PARTLY, Noted.SKIPPED);

    /** What may have gone wrong in a practice, or nothing. */
    enum Trouble {
        LEAKED,
        HEAVY,
        HURT,
        DIZZY,
        NONE
    }

    private final Sessions sessions;
    private final SafetyService safety;

    PracticeAnswers(Sessions sessions, SafetyService safety) {
        this.sessions = sessions;
        this.safety = safety;
    }

    Optional<String> move(HomeAnswer answer) {
        FormReader typed = new FormReader();
        Optional<Integer> line =
                typed.requiredWhole("line", answer.form().practice().line(), 0, MOST_LINES);
        Optional<Noted> noted = answer.chosen(Noted.class).filter(OF_A_MOVE::contains);
        if (line.isEmpty() || line.get() >= answer.ofPractice().plan().items().size()) {
            return answer.refused("refuse.move");
        }
        if (noted.isEmpty()) {
            return answer.unreadable();
        }
        Optional<String> pain = wrongPain(answer);
        if (pain.isPresent()) {
            return pain;
        }
        String counted = Objects.toString(answer.form().counted().counted(), "");
        if (typed.whole("counted", counted, 0, HomeAnswer.MOST_COUNTED).isEmpty() && !counted.isBlank()) {
            return answer.refused("refuse.count", HomeAnswer.MOST_COUNTED, counted);
        }
        respond(answer, line.get(), noted.get(), answer.key());
        return HomeAnswer.kept();
    }

    private static Optional<String> wrongPain(HomeAnswer answer) {
        String typed = Objects.toString(answer.form().said().pain(), "");
        boolean right = typed.isBlank() || answer.pain().isPresent();
        return right ? HomeAnswer.kept() : answer.refused("refuse.pain");
    }

    private void respond(HomeAnswer answer, int line, Noted noted, String key) {
        Sessions.ComposedFor practice = answer.ofPractice();
        SessionLine item = practice.plan().items().get(line);
        int asked = item.counting(practice.plan().format()).total();
        Integer done = new FormReader()
                .whole("counted", answer.form().counted().counted(), 0, HomeAnswer.MOST_COUNTED)
                .map(counted -> Math.min(counted, asked))
                .orElse(noted == Noted.DONE ? (Integer) asked : null);
        Integer pain = noted == Noted.HURT ? answer.pain().orElse(null) : null;
        String place = noted == Noted.HURT ? answer.place().map(PainSite::name).orElse("") : "";
        Optional<String> instead = answer.instead();
        sessions.respond(
                practice,
                new Sessions.NewResponse(
                        line,
                        noted,
                        place,
                        new StoredResponse.How(
                                pain,
                                ENDS.contains(noted) ? done : null,
                                ENDS.contains(noted) && done != null ? (Integer) asked : null,
                                item.doseStep() == 0 ? DoseStep.WRITTEN : item.doseStep(),
                                null,
                                ""),
                        key,
                        instead,
                        answer.form().said().takenBack() != null && instead.isPresent()),
                practice.stored().plannedOn());
    }

    /** All of it is said of each exercise of which nothing is known yet. */
    Optional<String> done(HomeAnswer answer) {
        Optional<HowMuch> much = answer.chosen(HowMuch.class);
        if (much.isEmpty()) {
            return answer.unreadable();
        }
        if (much.get() == HowMuch.ALL) {
            Set<Integer> ended = new HashSet<>();
            sessions.responsesIn(answer.ofPractice().stored().id()).stream()
                    .filter(told -> ENDS.contains(told.told()))
                    .forEach(told -> ended.add(answer.ofPractice().plan().itemOf(told)));
            for (int line = 0; line < answer.ofPractice().plan().items().size(); line++) {
                if (!ended.contains(line)) {
                    respond(answer, line, Noted.DONE, answer.keyOf(line));
                }
            }
        }
        return HomeAnswer.kept();
    }

    Optional<String> trouble(HomeAnswer answer) {
        Optional<Trouble> trouble = answer.chosen(Trouble.class);
        Optional<String> pain = wrongPain(answer);
        if (trouble.isEmpty() || pain.isPresent()) {
            return trouble.isEmpty() ? answer.unreadable() : pain;
        }
        if (trouble.get() == Trouble.DIZZY) {
            HomeAnswers.stop(safety, answer, WarningSign.DIZZINESS);
        }
        Optional<Noted> noted = Enums.named(Noted.class, trouble.get().name()).filter(OF_A_MOVE::contains);
        if (noted.isEmpty()) {
            return HomeAnswer.kept();
        }
        String line = Objects.toString(answer.form().practice().line(), "");
        if (!line.isBlank()) {
            return new FormReader()
                    .whole("line", line, 0, answer.ofPractice().plan().items().size() - 1)
                    .map(at -> {
                        respond(answer, at, noted.get(), answer.key());
                        return HomeAnswer.kept();
                    })
                    .orElseGet(() -> answer.refused("refuse.move"));
        }
        safety.reportFromHome(
                answer.her().woman(),
                answer.key(),
                new HomeReport(answer.on(), noted.get(), answer.place()),
                answer.pain().orElse(null));
        return HomeAnswer.kept();
    }

    Optional<String> morning(HomeAnswer answer) {
        Optional<Integer> pain = answer.pain();
        if (pain.isEmpty()) {
            return answer.refused("refuse.pain");
        }
        Optional<PainSite> where = sessions
                .responsesIn(answer.ofPractice().stored().id())
                .stream()
                .filter(told -> told.told() == Noted.HURT)
                .flatMap(told -> PainSite.named(told.place()).stream())
                .findFirst();
        safety.morningFromHome(answer.her().woman(), answer.key(), answer.on(), where, pain.get());
        return HomeAnswer.kept();
    }

    /** What she told of one practice. */
    static PracticeTold told(List<AnswerRow> all, long sessionId) {
        Set<HowMuch> much = new HashSet<>();
        Set<Noted> efforts = new HashSet<>();
        Set<Noted> troubles = new HashSet<>();
        Set<Integer> mornings = new HashSet<>();
        boolean untroubled = false;
        Set<String> takenBack = new HashSet<>();
        all.stream()
                .filter(row -> !row.field("takenBack").isEmpty())
                .forEach(row -> takenBack.addAll(List.of(row.key(), row.field("instead"))));
        for (AnswerRow row : all) {
            if (!Objects.equals(row.sessionId(), sessionId)) {
                continue;
            }
            if (row.is(AnswerKind.DONE)) {
                row.field("told", HowMuch.class).ifPresent(much::add);
            } else if (row.is(AnswerKind.EFFORT)) {
                row.field("told", Noted.class).ifPresent(efforts::add);
            } else if (row.is(AnswerKind.MORNING)) {
                row.number("pain").ifPresent(mornings::add);
            } else if (row.is(AnswerKind.TROUBLE) || row.is(AnswerKind.MOVE) && !takenBack.contains(row.key())) {
                row.field("told", Noted.class).filter(Noted::isAgainst).ifPresent(troubles::add);
                untroubled |= row.field("told").equals(Trouble.NONE.name());
            }
        }
        return new PracticeTold(much, efforts, troubles, untroubled, mornings);
    }
}
