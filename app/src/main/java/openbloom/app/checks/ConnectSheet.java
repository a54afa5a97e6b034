package openbloom.app.checks;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.breath.ConnectFault;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.breath.CueFamily;
import openbloom.core.picture.ConnectSteps;
import org.springframework.stereotype.Component;

/** The connect check: which cue finds the deep layer, and in how many positions. */
@Component
class ConnectSheet implements SheetReader {
    static ConnectCheck read(SheetAnswers answers) {
        Map<CueFamily, Boolean> cues = answers.yesOrNo("cue", CueFamily.class);
        cues.keySet().retainAll(CueFamily.TRIED);
        return new ConnectCheck(
                cues,
                answers.yesOrNo("position", ConnectPosition.class),
                answers.choices("faults", ConnectFault.class));
    }

    @Override
    public SheetKind kind() {
        return SheetKind.CONNECT;
    }

    @Override
    public boolean examine(SheetAnswers answers, SheetContext beside) {
        return !read(answers).isEmpty();
    }

    @Override
    public SheetReader.SheetView view(SheetAnswers answers, SheetContext beside) {
        ConnectCheck check = read(answers);
        List<SheetReader.FindingLine> lines = new ArrayList<>();
        String cue = check.works()
                .map(CueFamily::words)
                .orElse(
                        check.cues().size() == CueFamily.TRIED.size()
                                ? "none of the six yet: change the position, or refer"
                                : "none found yet");
        lines.add(new SheetReader.FindingLine("Cue that works", cue));
        check.positionsFelt()
                .ifPresent(felt -> lines.add(new SheetReader.FindingLine(
                        "Felt in", felt + (felt == 1 ? " position" : " positions") + "; Strengthening asks for two")));
        check.next().ifPresent(position -> lines.add(new SheetReader.FindingLine("Try next", position.words())));
        check.faults().stream()
                .map(fault -> new SheetReader.FindingLine("Seen", fault.words()))
                .forEach(lines::add);
        return new SheetReader.SheetView(ConnectSteps.of(check), lines);
    }

    @Override
    public String words(SheetAnswers answers) {
        ConnectCheck check = read(answers);
        String cue = check.works().map(works -> "“" + works.words() + "” works").orElse("no cue works yet");
        String felt = check.positionsFelt()
                .map(positions -> "; felt in " + positions + (positions == 1 ? " position" : " positions"))
                .orElse("");
        String faults = check.faults().stream().map(ConnectFault::words).collect(Collectors.joining(", "));
        return cue + felt + (faults.isEmpty() ? "" : "; " + faults);
    }
}
