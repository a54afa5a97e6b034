package openbloom.app.people;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What the day needs next for a woman; nothing is forced. */
public interface NextSteps {
    /** What is left of the day, the next step first; empty when the day is done or her record cannot be read. */
    List<NextStep> of(Woman woman, LocalDate today);

    /** The value of the button that saves and goes on. */
    String ON = "on";

    /**
     * Where saving leads: on to the next step, or back.
     *
     * @param then {@link #ON}, or anything else to stay
     * @param back below the woman's own address, where one stays or when nothing is left of the day
     */
    default String redirect(Woman woman, LocalDate today, @Nullable String then, String back) {
        Optional<NextStep> next = ON.equals(then) ? of(woman, today).stream().findFirst() : Optional.empty();
        return "redirect:/people/" + woman.id() + "/" + next.map(NextStep::path).orElse(back);
    }

    /**
     * A step.
     *
     * @param words what to do, as on a button
     * @param why why it is next
     * @param path below the woman's own address
     */
    record NextStep(String words, String why, String path) {}
}
