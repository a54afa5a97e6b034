package openbloom.app.home;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.app.checks.SafetyRecord;
import openbloom.app.checks.SafetyService;
import openbloom.app.language.HerWords;
import openbloom.app.studio.Accounts;
import openbloom.app.studio.NumbersToCall;
import openbloom.core.screening.Urgency;
import openbloom.core.screening.WarningSign;
import org.springframework.stereotype.Component;

/** Warning signs in her words: what to do, and whom to call. */
@Component
public class HomeStops {
    private final SafetyService safety;
    private final Accounts accounts;

    HomeStops(SafetyService safety, Accounts accounts) {
        this.safety = safety;
        this.accounts = accounts;
    }

    /** What stops her, and what she does about it; empty where nothing does. */
    public Optional<HomeView.StopShown> standing(HomeVisitor her) {
        SafetyRecord record = safety.of(her.woman());
        if (record.stops().isEmpty()) {
            return Optional.empty();
        }
        Set<WarningSign> signs = record.signs().keySet();
        HerWords words = her.words();
        String told = signs.stream()
                .filter(sign -> signs.size() == 1 || sign != WarningSign.NOT_SAID_WHICH)
                .map(sign -> words.of("sign", sign))
                .collect(Collectors.joining(", "));
        return Optional.of(new HomeView.StopShown(
                words.of("stop.named", told), toDo(her, signs), signs.equals(Set.of(WarningSign.NOT_SAID_WHICH))));
    }

    /** The most urgent advice of all signs, and whatever has words of its own, as the studio is told, too. */
    private List<String> toDo(HomeVisitor her, Set<WarningSign> signs) {
        return WarningSign.toActOn(signs).stream()
                .map(sign -> toDo(her, sign))
                .distinct()
                .toList();
    }

    /** Every sign she is asked about, each with what to do. */
    List<HomeView.SignChoice> choices(HomeVisitor her, boolean pregnant) {
        return WarningSign.askedOf(pregnant).stream()
                .map(sign -> new HomeView.SignChoice(sign.name(), her.words().of("sign", sign), toDo(her, sign)))
                .toList();
    }

    String toDo(HomeVisitor her, WarningSign sign) {
        Numbers numbers = numbers(her);
        return her.words()
                .own("sign.own", sign, ownNumber(sign, numbers), numbers.emergency())
                .orElseGet(() -> toDo(her, sign.urgency()));
    }

    private static String ownNumber(WarningSign sign, Numbers numbers) {
        return sign == WarningSign.NOT_SAID_WHICH ? numbers.maternity() : numbers.emergency();
    }

    private String toDo(HomeVisitor her, Urgency urgency) {
        Numbers numbers = numbers(her);
        return her.words()
                .of("urgency", urgency, urgency == Urgency.EMERGENCY ? numbers.emergency() : numbers.maternity());
    }

    /** Whom she calls: numbers, or in words where the studio has set none. */
    public record Numbers(String emergency, String maternity) {}

    public Numbers numbers(HomeVisitor her) {
        NumbersToCall kept = accounts.numbersOf(her.studio().id());
        return new Numbers(
                kept.emergencyNumber().isEmpty() ? her.words().of("stop.noNumber") : kept.emergencyNumber(),
                kept.maternityNumber().isEmpty() ? her.words().of("stop.noMaternity") : kept.maternityNumber());
    }

    /** Every sign she is asked about, by what to do. */
    public List<HomeView.SignGroup> all(HomeVisitor her) {
        Map<Urgency, List<WarningSign>> groups = WarningSign.askedOf(
                        her.woman().dating().isPresent())
                .stream()
                .collect(Collectors.groupingBy(WarningSign::urgency));
        Numbers numbers = numbers(her);
        return Arrays.stream(Urgency.values())
                .filter(groups::containsKey)
                .map(one -> new HomeView.SignGroup(
                        her.words()
                                .of(
                                        "stops.group",
                                        one,
                                        one == Urgency.EMERGENCY ? numbers.emergency() : numbers.maternity()),
                        groups.get(one).stream()
                                .map(sign -> her.words().of("sign", sign))
                                .toList()))
                .toList();
    }
}
