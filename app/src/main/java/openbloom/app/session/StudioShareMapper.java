package openbloom.app.session;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** How studios divide the work of their sessions. */
@Mapper
interface StudioShareMapper {
    /** The shares for so many goals, in their order; empty where the studio has none of its own. */
    @Select("select percent from studio_share where studio_id = #{studioId} and goals = #{goals} order by place")
    List<Integer> of(long studioId, int goals);

    @Delete("delete from studio_share where studio_id = #{studioId}")
    void clear(long studioId);

    @Insert(
            "insert into studio_share (studio_id, goals, place, percent) values (#{studioId}, #{goals}, #{place}, #{percent})")
    void insert(long studioId, int goals, int place, int percent);
}
