package openbloom.app.today;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import openbloom.app.checks.SafetyRecord;
import openbloom.app.checks.SafetyService;
import openbloom.app.feedback.LadderPages;
import openbloom.app.people.Woman;
import openbloom.app.session.SessionMapper;
import openbloom.app.session.SessionMapper.SessionOfDay;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** How far each visit of a day has come, so that nobody is sent to what is done already. */
@Service
class VisitsToday {
    private final SafetyService safety;
    private final SessionMapper sessions;
    private final LadderPages ladders;

    VisitsToday(SafetyService safety, SessionMapper sessions, LadderPages ladders) {
        this.safety = safety;
        this.sessions = sessions;
        this.ladders = ladders;
    }

    /**
     * Where a visit stands.
     *
     * @param done what has been done of it, or that she is stopped; empty at its beginning
     * @param next what comes next, on its button; empty when everything is done
     * @param path where that is, after the address of the woman
     */
    record VisitState(String done, String next, String path) {
        static final VisitState OVER = new VisitState("✓ done", "", "");
        static final VisitState CANNOT_BE_READ = new VisitState("", "Open her intake", "edit");

        static VisitState of(String done, String next, String path) {
            return new VisitState(done, next, path);
        }
    }

    /** For each woman by her number; read for all of them at once. */
    Map<Long, VisitState> of(List<Woman> women, LocalDate day) {
        List<Long> ids = women.stream().map(Woman::id).toList();
        if (ids.isEmpty()) {
            return Map.of();
        }
        Map<Long, SafetyRecord> told = safety.ofAll(ids);
        Map<Long, SessionOfDay> held = new HashMap<>();
        sessions.onDay(ids, day).forEach(session -> held.put(session.womanId(), session));
        Map<Long, VisitState> states = new HashMap<>();
        for (Woman woman : women) {
            states.put(woman.id(), state(woman, told.get(woman.id()), held.get(woman.id()), day));
        }
        return states;
    }

    private VisitState state(Woman woman, @Nullable SafetyRecord told, @Nullable SessionOfDay session, LocalDate day) {
        // A warning sign comes before everything that is done, whenever it was reported.
        if (told != null && !told.stops().isEmpty()) {
            return VisitState.of("stopped", "What stops her", "safe");
        }
        if (session != null && session.finished()) {
            return ladders.hasOpenDecisions(woman, day)
                    ? VisitState.of("✓ taught", "Session feedback", "response")
                    : VisitState.OVER;
        }
        if (told == null || told.on(day).isEmpty()) {
            return VisitState.of("", "Safety check", "safe?then=plan");
        }
        return session == null
                ? VisitState.of("✓ screened", "Build session", "program")
                : VisitState.of("✓ screened", "Teach", "sessions/" + session.sessionId() + "/teach");
    }
}
