package openbloom.app.accounts;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Studios and accounts as they are kept. */
@Mapper
public interface AccountMapper {
    @Select("select count(*) from account")
    int count();

    @Select("select * from account where email = #{email}")
    Optional<Account> byEmail(String email);

    @Select("select * from studio where id = #{id}")
    Studio studio(long id);

    @Select("select * from account where studio_id = #{studioId} order by name")
    List<Account> ofStudio(long studioId);

    @Select(
            value = "select id from final table (insert into studio (name, zone_id) values (#{name}, #{zoneId}))",
            affectData = true)
    long insertStudio(String name, String zoneId);

    @Select(value = """
                    select id from final table (
                      insert into account (studio_id, email, password_hash, name, owner)
                      values (#{studioId}, #{email}, #{passwordHash}, #{name}, #{owner}))
                    """, affectData = true)
    long insert(long studioId, String email, String passwordHash, String name, boolean owner);

    @Update("update studio set approach = #{approach} where id = #{studioId}")
    int changeApproach(long studioId, String approach);

    @Update("update account set finger_widths_mm = #{fingers} where id = #{id}")
    int changeFingers(long id, String fingers);

    @Select("select * from account where id = #{id}")
    Account account(long id);

    @Update("update account set password_hash = #{passwordHash} where id = #{id}")
    int changePassword(long id, String passwordHash);
}
