package openbloom.app.plan;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.app.checks.SheetFindings;
import openbloom.app.session.Response;
import openbloom.app.session.Told;
import openbloom.core.moves.Strand;
import openbloom.core.verdict.LoadCheck;

/**
 * Where she stands on each ladder, from what her taught sessions showed.
 *
 * @param rungs the highest rung done with nothing against it; a later doming takes it back, and where it hurt the rung
 *     below is the next
 * @param ceilings the rung below the last doming, until that rung has been done flat
 */
record Standing(Map<Strand, Integer> rungs, Map<Strand, Integer> ceilings) {
    /** A move in a session; both its sides together. */
    private record Item(long session, String move) {}

    /**
     * A load check counts from its day on: it sets ceiling and rung anew for the ladders it climbed, and sessions of the
     * same day and later move them on.
     *
     * @param responses oldest first
     * @param loads oldest first
     */
    static Standing after(List<Response> responses, List<SheetFindings.DatedLoad> loads) {
        Standing standing = new Standing(new EnumMap<>(Strand.class), new EnumMap<>(Strand.class));
        LocalDate from = LocalDate.MIN;
        for (SheetFindings.DatedLoad load : loads) {
            standing.weighAll(between(responses, from, load.on()));
            standing.take(load.check());
            from = load.on();
        }
        standing.weighAll(between(responses, from, LocalDate.MAX));
        return standing;
    }

    private static List<Response> between(List<Response> responses, LocalDate fromInclusive, LocalDate toExclusive) {
        return responses.stream()
                .filter(response ->
                        !response.on().isBefore(fromInclusive) && response.on().isBefore(toExclusive))
                .toList();
    }

    private void take(LoadCheck check) {
        check.climbs().keySet().forEach(ceilings::remove);
        rungs.putAll(check.rungs());
        ceilings.putAll(check.ceilings());
    }

    private void weighAll(List<Response> responses) {
        Map<Item, List<Response>> items = responses.stream()
                .collect(Collectors.groupingBy(
                        response -> new Item(response.sessionId(), response.moveId()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        items.values().forEach(item -> weigh(item, rungs, ceilings));
    }

    /** The worst answer of either side counts: one side going well takes back nothing the other side showed. */
    private static void weigh(List<Response> item, Map<Strand, Integer> rungs, Map<Strand, Integer> ceilings) {
        Set<Told> told = item.stream().map(Response::told).collect(Collectors.toSet());
        Strand strand = item.get(0).strand();
        int rung = item.get(0).rung();
        if (told.contains(Told.DOMED)) {
            ceilings.put(strand, rung - 1);
            rungs.computeIfPresent(strand, (any, done) -> Math.min(done, rung - 1));
        }
        if (told.contains(Told.HURT)) {
            int below = Math.max(0, rung - 2);
            rungs.merge(strand, below, (done, restart) -> Math.min(done, restart));
        }
        boolean finished = item.get(0).finished();
        if (finished && told.contains(Told.DONE) && told.stream().noneMatch(Told::isAgainst)) {
            rungs.merge(strand, rung, Math::max);
            ceilings.computeIfPresent(strand, (any, ceiling) -> rung > ceiling ? null : ceiling);
        }
    }
}
