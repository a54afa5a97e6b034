package openbloom.app.session;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.core.record.Occasion;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What is taught, as it is kept; each woman's part of it is her session. */
@Mapper
public interface TeachingMapper {
    /**
     * A teaching.
     *
     * @param id 0 for one that is not kept yet
     * @param classId the class it is for; null where it is none
     * @param sheet what a class does, as JSON; null where it is one woman's session
     */
    record StoredTeaching(
            long id,
            long studioId,
            Occasion occasion,
            @Nullable Long classId,
            LocalDate plannedOn,
            @Nullable String sheet) {
        /** A session of one woman's. */
        static StoredTeaching ofOne(long studioId, Occasion occasion, LocalDate on) {
            return new StoredTeaching(0, studioId, occasion, null, on, null);
        }
    }

    /** Its sheet as it was changed last. */
    String TEACHING = """
            select id, studio_id, occasion, class_id, planned_on,
              coalesce((select changed.sheet from teaching_version changed where changed.teaching_id = teaching.id
                order by changed.version desc limit 1), sheet) as sheet
            from teaching
            """;

    @Select(value = """
                    select id from final table (insert into teaching
                      (studio_id, occasion, class_id, planned_on, planned_by, stored_at, sheet)
                    values
                      (#{t.studioId}, #{t.occasion}, #{t.classId}, #{t.plannedOn}, #{by}, #{at}, #{t.sheet}))
                    """, affectData = true)
    long insert(@Param("t") StoredTeaching teaching, @Param("by") long by, @Param("at") Instant at);

    @Select(TEACHING + "where studio_id = #{studioId} and id = #{id}")
    Optional<StoredTeaching> find(@Param("studioId") long studioId, @Param("id") long id);

    /** The latest first. */
    @Select(TEACHING
            + "where studio_id = #{studioId} and class_id = #{classId} order by planned_on desc, id desc limit #{most}")
    List<StoredTeaching> ofClass(
            @Param("studioId") long studioId, @Param("classId") long classId, @Param("most") int most);

    /** A woman's part of a teaching. */
    record PartOf(long womanId, long sessionId, boolean finished) {}

    @Select("""
            select woman_id, id as session_id, taught_on is not null as finished from session
            where teaching_id = #{teachingId} order by id
            """)
    List<PartOf> parts(long teachingId);
}
