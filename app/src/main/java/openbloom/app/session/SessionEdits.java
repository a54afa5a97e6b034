package openbloom.app.session;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import openbloom.app.studio.Account;
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
public class SessionEdits {
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
    public record PlanVersion(int version, int content, int before, String by, Instant at, String change) {
        public static final PlanVersion COMPOSED = new PlanVersion(0, 0, 0, "", Instant.EPOCH, "as it was built");

        public boolean canBeTakenBack() {
            return content > 0;
        }

        /** The one after it. */
        public PlanVersion next(String change, Instant at) {
            return new PlanVersion(version + 1, version + 1, content, "", at, shortened(change));
        }

        /**
         * The one that takes it back.
         *
         * @param all every version there is
         */
        public PlanVersion takenBack(List<PlanVersion> all, Instant at) {
            Optional<PlanVersion> earlier =
                    all.stream().filter(one -> one.version() == before).findFirst();
            return new PlanVersion(
                    version + 1,
                    earlier.map(PlanVersion::content).orElse(0),
                    earlier.map(PlanVersion::before).orElse(0),
                    "",
                    at,
                    shortened("taken back: " + change));
        }

        private static String shortened(String words) {
            return words.substring(0, Math.min(LONGEST_CHANGE, words.length()));
        }
    }

    /** Every version, the latest first. */
    List<PlanVersion> of(long sessionId) {
        return rows.of(sessionId);
    }

    public PlanVersion latest(long sessionId) {
        return rows.of(sessionId).stream().findFirst().orElse(PlanVersion.COMPOSED);
    }

    /** Keeps a change; false when somebody else kept one since. */
    boolean keep(
            SignedIn me,
            Sessions.ComposedFor planned,
            PlanVersion seen,
            Edited edited,
            Judgement judgement,
            String change) {
        SessionDocument plan = SessionDocument.of(edited.session(), judgement)
                .withLeftOut(planned.plan().leftOut(), "")
                .written(edited.outline());
        return keep(me.account(), planned, seen, plan, change);
    }

    /** Keeps a plan that was changed with others'; false when somebody else kept one since. */
    public boolean keep(
            Account by, Sessions.ComposedFor planned, PlanVersion seen, SessionDocument plan, String change) {
        return insert(by, planned, seen.next(change, day.instant()), json.writeValueAsString(plan));
    }

    /** Takes the last change back, if there is one. */
    public boolean undo(SignedIn me, Sessions.ComposedFor planned, PlanVersion seen) {
        if (!seen.canBeTakenBack()) {
            return false;
        }
        long id = planned.stored().id();
        String plan = seen.before() == 0 ? sessions.composed(id) : rows.plan(id, seen.before());
        return insert(me.account(), planned, seen.takenBack(rows.of(id), day.instant()), plan);
    }

    private boolean insert(Account by, Sessions.ComposedFor planned, PlanVersion version, String plan) {
        try {
            rows.insert(planned.stored().id(), version, by.id(), plan);
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
        List<PlanVersion> of(long sessionId);

        @Select("select plan from session_version where session_id = #{sessionId} and version = #{version}")
        String plan(@Param("sessionId") long sessionId, @Param("version") int version);

        @Insert("""
                insert into session_version (session_id, version, content, before, changed_by, stored_at, change, plan)
                values (#{sessionId}, #{v.version}, #{v.content}, #{v.before}, #{by}, #{v.at}, #{v.change}, #{plan})
                """)
        void insert(
                @Param("sessionId") long sessionId,
                @Param("v") PlanVersion version,
                @Param("by") long by,
                @Param("plan") String plan);
    }
}
