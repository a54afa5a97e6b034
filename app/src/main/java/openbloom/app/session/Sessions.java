package openbloom.app.session;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.app.accounts.SignedIn;
import openbloom.app.people.Woman;
import openbloom.app.system.StudioDay;
import openbloom.core.program.Composer;
import openbloom.core.program.SessionRequest;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.RuleBook;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Sessions: composed, kept, taught, answered. */
@Service
public class Sessions {
    private static final int REMEMBERED = 3;
    private final SessionMapper mapper;
    private final StudioDay day;
    private final JsonMapper json;

    Sessions(SessionMapper mapper, StudioDay day, JsonMapper json) {
        this.mapper = mapper;
        this.day = day;
        this.json = json;
    }

    /** A kept session with its plan read back. */
    public record Planned(StoredSession stored, PlanDocument plan) {}

    public Optional<Planned> find(Woman woman, long id) {
        return mapper.find(woman.id(), id).map(this::read);
    }

    /** Latest first. */
    public List<Planned> of(long womanId) {
        return mapper.of(womanId).stream().map(this::read).toList();
    }

    public List<Response> responsesIn(long sessionId) {
        return mapper.responsesIn(sessionId);
    }

    /** Everything noted in her taught sessions, oldest first. */
    public List<Response> responsesOf(long womanId) {
        return mapper.responsesOf(womanId);
    }

    /** Ids of the moves of her last sessions, the latest first, for variety. */
    public List<List<String>> recentMoves(long womanId) {
        return of(womanId).stream()
                .limit(REMEMBERED)
                .map(planned -> planned.plan().items().stream()
                        .map(PlanDocument.Item::moveId)
                        .distinct()
                        .toList())
                .toList();
    }

    /**
     * Composes a session and keeps it; the same form sent twice keeps it once.
     *
     * @return its number
     */
    public long compose(SignedIn me, Woman woman, Judgement judgement, SessionRequest request, String formKey) {
        PlanDocument plan = PlanDocument.of(Composer.compose(judgement, request), judgement);
        StoredSession session = new StoredSession(
                0,
                woman.id(),
                judgement.facts().day(),
                me.account().name(),
                request.minutes(),
                request.place(),
                RuleBook.VERSION,
                json.writeValueAsString(judgement.facts().client()),
                json.writeValueAsString(plan),
                null);
        try {
            return mapper.insert(session, formKey, me.accountId(), day.instant());
        } catch (DuplicateKeyException sentTwice) {
            return mapper.byFormKey(woman.id(), formKey).orElseThrow(() -> sentTwice);
        }
    }

    /** Keeps one response; the same one sent twice is kept once. Empty if the session has no such item. */
    public Optional<PlanDocument.Item> respond(Planned planned, int item, Told told, String formKey) {
        List<PlanDocument.Item> items = planned.plan().items();
        if (item < 0 || item >= items.size()) {
            return Optional.empty();
        }
        PlanDocument.Item of = items.get(item);
        try {
            mapper.insertResponse(
                    planned.stored().id(), formKey, item, of.moveId(), of.strand(), of.rung(), told, day.instant());
        } catch (DuplicateKeyException sentTwice) {
            return Optional.of(of);
        }
        return Optional.of(of);
    }

    public void finish(SignedIn me, Planned planned) {
        LocalDate today = day.today(me.studio().zone());
        mapper.taught(planned.stored().id(), today, me.accountId());
    }

    private Planned read(StoredSession stored) {
        return new Planned(stored, json.readValue(stored.plan(), PlanDocument.class));
    }
}
