package openbloom.app.people;

import java.time.LocalDate;
import java.util.List;

/** What the day needs next for a woman; nothing is forced. */
public interface NextSteps {
    /** What is left of the day, the next step first; empty when the day is done or her record cannot be read. */
    List<NextStep> of(Woman woman, LocalDate today);

    /**
     * A step.
     *
     * @param words what to do, as on a button
     * @param why why it is next
     * @param path below the woman's own address
     */
    record NextStep(String words, String why, String path) {}
}
