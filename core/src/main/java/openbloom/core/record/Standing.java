package openbloom.core.record;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.moves.Strand;

/**
 * Where she stands on each ladder, from what her taught sessions showed.
 *
 * @param rungs the highest rung done with nothing against it; a later doming takes it back, and where it hurt the rung
 *     below is the next
 * @param ceilings the rung below the last doming, until that rung has been done flat
 * @param barCurves whether a bar was seen to travel round her bump
 * @param flat how far a load check showed a ladder flat, and on which day
 */
public record Standing(
        Map<Strand, Integer> rungs, Map<Strand, Integer> ceilings, Map<Strand, Flat> flat, boolean barCurves) {
    public Standing {
        rungs = Map.copyOf(rungs);
        ceilings = Map.copyOf(ceilings);
        flat = Map.copyOf(flat);
    }

    /** The highest rung a load check showed flat. */
    public record Flat(int rung, LocalDate on) {}

    /** A move in a session; both its sides together. */
    private record Item(long session, String move) {}

    /** Nothing is written down. */
    public static final Standing UNWRITTEN = new Standing(Map.of(), Map.of(), Map.of(), false);

    /**
     * A load check counts from its day on: it sets ceiling and rung anew for the ladders it climbed, and sessions of the
     * same day and later move them on.
     *
     * @param responses oldest first
     * @param loads oldest first
     */
    public static Standing after(List<Response> responses, List<DatedLoad> loads) {
        Climb climb = new Climb(new EnumMap<>(Strand.class), new EnumMap<>(Strand.class), new EnumMap<>(Strand.class));
        LocalDate from = LocalDate.MIN;
        for (DatedLoad load : loads) {
            climb.weighAll(between(responses, from, load.on()));
            climb.take(load);
            from = load.on();
        }
        climb.weighAll(between(responses, from, LocalDate.MAX));
        return new Standing(climb.rungs, climb.ceilings, climb.flat, false);
    }

    /** This standing where the other says nothing. */
    public Standing and(Standing seen) {
        return new Standing(
                laid(rungs, seen.rungs),
                laid(ceilings, seen.ceilings),
                laid(flat, seen.flat),
                barCurves || seen.barCurves);
    }

    private static <T> Map<Strand, T> laid(Map<Strand, T> below, Map<Strand, T> above) {
        Map<Strand, T> both = new EnumMap<>(Strand.class);
        both.putAll(below);
        both.putAll(above);
        return both;
    }

    private static List<Response> between(List<Response> responses, LocalDate fromInclusive, LocalDate toExclusive) {
        return responses.stream()
                .filter(response ->
                        !response.on().isBefore(fromInclusive) && response.on().isBefore(toExclusive))
                .toList();
    }

    /** The ladders while they are being climbed. */
    private record Climb(Map<Strand, Integer> rungs, Map<Strand, Integer> ceilings, Map<Strand, Flat> flat) {
        void take(DatedLoad load) {
            LoadCheck check = load.check();
            check.rungs().forEach((strand, rung) -> flat.put(strand, new Flat(rung, load.on())));
            check.climbs().keySet().forEach(ceilings::remove);
            rungs.putAll(check.rungs());
            ceilings.putAll(check.ceilings());
        }

        void weighAll(List<Response> responses) {
            Map<Item, List<Response>> items = responses.stream()
                    .collect(Collectors.groupingBy(
                            response -> new Item(response.session(), response.moveId()),
                            LinkedHashMap::new,
                            Collectors.toList()));
            items.values().forEach(item -> weigh(item, rungs, ceilings));
        }

        /** The worst answer of either side counts: one side going well takes back nothing the other side showed. */
        private static void weigh(List<Response> item, Map<Strand, Integer> rungs, Map<Strand, Integer> ceilings) {
            Set<Noted> told = item.stream().map(Response::noted).collect(Collectors.toSet());
            Strand strand = item.get(0).strand();
            int rung = item.get(0).rung();
            if (told.contains(Noted.DOMED)) {
                ceilings.put(strand, rung - 1);
                rungs.computeIfPresent(strand, (any, done) -> Math.min(done, rung - 1));
            }
            if (told.contains(Noted.HURT)) {
                int below = Math.max(0, rung - 2);
                rungs.merge(strand, below, (done, restart) -> Math.min(done, restart));
            }
            boolean finished = item.get(0).finished();
            if (finished && told.contains(Noted.DONE) && told.stream().noneMatch(Noted::isAgainst)) {
                rungs.merge(strand, rung, Math::max);
                ceilings.computeIfPresent(strand, (any, ceiling) -> rung > ceiling ? null : ceiling);
            }
        }
    }
}
