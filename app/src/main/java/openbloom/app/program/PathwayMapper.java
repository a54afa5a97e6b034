package openbloom.app.program;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import openbloom.core.program.PathwayStepEdit.EditKind;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What was made of the steps of a woman's ways; kept one after the other, the last of a step counts. */
@Mapper
interface PathwayMapper {
    /** An edit as it is kept; the word for its kind may be one of another version. */
    record PathwayRow(
            String path,
            String step,
            EditKind kind,
            @Nullable LocalDate movedTo,
            String note) {}

    @Select("select path, step, kind, moved_to, note from path_edit where woman_id = #{womanId} order by id")
    List<PathwayRow> of(long womanId);

    @Insert("""
            insert into path_edit (woman_id, path, step, kind, moved_to, note, made_on, made_by, stored_at)
            values (#{womanId}, #{r.path}, #{r.step}, #{r.kind}, #{r.movedTo}, #{r.note}, #{madeOn}, #{madeBy}, #{storedAt})
            """)
    void insert(
            @Param("womanId") long womanId,
            @Param("r") PathwayRow edit,
            @Param("madeOn") LocalDate madeOn,
            @Param("madeBy") long madeBy,
            @Param("storedAt") Instant storedAt);
}
