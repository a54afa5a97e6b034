package openbloom.app.checks;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import openbloom.core.breath.BreathCheck;
import openbloom.core.breath.BreathFault;
import openbloom.core.breath.BreathPosition;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.Movement;
import openbloom.core.picture.RibSection;
import org.springframework.stereotype.Component;

/** The breath check: zones, faults and the position in which it spreads. */
@Component
class BreathSheet implements SheetReader {
    static BreathCheck read(SheetAnswers answers) {
        return new BreathCheck(
                answers.each("zone", BreathZone.class, Movement.class),
                answers.choices("faults", BreathFault.class),
                answers.yesOrNo("position", BreathPosition.class));
    }

    @Override
    public SheetKind kind() {
        return SheetKind.BREATH;
    }

    @Override
    public boolean examine(SheetAnswers answers, SheetContext beside) {
        return !read(answers).isEmpty();
    }

    @Override
    public SheetReader.SheetView view(SheetAnswers answers, SheetContext beside) {
        BreathCheck check = read(answers);
        List<SheetReader.FindingLine> lines = new ArrayList<>();
        lines.add(new SheetReader.FindingLine("Her breath", check.finding().words()));
        if (!check.lacking().isEmpty()) {
            String zones = check.lacking().stream().map(BreathZone::words).collect(Collectors.joining(", "));
            lines.add(new SheetReader.FindingLine("To reach", zones));
        }
        if (check.isLopsided()) {
            lines.add(new SheetReader.FindingLine(
                    "Left and right differ", "lie her on the fuller side, breathe into the upper ribs"));
        }
        check.works().ifPresent(position -> lines.add(new SheetReader.FindingLine("Works", position.words())));
        check.next().ifPresent(position -> lines.add(new SheetReader.FindingLine("Try next", position.words())));
        if (check.finding().pressesDown()) {
            lines.add(
                    new SheetReader.FindingLine("In sessions", "out-breath through every effort until this has gone"));
        } else if (check.finding().needsEvening()) {
            lines.add(new SheetReader.FindingLine("In sessions", "three even breaths before each loaded set"));
        }
        return new SheetReader.SheetView(RibSection.of(check.zones()), lines);
    }

    @Override
    public String words(SheetAnswers answers) {
        BreathCheck check = read(answers);
        String works =
                check.works().map(position -> "; works " + position.words()).orElse("");
        return check.finding().words() + works;
    }
}
