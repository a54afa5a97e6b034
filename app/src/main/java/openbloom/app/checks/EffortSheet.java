package openbloom.app.checks;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.picture.EffortScale;
import openbloom.core.record.ImpactTests;
import openbloom.core.screening.EffortCheck;
import openbloom.core.screening.HeartRateZone;
import org.springframework.stereotype.Component;

/** Talk test, effort and heart rate, active straight leg raise, and the tests before impact. */
@Component
class EffortSheet implements SheetReader {
    private static final int HARDEST_RAISE = Published.STRAIGHT_LEG_RAISE_MAX.amount() / 2;

    static EffortCheck read(SheetAnswers answers) {
        return new EffortCheck(
                answers.told("talks"),
                answers.whole("exertion", EffortCheck.LEAST_EXERTION, EffortCheck.MOST_EXERTION),
                answers.whole("heartRate", EffortCheck.SLOWEST_HEART, EffortCheck.FASTEST_HEART));
    }

    /** Both legs together, 0 to 10; a sheet from before both sides were kept has the sum alone. */
    static Optional<Integer> straightLegRaise(SheetAnswers answers) {
        Optional<Integer> left = answers.whole("leftRaise", 0, HARDEST_RAISE);
        Optional<Integer> right = answers.whole("rightRaise", 0, HARDEST_RAISE);
        Optional<Integer> both = left.flatMap(one -> right.map(other -> one + other));
        return both.or(() -> answers.whole("raiseTotal", 0, Published.STRAIGHT_LEG_RAISE_MAX.amount()));
    }

    static ImpactTests tests(SheetAnswers answers, LocalDate checkedOn) {
        Set<ImpactTests.Test> passed = answers.choices("tests", ImpactTests.Test.class);
        return new ImpactTests(passed.isEmpty() ? Optional.empty() : Optional.of(checkedOn), passed);
    }

    @Override
    public SheetKind kind() {
        return SheetKind.EFFORT;
    }

    @Override
    public boolean examine(SheetAnswers answers, SheetContext beside) {
        EffortCheck effort = read(answers);
        Optional<Integer> raise = straightLegRaise(answers);
        boolean leftOnly = answers.text("leftRaise").isBlank()
                != answers.text("rightRaise").isBlank();
        if (leftOnly) {
            boolean leftMissing = answers.text("leftRaise").isBlank();
            answers.problems().refuse(leftMissing ? "leftRaise" : "rightRaise", "body.bothLegs");
        }
        return !effort.equals(EffortCheck.NOT_CHECKED)
                || raise.isPresent()
                || !tests(answers, beside.day()).passed().isEmpty();
    }

    @Override
    public SheetReader.SheetView view(SheetAnswers answers, SheetContext beside) {
        EffortCheck effort = read(answers);
        List<SheetReader.FindingLine> lines = new ArrayList<>();
        lines.add(new SheetReader.FindingLine("Effort", effortWords(effort)));
        effort.heartRate().ifPresent(bpm -> lines.add(heartRate(bpm, beside)));
        straightLegRaise(answers)
                .ifPresent(score -> lines.add(new SheetReader.FindingLine(
                        "Straight leg raise",
                        score + " of 10"
                                + (score >= Published.STRAIGHT_LEG_RAISE_LIMIT.amount()
                                        ? ": no single-leg load today"
                                        : ""))));
        ImpactTests tests = tests(answers, beside.day());
        if (!tests.passed().isEmpty()) {
            String missing =
                    tests.missing().stream().map(ImpactTests.Test::words).collect(Collectors.joining(", "));
            lines.add(new SheetReader.FindingLine(
                    "Before impact",
                    tests.allPassed() ? "all passed" : tests.passed().size() + " passed; still to do: " + missing));
        }
        return new SheetReader.SheetView(EffortScale.of(effort), lines);
    }

    private static String effortWords(EffortCheck effort) {
        if (effort.isTooHard()) {
            return "too hard: ease off until she can talk in full sentences, 13–14 of 20";
        }
        boolean known = effort.talks() == YesNoUnknown.YES || effort.exertion().isPresent();
        return known ? "right: she can talk, or works at 14 of 20 or less" : "not checked";
    }

    private static SheetReader.FindingLine heartRate(int bpm, SheetContext beside) {
        HeartRateZone zone = HeartRateZone.of(bpm, beside.ageYears());
        OptionalInt years = beside.ageYears();
        String age = years.isEmpty()
                ? " (year of birth not given: the lower row is used)"
                : years.getAsInt() == Published.HEART_RATE_OLDER_FROM.amount()
                        ? " (age 29 stands in neither row in print; the lower row is used)"
                        : "";
        String when = beside.pregnant() ? "" : " by the rows for pregnancy";
        return new SheetReader.FindingLine(
                "Heart rate", bpm + " a minute: " + zone.words() + when + age + ". The talk test comes first");
    }

    @Override
    public String words(SheetAnswers answers) {
        EffortCheck effort = read(answers);
        List<String> parts = new ArrayList<>();
        if (effort.talks() != YesNoUnknown.UNKNOWN) {
            parts.add(effort.talks() == YesNoUnknown.YES ? "talks while working" : "cannot talk while working");
        }
        effort.exertion().ifPresent(score -> parts.add("effort " + score + " of 20"));
        effort.heartRate().ifPresent(bpm -> parts.add(bpm + " beats a minute"));
        straightLegRaise(answers).ifPresent(score -> parts.add("straight leg raise " + score + " of 10"));
        int passed = tests(answers, LocalDate.EPOCH).passed().size();
        if (passed > 0) {
            parts.add("return tests " + passed + " of " + ImpactTests.Test.values().length);
        }
        return String.join("; ", parts);
    }
}
