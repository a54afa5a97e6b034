package openbloom.app.session;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.session.Edited;
import openbloom.core.session.Outline;
import openbloom.core.verdict.Judgement;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Changes of a composed session: each a version, none ever overwritten; taking one back is a version, too. */
@Service
class SessionEdits {
    private static final int LONGEST_CHANGE = 400;

    private final SessionEditMapper rows;
    private final SessionMapper sessions;
    private final StudioDay day;
    private final JsonMapper json;

    SessionEdits(SessionEditMapper rows, SessionMapper sessions, StudioDay day, JsonMapper json) {
        this.rows = rows;
        this.sessions = sessions;
        this.day = day;
        this.json = json;
    }

    /** A version without its plan. */
    record SessionVersion(int version, int content, int before, String by, Instant at, String change) {
        static final SessionVersion COMPOSED = new SessionVersion(0, 0, 0, "", Instant.EPOCH, "as it was composed");

        public boolean canBeTakenBack() {
            return content > 0;
        }
    }

    /** Every version, the latest first. */
    List<SessionVersion> of(long sessionId) {
        return rows.of(sessionId);
    }

    SessionVersion latest(long sessionId) {
        return rows.of(sessionId).stream().findFirst().orElse(SessionVersion.COMPOSED);
    }

    /** Keeps a change; false when somebody else kept one since. */
    boolean keep(
            SignedIn me,
            Sessions.ComposedFor planned,
            SessionVersion seen,
            Edited edited,
            Judgement judgement,
            String change) {
        SessionDocument plan = SessionDocument.of(edited.session(), judgement)
                .withLeftOut(planned.plan().leftOut(), "")
                .written(edited.outline());
        int next = seen.version() + 1;
        return insert(
                me,
                planned,
                new SessionVersion(next, next, seen.content(), "", day.instant(), change),
                json.writeValueAsString(plan));
    }

    /** Takes the last change back, if there is one. */
    boolean undo(SignedIn me, Sessions.ComposedFor planned, SessionVersion seen) {
        if (!seen.canBeTakenBack()) {
            return false;
        }
        int back = seen.before();
        Optional<SessionVersion> earlier = rows.of(planned.stored().id()).stream()
                .filter(one -> one.version() == back)
                .findFirst();
        String plan = back == 0
                ? sessions.composed(planned.stored().id())
                : rows.plan(planned.stored().id(), back);
        SessionVersion version = new SessionVersion(
                seen.version() + 1,
                earlier.map(SessionVersion::content).orElse(0),
                earlier.map(SessionVersion::before).orElse(0),
                "",
                day.instant(),
                "taken back: " + seen.change());
        return insert(me, planned, version, plan);
    }

    private boolean insert(SignedIn me, Sessions.ComposedFor planned, SessionVersion version, String plan) {
        String words = version.change()
                .substring(0, Math.min(LONGEST_CHANGE, version.change().length()));
        try {
            rows.insert(planned.stored().id(), version, words, me.accountId(), plan);
            return true;
        } catch (DuplicateKeyException overtaken) {
            return false;
        }
    }

    /** What the outline of a kept session means for her today. */
    static Edited judged(Sessions.ComposedFor planned, Judgement judgement) {
        Outline outline = planned.plan().outline(judgement.catalogue());
        return Edited.of(outline, judgement);
    }

    /** The table. */
    @Mapper
    interface SessionEditMapper {
        @Select("""
                select session_version.version, content, before, account.name as "by", stored_at as "at", change from session_version
                join account on account.id = changed_by where session_id = #{sessionId} order by session_version.version desc
                """)
        List<SessionVersion> of(long sessionId);

        @Select("select plan from session_version where session_id = #{sessionId} and version = #{version}")
        String plan(@Param("sessionId") long sessionId, @Param("version") int version);

        @Insert("""
                insert into session_version (session_id, version, content, before, changed_by, stored_at, change, plan)
                values (#{sessionId}, #{v.version}, #{v.content}, #{v.before}, #{by}, #{v.at}, #{change}, #{plan})
                """)
        void insert(
                @Param("sessionId") long sessionId,
                @Param("v") SessionVersion version,
                @Param("change") String change,
                @Param("by") long by,
                @Param("plan") String plan);
    }
}
