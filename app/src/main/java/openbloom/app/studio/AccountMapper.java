package openbloom.app.studio;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Studios and accounts as they are kept. */
@Mapper
public interface AccountMapper {
    @Select("select count(*) from account")
    int count();

    @ResultMap("account")
    @Select("select * from account where email = #{email}")
    Optional<Account> byEmail(String email);

    @Select("select * from studio where id = #{id}")
    Studio studio(long id);

    @Select("select emergency_number, maternity_number from studio where id = #{id}")
    NumbersToCall numbersOf(long id);

    @Update("""
            update studio set emergency_number = #{n.emergencyNumber}, maternity_number = #{n.maternityNumber}
            where id = #{studioId}
            """)
    void setNumbers(@Param("studioId") long studioId, @Param("n") NumbersToCall numbers);

    @ResultMap("account")
    @Select("select * from account where studio_id = #{studioId} order by name")
    List<Account> ofStudio(long studioId);

    @Select(
            value = "select id from final table (insert into studio (name, zone_id) values (#{name}, #{zoneId}))",
            affectData = true)
    long insertStudio(String name, String zoneId);

    @Select(value = """
                    select id from final table (
                      insert into account (studio_id, email, password_hash, name, role)
                      values (#{studioId}, #{email}, #{passwordHash}, #{name}, #{role}))
                    """, affectData = true)
    long insert(long studioId, String email, String passwordHash, String name, Role role);

    /** There is one first visit: the second to claim it is refused by the key. */
    @Insert("insert into first_visit (only_one) values (1)")
    void claimFirstVisit();

    @Update("""
            update studio set approach = #{approach}, version = version + 1
            where id = #{studioId} and version = #{version}
            """)
    int changeApproach(long studioId, int version, String approach);

    @Update("""
            update account set finger_widths_mm = #{fingers}, version = version + 1
            where id = #{id} and version = #{version}
            """)
    int changeFingers(long id, int version, String fingers);

    @ResultMap("account")
    @Select("select * from account where id = #{id}")
    @Nullable
    Account account(long id);

    /** Only if nobody changed it since it was checked. */
    @Update("""
            update account set password_hash = #{passwordHash}, credentials = credentials + 1
            where id = #{id} and credentials = #{credentials}
            """)
    int changePassword(long id, int credentials, String passwordHash);

    @Update("update account set single_keys = #{on} where id = #{id}")
    int changeKeys(long id, boolean on);

    /** A sign-in that was refused. */
    record RefusedSignIn(String email, String address, Instant refusedAt, String why) {}

    @Insert("""
            insert into refused_sign_in (email, address, refused_at, why)
            values (#{email}, #{address}, #{at}, #{why})
            """)
    void noteRefused(String email, String address, Instant at, String why);

    @Select("""
            select refused_sign_in.email, address, refused_at, why
            from refused_sign_in join account on account.email = refused_sign_in.email
            where studio_id = #{studioId} order by refused_sign_in.id desc limit 2000
            """)
    List<RefusedSignIn> refusedOf(long studioId);
}
