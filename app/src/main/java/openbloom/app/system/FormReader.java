package openbloom.app.system;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.Problems;
import org.jspecify.annotations.Nullable;

/** Reads what was typed into a form and keeps every problem with the field it stands in. */
public final class FormReader {
    private static final Pattern WHOLE = Pattern.compile("\\d{1,9}");
    private final Problems problems = new Problems();

    public List<Problem> problems() {
        return problems.all();
    }

    public boolean isClean() {
        return problems.isClean();
    }

    public void refuse(String field, String key, Object... args) {
        problems.refuse(field, key, args);
    }

    public void refuseAll(List<Problem> more) {
        problems.refuseAll(more);
    }

    /** What was read if nothing was refused; otherwise everything that was. */
    public <T> Outcome<T> outcome(T read) {
        return problems.outcome(read);
    }

    /** A day as {@code 2026-11-24}; empty if nothing was typed. */
    public Optional<LocalDate> date(String field, @Nullable String typed) {
        if (isBlank(typed)) {
            return Optional.empty();
        }
        try {
            LocalDate day = LocalDate.parse(typed.strip());
            if (day.getYear() >= 1900 && day.getYear() <= 2200) {
                return Optional.of(day);
            }
        } catch (DateTimeParseException unreadable) {
            // told below, with every other day that makes no sense
        }
        refuse(field, "typed.date", typed);
        return Optional.empty();
    }

    /** A day up to today; empty if nothing was typed. */
    public Optional<LocalDate> pastDate(String field, @Nullable String typed, LocalDate today) {
        Optional<LocalDate> day = date(field, typed);
        if (day.filter(given -> given.isAfter(today)).isPresent()) {
            refuse(field, "typed.future", day.get());
            return Optional.empty();
        }
        return day;
    }

    /** A day that has to be there. */
    public Optional<LocalDate> requiredDate(String field, @Nullable String typed) {
        if (isBlank(typed)) {
            refuse(field, "typed.dateMissing");
        }
        return date(field, typed);
    }

    /** A whole number; empty if nothing was typed or it made no sense. */
    public Optional<Integer> whole(String field, @Nullable String typed, int least, int most) {
        if (isBlank(typed)) {
            return Optional.empty();
        }
        if (WHOLE.matcher(typed.strip()).matches()) {
            int number = Integer.parseInt(typed.strip());
            if (number >= least && number <= most) {
                return Optional.of(number);
            }
        }
        refuse(field, "typed.whole", least, most, typed);
        return Optional.empty();
    }

    public Optional<Integer> requiredWhole(String field, @Nullable String typed, int least, int most) {
        if (isBlank(typed)) {
            refuse(field, "typed.wholeMissing", least, most);
        }
        return whole(field, typed, least, most);
    }

    /** Text of at most so many characters, without the blanks around it. */
    public String text(String field, @Nullable String typed, int most) {
        String text = typed == null ? "" : typed.strip();
        if (text.length() > most) {
            refuse(field, "typed.long", most, text.length());
        }
        return text;
    }

    public String requiredText(String field, @Nullable String typed, int most) {
        if (isBlank(typed)) {
            refuse(field, "typed.missing");
        }
        return text(field, typed, most);
    }

    /** One of a fixed list; empty if nothing was chosen. */
    public <E extends Enum<E>> Optional<E> choice(String field, @Nullable String typed, Class<E> type) {
        if (isBlank(typed)) {
            return Optional.empty();
        }
        Optional<E> found = Arrays.stream(type.getEnumConstants())
                .filter(constant -> constant.name().equals(typed.strip()))
                .findFirst();
        if (found.isEmpty()) {
            refuse(field, "typed.choice", typed);
        }
        return found;
    }

    public <E extends Enum<E>> Optional<E> requiredChoice(String field, @Nullable String typed, Class<E> type) {
        if (isBlank(typed)) {
            refuse(field, "typed.choiceMissing");
        }
        return choice(field, typed, type);
    }

    public <E extends Enum<E>> Set<E> choices(String field, @Nullable List<String> typed, Class<E> type) {
        Set<E> chosen = EnumSet.noneOf(type);
        if (typed != null) {
            typed.forEach(one -> choice(field, one, type).ifPresent(chosen::add));
        }
        return chosen;
    }

    private static boolean isBlank(@Nullable String typed) {
        return typed == null || typed.isBlank();
    }
}
