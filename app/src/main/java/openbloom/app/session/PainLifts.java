package openbloom.app.session;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import openbloom.core.record.PainHold;
import openbloom.core.record.PainLift;
import openbloom.core.record.PainSite;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Who said by name why it goes on after pain; none is ever changed. */
@Service
public class PainLifts {
    private final PainLiftMapper rows;

    PainLifts(PainLiftMapper rows) {
        this.rows = rows;
    }

    /**
     * A row.
     *
     * @param responseId the latest thing noted that it answers
     * @param pain what she told there when she was asked again; empty when nobody asked
     * @param clinicianOn the day of her clinician's word; empty when there is none
     * @param said who says that it goes on, why, and who wrote it down
     */
    public record PainLifted(
            long womanId,
            long responseId,
            PainSite place,
            LocalDate on,
            @Nullable Integer pain,
            @Nullable LocalDate clinicianOn,
            Said said) {
        /** Who said it, why, and who wrote it down. */
        public record Said(String saidBy, String reason, String by) {}

        /** As the rules read it. */
        public PainLift lift() {
            return new PainLift(
                    responseId,
                    on,
                    place,
                    pain == null ? OptionalInt.empty() : OptionalInt.of(pain),
                    Optional.ofNullable(clinicianOn));
        }
    }

    /** Of several women, oldest first; a row in words this version does not know lifts nothing. */
    @SuppressWarnings("ConstantValue")
    public Map<Long, List<PainLifted>> ofAll(List<Long> womanIds) {
        return womanIds.isEmpty()
                ? Map.of()
                : rows.of(womanIds).stream()
                        .filter(lifted -> lifted.place() != null)
                        .collect(Collectors.groupingBy(PainLifted::womanId));
    }

    /** Numbers of the women of a studio whose pain may still hold something. */
    public List<Long> heldIn(long studioId) {
        return rows.heldIn(studioId, PainHold.HOLDS_ABOVE);
    }

    public void keep(PainLifted lifted, long byAccount, Instant at) {
        rows.insert(lifted, byAccount, at);
    }

    /** The table. */
    @Mapper
    interface PainLiftMapper {
        @Select("""
                <script>
                select woman_id, response_id, place, lifted_on as "on", pain, clinician_on, said_by, reason,
                  account.name as "by"
                from pain_lift join account on account.id = lifted_by
                where woman_id in <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach>
                order by pain_lift.id
                </script>
                """)
        @ResultMap("lifted")
        List<PainLifted> of(@Param("ids") List<Long> womanIds);

        /** From the few answers that hurt to the women, not from every woman to her answers. */
        @Select("""
                select id from woman where studio_id = #{studioId} and id in (
                  select session.woman_id from session where session.id in (
                    select hurt.session_id from response hurt use index (response_told)
                    where hurt.told = 'HURT' and (hurt.pain > #{above} or hurt.strand like 'PELVIC_FLOOR%')
                      and not hurt.taken_back
                      and not exists (select 1 from response later
                        where later.session_id = hurt.session_id and later.instead_of = hurt.form_key)
                      and not exists (select 1 from pain_lift join session on session.woman_id = pain_lift.woman_id
                        where session.id = hurt.session_id and pain_lift.response_id >= hurt.id)))
                """)
        List<Long> heldIn(@Param("studioId") long studioId, @Param("above") int above);

        @Insert("""
                insert into pain_lift (woman_id, response_id, place, lifted_on, pain, clinician_on, said_by, reason, lifted_by,
                  stored_at)
                values (#{l.womanId}, #{l.responseId}, #{l.place}, #{l.on}, #{l.pain}, #{l.clinicianOn}, #{l.said.saidBy},
                  #{l.said.reason}, #{by}, #{at})
                """)
        void insert(@Param("l") PainLifted lifted, @Param("by") long byAccount, @Param("at") Instant at);
    }
}
