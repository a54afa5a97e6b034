package openbloom.core.verdict;

import java.util.Arrays;
import java.util.List;

/** The twelve questions on which practitioners differ. */
public enum Question {
    A1("When is a gap a separation?"),
    A2("Front supports with a gap?"),
    A3("Twisting with a gap?"),
    A4("The low back when lying?"),
    A5("Which cue family?"),
    A6("How strong is a pelvic floor lift?"),
    A7("Belly or ribs first?"),
    A8("On the back in pregnancy?"),
    A9("Inner-thigh squeeze?"),
    A10("First aim for the pelvic floor?"),
    A11("Rhythm?"),
    A12("Bridge?");

    private final String words;

    Question(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Its choices, the default first. */
    public List<Choice> choices() {
        return Arrays.stream(Choice.values())
                .filter(choice -> choice.question() == this)
                .toList();
    }

    public Choice usual() {
        return choices().get(0);
    }
}
