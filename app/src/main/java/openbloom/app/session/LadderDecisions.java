package openbloom.app.session;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.progress.Decision;
import openbloom.core.progress.Proposal;
import openbloom.core.record.LadderDecision;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;

/** Decisions about ladders, kept with the proposal they answer; none is ever changed. */
@Service
public class LadderDecisions {
    private static final int LONGEST_REASONS = 600;

    private final LadderDecisionMapper rows;

    LadderDecisions(LadderDecisionMapper rows) {
        this.rows = rows;
    }

    /** A decision as its row holds it; number 0 until it is kept. */
    public record DecisionMade(
            long id,
            long womanId,
            LocalDate on,
            String by,
            ExerciseGroup strand,
            ProposedDecision proposed,
            ChosenDecision chosen) {
        /** As the rules read it; a stop sets no rung: what it holds stands in what was noted. */
        public Optional<LadderDecision> decision() {
            return proposed.decision() == Decision.STOP
                    ? Optional.empty()
                    : Optional.of(new LadderDecision(on, strand, chosen.rung(), chosen.step()));
        }
    }

    /** What was proposed and why. */
    public record ProposedDecision(Decision decision, int rung, String reasons) {
        public static ProposedDecision of(Proposal proposal) {
            String reasons = String.join("; ", proposal.reasons());
            return new ProposedDecision(
                    proposal.decision(),
                    proposal.rung(),
                    reasons.substring(0, Math.min(LONGEST_REASONS, reasons.length())));
        }
    }

    /**
     * What was chosen.
     *
     * @param step dose step she works at, 1 to 3
     * @param overruledBecause why something else than proposed; empty where the proposal was accepted
     */
    public record ChosenDecision(int rung, int step, String overruledBecause) {
        public static ChosenDecision as(Proposal proposal) {
            return new ChosenDecision(proposal.rung(), proposal.step(), "");
        }
    }

    /** Decisions of several women, oldest first; a row in words this version does not know is left out. */
    @SuppressWarnings("ConstantValue")
    public Map<Long, List<DecisionMade>> ofAll(List<Long> womanIds) {
        return womanIds.isEmpty()
                ? Map.of()
                : rows.of(womanIds).stream()
                        .filter(made -> made.strand() != null && made.proposed().decision() != null)
                        .collect(Collectors.groupingBy(DecisionMade::womanId));
    }

    public void keep(DecisionMade made, long byAccount, Instant at) {
        rows.insert(made, byAccount, at);
    }

    /** The table. */
    @Mapper
    interface LadderDecisionMapper {
        @ResultMap("made")
        @Select("""
                <script>
                select ladder_decision.id, woman_id, decided_on as "on", account.name as "by", strand, proposed, proposed_rung, reasons, rung,
                  dose_step as step, overruled_because
                from ladder_decision join account on account.id = decided_by
                where woman_id in <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach>
                order by ladder_decision.id
                </script>
                """)
        List<DecisionMade> of(@Param("ids") List<Long> womanIds);

        @Insert("""
                insert into ladder_decision (woman_id, decided_on, decided_by, stored_at, strand, proposed, proposed_rung,
                  reasons, rung, dose_step, overruled_because)
                values (#{m.womanId}, #{m.on}, #{by}, #{at}, #{m.strand}, #{m.proposed.decision},
                  #{m.proposed.rung}, #{m.proposed.reasons}, #{m.chosen.rung}, #{m.chosen.step},
                  #{m.chosen.overruledBecause})
                """)
        void insert(@Param("m") DecisionMade made, @Param("by") long byAccount, @Param("at") Instant at);
    }
}
