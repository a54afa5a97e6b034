package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.stream.IntStream;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Position;
import openbloom.core.record.Goal;
import openbloom.core.session.CandidateScore;
import openbloom.core.session.LeftOut;
import openbloom.core.session.Part;
import openbloom.core.session.Session;
import openbloom.core.session.SessionItem;
import openbloom.core.session.SessionPart;
import openbloom.core.session.Side;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.VerdictKind;
import org.jspecify.annotations.Nullable;

/**
 * A composed session; the seconds of its items add up to its own.
 *
 * @param shape how its time is divided, in order
 * @param shortOf why less time was filled than was asked; absent where it was filled
 */
public record SessionResponse(
        int seconds,
        List<SessionItemResponse> items,
        int transitions,
        @JsonProperty("left_out") List<LeftOutResponse> leftOut,
        double score,
        String note,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String shortOf,
        List<PartResponse> shape) {
    private static final double QUARTERS = 4;

    /** A part of it: whom it serves, the share of the work in per cent that was meant for it, and the seconds it has. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record PartResponse(
            SessionPart.PartKind part,
            @Nullable Goal goal,
            @Nullable Integer percent,
            int seconds) {}

    private static List<PartResponse> shape(Session session) {
        List<Integer> seconds = session.secondsOfParts();
        return IntStream.range(0, seconds.size())
                .mapToObj(at -> {
                    SessionPart part = session.parts().get(at);
                    return new PartResponse(
                            part.kind(),
                            part.goal().orElse(null),
                            part.percent() == 0 ? null : part.percent(),
                            seconds.get(at));
                })
                .toList();
    }

    /** One item. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record SessionItemResponse(
            String move,
            VerdictKind verdict,
            List<Adjustment> adjustments,
            @JsonUnwrapped Amount amount,
            @JsonUnwrapped ItemPlace place,
            @JsonUnwrapped Times times,
            @JsonUnwrapped ItemTurn turn,
            CandidateScore wanted) {
        static SessionItemResponse of(SessionItem item, String remark, Judgement judgement) {
            return new SessionItemResponse(
                    item.move().id(),
                    item.verdict(),
                    item.adjustments().stream().sorted().toList(),
                    Amount.of(item.dose()),
                    new ItemPlace(
                            item.side() == Side.BOTH ? null : item.side(),
                            item.seconds(),
                            item.move().position()),
                    new Times(item.workSeconds(), item.setUpSeconds()),
                    new ItemTurn(
                            item.round() == 0 ? null : item.round(),
                            item.part(),
                            item.part() == Part.WORK && item.pick().isNew(),
                            judgement.cue(item.move()),
                            remark.isEmpty() ? null : remark),
                    item.pick().worth());
        }
    }

    /** How much of it; seconds of a hold or breaths only where it is counted in them. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Amount(
            int sets,
            int repetitions,
            @Nullable Integer holdSeconds,
            @Nullable Integer breaths) {
        static Amount of(Dose dose) {
            return new Amount(
                    dose.sets(),
                    dose.repetitions(),
                    dose.holdSeconds() == 0 ? null : dose.holdSeconds(),
                    dose.breaths() == 0 ? null : dose.breaths());
        }
    }

    /** On which side, how long with everything, and in which position. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record ItemPlace(@Nullable Side side, int seconds, Position position) {}

    /** Seconds of work, its rests with them, and of setting up. */
    public record Times(int workSeconds, int setUpSeconds) {}

    /**
     * Where in the session it stands.
     *
     * @param note what stands beside it: a lift before the effort and how often, a lighter set first
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record ItemTurn(
            @Nullable Integer round,
            Part part,
            boolean isNew,
            String cue,
            @Nullable String note) {}

    /** A move that is not in it, and why. */
    public record LeftOutResponse(String move, String reason) {
        static LeftOutResponse of(LeftOut left) {
            return new LeftOutResponse(left.move().id(), left.reason());
        }
    }

    static SessionResponse of(Session session, Judgement judgement) {
        return new SessionResponse(
                session.seconds(),
                IntStream.range(0, session.items().size())
                        .mapToObj(at -> SessionItemResponse.of(
                                session.items().get(at), session.remarks().get(at), judgement))
                        .toList(),
                session.transitions(),
                session.leftOut().stream().map(LeftOutResponse::of).toList(),
                session.score() / QUARTERS,
                session.note(),
                session.note().isEmpty() ? null : session.note(),
                shape(session));
    }
}
