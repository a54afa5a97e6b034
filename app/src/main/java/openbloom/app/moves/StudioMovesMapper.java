package openbloom.app.moves;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The studios' own moves as they are kept. */
@Mapper
interface StudioMovesMapper {
    @Select("select * from studio_moves where studio_id = #{studioId}")
    Optional<StudioMoves> of(long studioId);

    @Insert("insert into studio_moves (studio_id, version, yaml) values (#{studioId}, 1, #{yaml})")
    int insert(long studioId, String yaml);

    @Update("""
            update studio_moves set version = version + 1, yaml = #{yaml}
            where studio_id = #{studioId} and version = #{version}
            """)
    int update(long studioId, int version, String yaml);
}
