package openbloom.app.checks;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.pelvicfloor.Area;
import openbloom.core.pelvicfloor.LeakageBand;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.pelvicfloor.ToneRule;
import openbloom.core.picture.PelvicFloorMap;
import openbloom.core.screening.Symptom;
import openbloom.core.verdict.CheckWindow;
import org.springframework.stereotype.Component;

/** The pelvic floor check, without internal examination: holds, flicks, letting go, sides, areas, faults, symptoms. */
@Component
class PelvicFloorSheet implements SheetReader {
    private static final int STRONGEST = 5;
    private static final String GAS = "gas escapes";

    /** The side that is weaker. */
    enum WeakerSideAnswer {
        LEFT_WEAKER,
        RIGHT_WEAKER,
        ALIKE
    }

    /** A fault seen while she lifts. */
    enum Fault {
        BEARING_DOWN("bears down"),
        BREATH_HELD("holds the breath"),
        BUTTOCKS("buttocks grip"),
        THIGHS("thighs grip"),
        NECK("neck grips");

        private final String words;

        Fault(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How she knows that she lets go. */
    enum KnownWhen {
        FELT,
        GUESSED
    }

    static PelvicFloorCheck read(SheetAnswers answers) {
        LettingGo lettingGo = lettingGo(answers);
        int seconds =
                answers.whole("holdSeconds", 0, PelvicFloorCheck.LONGEST_HOLD).orElse(0);
        int repetitions = answers.whole("holdRepetitions", 0, PelvicFloorCheck.MOST_REPETITIONS)
                .orElse(0);
        int flicks = answers.whole("flicks", 0, PelvicFloorCheck.MOST_FLICKS).orElse(0);
        return new PelvicFloorCheck(
                seconds,
                repetitions,
                flicks,
                lettingGo,
                tone(answers).tone(),
                answers.told("pain"),
                answers.told("fades"));
    }

    /** Ten gentle lifts that were counted say it; letting go that is only guessed counts as not known. */
    private static LettingGo lettingGo(SheetAnswers answers) {
        LettingGo told = answers.whole("letGoOfTen", 0, LettingGo.TEN)
                .map(LettingGo::ofTen)
                .or(() -> answers.choice("letsGo", LettingGo.class))
                .orElse(LettingGo.UNKNOWN);
        boolean guessed = answers.choice("known", KnownWhen.class)
                .filter(known -> known == KnownWhen.GUESSED)
                .isPresent();
        return told == LettingGo.FULL && guessed ? LettingGo.UNKNOWN : told;
    }

    /** By the rule, unless it was overruled; a sheet from before the rule has the tone as it was told. */
    private static ToneRule.ToneFound tone(SheetAnswers answers) {
        Optional<Tone> overruled = answers.choice("tone", Tone.class);
        if (overruled.isPresent()) {
            return new ToneRule.ToneFound(overruled.get(), "overruled: " + answers.text("toneReason"));
        }
        Optional<Tone> before = answers.choice("toneAsTold", Tone.class);
        return before.map(tone -> new ToneRule.ToneFound(tone, "as given"))
                .orElseGet(() -> ToneRule.of(new ToneRule.ToneAnswers(
                        answers.told("felt"),
                        YesNoUnknown.of(faults(answers).contains(Fault.BEARING_DOWN)),
                        answers.told("strains"),
                        answers.told("pain"),
                        lettingGo(answers),
                        answers.whole("holdSeconds", 0, PelvicFloorCheck.LONGEST_HOLD)
                                .orElse(0),
                        answers.whole("flicks", 0, PelvicFloorCheck.MOST_FLICKS).orElse(0))));
    }

    private static Set<Fault> faults(SheetAnswers answers) {
        return answers.choices("faults", Fault.class);
    }

    @Override
    public SheetKind kind() {
        return SheetKind.PELVIC_FLOOR;
    }

    @Override
    public boolean examine(SheetAnswers answers, SheetContext beside) {
        if (answers.choice("tone", Tone.class).isPresent()) {
            answers.problems().requiredText("toneReason", answers.text("toneReason"), 300);
        }
        Optional<LettingGo> counted =
                answers.whole("letGoOfTen", 0, LettingGo.TEN).map(LettingGo::ofTen);
        Optional<LettingGo> chosen = answers.choice("letsGo", LettingGo.class);
        if (counted.isPresent() && chosen.isPresent() && !counted.equals(chosen)) {
            answers.problems().refuse("letGoOfTen", "floor.letGo", counted.get().words());
        }
        CheckWindow.PelvicFloorWindow window = CheckWindow.floor(beside.facts());
        if (CheckWindow.isTooMuch(window, read(answers))) {
            answers.problems().refuse("holdSeconds", "floor.window", window.words());
        }
        answers.choice("side", WeakerSideAnswer.class);
        answers.choices("areas", Area.class);
        answers.whole("power", 0, STRONGEST);
        Optional<Integer> leakage = answers.whole("leakage", 0, LeakageBand.MOST);
        return !read(answers).equals(PelvicFloorCheck.NOT_CHECKED)
                || leakage.isPresent()
                || answers.told("felt") != YesNoUnknown.UNKNOWN
                || answers.told("gas") != YesNoUnknown.UNKNOWN
                || !faults(answers).isEmpty();
    }

    @Override
    public SheetReader.SheetView view(SheetAnswers answers, SheetContext beside) {
        PelvicFloorCheck check = read(answers);
        ToneRule.ToneFound tone = tone(answers);
        List<SheetReader.FindingLine> lines = new ArrayList<>();
        lines.add(new SheetReader.FindingLine("Her pelvic floor", tone.tone().words() + ", because " + tone.because()));
        Prescription practice = beside.facts().pelvicPractice(check);
        lines.add(new SheetReader.FindingLine("Practice", practice.words()));
        practice.reasons().stream()
                .limit(2)
                .forEach(why -> lines.add(new SheetReader.FindingLine("Because", why.words())));
        answers.whole("letGoOfTen", 0, LettingGo.TEN)
                .ifPresent(times ->
                        lines.add(new SheetReader.FindingLine("Letting go", times + " of 10 gentle lifts, fully")));
        symptoms(answers, beside).ifPresent(told -> lines.add(new SheetReader.FindingLine("Symptoms", told)));
        answers.whole("power", 0, STRONGEST)
                .ifPresent(grade ->
                        lines.add(new SheetReader.FindingLine("Power", grade + " of 5, as reported by a clinician")));
        answers.whole("leakage", 0, LeakageBand.MOST)
                .ifPresent(total -> lines.add(new SheetReader.FindingLine(
                        "Leakage", total + " of 21: " + LeakageBand.of(total).words())));
        faults(answers).forEach(fault -> lines.add(new SheetReader.FindingLine("Seen", fault.words())));
        return new SheetReader.SheetView(
                PelvicFloorMap.of(answers.choices("areas", Area.class), weaker(answers)), lines);
    }

    /** What she told in the last 14 days, and what only this check asks. */
    private static Optional<String> symptoms(SheetAnswers answers, SheetContext beside) {
        Stream<String> told = Symptom.OF_THE_PELVIC_FLOOR.stream()
                .filter(symptom -> beside.facts().client().safety().symptoms().has(symptom))
                .map(Symptom::words);
        Stream<String> here = answers.told("gas") == YesNoUnknown.YES ? Stream.of(GAS) : Stream.empty();
        return Optional.of(Stream.concat(told, here).collect(Collectors.joining(", ")))
                .filter(words -> !words.isEmpty());
    }

    static Set<Area> weaker(SheetAnswers answers) {
        return answers.choice("side", WeakerSideAnswer.class)
                .map(side -> switch (side) {
                    case LEFT_WEAKER -> EnumSet.of(Area.LEFT);
                    case RIGHT_WEAKER -> EnumSet.of(Area.RIGHT);
                    case ALIKE -> EnumSet.noneOf(Area.class);
                })
                .orElseGet(() -> EnumSet.noneOf(Area.class));
    }

    @Override
    public String words(SheetAnswers answers) {
        PelvicFloorCheck check = read(answers);
        List<String> parts = new ArrayList<>();
        parts.add(check.tone().words());
        if (check.holdSeconds() > 0) {
            parts.add("hold " + check.holdSeconds() + " s × " + check.holdRepetitions());
        }
        if (check.flicks() > 0) {
            parts.add(check.flicks() + " flicks");
        }
        boolean saidByTone = check.tone() == Tone.TIGHT && check.lettingGo() == LettingGo.ABSENT;
        if (check.lettingGo() != LettingGo.UNKNOWN && !saidByTone) {
            parts.add(check.lettingGo().words());
        }
        if (check.pain() == YesNoUnknown.YES) {
            parts.add("lifts hurt");
        }
        if (answers.told("strains") == YesNoUnknown.YES) {
            parts.add("pelvic pain or straining");
        }
        if (answers.told("gas") == YesNoUnknown.YES) {
            parts.add(GAS);
        }
        answers.choice("side", WeakerSideAnswer.class)
                .filter(side -> side != WeakerSideAnswer.ALIKE)
                .ifPresent(side -> parts.add(side == WeakerSideAnswer.LEFT_WEAKER ? "left weaker" : "right weaker"));
        answers.whole("leakage", 0, LeakageBand.MOST)
                .ifPresent(total -> parts.add(
                        "leakage " + total + " of 21, " + LeakageBand.of(total).words()));
        return String.join("; ", parts);
    }
}
