package openbloom.app.program;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;

/** Programs as they are kept; none is ever changed. */
@Mapper
public interface ProgramMapper {
    /** One program to be kept. */
    record NewProgram(
            long womanId, String formKey, LocalDate madeOn, long madeBy, Instant storedAt, String rulesVersion) {}

    @ResultMap("program")
    @Select("""
            select program.id, made_on, account.name as made_by, aims, visits_per_week, home_days, home_minutes, visits, walks_now, document
            from program join account on account.id = made_by
            where woman_id = #{womanId} order by program.id desc
            """)
    List<StoredProgram> of(long womanId);

    /** The latest program of one of several women. */
    record Latest(long womanId, String document) {}

    @Select("""
            <script>
            select woman_id, document from program where id in (select max(id) from program where woman_id in
              <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach> group by woman_id)
            </script>
            """)
    List<Latest> latestOf(@Param("ids") List<Long> womanIds);

    @Insert("""
            insert into program (woman_id, form_key, made_on, made_by, stored_at, rules_version, aims, visits_per_week,
              home_days, home_minutes, visits, walks_now, document)
            values (#{n.womanId}, #{n.formKey}, #{n.madeOn}, #{n.madeBy}, #{n.storedAt}, #{n.rulesVersion}, #{p.aims},
              #{p.rhythm.visitsPerWeek}, #{p.rhythm.homeDays}, #{p.rhythm.homeMinutes}, #{p.rhythm.visits}, #{p.rhythm.walksNow},
              #{p.document})
            """)
    void insert(@Param("n") NewProgram made, @Param("p") StoredProgram program);
}
