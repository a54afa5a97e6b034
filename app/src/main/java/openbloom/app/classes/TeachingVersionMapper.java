package openbloom.app.classes;

import java.util.List;
import openbloom.app.session.SessionEdits.PlanVersion;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Changes of class sheets as they are kept. */
@Mapper
interface TeachingVersionMapper {
    /** Every version, the latest first. */
    @Select("""
            select teaching_version.version, content, before, account.name as "by", stored_at as "at", change from teaching_version
            join account on account.id = changed_by where teaching_id = #{teachingId} order by teaching_version.version desc
            """)
    List<PlanVersion> of(long teachingId);

    @Select("select sheet from teaching_version where teaching_id = #{teachingId} and version = #{version}")
    String sheet(@Param("teachingId") long teachingId, @Param("version") int version);

    /** As it was composed. */
    @Select("select sheet from teaching where id = #{teachingId}")
    String composed(long teachingId);

    @Insert("""
            insert into teaching_version (teaching_id, version, content, before, changed_by, stored_at, change, sheet)
            values (#{teachingId}, #{v.version}, #{v.content}, #{v.before}, #{by}, #{v.at}, #{v.change}, #{sheet})
            """)
    void insert(
            @Param("teachingId") long teachingId,
            @Param("v") PlanVersion version,
            @Param("by") long by,
            @Param("sheet") String sheet);
}
