package openbloom.app.studio;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Who works in a studio, and the links by which somebody comes to. */
@Mapper
interface TeamMapper {
    String LINK = "select id, studio_id, email, name, role, ends_at, used_at, taken_back_at from join_link ";

    /** Whoever changes the people of a studio waits for whoever else does. */
    @Select("select id from studio where id = #{studioId} for update")
    long alone(long studioId);

    @Select("select count(*) from account where studio_id = #{studioId} and role = 'OWNER' and left_at is null")
    int owners(long studioId);

    @Update("update account set role = #{role} where id = #{id} and studio_id = #{studioId} and left_at is null")
    int changeRole(long studioId, long id, Role role);

    /** What she did stays hers by name; her password opens nothing any more. */
    @Update("""
            update account set left_at = #{at}, credentials = credentials + 1
            where id = #{id} and studio_id = #{studioId} and left_at is null
            """)
    int leave(long studioId, long id, Instant at);

    @Update("""
            update account set left_at = null, role = #{role}, name = #{name}, password_hash = #{hash},
              credentials = credentials + 1
            where email = #{email} and studio_id = #{studioId}
            """)
    int comeBack(
            @Param("studioId") long studioId,
            @Param("email") String email,
            @Param("name") String name,
            @Param("role") Role role,
            @Param("hash") String hash);

    /** A link for somebody. */
    record NewLink(
            long studioId,
            String email,
            String name,
            Role role,
            String digest,
            long madeBy,
            Instant madeAt,
            Instant endsAt) {}

    @Insert("""
            insert into join_link (studio_id, email, name, role, digest, made_by, made_at, ends_at)
            values (#{studioId}, #{email}, #{name}, #{role}, #{digest}, #{madeBy}, #{madeAt}, #{endsAt})
            """)
    void insertLink(NewLink link);

    @Select(LINK + "where digest = #{digest}")
    Optional<JoinLink> byDigest(String digest);

    @Select(
            LINK
                    + "where studio_id = #{studioId} and used_at is null and taken_back_at is null and ends_at > #{now} order by id")
    List<JoinLink> open(long studioId, Instant now);

    /** One of several who use it at once is first. */
    @Update("update join_link set used_at = #{at} where id = #{id} and used_at is null and taken_back_at is null")
    int use(long id, Instant at);

    @Update("""
            update join_link set taken_back_at = #{at}
            where studio_id = #{studioId} and id = #{id} and used_at is null and taken_back_at is null
            """)
    int takeBack(long studioId, long id, Instant at);

    @Update("""
            update join_link set taken_back_at = #{at}
            where studio_id = #{studioId} and email = #{email} and used_at is null and taken_back_at is null
            """)
    void takeBackAllOf(long studioId, String email, Instant at);
}
