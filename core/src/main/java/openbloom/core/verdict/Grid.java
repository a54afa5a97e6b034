package openbloom.core.verdict;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.record.Client;

/**
 * Every fact against every demand, computed from the rule book: three neutral women (neither pregnant nor after a birth; 24 weeks;
 * ten weeks after a birth) are judged without a fact and with it on moves that make one demand each. Never written down a second
 * time: what changes is what the rules say.
 *
 * @see GridColumn
 * @see GridRow
 */
public final class Grid {
    private final List<Fact> facts;
    private final List<GridCellKey> demands;
    private final List<Cell> cells;
    private final List<NoLimit> noLimit;

    private Grid(List<Fact> facts, List<GridCellKey> demands, List<Cell> cells, List<NoLimit> noLimit) {
        this.facts = List.copyOf(facts);
        this.demands = List.copyOf(demands);
        this.cells = List.copyOf(cells);
        this.noLimit = List.copyOf(noLimit);
    }

    /**
     * A fact a woman may have.
     *
     * @param id as the API names it
     * @param words as they are said
     * @param group the heading it stands under
     */
    public record Fact(String id, String words, String group) {}

    /**
     * A demand a move may make.
     *
     * @param id as the API names it
     * @param words as they are said
     */
    public record GridCellKey(String id, String words) {}

    /**
     * What a fact changes where a move makes a demand: the strongest verdict of the three women.
     *
     * @param fact id of a {@link Fact}
     * @param demand id of a demand
     * @param verdict the strongest {@link VerdictKind}
     * @param adjustments asked for, empty unless adjusted
     * @param codes of the rules, see {@link Rule}
     */
    public record Cell(
            String fact, String demand, VerdictKind verdict, Set<Adjustment> adjustments, List<String> codes) {}

    /**
     * Why a fact changes nothing there; without a demand it speaks of all that are left in its row.
     *
     * @param fact id of a {@link Fact}
     * @param demand id of a demand, empty for all that are left
     * @param why in a sentence
     */
    public record NoLimit(String fact, Optional<String> demand, String why) {}

    public static Grid of(Catalogue catalogue) {
        List<GridColumn> columns = GridColumn.of(catalogue);
        List<GridRow> rows = GridRow.all();
        List<Cell> cells = new ArrayList<>();
        List<NoLimit> noLimit = new ArrayList<>();
        for (GridRow row : rows) {
            List<WithAndWithout> women = row.women().stream()
                    .map(pair -> new WithAndWithout(judged(catalogue, pair.without()), judged(catalogue, pair.with())))
                    .toList();
            for (GridColumn column : columns) {
                Cell cell = cell(row, column, women);
                if (cell.codes().isEmpty()) {
                    noLimit.add(new NoLimit(row.id(), Optional.of(column.id()), GridReasons.why(row, column)));
                } else {
                    cells.add(cell);
                }
            }
        }
        return new Grid(
                rows.stream()
                        .map(row -> new Fact(row.id(), row.words(), row.group()))
                        .toList(),
                columns.stream()
                        .map(column -> new GridCellKey(column.id(), column.words()))
                        .toList(),
                cells,
                noLimit);
    }

    private record WithAndWithout(Judgement without, Judgement with) {}

    private static Judgement judged(Catalogue catalogue, Client woman) {
        return Judgement.of(catalogue, woman, GridWomen.DAY);
    }

    private static Cell cell(GridRow row, GridColumn column, List<WithAndWithout> women) {
        VerdictKind strongest = VerdictKind.GO;
        Set<Adjustment> adjustments = EnumSet.noneOf(Adjustment.class);
        Set<String> codes = new LinkedHashSet<>();
        for (WithAndWithout both : women) {
            Move move = column.probe();
            Verdict before = both.without().own(move);
            Verdict after = both.with().own(move);
            boolean more =
                    after.kind() != before.kind() || !before.adjustments().containsAll(after.adjustments());
            List<String> speaking = after.reasons().stream()
                    .map(Reason::code)
                    .filter(code -> !before.hasReason(code))
                    .toList();
            if (more || !speaking.isEmpty()) {
                strongest = after.kind().isStrongerThan(strongest) ? after.kind() : strongest;
                after.adjustments().stream()
                        .filter(one -> !before.adjustments().contains(one))
                        .forEach(adjustments::add);
                codes.addAll(
                        speaking.isEmpty()
                                ? after.reasons().stream().map(Reason::code).toList()
                                : speaking);
            }
        }
        return new Cell(row.id(), column.id(), strongest, adjustments, List.copyOf(codes));
    }

    public List<Fact> facts() {
        return facts;
    }

    public List<GridCellKey> demands() {
        return demands;
    }

    public List<Cell> cells() {
        return cells;
    }

    public List<NoLimit> noLimit() {
        return noLimit;
    }

    /** Why a fact changes nothing for a demand; empty where it changes something. */
    public String whyNot(String fact, String demand) {
        return noLimit.stream()
                .filter(line -> line.fact().equals(fact)
                        && line.demand().filter(demand::equals).isPresent())
                .map(NoLimit::why)
                .findFirst()
                .orElse("");
    }

    public Optional<Cell> at(String fact, String demand) {
        return cells.stream()
                .filter(cell -> cell.fact().equals(fact) && cell.demand().equals(demand))
                .findFirst();
    }
}
