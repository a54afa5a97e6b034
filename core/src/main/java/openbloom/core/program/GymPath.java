package openbloom.core.program;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.evidence.Source;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.Versions;

/** Her usual moves over the block: the version of today, and from which day it is another. */
final class GymPath {
    private static final int WEEK = 7;

    private GymPath() {}

    static Optional<Pathways.Path> of(Judgement today, List<String> usual) {
        List<Move> moves = usual.stream()
                .distinct()
                .flatMap(id -> today.catalogue().find(id).stream())
                .toList();
        if (moves.isEmpty()) {
            return Optional.empty();
        }
        LocalDate first = today.facts().day();
        LocalDate last = BlockPlanner.lastDay(today.facts());
        Map<String, String> before = new HashMap<>();
        List<Pathways.PathwayStep> steps = new ArrayList<>();
        for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(WEEK)) {
            Judgement then = day.equals(first) ? today : Projection.of(today, day);
            for (Move move : moves) {
                Verdict verdict = then.of(move);
                String version = version(verdict, then);
                if (!version.equals(before.put(move.id(), version))) {
                    String why = verdict.leading().map(Reason::fact).orElse("");
                    steps.add(Pathways.on(move.id() + " " + version, day, move.name() + ": " + version, why));
                }
            }
        }
        return Optional.of(new Pathways.Path(
                "gym", "Gym card for the block", "her usual exercises", steps, Source.COMMON_PRACTICE.key()));
    }

    private static String version(Verdict verdict, Judgement judgement) {
        return switch (verdict.kind()) {
            case GO -> "as she does it";
            case ADJUST ->
                verdict.adjustments().stream()
                        .sorted()
                        .map(change -> Versions.words(change, verdict.move(), judgement))
                        .collect(Collectors.joining("; "));
            case SWAP -> "instead " + verdict.swapTo().map(Move::name).orElse("nothing yet");
            case NOT_YET -> "not yet";
            case STOP -> "stop";
        };
    }
}
