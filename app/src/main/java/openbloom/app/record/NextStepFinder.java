package openbloom.app.record;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.SheetKind;
import openbloom.app.checks.Sheets;
import openbloom.app.feedback.LadderPages;
import openbloom.app.moves.Judgements;
import openbloom.app.people.NextSteps;
import openbloom.app.people.VisitMapper;
import openbloom.app.people.Woman;
import openbloom.app.program.Programs;
import openbloom.app.session.Sessions;
import openbloom.core.session.Place;
import openbloom.core.verdict.CheckSchedule;
import openbloom.core.verdict.CheckWindow;
import openbloom.core.verdict.CheckWindow.PelvicFloorWindow;
import openbloom.core.verdict.Facts;
import org.springframework.stereotype.Service;

/** The order of a visit: ask, check what is due, plan, compose, teach, note the response, book the next. */
@Service
class NextStepFinder implements NextSteps {
    /** What a first visit looks at, in its order; nothing is forced. */
    private static final List<SheetKind> FIRST_CHECKS =
            List.of(SheetKind.OPENING, SheetKind.BREATH, SheetKind.CONNECT, SheetKind.PELVIC_FLOOR);

    private final SafetyService safety;
    private final Judgements judgements;
    private final Programs programs;
    private final Sessions sessions;
    private final Sheets sheets;
    private final LadderPages ladders;
    private final VisitMapper visits;

    NextStepFinder(
            SafetyService safety,
            Judgements judgements,
            Programs programs,
            Sessions sessions,
            Sheets sheets,
            LadderPages ladders,
            VisitMapper visits) {
        this.sheets = sheets;
        this.ladders = ladders;
        this.visits = visits;
        this.safety = safety;
        this.judgements = judgements;
        this.programs = programs;
        this.sessions = sessions;
    }

    @Override
    public List<NextSteps.NextStep> of(Woman woman, LocalDate today) {
        if (!woman.isReadable()) {
            return List.of();
        }
        if (!safety.isAskedOn(woman, today)) {
            return List.of(new NextSteps.NextStep("Safety check", "warning signs come first", "safe"));
        }
        Facts facts = judgements.of(woman, today, Place.STUDIO).facts();
        if (!facts.client().safety().standing().isEmpty()) {
            return List.of(new NextSteps.NextStep("Look at what stops her", "nothing else before that", "safe"));
        }
        Optional<Sessions.ComposedFor> session = sessions.latest(woman.id()).flatMap(id -> sessions.find(woman, id));
        boolean taughtToday = session.filter(
                        planned -> today.equals(planned.stored().taughtOn()))
                .isPresent();
        return taughtToday ? afterwards(woman, today) : before(woman, facts, session);
    }

    private List<NextSteps.NextStep> before(Woman woman, Facts facts, Optional<Sessions.ComposedFor> session) {
        LocalDate today = facts.day();
        List<NextSteps.NextStep> left = new ArrayList<>();
        if (!facts.client().standing().holds().isEmpty()) {
            left.add(new NextSteps.NextStep("Ask about the pain again", "it holds what loads the place", "held"));
        }
        if (CheckSchedule.gapCheckDue(facts).filter(due -> !due.isAfter(today)).isPresent()) {
            left.add(new NextSteps.NextStep("Gap check", "due today", "checks/gap"));
        }
        if (!sessions.hasTaught(woman.id())) {
            FIRST_CHECKS.stream()
                    .filter(kind -> sheets.latest(woman.id(), kind, today).isEmpty())
                    .filter(kind -> kind != SheetKind.PELVIC_FLOOR
                            || CheckWindow.floor(facts) != PelvicFloorWindow.CLINICIAN_FIRST)
                    .map(kind -> new NextSteps.NextStep(kind.words(), "at a first visit", "checks/" + kind.path()))
                    .forEach(left::add);
        }
        Optional<Programs.KeptProgram> program = programs.latest(woman.id());
        if (program.flatMap(Programs.KeptProgram::document)
                .filter(block -> !block.to().isBefore(today))
                .isEmpty()) {
            String why = program.isPresent() ? "the last block has ended" : "there is none yet";
            left.add(new NextSteps.NextStep("Make her programme", why, "program"));
        }
        Optional<Sessions.ComposedFor> todays =
                session.filter(planned -> planned.stored().plannedOn().equals(today));
        left.add(todays.map(planned -> new NextSteps.NextStep(
                        "Teach today’s session",
                        "it is ready",
                        "sessions/" + planned.stored().id() + "/teach"))
                .orElseGet(() -> new NextSteps.NextStep("Build today’s session", "from her programme", "program")));
        return left;
    }

    private List<NextSteps.NextStep> afterwards(Woman woman, LocalDate today) {
        List<NextSteps.NextStep> left = new ArrayList<>();
        if (ladders.hasOpenDecisions(woman, today)) {
            left.add(new NextSteps.NextStep("Session feedback", "what today says about her progressions", "response"));
        }
        if (visits.ahead(woman.id(), today.plusDays(1).atStartOfDay()).isEmpty()) {
            left.add(new NextSteps.NextStep("Book her next visit", "none is noted", "journey#on"));
        }
        return left;
    }
}
