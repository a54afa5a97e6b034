package openbloom.app.home;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.SheetFindings;
import openbloom.app.moves.Judgements;
import openbloom.app.people.WomanMapper;
import openbloom.app.program.ProgramDocument;
import openbloom.app.program.Programs;
import openbloom.app.session.SessionDocument;
import openbloom.app.session.SessionEdits;
import openbloom.app.session.Sessions;
import openbloom.core.session.Composer;
import openbloom.core.session.History;
import openbloom.core.session.Place;
import openbloom.core.session.SessionRequest;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What she practises at home on a day: the home part of her program, judged on that day. */
@Service
class HomePractices {
    private static final String JUDGED_AGAIN = "judged again on its day";

    private final Sessions sessions;
    private final SessionEdits edits;
    private final Programs programs;
    private final Judgements judgements;
    private final SheetFindings findings;
    private final SafetyService safety;
    private final WomanMapper women;

    HomePractices(
            Sessions sessions,
            SessionEdits edits,
            Programs programs,
            Judgements judgements,
            SheetFindings findings,
            SafetyService safety,
            WomanMapper women) {
        this.sessions = sessions;
        this.edits = edits;
        this.programs = programs;
        this.judgements = judgements;
        this.findings = findings;
        this.safety = safety;
        this.women = women;
    }

    /**
     * Today’s practice. What she has begun stays as it is; before that it is judged anew each time she opens it, and is gone when
     * her program has none for the day any more. Nothing while a warning sign stops her.
     */
    @Transactional
    Optional<Sessions.ComposedFor> of(HomeVisitor her, LocalDate today) {
        if (!safety.of(her.woman()).stops().isEmpty()) {
            return Optional.empty();
        }
        women.aloneWith(her.woman().id());
        Optional<Sessions.ComposedFor> kept = sessions.atHome(her.woman(), today);
        if (kept.filter(this::isBegun).isPresent()) {
            return kept;
        }
        return plannedOn(her, today).flatMap(planned -> {
            Judgement judgement = judgements.of(her.woman(), today, Place.HOME);
            SessionDocument plan = compose(her, judgement, planned.minutes());
            keep(her, judgement, plan, planned.minutes(), kept);
            return sessions.atHome(her.woman(), today);
        });
    }

    private boolean isBegun(Sessions.ComposedFor practice) {
        return practice.stored().taughtOn() != null
                || !sessions.responsesIn(practice.stored().id()).isEmpty();
    }

    private Optional<ProgramDocument.SessionTold> plannedOn(HomeVisitor her, LocalDate day) {
        return programs.latest(her.woman().id())
                .flatMap(program -> program.on(day))
                .filter(ProgramDocument.SessionTold::happensAtHome);
    }

    private SessionDocument compose(HomeVisitor her, Judgement judgement, int minutes) {
        LocalDate today = judgement.facts().day();
        History history = sessions.history(her.woman().id(), today);
        SessionRequest request = SessionRequest.of(minutes, Place.HOME, today.toEpochDay(), history)
                .wanting(programs.wishesOn(her.woman(), judgement).forHome(judgement.catalogue(), history))
                .breathingIn(findings.breathesIn(her.woman().id(), today))
                .gently(judgement.facts().client().hasLowDay());
        return SessionDocument.of(Composer.compose(judgement, request), judgement);
    }

    private void keep(
            HomeVisitor her,
            Judgement judgement,
            SessionDocument plan,
            int minutes,
            Optional<Sessions.ComposedFor> kept) {
        if (kept.isEmpty()) {
            sessions.keepAtHome(her.givenBy(), her.woman(), judgement, plan, minutes);
        } else if (!doses(kept.get().plan()).equals(doses(plan))) {
            edits.keep(
                    her.givenBy(), kept.get(), edits.latest(kept.get().stored().id()), plan, JUDGED_AGAIN);
        }
    }

    /** What of a plan she would notice. */
    private static List<List<Object>> doses(SessionDocument plan) {
        return plan.items().stream()
                .map(item -> List.<Object>of(item.moveId(), item.amount(), item.judged(), item.part()))
                .toList();
    }

    /** The next day after today for which her program plans a practice at home. */
    Optional<ProgramDocument.SessionTold> next(HomeVisitor her, LocalDate today) {
        return programs.latest(her.woman().id()).flatMap(Programs.KeptProgram::document).stream()
                .flatMap(block -> block.weeks().stream())
                .flatMap(week -> week.sessions().stream())
                .filter(session -> session.happensAtHome() && session.date().isAfter(today))
                .findFirst();
    }
}
