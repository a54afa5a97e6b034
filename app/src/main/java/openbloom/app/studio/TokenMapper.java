package openbloom.app.studio;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Tokens as they are kept. */
@Mapper
interface TokenMapper {
    String TOKEN = "select id, account_id, name, scope, ends_on, used_at from api_token ";

    @Select(TOKEN + "where account_id = #{accountId} and taken_back_at is null order by id")
    List<ApiTokens.ApiToken> of(long accountId);

    @Select(TOKEN + "where digest = #{digest} and taken_back_at is null")
    Optional<ApiTokens.ApiToken> byDigest(String digest);

    @Insert("""
            insert into api_token (account_id, name, scope, digest, made_at, ends_on)
            values (#{accountId}, #{name}, #{scope}, #{digest}, #{madeAt}, #{endsOn})
            """)
    void insert(long accountId, String name, ApiScope scope, String digest, Instant madeAt, LocalDate endsOn);

    @Update("update api_token set used_at = #{at} where id = #{id}")
    void used(long id, Instant at);

    @Update("""
            update api_token set taken_back_at = #{at}
            where id = #{id} and account_id = #{accountId} and taken_back_at is null
            """)
    int takeBack(long accountId, long id, Instant at);
}
