package openbloom.app.journey;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** When the lines of a woman's journey were written down. */
@Mapper
interface WrittenTimes {
    /**
     * One line's.
     *
     * @param id of what it is about; 0 where a day has only one such line
     */
    record WrittenTimeRow(EntryKind kind, long id, LocalDate onDay, Instant at) {}

    @Select("""
            select 'ASKED' as kind, id, asked_on as on_day, stored_at as "at" from safety_answer where woman_id = #{womanId}
            union all
            select 'SESSION', id, planned_on, stored_at from session where woman_id = #{womanId}
            union all
            select 'PLAN', id, made_on, stored_at from program where woman_id = #{womanId}
            union all
            select 'LIFE', id, happened_on, stored_at from life_event where woman_id = #{womanId}
            union all
            select 'SHEET', id, checked_on, stored_at from sheet where woman_id = #{womanId}
            union all
            select 'GAP_CHECK', id, checked_on, stored_at from gap_check where woman_id = #{womanId}
            union all
            select 'REVIEW', 0, reviewed_on, max(stored_at) from review where woman_id = #{womanId} group by reviewed_on
            union all
            select 'DECISION', 0, decided_on, max(stored_at) from ladder_decision where woman_id = #{womanId} group by decided_on
            """)
    List<WrittenTimeRow> of(long womanId);
}
