package openbloom.core.care;

import java.util.List;
import java.util.Optional;
import openbloom.core.YesNoUnknown;
import openbloom.core.stage.Birth;
import openbloom.core.verdict.Facts;

/**
 * A card for between the sessions (common practice, no source).
 *
 * @param stop when to stop, and whom to tell
 *
 * @see CareCards
 */
public record CareCard(String id, String title, Window window, List<String> lines, String stop) {
    public CareCard {
        lines = List.copyOf(lines);
    }

    /** Whom a card is for. */
    public enum CareWeeks {
        PREGNANT,
        AFTER_BIRTH,
        ALWAYS
    }

    /**
     * When a card is offered.
     *
     * @param from first day since the birth, and {@code to} the last
     * @param caesarean only after a caesarean
     * @param woundClosed only when somebody saw the wound closed
     */
    public record Window(CareWeeks when, int from, int to, boolean caesarean, boolean woundClosed) {
        boolean isOpen(Facts facts) {
            if (when == CareWeeks.ALWAYS) {
                return true;
            }
            if (when == CareWeeks.PREGNANT) {
                return facts.isPregnant();
            }
            Optional<Birth> birth = facts.client().situation().birth().filter(born -> !facts.isPregnant());
            return birth.filter(born -> born.daysOn(facts.day()) >= from && born.daysOn(facts.day()) <= to)
                    .filter(born -> !caesarean || born.isCaesarean())
                    .filter(born -> !woundClosed || born.woundClosed() == YesNoUnknown.YES)
                    .isPresent();
        }
    }
}
