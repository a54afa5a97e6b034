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
    /** Visits of a studio between two moments, by the hour; as many as are wanted. */
    @Select("""
            select id, woman_id, starts_at from visit use index (visit_by_start)
            where starts_at >= #{fromInclusive} and starts_at < #{toExclusive}
              and exists (select 1 from woman where woman.id = woman_id and studio_id = #{studioId})
            order by starts_at, id limit #{most} offset #{from}
            """)
    List<Visit> between(long studioId, LocalDateTime fromInclusive, LocalDateTime toExclusive, int from, int most);

    @Select(
            "select id, woman_id, starts_at from visit where woman_id = #{womanId} and starts_at >= #{from} order by starts_at")
    List<Visit> ahead(long womanId, LocalDateTime from);

    /** Somebody else's name at the minute of one of her visits. */
    record Beside(long visitId, String name) {}

    /** Who else of a studio is expected at the minutes at which she is. */
    @Select("""
            select hers.id as "visitId", woman.name from visit hers
            join visit other on other.starts_at = hers.starts_at and other.woman_id <> hers.woman_id
            join woman on woman.id = other.woman_id and studio_id = #{studioId}
            where hers.woman_id = #{womanId} and hers.starts_at >= #{from} order by hers.starts_at, woman.name
            """)
    List<Beside> beside(long studioId, long womanId, LocalDateTime from);

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
