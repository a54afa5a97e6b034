package openbloom.app.classes;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Classes and their members as they are kept. */
@Mapper
interface ClassMapper {
    String CLASS = """
            select id, studio_id, version, name, weekday, starts_at, minutes, room, kit, first_on, last_on, left_out
            from studio_class
            """;

    @ResultMap("class")
    @Select(CLASS + "where studio_id = #{studioId} order by name, id")
    List<StudioClass> of(long studioId);

    @ResultMap("class")
    @Select(CLASS + "where studio_id = #{studioId} and id = #{id}")
    Optional<StudioClass> find(@Param("studioId") long studioId, @Param("id") long id);

    @Select(value = """
                    select id from final table (insert into studio_class
                      (studio_id, version, name, weekday, starts_at, minutes, room, kit, first_on, last_on, left_out, changed_by,
                       stored_at)
                    values
                      (#{c.studioId}, 1, #{c.name}, #{c.time.weekday}, #{c.time.startsAt}, #{c.time.minutes}, #{c.room.name},
                       #{c.room.kit}, #{c.dates.firstOn}, #{c.dates.lastOn}, #{c.dates.leftOut}, #{by}, #{at}))
                    """, affectData = true)
    long insert(@Param("c") StudioClass kept, @Param("by") long by, @Param("at") Instant at);

    @Update("""
            update studio_class set version = version + 1, name = #{c.name}, weekday = #{c.time.weekday},
              starts_at = #{c.time.startsAt}, minutes = #{c.time.minutes}, room = #{c.room.name}, kit = #{c.room.kit},
              first_on = #{c.dates.firstOn}, last_on = #{c.dates.lastOn}, left_out = #{c.dates.leftOut}, changed_by = #{by},
              stored_at = #{at}
            where id = #{c.id} and studio_id = #{c.studioId} and version = #{c.version}
            """)
    int update(@Param("c") StudioClass changed, @Param("by") long by, @Param("at") Instant at);

    @Select("""
            select woman_id from class_member join woman on woman.id = woman_id where class_id = #{classId}
            order by woman.name, woman.id
            """)
    List<Long> members(long classId);

    /** A woman of a class. */
    record MemberRow(long classId, long womanId) {}

    /** Of several classes at once, each by name. */
    @Select("""
            <script>
            select class_id, woman_id from class_member join woman on woman.id = woman_id
            where class_id in (<foreach collection="classIds" item="id" separator=", ">#{id}</foreach>)
            order by woman.name, woman.id
            </script>
            """)
    List<MemberRow> membersOf(@Param("classIds") List<Long> classIds);

    @Delete("delete from class_member where class_id = #{classId}")
    void clear(long classId);

    @Insert("insert into class_member (class_id, woman_id) values (#{classId}, #{womanId})")
    void join(@Param("classId") long classId, @Param("womanId") long womanId);
}
