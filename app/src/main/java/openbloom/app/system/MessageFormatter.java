package openbloom.app.system;

import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import openbloom.core.Days;
import openbloom.core.Problem;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;

/** Turns problems into sentences of the messages file. */
@Component
public class MessageFormatter {
    private static final int LONGEST_QUOTE = 200;
    private final MessageSource messages;

    MessageFormatter(MessageSource messages) {
        this.messages = messages;
    }

    public String of(Problem problem) {
        Object[] words = problem.args().stream().map(MessageFormatter::words).toArray();
        return messages.getMessage(problem.key(), words, Locale.ENGLISH);
    }

    /** The first problem of each field, as it stands beside the field. */
    public Map<String, String> byField(Collection<Problem> problems) {
        Map<String, String> sentences = new LinkedHashMap<>();
        problems.forEach(problem -> sentences.putIfAbsent(problem.field(), of(problem)));
        return sentences;
    }

    private static Object words(Object value) {
        if (value instanceof LocalDate day) {
            return Days.words(day);
        }
        if (value instanceof Collection<?> choices) {
            return String.join(", ", choices.stream().map(Object::toString).toList());
        }
        if (value instanceof String text && text.length() > LONGEST_QUOTE) {
            return text.substring(0, LONGEST_QUOTE) + "…";
        }
        return value.toString();
    }
}
