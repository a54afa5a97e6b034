package openbloom.app.checks;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.core.picture.SideBars;
import openbloom.core.screening.FeltIn;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.SideScore;
import openbloom.core.screening.SideTask;
import org.springframework.stereotype.Component;

/** The side-to-side check: the same task left and right. */
@Component
class SidesSheet implements SheetReader {
    private static final List<String> SIDES = List.of("left", "right");

    static SideCheck read(SheetAnswers answers) {
        Map<SideTask, SideCheck.BothSides> tasks = new EnumMap<>(SideTask.class);
        for (SideTask task : SideTask.values()) {
            Optional<SideScore> left = score(answers, task, "left");
            Optional<SideScore> right = score(answers, task, "right");
            if (left.isPresent() && right.isPresent()) {
                tasks.put(task, new SideCheck.BothSides(left.get(), right.get()));
            }
        }
        return SideCheck.of(tasks);
    }

    private static Optional<SideScore> score(SheetAnswers answers, SideTask task, String side) {
        Optional<Integer> control = answers.whole("control-" + task + "-" + side, 0, SideScore.BEST);
        Optional<Integer> smoothness = answers.whole("smoothness-" + task + "-" + side, 0, SideScore.BEST);
        FeltIn felt = answers.choice("felt-" + task + "-" + side, FeltIn.class).orElse(FeltIn.NOT_ASKED);
        return control.flatMap(steady -> smoothness.map(smooth -> new SideScore(steady, smooth, felt)));
    }

    @Override
    public SheetKind kind() {
        return SheetKind.SIDES;
    }

    @Override
    public boolean examine(SheetAnswers answers, SheetContext beside) {
        SideCheck check = read(answers);
        for (SideTask task : SideTask.values()) {
            boolean begun = SIDES.stream()
                    .flatMap(side -> Stream.of("control-" + task + "-" + side, "smoothness-" + task + "-" + side))
                    .anyMatch(field -> !answers.text(field).isBlank());
            if (begun && !check.tasks().containsKey(task)) {
                answers.problems().refuse("control-" + task + "-left", "sides.both");
            }
        }
        return !check.tasks().isEmpty();
    }

    @Override
    public SheetReader.SheetView view(SheetAnswers answers, SheetContext beside) {
        SideCheck check = read(answers);
        List<SheetReader.FindingLine> lines = new ArrayList<>();
        lines.add(new SheetReader.FindingLine("In all", check.weaker().words()));
        if (check.weaker().isOneSide()) {
            lines.add(new SheetReader.FindingLine("In sessions", "begin with that side and do no more on the other"));
        }
        check.tasks()
                .forEach((task, both) ->
                        elsewhere(both).forEach(where -> lines.add(new SheetReader.FindingLine(task.words(), where))));
        return new SheetReader.SheetView(SideBars.of(check), lines);
    }

    private static List<String> elsewhere(SideCheck.BothSides both) {
        List<String> told = new ArrayList<>();
        if (both.left().felt().isElsewhere()) {
            told.add("left felt in: " + both.left().felt().words());
        }
        if (both.right().felt().isElsewhere()) {
            told.add("right felt in: " + both.right().felt().words());
        }
        return told;
    }

    @Override
    public String words(SheetAnswers answers) {
        SideCheck check = read(answers);
        return check.weaker().words() + " in " + check.tasks().size()
                + (check.tasks().size() == 1 ? " task" : " tasks");
    }
}
