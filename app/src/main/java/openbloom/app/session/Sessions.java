package openbloom.app.session;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import openbloom.app.people.Woman;
import openbloom.app.studio.Account;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.record.Noted;
import openbloom.core.record.Occasion;
import openbloom.core.session.Composer;
import openbloom.core.session.Counting;
import openbloom.core.session.Edited;
import openbloom.core.session.Flow;
import openbloom.core.session.History;
import openbloom.core.session.Place;
import openbloom.core.session.SessionRequest;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.RuleBook;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Sessions: composed, kept, taught, answered. */
@Service
public class Sessions {
    private static final int REMEMBERED = 3;
    private static final int REMEMBERED_AND_TODAYS = 6;
    private static final Logger LOG = LoggerFactory.getLogger(Sessions.class);
    private final SessionMapper mapper;
    private final TeachingMapper teachings;
    private final StudioDay day;
    private final JsonMapper json;

    Sessions(SessionMapper mapper, TeachingMapper teachings, StudioDay day, JsonMapper json) {
        this.mapper = mapper;
        this.teachings = teachings;
        this.day = day;
        this.json = json;
    }

    /** A kept session with its plan read back. */
    public record ComposedFor(StoredSession stored, SessionDocument plan) {}

    public Optional<ComposedFor> find(Woman woman, long id) {
        return find(woman.id(), id);
    }

    /** One of a woman’s. */
    public Optional<ComposedFor> find(long womanId, long id) {
        return mapper.find(womanId, id).map(this::read);
    }

    /** Several sessions by their numbers. */
    public Map<Long, ComposedFor> numbered(List<Long> ids) {
        return ids.isEmpty()
                ? Map.of()
                : mapper.numbered(ids).stream()
                        .map(this::read)
                        .collect(Collectors.toMap(one -> one.stored().id(), one -> one));
    }

    /** Latest first. */
    public List<ComposedFor> of(long womanId) {
        return mapper.of(womanId).stream().map(this::read).toList();
    }

    /** Whether a session of hers has been taught; what she did at home is none. */
    public boolean hasTaught(long womanId) {
        return mapper.countTaught(womanId) > 0;
    }

    /** The number of her latest session that is taught here. */
    public Optional<Long> latest(long womanId) {
        return mapper.latestTaught(womanId);
    }

    /** Her practice at home of a day, if she has opened it. */
    public Optional<ComposedFor> atHome(Woman woman, LocalDate on) {
        return mapper.byKey(woman.id(), homeKey(woman, on)).map(this::read);
    }

    /**
     * Keeps what she practises at home on a day; there is one for each day.
     *
     * @param by who gave it to her
     */
    public void keepAtHome(Account by, Woman woman, Judgement judgement, SessionDocument plan, int minutes) {
        LocalDate on = judgement.facts().day();
        long teaching = teachings.insert(
                TeachingMapper.StoredTeaching.ofOne(woman.studioId(), Occasion.HOME, on), by.id(), day.instant());
        keep(
                by,
                woman,
                judgement,
                plan,
                new PartOfTeaching(teaching, Occasion.HOME, minutes, Place.HOME, homeKey(woman, on)));
    }

    private static String homeKey(Woman woman, LocalDate on) {
        return "home-" + woman.id() + "-" + on;
    }

    /** What she told of a practice at home counts as it was told last, all in all: whether she did it, and how hard it was. */
    public void toldAtHome(ComposedFor planned, boolean isDone, Optional<Noted> effort) {
        mapper.toldAtHome(planned.stored().id(), isDone ? planned.stored().plannedOn() : null, effort.orElse(null));
    }

    public List<StoredResponse> responsesIn(long sessionId) {
        return mapper.responsesIn(sessionId);
    }

    /** Everything noted with several women, each oldest first. */
    public Map<Long, List<StoredResponse>> responsesOf(List<Long> womanIds) {
        return mapper.responsesOf(womanIds).stream().collect(Collectors.groupingBy(StoredResponse::womanId));
    }

    /** Her last sessions for variety, and every move she was ever taught. */
    public History history(long womanId) {
        return history(womanId, LocalDate.MAX);
    }

    /** The same, from her sessions before a day alone. */
    public History history(long womanId, LocalDate before) {
        List<List<String>> recent = mapper.latest(womanId, REMEMBERED_AND_TODAYS).stream()
                .filter(session -> session.plannedOn().isBefore(before))
                .limit(REMEMBERED)
                .map(this::read)
                .map(planned -> planned.plan().items().stream()
                        .map(SessionLine::moveId)
                        .distinct()
                        .toList())
                .toList();
        Set<String> known = new HashSet<>(mapper.movesEverDone(womanId));
        recent.forEach(known::addAll);
        return new History(recent, known);
    }

    /**
     * Composes a session and keeps it.
     *
     * @return its number
     */
    @Transactional
    public long compose(SignedIn me, Woman woman, Judgement judgement, SessionRequest request, String formKey) {
        SessionDocument plan = SessionDocument.of(Composer.compose(judgement, request), judgement);
        return keep(me, woman, judgement, plan, request.minutes(), request.place(), formKey);
    }

    private long keep(
            SignedIn me,
            Woman woman,
            Judgement judgement,
            SessionDocument plan,
            int minutes,
            Place place,
            String formKey) {
        long teaching = teachings.insert(
                TeachingMapper.StoredTeaching.ofOne(
                        woman.studioId(), Occasion.STUDIO, judgement.facts().day()),
                me.accountId(),
                day.instant());
        return keep(
                me.account(),
                woman,
                judgement,
                plan,
                new PartOfTeaching(teaching, Occasion.STUDIO, minutes, place, formKey));
    }

