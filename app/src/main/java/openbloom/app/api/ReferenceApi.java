package openbloom.app.api;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import openbloom.app.moves.Grids;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.ConnectFault;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.breath.CueFamily;
import openbloom.core.evidence.Confidence;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.gap.Depth;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Position;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.progress.Decision;
import openbloom.core.progress.PerceivedEffort;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.ClinicalRestriction;
import openbloom.core.record.Falls;
import openbloom.core.record.Goal;
import openbloom.core.record.ImpactTests;
import openbloom.core.record.Question;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.SideTask;
import openbloom.core.screening.SurgeryKind;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.GateKind;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Grid;
import openbloom.core.verdict.Rule;
import openbloom.core.verdict.RuleBook;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The rules, the sources and the words of the interface. */
@RestController
@RequestMapping("/api/v1")
class ReferenceApi {
    private final Grids grids;

    ReferenceApi(Grids grids) {
        this.grids = grids;
    }

    /** One rule; {@code basis} is what a rule of practice rests on, {@code approach} the question it depends on, if any. */
    record RuleResponse(
            String code,
            String client,
            String instructor,
            String source,
            @Nullable String basis,
            @Nullable Question approach) {
        static RuleResponse of(Rule rule) {
            return new RuleResponse(
                    rule.code(),
                    rule.client(),
                    rule.instructor(),
                    rule.source().key(),
                    rule.basis().orElse(null),
                    rule.question().orElse(null));
        }
    }

    /** One source with the numbers taken from it. */
    record SourceResponse(
            String key,
            String citation,
            int year,
            Confidence confidence,
            String supports,
            String doesNotSay,
            List<NumberResponse> numbers) {
        static SourceResponse of(Source source) {
            return new SourceResponse(
                    source.key(),
                    source.citation(),
                    source.year(),
                    source.confidence(),
                    source.supports(),
                    source.doesNotSay(),
                    source.numbers().stream().map(NumberResponse::of).toList());
        }
    }

    /** One published number with its unit. */
    record NumberResponse(String id, int amount, String unit, String meaning) {
        static NumberResponse of(Published number) {
            return new NumberResponse(number.name(), number.amount(), number.unit(), number.meaning());
        }
    }

    /** One word of an enumeration. */
    record Word(String id, String words) {}

    /** Facts against demands; a cell that is absent is told of under {@code noLimit}. */
    record GridResponse(
            List<Grid.Fact> facts, List<Grid.GridCellKey> demands, List<Grid.Cell> cells, List<Grid.NoLimit> noLimit) {}

    @GetMapping("/grid")
    GridResponse grid() {
        Grid grid = grids.get();
        return new GridResponse(grid.facts(), grid.demands(), grid.cells(), grid.noLimit());
    }

    @GetMapping("/reasons")
    List<RuleResponse> reasons() {
        return RuleBook.rules().stream().map(RuleResponse::of).toList();
    }

    @GetMapping("/evidence")
    List<SourceResponse> evidence() {
        return Arrays.stream(Source.values()).map(SourceResponse::of).toList();
    }

    @GetMapping("/vocabulary")
    Map<String, Object> vocabulary() {
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("warningSigns", words(WarningSign.values(), WarningSign::words));
        words.put("conditions", words(Condition.values(), Condition::words));
        words.put("symptoms", words(Symptom.values(), Symptom::words));
        words.put("leaksWhen", words(LeakWhen.values(), LeakWhen::words));
        words.put("falls", words(Falls.values(), Falls::words));
        words.put("birthKinds", words(BirthKind.values(), BirthKind::words));
        words.put("equipment", words(Equipment.values(), Equipment::words));
        words.put("strands", words(ExerciseGroup.values(), ExerciseGroup::words));
        words.put("positions", words(Position.values(), Position::words));
        words.put("sites", words(Site.values(), Site::words));
        words.put("states", words(GapState.values(), GapState::words));
        words.put("depths", words(Depth.values(), Depth::words));
        words.put("tones", words(Tone.values(), Tone::words));
        words.put("breaths", words(BreathFinding.values(), BreathFinding::words));
        words.put("breathZones", words(BreathZone.values(), BreathZone::words));
        words.put("cues", words(CueFamily.FOUND.toArray(CueFamily[]::new), CueFamily::words));
        words.put("limits", words(ClinicalRestriction.values(), ClinicalRestriction::words));
        words.put("surgery", words(SurgeryKind.values(), SurgeryKind::words));
        words.put("connectPositions", words(ConnectPosition.values(), ConnectPosition::words));
        words.put("connectFaults", words(ConnectFault.values(), ConnectFault::words));
        words.put("sideTasks", words(SideTask.values(), SideTask::words));
        words.put("aims", words(Goal.values(), Goal::words));
        words.put("efforts", words(PerceivedEffort.values(), PerceivedEffort::words));
        words.put("decisions", words(Decision.values(), Decision::words));
        words.put("returnTests", words(ImpactTests.Test.values(), ImpactTests.Test::words));
        words.put("training", words(Training.values(), Training::words));
        words.put("adjustments", words(Adjustment.values(), Adjustment::words));
        words.put("gates", words(GateKind.values(), GateKind::words));
        Map<Question, List<Word>> approach = new LinkedHashMap<>();
        Arrays.stream(Question.values())
                .forEach(question -> approach.put(
                        question, words(question.choices().toArray(ApproachChoice[]::new), ApproachChoice::words)));
        words.put("approach", approach);
        return words;
    }

    private static <E extends Enum<E>> List<Word> words(E[] constants, Function<E, String> words) {
        return Arrays.stream(constants)
                .map(constant -> new Word(constant.name(), words.apply(constant)))
                .toList();
    }
}
