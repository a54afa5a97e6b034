package openbloom.core.verdict;

import static openbloom.core.evidence.Published.*;

import java.time.LocalDate;
import java.util.Optional;
import openbloom.core.evidence.Published;
import openbloom.core.gap.GapCheck;
import openbloom.core.record.Client;
import openbloom.core.stage.Birth;

/**
 * When her checks are due.
 *
 * @see CheckWindow
 */
public final class CheckSchedule {
    private CheckSchedule() {}

    /**
     * When the gap is to be looked at next: about a week after the last check, and never before a head lift may be asked
     * of her after a birth; in pregnancy every four weeks, for doming, and not from 28 weeks: then it is empty.
     */
    public static Optional<LocalDate> gapCheckDue(Facts facts) {
        Client client = facts.client();
        LocalDate day = facts.day();
        Optional<LocalDate> last = client.checks().gap().map(GapCheck::date);
        if (facts.isPregnant()) {
            return last.map(on -> on.plusDays(Published.GAP_RECHECK_PREGNANT.days()))
                    .or(() -> Optional.of(day))
                    .map(next -> next.isBefore(day) ? day : next)
                    .filter(next -> client.situation()
                            .pregnancy()
                            .flatMap(dating -> KnownFacts.ageIn(dating, next))
                            .filter(then -> then.isAtLeastWeeks(THIRD_TRIMESTER.amount()))
                            .isEmpty());
        }
        LocalDate next = client.checks().gap().map(GapCheck::nextDue).orElse(day);
        LocalDate earliest =
                facts.recentBirth().map(CheckSchedule::headLiftFrom).orElse(next);
        return Optional.of(next.isBefore(earliest) ? earliest : next);
    }

    static LocalDate headLiftFrom(Birth birth) {
        Published wait = birth.mayBeCaesarean() ? HEAD_LIFT_AFTER_CAESAREAN : HEAD_LIFT_AFTER_BIRTH;
        return birth.date().plusDays(wait.days());
    }
}
