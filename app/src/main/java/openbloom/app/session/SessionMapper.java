package openbloom.app.session;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import openbloom.core.record.Noted;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Sessions and responses as they are kept. */
@Mapper
public interface SessionMapper {
    String SESSION = """
            select session.id, woman_id, session.planned_on, account.name as planned_by, minutes, place, rules_version, facts,
              coalesce((select edited.plan from session_version edited where edited.session_id = session.id
                order by edited.version desc limit 1), session.plan) as plan, taught_on, teaching.id as teaching_id, occasion
            from session join teaching on teaching.id = teaching_id join account on account.id = session.planned_by
            """;

    @ResultMap("session")
    @Select(SESSION + "where woman_id = #{womanId} and session.id = #{id}")
    Optional<StoredSession> find(long womanId, long id);

    @ResultMap("session")
    @Select("<script>" + SESSION
            + "where session.id in (<foreach collection='ids' item='id' separator=','>#{id}</foreach>)</script>")
    List<StoredSession> numbered(@Param("ids") List<Long> ids);

    @ResultMap("session")
    @Select(SESSION + "where woman_id = #{womanId} order by session.planned_on desc, session.id desc")
    List<StoredSession> of(long womanId);

    @ResultMap("session")
    @Select(SESSION + "where woman_id = #{womanId} order by session.planned_on desc, session.id desc limit #{most}")
    List<StoredSession> latest(long womanId, int most);

    @Select("""
            select session.id from session join teaching on teaching.id = teaching_id
            where woman_id = #{womanId} and occasion <> 'HOME' order by session.planned_on desc, session.id desc limit 1
            """)
    Optional<Long> latestTaught(long womanId);

    @ResultMap("session")
    @Select(SESSION + "where woman_id = #{womanId} and session.form_key = #{key}")
    Optional<StoredSession> byKey(long womanId, String key);

    /** A practice at home as it was told last. */
    @Update("update session set taught_on = #{on}, effort = #{effort} where id = #{id}")
    void toldAtHome(@Param("id") long id, @Param("on") @Nullable LocalDate on, @Param("effort") @Nullable Noted effort);

    /** The plan as it was composed, before any change. */
    @Select("select plan from session where id = #{id}")
    String composed(long id);

    @Select(
            "select distinct move_id from response_that_counts join session on session.id = session_id where woman_id = #{womanId}")
    List<String> movesEverDone(long womanId);

    @Select(value = """
                    select id from final table (insert into session
                      (woman_id, teaching_id, form_key, planned_on, planned_by, stored_at, minutes, place, rules_version, facts, plan)
                    values
                      (#{s.womanId}, #{s.taught.teachingId}, #{formKey}, #{s.plannedOn}, #{by}, #{at}, #{s.minutes}, #{s.place},
                       #{s.made.rulesVersion}, #{s.made.facts}, #{s.made.plan}))
                    """, affectData = true)
    @Options(flushCache = Options.FlushCachePolicy.TRUE)
    long insert(
            @Param("s") StoredSession session,
            @Param("formKey") String formKey,
            @Param("by") long by,
            @Param("at") Instant at);

    @Update(
            "update session set taught_on = #{on}, taught_by = #{by}, effort = #{effort} where id = #{id} and taught_on is null")
    int taught(
            @Param("id") long id,
            @Param("on") LocalDate on,
            @Param("by") long by,
            @Param("effort") @Nullable Noted effort);

    @Select("""
            select count(*) from session join teaching on teaching.id = teaching_id
            where woman_id = #{womanId} and taught_on is not null and occasion <> 'HOME'
            """)
    int countTaught(long womanId);

    /** When a woman was taught last. */
    record LastTaught(long womanId, LocalDate on) {}

    /** Women of a studio taught last between two days and expected no more, the latest first. */
    @Select("""
            select woman_id, max(taught_on) as "on" from session join teaching on teaching.id = teaching_id
            join woman on woman.id = woman_id
            where woman.studio_id = #{studioId} and taught_on is not null and occasion <> 'HOME'
              and not exists (select 1 from visit where visit.woman_id = session.woman_id and starts_at >= #{now} and cancelled_at is null)
            group by woman_id having max(taught_on) between #{from} and #{to} order by max(taught_on) desc, woman_id limit #{most}
            """)
    List<LastTaught> notTaughtSince(
            @Param("studioId") long studioId,
            @Param("to") LocalDate to,
            @Param("from") LocalDate from,
            @Param("now") LocalDateTime now,
            @Param("most") int most);

    /** A session of a day: planned for it, or taught on it. */
    record SessionOfDay(long womanId, long sessionId, boolean finished) {}

    /** The sessions of a day of some women, the latest of each last; none done at home. */
    @Select("""
            <script>select woman_id, session.id as "sessionId", taught_on is not null as finished
            from session join teaching on teaching.id = teaching_id
            where (session.planned_on = #{day} or taught_on = #{day}) and occasion &lt;&gt; 'HOME'
              and woman_id in (<foreach collection='women' item='one' separator=','>#{one}</foreach>)
            order by session.id</script>
            """)
    List<SessionOfDay> onDay(@Param("women") List<Long> women, @Param("day") LocalDate day);

    @Insert("""
            insert into response (session_id, form_key, item, move_id, strand, rung, told, place, noted_on, stored_at,
              pain, done, asked, dose_step, kilograms, note, instead_of, taken_back)
            values (#{r.when.sessionId}, #{r.when.key}, #{r.when.item}, #{r.what.moveId}, #{r.what.strand}, #{r.what.rung}, #{r.told}, #{r.place},
              #{r.when.on}, #{at}, #{r.how.pain}, #{r.how.done}, #{r.how.asked}, #{r.how.doseStep}, #{r.how.kilograms}, #{r.how.note},
              #{instead}, #{takenBack})
            """)
    void insertResponse(
            @Param("r") StoredResponse response,
            @Param("instead") @Nullable String insteadOf,
            @Param("takenBack") boolean takenBack,
            @Param("at") Instant at);

    /**
     * Everything noted with some women, oldest first, whether or not the session was finished. There are thousands of rows:
     * the columns are named, so that they are not looked for in each.
     */
    @ResultMap("response")
    @Select("""
            <script>
            select response.id, woman_id, session_id, noted_on as "on", item, response.form_key, move_id, strand, rung, told,
              response.place, taught_on is not null as finished, effort, occasion, pain, done, asked, dose_step, kilograms, note
            from response_that_counts response join session on session.id = session_id
              join teaching on teaching.id = teaching_id
            where woman_id in (<foreach collection='womanIds' item='id' separator=','>#{id}</foreach>)
            order by noted_on, session_id, response.id
            </script>
            """)
    List<StoredResponse> responsesOf(@Param("womanIds") List<Long> womanIds);

    @ResultMap("response")
    @Select("""
            select response.id, woman_id, session_id, noted_on as "on", item, response.form_key, move_id, strand, rung, told,
              response.place, taught_on is not null as finished, effort, occasion, pain, done, asked, dose_step, kilograms, note
            from response_that_counts response join session on session.id = session_id
              join teaching on teaching.id = teaching_id
            where session_id = #{sessionId} order by response.id
            """)
    List<StoredResponse> responsesIn(long sessionId);
}
