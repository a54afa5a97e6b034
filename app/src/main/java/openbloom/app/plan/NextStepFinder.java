package openbloom.app.plan;

import java.time.LocalDate;
import java.util.Optional;
import openbloom.app.checks.Safety;
import openbloom.app.moves.Judgements;
import openbloom.app.people.NextSteps;
import openbloom.app.people.Woman;
import openbloom.app.program.Programs;
import openbloom.app.session.Sessions;
import openbloom.core.session.Place;
import openbloom.core.verdict.Facts;
import org.springframework.stereotype.Service;

/** The order of a visit: ask, check what is due, plan, compose, teach. */
@Service
class NextStepFinder implements NextSteps {
    private final Safety safety;
    private final Judgements judgements;
    private final Programs programs;
    private final Sessions sessions;

    NextStepFinder(Safety safety, Judgements judgements, Programs programs, Sessions sessions) {
        this.safety = safety;
        this.judgements = judgements;
        this.programs = programs;
        this.sessions = sessions;
    }

    @Override
    public Optional<Step> of(Woman woman, LocalDate today) {
        if (!woman.isReadable()) {
            return Optional.empty();
        }
        if (!safety.isAskedOn(woman, today)) {
            return Optional.of(new Step("Ask: safe today?", "warning signs come first", "safe"));
        }
        Facts facts = judgements.of(woman, today, Place.STUDIO).facts();
        if (!facts.client().safety().standing().isEmpty()) {
            return Optional.of(new Step("Look at what stops her", "nothing else before that", "safe"));
        }
        if (facts.gapCheckDue().filter(due -> !due.isAfter(today)).isPresent()) {
            return Optional.of(new Step("Gap check", "due today", "checks/gap"));
        }
        Optional<Programs.Kept> program = programs.latest(woman.id());
        if (program.flatMap(Programs.Kept::document)
                .filter(block -> !block.to().isBefore(today))
                .isEmpty()) {
            return Optional.of(new Step(
                    "Make her plan",
                    program.isPresent() ? "the last block has ended" : "there is none yet",
                    "program"));
        }
        return session(woman, today);
    }

    private Optional<Step> session(Woman woman, LocalDate today) {
        Optional<Sessions.Planned> latest = sessions.latest(woman.id())
                .flatMap(id -> sessions.find(woman, id))
                .filter(planned -> planned.stored().plannedOn().equals(today));
        if (latest.isEmpty()) {
            return Optional.of(new Step("Compose today’s session", "from her plan", "program"));
        }
        return latest.filter(planned -> planned.stored().taughtOn() == null)
                .map(planned -> new Step(
                        "Teach today’s session",
                        "it is composed",
                        "sessions/" + planned.stored().id() + "/teach"));
    }
}
