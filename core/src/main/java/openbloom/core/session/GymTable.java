package openbloom.core.session;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import openbloom.core.Yaml;
import openbloom.core.dating.Trimester;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.DoseStage;
import openbloom.core.moves.Move;
import openbloom.core.progress.Loading;
import openbloom.core.stage.Gate;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.GymWomen;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Reason;
import openbloom.core.verdict.Verdict;

/**
 * The movements of the gym on one page for a coach: for each the hardest version that is open at a stage, how it is changed, why
 * not a harder one, and how heavy and how hard it may be.
 *
 * @param columns from early pregnancy to a year after a birth, or one for one woman
 * @param rows a movement each
 * @see Loading
 * @see GymWomen
 */
public record GymTable(List<GymColumn> columns, List<GymRow> rows) {
    private static final String FILE = "/openbloom/flows/gym.yaml";

    public GymTable {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /**
     * A stage, or one woman today.
     *
     * @param share of the load she usually trained with before, at most, in per cent
     * @param reserve repetitions left in reserve in each set
     */
    public record GymColumn(String name, int share, int reserve) {
        static GymColumn of(String name, Judgement judgement) {
            DoseStage stage = judgement.facts().doseStage();
            int trimester = judgement
                    .facts()
                    .age()
                    .map(age -> Trimester.at(age).number())
                    .orElse(0);
            return new GymColumn(
                    name,
                    Loading.share(stage, trimester).amount(),
                    Loading.reserve(stage).amount());
        }
    }

    /** A movement with what is open of it in each column. */
    public record GymRow(String movement, List<GymCell> cells) {
        public GymRow {
            cells = List.copyOf(cells);
        }
    }

    /**
     * What is open of a movement.
     *
     * @param version the hardest that passes; empty where none does
     * @param changes how it is changed
     * @param harder what the next harder one is refused for, or the gentlest where none passes; empty where the hardest is open
     */
    public record GymCell(Optional<Move> version, List<Adjustment> changes, Optional<Verdict> harder) {
        public GymCell {
            changes = List.copyOf(changes);
        }

        /** The rule that passes over the harder one, true of every woman of that stage; empty where the hardest is open. */
        public Optional<String> note() {
            return harder.map(verdict ->
                    verdict.leading().map(reason -> reason.rule().instructor()).orElseGet(() -> need(verdict)));
        }

        /** Why not the harder one with what is on file of this woman: {@code not Box jump: needs …; so far: 8 of 12 weeks}. */
        public String reason() {
            return harder.map(verdict -> "not " + verdict.move().teaching().shortName() + ": " + need(verdict))
                    .orElse("");
        }

        private static String need(Verdict verdict) {
            return verdict.gates().stream()
                    .filter(gate -> !gate.met())
                    .findFirst()
                    .map(Gate::words)
                    .or(() -> verdict.leading().map(Reason::fact))
                    .orElse("not for her now");
        }
    }

    /** A movement as it stands in the file. */
    private record GymMovement(String name, List<String> versions) {}

    private record GymFile(List<GymMovement> movements) {}

    /** For a coach: women of each stage of whom nothing speaks against lifting. */
    public static GymTable of(Catalogue catalogue) {
        List<GymWomen.GymWoman> women = GymWomen.all();
        List<Judgement> judgements = women.stream()
                .map(woman -> Judgement.of(catalogue, woman.client(), GymWomen.day()))
                .toList();
        List<GymColumn> columns = women.stream()
                .map(woman -> GymColumn.of(woman.name(), judgements.get(women.indexOf(woman))))
                .toList();
        return new GymTable(columns, rows(judgements));
    }

    /** For one woman on her day. */
    public static GymTable of(String name, Judgement judgement) {
        return new GymTable(List.of(GymColumn.of(name, judgement)), rows(List.of(judgement)));
    }

    /** Each rule once that passes over something, as it first comes. */
    public List<String> notes() {
        return rows.stream()
                .flatMap(row -> row.cells().stream())
                .flatMap(cell -> cell.note().stream())
                .distinct()
                .toList();
    }

    /** The ceiling by effort, the same for everybody. */
    public String effort() {
        return "For everybody: whole sentences between sets, the breath never held, effort "
                + Published.EXERTION_LEAST.amount() + " to " + Published.EXERTION_MOST.amount() + " of 20.";
    }

    private static List<GymRow> rows(List<Judgement> judgements) {
        return movements().stream()
                .map(movement -> new GymRow(
                        movement.name(),
                        judgements.stream()
                                .map(judgement -> cell(movement, judgement))
                                .toList()))
                .toList();
    }

    private static GymCell cell(GymMovement movement, Judgement judgement) {
        Optional<Verdict> harder = Optional.empty();
        for (String id : movement.versions()) {
            Verdict verdict = judgement.of(judgement.catalogue().get(id));
            if (verdict.passes()) {
                return new GymCell(
                        Optional.of(verdict.move()),
                        verdict.adjustments().stream().sorted().toList(),
                        harder);
            }
            harder = Optional.of(verdict);
        }
        return new GymCell(Optional.empty(), List.of(), harder);
    }

    private static List<GymMovement> movements() {
        try (InputStream in = Objects.requireNonNull(GymTable.class.getResourceAsStream(FILE), "No " + FILE)) {
            return Yaml.MAPPER.readValue(in.readAllBytes(), GymFile.class).movements();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
