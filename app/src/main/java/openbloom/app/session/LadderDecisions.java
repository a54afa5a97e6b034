package openbloom.app.session;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import openbloom.core.moves.Strand;
import openbloom.core.progress.Decision;
import openbloom.core.record.LadderDecision;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;

/** Decisions about ladders, kept with the proposal they answer; none is ever changed. */
@Service
public class LadderDecisions {
    private final Rows rows;

    LadderDecisions(Rows rows) {
        this.rows = rows;
    }

    /**
     * A decision as its row holds it.
     *
     * @param step dose step she works at, 1 to 3
     * @param overruledBecause why something else than proposed; empty where the proposal was accepted
     */
    public record Made(
            long womanId,
            LocalDate on,
            String by,
            Strand strand,
            Decision proposed,
            int proposedRung,
            String reasons,
            int rung,
            int step,
            String overruledBecause) {
        /** As the rules read it. */
        public LadderDecision decision() {
            return new LadderDecision(on, strand, rung, step);
        }
    }

    /** Decisions of several women, oldest first; a row in words this version does not know is left out. */
    @SuppressWarnings("ConstantValue")
    public Map<Long, List<Made>> ofAll(List<Long> womanIds) {
        return womanIds.isEmpty()
                ? Map.of()
                : rows.of(womanIds).stream()
                        .filter(made -> made.strand() != null && made.proposed() != null)
                        .collect(Collectors.groupingBy(Made::womanId));
    }

    public void keep(Made made, long byAccount, Instant at) {
        rows.insert(made, byAccount, at);
    }

    /** The table. */
    @Mapper
    interface Rows {
        @Select("""
                <script>
                select woman_id, decided_on as "on", account.name as "by", strand, proposed, proposed_rung, reasons, rung,
                  dose_step as step, overruled_because
                from ladder_decision join account on account.id = decided_by
                where woman_id in <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach>
                order by ladder_decision.id
                </script>
                """)
        List<Made> of(@Param("ids") List<Long> womanIds);

        @Insert("""
                insert into ladder_decision (woman_id, decided_on, decided_by, stored_at, strand, proposed, proposed_rung,
                  reasons, rung, dose_step, overruled_because)
                values (#{m.womanId}, #{m.on}, #{by}, #{at}, #{m.strand}, #{m.proposed}, #{m.proposedRung}, #{m.reasons},
                  #{m.rung}, #{m.step}, #{m.overruledBecause})
                """)
        void insert(@Param("m") Made made, @Param("by") long byAccount, @Param("at") Instant at);
    }
}
