package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;
import openbloom.core.verdict.Versions;
import org.jspecify.annotations.Nullable;

/** One verdict. */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record VerdictResponse(
        String move,
        VerdictKind verdict,
        List<Adjustment> adjustments,
        @Nullable String version,
        @Nullable String swapTo,
        List<GateResponse> gates,
        List<ReasonResponse> reasons) {
    /** One gate. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record GateResponse(
            GateKind gate,
            boolean met,
            String detail,
            @Nullable LocalDate earliestDate) {
        static GateResponse of(Gate gate) {
            return new GateResponse(
                    gate.kind(), gate.met(), gate.detail(), gate.earliestDate().orElse(null));
        }
    }

    /** One reason: its code, a sentence for each reader, the fact that triggered it, and its source. */
    public record ReasonResponse(
            String code, String client, String instructor, String fact, String source, Map<String, Object> evidence) {
        static ReasonResponse of(Reason reason) {
            return new ReasonResponse(
                    reason.code(),
                    reason.rule().client(),
                    reason.rule().instructor(),
                    reason.fact(),
                    reason.rule().source().key(),
                    EvidenceResponse.of(reason.evidence()));
        }
    }

    static VerdictResponse of(Verdict verdict, Catalogue catalogue) {
        return new VerdictResponse(
                verdict.move().id(),
                verdict.kind(),
                verdict.adjustments().stream().sorted().toList(),
                Versions.of(verdict, catalogue).map(Move::id).orElse(null),
                verdict.swapTo().map(Move::id).orElse(null),
                verdict.gates().stream().map(GateResponse::of).toList(),
                verdict.reasons().stream().map(ReasonResponse::of).toList());
    }
}
