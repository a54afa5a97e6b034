package openbloom.app.people;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Life events as they are kept. */
@Mapper
public interface LifeEventMapper {
    @Select("""
            <script>
            select life_event.id, woman_id, kind, happened_on, words, account.name as told_by
            from life_event join account on account.id = told_by
            where woman_id in (<foreach collection='womanIds' item='id' separator=','>#{id}</foreach>)
            order by happened_on desc, life_event.id desc
            </script>
            """)
    List<LifeEvent> of(@Param("womanIds") List<Long> womanIds);

    @Insert("""
            insert into life_event (woman_id, form_key, kind, happened_on, words, told_by, stored_at)
            values (#{womanId}, #{formKey}, #{kind}, #{on}, #{words}, #{by}, #{at})
            """)
    void insert(
            long womanId,
            String formKey,
            LifeEvent.LifeEventKind kind,
            LocalDate on,
            String words,
            long by,
            Instant at);
}
