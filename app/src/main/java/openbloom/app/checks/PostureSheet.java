package openbloom.app.checks;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.picture.PostureLine;
import openbloom.core.screening.PostureCheck;
import openbloom.core.screening.PostureFinding;
import org.springframework.stereotype.Component;

/** The posture look: ear, ribs, pelvis, feet, sitting and low back, each as it should be or not. */
@Component
class PostureSheet implements SheetReader {
    /** A place that is looked at, and what may be seen there besides as it should be. */
    public enum PosturePlace {
        EAR("Ear, standing", "over the shoulder", PostureFinding.HEAD_FORWARD),
        RIBS("Ribs, standing", "over the pelvis", PostureFinding.RIBS_FORWARD),
        PELVIS("Pelvis, standing", "level", PostureFinding.PELVIS_TUCKED, PostureFinding.PELVIS_TIPPED),
        FEET("Feet", "weight in the middle", PostureFinding.WEIGHT_ON_THE_HEELS, PostureFinding.WEIGHT_ON_THE_TOES),
        SITTING("Sitting", "tall on the sitting bones", PostureFinding.SITS_SLUMPED),
        LOW_BACK("Low back, bending a little", "moves", PostureFinding.STIFF_LOW_BACK);

        private final String words;
        private final String asItShouldBe;
        private final List<PostureFinding> findings;

        PosturePlace(String words, String asItShouldBe, PostureFinding... findings) {
            this.words = words;
            this.asItShouldBe = asItShouldBe;
            this.findings = List.of(findings);
        }

        public String words() {
            return words;
        }

        /** Answers, each with its words: {@code FINE:over the shoulder}. */
        public List<String> answers() {
            return Stream.concat(
                            Stream.of(FINE + ":" + asItShouldBe),
                            findings.stream().map(finding -> finding + ":" + finding.words()))
                    .toList();
        }

        String field() {
            return "place-" + name();
        }
    }

    private static final String FINE = "FINE";

    static PostureCheck read(SheetAnswers answers) {
        Set<PostureFinding> found = EnumSet.noneOf(PostureFinding.class);
        boolean isLooked = false;
        for (PosturePlace place : PosturePlace.values()) {
            String told = answers.text(place.field());
            isLooked |= !told.isBlank();
            place.findings.stream()
                    .filter(finding -> finding.name().equals(told))
                    .forEach(found::add);
        }
        return isLooked ? PostureCheck.of(found) : PostureCheck.NOT_CHECKED;
    }

    @Override
    public SheetKind kind() {
        return SheetKind.POSTURE;
    }

    @Override
    public boolean examine(SheetAnswers answers, SheetContext beside) {
        for (PosturePlace place : PosturePlace.values()) {
            String told = answers.text(place.field());
            boolean isKnown = told.isBlank()
                    || told.equals(FINE)
                    || place.findings.stream()
                            .anyMatch(finding -> finding.name().equals(told));
            if (!isKnown) {
                answers.problems().refuse(place.field(), "typed.choice", told);
            }
        }
        return read(answers).isLooked();
    }

    @Override
    public SheetReader.SheetView view(SheetAnswers answers, SheetContext beside) {
        PostureCheck check = read(answers);
        String seen = check.found().isEmpty() ? "nothing that changes a session" : words(check);
        List<SheetReader.FindingLine> lines = check.found().isEmpty()
                ? List.of(new SheetReader.FindingLine("Seen", seen))
                : List.of(
                        new SheetReader.FindingLine("Seen", seen),
                        new SheetReader.FindingLine(
                                "Changes",
                                "a first exercise or one cue in her next sessions, said beside the exercise"));
        return new SheetReader.SheetView(PostureLine.of(check), lines);
    }

    @Override
    public String words(SheetAnswers answers) {
        PostureCheck check = read(answers);
        return check.found().isEmpty() ? "ear, ribs, pelvis and feet as they should be" : words(check);
    }

    private static String words(PostureCheck check) {
        return Arrays.stream(PostureFinding.values())
                .filter(check::has)
                .map(PostureFinding::words)
                .collect(Collectors.joining("; "));
    }
}
