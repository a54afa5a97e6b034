package openbloom.app.studio;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Second factors as they are kept. */
@Mapper
interface SecondFactorMapper {
    @Select("select secret from second_factor where account_id = #{accountId}")
    @Nullable
    String secret(long accountId);

    @Select("select begun_at from second_factor where account_id = #{accountId}")
    @Nullable
    Instant begunAt(long accountId);

    @Select("""
            select second_factor.account_id from second_factor join account on account.id = second_factor.account_id
            where studio_id = #{studioId}
            """)
    List<Long> accountsWithOne(long studioId);

    @Insert("""
            insert into second_factor (account_id, secret, begun_at, last_step)
            values (#{accountId}, #{secret}, #{at}, #{step})
            """)
    void insert(long accountId, String secret, Instant at, long step);

    /** A code opens once: of two who send it at the same moment one is first. */
    @Update("update second_factor set last_step = #{step} where account_id = #{accountId} and last_step < #{step}")
    int use(long accountId, long step);

    @Delete("delete from second_factor where account_id = #{accountId}")
    int delete(long accountId);

    @Delete("delete from recovery_code where account_id = #{accountId}")
    void deleteRecoveryCodes(long accountId);

    @Insert("insert into recovery_code (account_id, digest) values (#{accountId}, #{digest})")
    void insertRecoveryCode(long accountId, String digest);

    @Update("""
            update recovery_code set used_at = #{at}
            where account_id = #{accountId} and digest = #{digest} and used_at is null
            """)
    int useRecoveryCode(long accountId, String digest, Instant at);

    @Select("select count(*) from recovery_code where account_id = #{accountId} and used_at is null")
    int recoveryCodesLeft(long accountId);

    @Select("select owners_two_factors from studio where id = #{studioId}")
    boolean ownersNeedOne(long studioId);

    @Update("update studio set owners_two_factors = #{need} where id = #{studioId}")
    void ownersNeedOneFromNowOn(long studioId, boolean need);
}
