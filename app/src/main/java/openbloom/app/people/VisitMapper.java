package openbloom.app.people;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Visits as they are kept. */
@Mapper
public interface VisitMapper {
    /** Visits of a studio between two moments, by the hour; as many as are wanted. */
    @Select("""
            select id, woman_id, starts_at from visit use index (visit_by_start)
            where starts_at >= #{fromInclusive} and starts_at < #{toExclusive} and cancelled_at is null
              and exists (select 1 from woman where woman.id = woman_id and studio_id = #{studioId})
            order by starts_at, id limit #{most} offset #{from}
            """)
    List<Visit> between(long studioId, LocalDateTime fromInclusive, LocalDateTime toExclusive, int from, int most);

    @Select("""
            select id, woman_id, starts_at from visit
            where woman_id = #{womanId} and starts_at >= #{from} and cancelled_at is null order by starts_at
            """)
    List<Visit> ahead(long womanId, LocalDateTime from);

    /** Somebody else's name at the minute of one of her visits. */
    record VisitOfAnother(long visitId, String name) {}

    /** Who else of a studio is expected at the minutes at which she is. */
    @Select("""
            select hers.id as "visitId", woman.name from visit hers
            join visit other on other.starts_at = hers.starts_at and other.woman_id <> hers.woman_id
              and other.cancelled_at is null
            join woman on woman.id = other.woman_id and studio_id = #{studioId}
            where hers.woman_id = #{womanId} and hers.starts_at >= #{from} and hers.cancelled_at is null order by hers.starts_at, woman.name
            """)
    List<VisitOfAnother> beside(long studioId, long womanId, LocalDateTime from);

    @Insert("insert into visit (woman_id, form_key, starts_at) values (#{womanId}, #{formKey}, #{startsAt})")
    void insert(long womanId, String formKey, LocalDateTime startsAt);

    /** Only if she is not expected at that minute already. */
    @Insert("""
            insert into visit (woman_id, form_key, starts_at) select #{womanId}, #{formKey}, #{startsAt}
            where not exists (select 1 from visit
              where woman_id = #{womanId} and starts_at = #{startsAt} and cancelled_at is null)
            """)
    int insertUnlessThere(long womanId, String formKey, LocalDateTime startsAt);

    /** Moves one of hers, unless she is expected at that minute already. */
    @Update("""
            update visit set starts_at = #{startsAt}, sequence = sequence + 1
            where id = #{id} and woman_id = #{womanId} and cancelled_at is null
              and not exists (select 1 from visit other where other.woman_id = #{womanId} and other.starts_at = #{startsAt}
                and other.cancelled_at is null and other.id <> #{id})
            """)
    int move(long womanId, long id, LocalDateTime startsAt);

    /** Whether a visit of hers stands. */
    @Select("select count(*) from visit where id = #{id} and woman_id = #{womanId} and cancelled_at is null")
    int standing(long womanId, long id);

    /** The row stays, so that her calendar can say that it is cancelled. */
    @Update("""
            update visit set cancelled_at = #{at}, sequence = sequence + 1
            where id = #{id} and woman_id = #{womanId} and cancelled_at is null
            """)
    int cancel(long womanId, long id, Instant at);

    /**
     * A visit as her calendar has it.
     *
     * @param sequence how often it was changed
     */
    record CalendarVisit(long id, LocalDateTime startsAt, int sequence, boolean cancelled) {}

    /** All of hers from a moment on, cancelled ones too. */
    @Select("""
            select id, starts_at, sequence, cancelled_at is not null as cancelled from visit
            where woman_id = #{womanId} and starts_at >= #{from} order by starts_at, id
            """)
    List<CalendarVisit> calendarOf(long womanId, LocalDateTime from);
}
