package openbloom.app.studio;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Sign-ins as they are kept. */
@Mapper
interface SignInMapper {
    @Select(value = """
                    select id from final table (insert into sign_in (account_id, begun_at, seen_at, address, browser)
                      values (#{accountId}, #{at}, #{at}, #{address}, #{browser}))
                    """, affectData = true)
    long begin(long accountId, Instant at, String address, String browser);

    /** When it was seen last; nothing once it has ended. */
    @Select("select seen_at from sign_in where id = #{id} and account_id = #{accountId} and ended_at is null")
    @Nullable
    Instant seenAt(long accountId, long id);

    @Update("update sign_in set seen_at = #{at} where id = #{id}")
    void seen(long id, Instant at);

    @Select("""
            select id, begun_at, seen_at, address, browser from sign_in
            where account_id = #{accountId} and ended_at is null and seen_at > #{since} order by seen_at desc
            """)
    List<SignIns.OpenSignIn> open(@Param("accountId") long accountId, @Param("since") Instant since);

    @Update("update sign_in set ended_at = #{at} where account_id = #{accountId} and id = #{id} and ended_at is null")
    void end(long accountId, long id, Instant at);

    @Update("update sign_in set ended_at = #{at} where account_id = #{accountId} and id <> #{but} and ended_at is null")
    int endAllBut(long accountId, long but, Instant at);
}
