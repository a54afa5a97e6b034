package openbloom.app.reasons;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.app.moves.Grids;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Grid;
import openbloom.core.verdict.Rule;
import openbloom.core.verdict.RuleBook;
import openbloom.core.verdict.VerdictKind;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What each fact limits, demand by demand, and why it does not. */
@Controller
class GridController {
    private static final String FIRST_SHOWN = "CONDITION.OSTEOPOROSIS";

    private final Grids grids;

    GridController(Grids grids) {
        this.grids = grids;
    }

    /**
     * One cell in words.
     *
     * @param verdict null where nothing is limited
     */
    record GridLine(String what, @Nullable VerdictKind verdict, String changes, List<String> codes, String why) {}

    @GetMapping("/reasons/grid")
    String grid(
            @RequestParam(defaultValue = "") String fact, @RequestParam(defaultValue = "") String demand, Model model) {
        Grid grid = grids.get();
        Optional<Grid.GridCellKey> asked =
                grid.demands().stream().filter(one -> one.id().equals(demand)).findFirst();
        Optional<Grid.Fact> known = grid.facts().stream()
                .filter(one -> one.id().equals(asked.isPresent() || !fact.isEmpty() ? fact : FIRST_SHOWN))
                .findFirst();
        model.addAttribute("grid", grid);
        model.addAttribute(
                "groups",
                grid.facts().stream()
                        .collect(Collectors.groupingBy(Grid.Fact::group, LinkedHashMap::new, Collectors.toList())));
        model.addAttribute("fact", known.orElse(null));
        model.addAttribute("demand", asked.orElse(null));
        model.addAttribute("lines", lines(grid, known, asked));
        return "reasons/grid";
    }

    private static List<GridLine> lines(Grid grid, Optional<Grid.Fact> fact, Optional<Grid.GridCellKey> demand) {
        List<GridLine> lines = new ArrayList<>();
        for (Grid.Fact row : grid.facts()) {
            for (Grid.GridCellKey column : grid.demands()) {
                boolean inRow = fact.filter(row::equals).isPresent();
                boolean inColumn = demand.filter(column::equals).isPresent();
                if (fact.isPresent() && demand.isPresent() ? inRow && inColumn : inRow || inColumn) {
                    lines.add(line(grid, row, column, inColumn && !inRow ? row.words() : column.words()));
                }
            }
        }
        lines.sort((one, other) -> Boolean.compare(one.verdict() == null, other.verdict() == null));
        return lines;
    }

    /** What is changed; where nothing can be, what the first of its rules says. */
    private static String changes(Grid.Cell cell) {
        return cell.adjustments().isEmpty()
                ? RuleBook.find(cell.codes().get(0)).map(Rule::instructor).orElse("")
                : cell.adjustments().stream().sorted().map(Adjustment::words).collect(Collectors.joining("; "));
    }

    private static GridLine line(Grid grid, Grid.Fact row, Grid.GridCellKey column, String what) {
        return grid.at(row.id(), column.id())
                .map(cell -> new GridLine(what, cell.verdict(), changes(cell), cell.codes(), ""))
                .orElseGet(() -> new GridLine(what, null, "", List.of(), grid.whyNot(row.id(), column.id())));
    }
}
