package openbloom.app.people;

import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Visits as they are kept. */
@Mapper
public interface VisitMapper {
    @Select("""
            select visit.id, woman_id, starts_at from visit join woman on woman.id = visit.woman_id
            where studio_id = #{studioId} and starts_at >= #{fromInclusive} and starts_at < #{toExclusive}
            order by starts_at, woman.name
            """)
    List<Visit> between(long studioId, LocalDateTime fromInclusive, LocalDateTime toExclusive);

    @Select(
            "select id, woman_id, starts_at from visit where woman_id = #{womanId} and starts_at >= #{from} order by starts_at")
    List<Visit> ahead(long womanId, LocalDateTime from);

    /** Names of the others of a studio who are expected at a minute. */
    @Select("""
            select woman.name from visit join woman on woman.id = visit.woman_id
            where studio_id = #{studioId} and woman.id <> #{womanId} and starts_at = #{at} order by woman.name
            """)
    List<String> namesAt(long studioId, long womanId, LocalDateTime at);

    @Insert("insert into visit (woman_id, form_key, starts_at) values (#{womanId}, #{formKey}, #{startsAt})")
    void insert(long womanId, String formKey, LocalDateTime startsAt);

    /** Only if she is not expected at that minute already. */
    @Insert("""
            insert into visit (woman_id, form_key, starts_at) select #{womanId}, #{formKey}, #{startsAt}
            where not exists (select 1 from visit where woman_id = #{womanId} and starts_at = #{startsAt})
            """)
    int insertUnlessThere(long womanId, String formKey, LocalDateTime startsAt);

    @Delete("delete from visit where id = #{id} and woman_id = #{womanId}")
    int delete(long womanId, long id);
}
