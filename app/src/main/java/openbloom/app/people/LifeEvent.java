package openbloom.app.people;

import java.time.LocalDate;

/**
 * Something that moved her from one time of her life to another; never changed afterwards.
 *
 * @param words what was known before, such as the due date of the pregnancy that ended
 */
public record LifeEvent(long id, long womanId, LifeEventKind kind, LocalDate happenedOn, String words, String toldBy) {
    /** What happened. */
    public enum LifeEventKind {
        BIRTH("Birth recorded"),
        PREGNANCY_CLOSED("Pregnancy closed");

        private final String words;

        LifeEventKind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