    /** What her session is part of. */
    public record PartOfTeaching(long teachingId, Occasion occasion, int minutes, Place place, String formKey) {}

    /**
     * Keeps what she does in something that is taught.
     *
     * @param by who gave it to her
     * @return the number of her session
     */
    public long keep(Account by, Woman woman, Judgement judgement, SessionDocument plan, PartOfTeaching part) {
        StoredSession session = new StoredSession(
                0,
                woman.id(),
                judgement.facts().day(),
                by.name(),
                part.minutes(),
                part.place(),
                new StoredSession.SessionMade(
                        RuleBook.VERSION,
                        json.writeValueAsString(judgement.facts().client()),
                        json.writeValueAsString(plan)),
                new StoredSession.TaughtOn(part.teachingId(), part.occasion(), null));
        return mapper.insert(session, part.formKey(), by.id(), day.instant());
    }

    /**
     * A session that was done before it was known here.
     *
     * @param taughtOn null for one that was only planned
     */
    public record TakenIn(Occasion occasion, @Nullable LocalDate taughtOn, int minutes, Place place, String formKey) {}

    /** Whether something of hers was kept under a key. */
    public boolean isKept(Woman woman, String formKey) {
        return mapper.byKey(woman.id(), formKey).isPresent();
    }

    /** Keeps what she did on a day gone by, judged as of that day. */
    public void takeIn(SignedIn me, Woman woman, Judgement judgement, SessionDocument plan, TakenIn done) {
        LocalDate on = judgement.facts().day();
        long teaching = teachings.insert(
                TeachingMapper.StoredTeaching.ofOne(woman.studioId(), done.occasion(), on),
                me.accountId(),
                day.instant());
        PartOfTeaching part =
                new PartOfTeaching(teaching, done.occasion(), done.minutes(), done.place(), done.formKey());
        long session = keep(me.account(), woman, judgement, plan, part);
        if (done.taughtOn() != null) {
            mapper.taught(session, done.taughtOn(), me.accountId(), null);
        }
    }

    /**
     * Keeps a flow as it is for her as a session.
     *
     * @return its number
     */
    @Transactional
    public long fromFlow(
            SignedIn me, Woman woman, Judgement judgement, String name, Flow.Fitted fitted, String formKey) {
        Edited edited = Edited.of(fitted.outline(), judgement);
        String changes = fitted.changes().isEmpty() ? "" : ": " + String.join("; ", fitted.changes());
        SessionDocument plan = SessionDocument.of(edited.session(), judgement)
                .withLeftOut(List.of(), "Template “" + name + "”" + changes + ".");
        int minutes = Math.max(
                SessionRequest.SHORTEST_MINUTES,
                Math.min(
                        SessionRequest.LONGEST_MINUTES,
                        Math.round(edited.session().seconds() / 60f)));
        return keep(me, woman, judgement, plan, minutes, Place.STUDIO, formKey);
    }

    /**
     * What was noted about one item.
     *
     * @param insteadOf key of what it takes the place of; empty if of nothing
     * @param takenBack whether it only takes that back
     */
    public record NewResponse(
            int item,
            Noted noted,
            String place,
            StoredResponse.How how,
            String formKey,
            Optional<String> insteadOf,
            boolean takenBack) {
        /** Noted with one tap. */
        public static NewResponse of(int item, Noted noted, String formKey) {
            return new NewResponse(item, noted, "", StoredResponse.How.UNTOLD, formKey, Optional.empty(), false);
        }
    }

    /** Keeps one response of a day. Empty if the session has no such item. */
    @Transactional
    public Optional<SessionLine> respond(ComposedFor planned, NewResponse response, LocalDate on) {
        List<SessionLine> items = planned.plan().items();
        if (response.item() < 0 || response.item() >= items.size()) {
            return Optional.empty();
        }
        SessionLine of = items.get(response.item());
        StoredResponse row = new StoredResponse(
                0,
                new StoredResponse.ResponseTime(
                        planned.stored().womanId(), planned.stored().id(), on, response.item(), response.formKey()),
                new StoredResponse.What(
                        of.moveId(), of.named().strand(), of.named().rung()),
                response.noted(),
                response.place(),
                StoredResponse.ResponsesOf.teaching(planned.stored().occasion()),
                response.how());
        mapper.insertResponse(row, response.insteadOf().orElse(null), response.takenBack(), day.instant());
        return Optional.of(of);
    }

    /** @param effort how hard it was all in all; empty when nobody asked */
    public void finish(SignedIn me, ComposedFor planned, Optional<Noted> effort) {
        mapper.taught(planned.stored().id(), today(me), me.accountId(), effort.orElse(null));
    }

    /** How each item is counted, as JSON for the script that counts. */
    public List<String> counts(SessionDocument plan) {
        return counts(plan, Counting.CountStepKind::words);
    }

    /**
     * The same in other words.
     *
     * @param words what the screen says in a step
     */
    public List<String> counts(SessionDocument plan, Function<Counting.CountStepKind, String> words) {
        return plan.items().stream()
                .map(item -> json.writeValueAsString(CountOnScreen.of(item, plan.format(), words)))
                .toList();
    }

    LocalDate today(SignedIn me) {
        return day.today(me);
    }

    /** One session that cannot be read is shown as such, and hurts no other. */
    private ComposedFor read(StoredSession stored) {
        if (stored.place() == null) {
            return new ComposedFor(stored.inTheStudio(), SessionDocument.UNREADABLE);
        }
        try {
            return new ComposedFor(stored, json.readValue(stored.made().plan(), SessionDocument.class));
        } catch (JacksonException unreadable) {
            LOG.error("Session {} cannot be read: {}", stored.id(), unreadable.getMessage());
            return new ComposedFor(stored, SessionDocument.UNREADABLE);
        }
    }
}
