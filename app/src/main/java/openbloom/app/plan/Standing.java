package openbloom.app.plan;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.app.session.Response;
import openbloom.app.session.Told;
import openbloom.core.moves.Strand;

/**
 * Where she stands on each ladder, from what her taught sessions showed.
 *
 * @param rungs the highest rung done with nothing against it; a later doming takes it back
 * @param ceilings the rung below the last doming, until that rung has been done flat
 */
record Standing(Map<Strand, Integer> rungs, Map<Strand, Integer> ceilings) {
    private record Item(long session, int number) {}

    /** @param responses oldest first */
    static Standing after(List<Response> responses) {
        Map<Strand, Integer> rungs = new EnumMap<>(Strand.class);
        Map<Strand, Integer> ceilings = new EnumMap<>(Strand.class);
        Map<Item, List<Response>> items = responses.stream()
                .collect(Collectors.groupingBy(
                        response -> new Item(response.sessionId(), response.item()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        items.values().forEach(item -> weigh(item, rungs, ceilings));
        return new Standing(rungs, ceilings);
    }

    private static void weigh(List<Response> item, Map<Strand, Integer> rungs, Map<Strand, Integer> ceilings) {
        Set<Told> told = item.stream().map(Response::told).collect(Collectors.toSet());
        Strand strand = item.get(0).strand();
        int rung = item.get(0).rung();
        if (told.contains(Told.DOMED)) {
            ceilings.put(strand, rung - 1);
            rungs.computeIfPresent(strand, (any, done) -> Math.min(done, rung - 1));
        } else if (told.contains(Told.DONE) && told.stream().noneMatch(Told::isAgainst)) {
            rungs.merge(strand, rung, Math::max);
            ceilings.computeIfPresent(strand, (any, ceiling) -> rung > ceiling ? null : ceiling);
        }
    }
}
