package openbloom.app.verdicts;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.app.moves.MoveFigures;
import openbloom.core.moves.Dose;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.stage.Gate;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;
import openbloom.core.verdict.Versions;

/** What she may do, strand by strand, as the page shows it. */
public record ExerciseCheckView(Map<VerdictKind, Integer> counts, List<Group> groups) {
    /** One strand. */
    public record Group(ExerciseGroup strand, List<VerdictRow> rows) {
        /** {@code 4 Go, 2 Adjust}. */
        public String said() {
            return Arrays.stream(VerdictKind.values())
                    .map(kind -> Map.entry(
                            kind,
                            rows.stream().filter(row -> row.kind() == kind).count()))
                    .filter(counted -> counted.getValue() > 0)
                    .map(counted -> counted.getValue() + " " + counted.getKey().words())
                    .collect(Collectors.joining(", "));
        }
    }

    /** One move with its verdict; {@code meanwhile} is what she may do instead of a move that is not yet hers. */
    public record VerdictRow(
            Move move,
            VerdictKind kind,
            String summary,
            Optional<Move> swapTo,
            Optional<Move> meanwhile,
            List<Gate> gates,
            List<Reason> reasons,
            ShownVerdict shown) {}

    /** @param version how her changes are asked for in the address of the figure */
    public record ShownVerdict(String dose, String version) {}

    static ExerciseCheckView of(Judgement judgement, Optional<VerdictKind> only) {
        List<Verdict> all = judgement.all();
        Map<VerdictKind, Integer> counts = new EnumMap<>(VerdictKind.class);
        Arrays.stream(VerdictKind.values()).forEach(kind -> counts.put(kind, 0));
        all.forEach(verdict -> counts.merge(verdict.kind(), 1, Integer::sum));
        List<Group> groups = Arrays.stream(ExerciseGroup.values())
                .map(strand -> new Group(
                        strand,
                        all.stream()
                                .filter(verdict -> verdict.move().strand() == strand)
                                .filter(verdict -> only.isEmpty() || only.get() == verdict.kind())
                                .map(verdict -> row(verdict, judgement))
                                .toList()))
                .filter(group -> !group.rows().isEmpty())
                .toList();
        return new ExerciseCheckView(counts, groups);
    }

    private static VerdictRow row(Verdict verdict, Judgement judgement) {
        Dose dose = verdict.move().doseAt(judgement.facts().doseStage());
        Optional<Move> meanwhile =
                verdict.kind() == VerdictKind.NOT_YET ? judgement.meanwhile(verdict.move()) : Optional.empty();
        return new VerdictRow(
                verdict.move(),
                verdict.kind(),
                summary(verdict, judgement),
                verdict.swapTo(),
                meanwhile,
                verdict.gates(),
                verdict.reasons(),
                new ShownVerdict(dose.words(), MoveFigures.address(verdict.adjustments())));
    }

    /** The gist in one line: how to adjust, what to do instead, what is missing, what stops her. */
    private static String summary(Verdict verdict, Judgement judgement) {
        return switch (verdict.kind()) {
            case GO -> "";
            case ADJUST ->
                String.join(
                        "; ",
                        verdict.adjustments().stream()
                                .sorted()
                                .map(change -> Versions.words(change, verdict.move(), judgement))
                                .toList());
            case SWAP ->
                verdict.swapTo().map(target -> "instead: " + target.name()).orElse("");
            case NOT_YET ->
                verdict.gates().stream()
                        .filter(gate -> !gate.met())
                        .findFirst()
                        .map(Gate::words)
                        .orElse("");
            case STOP -> verdict.leading().map(Reason::fact).orElse("");
        };
    }
}
