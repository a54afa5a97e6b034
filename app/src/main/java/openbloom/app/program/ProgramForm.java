package openbloom.app.program;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.app.system.Columns;
import openbloom.app.system.Typed;
import openbloom.core.program.Aim;
import openbloom.core.program.Aims;
import openbloom.core.program.Rhythm;
import org.jspecify.annotations.Nullable;

/** What a program is to be made from, as it was typed. */
public record ProgramForm(
        @Nullable String aim1,
        @Nullable String aim2,
        @Nullable String aim3,
        @Nullable String wish,
        @Nullable String visitsPerWeek,
        @Nullable List<String> homeDays,
        @Nullable String homeMinutes) {
    private static final int MOST_HOME_MINUTES = 120;

    /** The suggested aims, two visits and three short days at home. */
    static ProgramForm suggested(List<Aims.Suggested> suggested) {
        List<String> aims = suggested.stream().map(told -> told.aim().name()).toList();
        return new ProgramForm(
                at(aims, 0), at(aims, 1), at(aims, 2), "", "2", List.of("TUESDAY", "THURSDAY", "SATURDAY"), "10");
    }

    /** As the last program was made. */
    static ProgramForm again(StoredProgram last) {
        List<Aim> aims = aimsOf(last);
        List<String> usual =
                aims.stream().filter(aim -> !aim.isWish()).map(Enum::name).toList();
        String wish =
                aims.stream().filter(Aim::isWish).map(Enum::name).findFirst().orElse("");
        List<String> days = Columns.known(last.homeDays(), DayOfWeek.class).stream()
                .map(Enum::name)
                .toList();
        return new ProgramForm(
                at(usual, 0),
                at(usual, 1),
                at(usual, 2),
                wish,
                Integer.toString(last.visitsPerWeek()),
                days,
                Integer.toString(last.homeMinutes()));
    }

    private static String at(List<String> words, int i) {
        return i < words.size() ? words.get(i) : "";
    }

    /** The aims of a kept program in their order; a word this version does not know is left out. */
    static List<Aim> aimsOf(StoredProgram last) {
        return Stream.of(last.aims().split(" "))
                .flatMap(
                        word -> Stream.of(Aim.values()).filter(aim -> aim.name().equals(word)))
                .toList();
    }

    List<Aim> aims(Typed typed) {
        return Stream.of(
                        typed.choice("aim1", aim1, Aim.class),
                        typed.choice("aim2", aim2, Aim.class),
                        typed.choice("aim3", aim3, Aim.class),
                        typed.choice("wish", wish, Aim.class))
                .flatMap(Optional::stream)
                .distinct()
                .toList();
    }

    Rhythm rhythm(Typed typed) {
        int visits = typed.requiredWhole("visitsPerWeek", visitsPerWeek, 0, 7).orElse(0);
        Set<DayOfWeek> days = typed.choices("homeDays", homeDays, DayOfWeek.class);
        int minutes =
                typed.whole("homeMinutes", homeMinutes, 0, MOST_HOME_MINUTES).orElse(0);
        if (!days.isEmpty() && minutes == 0 && typed.isClean()) {
            typed.refuse("homeMinutes", "program.homeMinutes");
        }
        return new Rhythm(visits, days, minutes, List.of());
    }

    public boolean isHome(String day) {
        return homeDays != null && homeDays.contains(day);
    }
}
