package openbloom.app.audit;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** The audit as it is kept: rows are added, none is changed and none taken out. */
@Mapper
interface AuditMapper {
    /** The last row of a studio. */
    record Head(long number, String hash) {}

    @Update("merge into audit_head h using (select cast(#{studioId} as bigint) as studio) s on h.studio_id = s.studio "
            + "when not matched then insert values (s.studio, 0, #{hash})")
    void begin(long studioId, String hash);

    /** Whoever adds a row waits for whoever else does. */
    @Select("select number, hash from audit_head where studio_id = #{studioId} for update")
    @Nullable
    Head head(long studioId);

    @Update("update audit_head set number = #{number}, hash = #{hash} where studio_id = #{studioId}")
    void moveOn(long studioId, long number, String hash);

    @Insert("""
            insert into audit (studio_id, number, happened_at, account_id, woman, did, page, address, hash)
            values (#{r.studioId}, #{r.number}, #{r.happenedAt}, #{r.accountId}, #{r.woman}, #{r.did}, #{r.page}, #{r.from},
              #{hash})
            """)
    void insert(@Param("r") AuditRow row, @Param("hash") String hash);

    /**
     * A row as it is read.
     *
     * @param who the name of who did it
     * @param whom the name of the woman; nothing where it was nobody's alone, or she was erased
     */
    record Listed(
            long number,
            Instant happenedAt,
            String who,
            @Nullable Long woman,
            @Nullable String whom,
            AuditRow.Did did,
            String page,
            String address) {}

    /**
     * What is looked for.
     *
     * @param name a part of the woman's name in small letters; empty for anybody
     * @param account who did it; 0 for anybody
     * @param until the first moment after it
     */
    record Wanted(long studioId, String name, long account, Instant from, Instant until) {}

    /** The latest first. */
    @Select("""
            select number, happened_at, account.name as who, woman, woman.name as whom, did, page, address
            from audit join account on account.id = account_id
              left join woman on woman.id = audit.woman and woman.studio_id = audit.studio_id
            where audit.studio_id = #{w.studioId} and happened_at >= #{w.from} and happened_at < #{w.until}
              and (#{w.account} = 0 or account_id = #{w.account})
              and (#{w.name} = '' or locate(#{w.name}, lower(woman.name)) > 0)
            order by number desc limit #{most} offset #{skipped}
            """)
    List<Listed> listed(@Param("w") Wanted wanted, @Param("most") int most, @Param("skipped") int skipped);
}
