package openbloom.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.app.checks.Safety;
import openbloom.app.checks.SheetKind;
import openbloom.app.checks.Sheets;
import openbloom.app.moves.Judgements;
import openbloom.app.people.NextSteps;
import openbloom.app.people.VisitMapper;
import openbloom.app.people.Woman;
import openbloom.app.program.Programs;
import openbloom.app.session.Sessions;
import openbloom.core.session.Place;
import openbloom.core.verdict.CheckWindow;
import openbloom.core.verdict.Facts;
import org.springframework.stereotype.Service;

/** The order of a visit: ask, check what is due, plan, compose, teach, note the response, book the next. */
@Service
class NextStepFinder implements NextSteps {
    /** What a first visit looks at, in its order; nothing is forced. */
    private static final List<SheetKind> FIRST_CHECKS =
            List.of(SheetKind.OPENING, SheetKind.BREATH, SheetKind.CONNECT, SheetKind.PELVIC_FLOOR);

    private final Safety safety;
    private final Judgements judgements;
    private final Programs programs;
    private final Sessions sessions;
    private final Sheets sheets;
    private final Ladders ladders;
    private final VisitMapper visits;

    NextStepFinder(
            Safety safety,
            Judgements judgements,
            Programs programs,
            Sessions sessions,
            Sheets sheets,
            Ladders ladders,
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
    public List<Step> of(Woman woman, LocalDate today) {
        if (!woman.isReadable()) {
            return List.of();
        }
        if (!safety.isAskedOn(woman, today)) {
            return List.of(new Step("Ask: safe today?", "warning signs come first", "safe"));
        }
        Facts facts = judgements.of(woman, today, Place.STUDIO).facts();
        if (!facts.client().safety().standing().isEmpty()) {
            return List.of(new Step("Look at what stops her", "nothing else before that", "safe"));
        }
        Optional<Sessions.Planned> session = sessions.latest(woman.id()).flatMap(id -> sessions.find(woman, id));
        boolean taughtToday = session.filter(
                        planned -> today.equals(planned.stored().taughtOn()))
                .isPresent();
        return taughtToday ? afterwards(woman, today) : before(woman, facts, session);
    }

    private List<Step> before(Woman woman, Facts facts, Optional<Sessions.Planned> session) {
        LocalDate today = facts.day();
        List<Step> left = new ArrayList<>();
        if (!facts.client().standing().holds().isEmpty()) {
            left.add(new Step("Ask about the pain again", "it holds what loads the place", "held"));
        }
        if (facts.gapCheckDue().filter(due -> !due.isAfter(today)).isPresent()) {
            left.add(new Step("Gap check", "due today", "checks/gap"));
        }
        if (!sessions.hasTaught(woman.id())) {
            FIRST_CHECKS.stream()
                    .filter(kind -> sheets.latest(woman.id(), kind, today).isEmpty())
                    .filter(kind -> kind != SheetKind.PELVIC_FLOOR
                            || CheckWindow.floor(facts) != CheckWindow.Floor.CLINICIAN_FIRST)
                    .map(kind -> new Step(kind.words(), "at a first visit", "checks/" + kind.path()))
                    .forEach(left::add);
        }
        Optional<Programs.Kept> program = programs.latest(woman.id());
        if (program.flatMap(Programs.Kept::document)
                .filter(block -> !block.to().isBefore(today))
                .isEmpty()) {
            String why = program.isPresent() ? "the last block has ended" : "there is none yet";
            left.add(new Step("Make her plan", why, "program"));
        }
        Optional<Sessions.Planned> todays =
                session.filter(planned -> planned.stored().plannedOn().equals(today));
        left.add(todays.map(planned -> new Step(
                        "Teach today’s session",
                        "it is composed",
                        "sessions/" + planned.stored().id() + "/teach"))
                .orElseGet(() -> new Step("Compose today’s session", "from her plan", "program")));
        return left;
    }

    private List<Step> afterwards(Woman woman, LocalDate today) {
        List<Step> left = new ArrayList<>();
        if (!ladders.of(woman, today).isEmpty()) {
            left.add(new Step("Note the response", "what today says about her ladders", "response"));
        }
        if (visits.ahead(woman.id(), today.plusDays(1).atStartOfDay()).isEmpty()) {
            left.add(new Step("Book her next visit", "none is noted", "journey#on"));
        }
        return left;
    }
}
