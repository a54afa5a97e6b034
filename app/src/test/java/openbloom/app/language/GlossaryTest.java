package openbloom.app.language;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;

/** The second table of the glossary says what nothing is called on a screen: read here, and looked for in every label. */
class GlossaryTest {
    private static final Path RESOURCES = Path.of("src/main/resources");
    private static final Pattern LITERAL = Pattern.compile("(?<!get\\()'([^'$]+)'");
    private static final Pattern TITLE = Pattern.compile("head\\('([^']+)'\\)");
    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/", Pattern.DOTALL);
    private static final Pattern QUOTED = Pattern.compile("\"(\\p{Lu}[^\"A-Z\\\\]*)\"");
    private static final String VERB_OF_A_BUTTON = "move";

    private static Set<String> banned() throws IOException {
        String glossary = Files.readString(Path.of("../docs/glossary.md"));
        return glossary.substring(glossary.indexOf("## Not as a label"))
                .lines()
                .filter(line -> line.startsWith("| ") && !line.startsWith("| instead of"))
                .map(line -> line.split("\\|")[1].trim().toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet());
    }

    /** What stands on a page by itself: text of an element, literals of what is put in its place, what a label says aloud. */
    private static List<String> labels(Path template) throws IOException {
        List<String> labels = new ArrayList<>();
        for (Element element : Jsoup.parse(Files.readString(template)).getAllElements()) {
            String own = element.hasAttr("th:text") ? "" : element.ownText();
            boolean isAct =
                    element.tagName().matches("button|summary") && own.trim().equalsIgnoreCase(VERB_OF_A_BUTTON);
            labels.add(isAct ? "" : own);
            Stream.of("th:text", "aria-label", "title", "placeholder", "alt")
                    .map(element::attr)
                    .forEach(value -> {
                        labels.add(value);
                        LITERAL.matcher(value).results().forEach(literal -> labels.add(literal.group(1)));
                    });
            TITLE.matcher(element.attr("th:replace")).results().forEach(title -> labels.add(title.group(1)));
        }
        return labels;
    }

    private static List<String> offending(List<String> labels, Set<String> banned) {
        return labels.stream()
                .map(label -> label.trim().replaceFirst("[:.]$", ""))
                .filter(label -> banned.contains(label.toLowerCase(Locale.ROOT)))
                .toList();
    }

    @Test
    void noLabelIsCalledWhatTheGlossaryCallsOtherwise() throws IOException {
        Set<String> banned = banned();
        assertThat(banned).contains("rung", "compose", "safe today?").hasSizeGreaterThan(25);
        try (Stream<Path> templates = Files.walk(RESOURCES.resolve("templates"))) {
            for (Path template :
                    templates.filter(file -> file.toString().endsWith(".html")).toList()) {
                assertThat(offending(labels(template), banned))
                        .as(template.toString())
                        .isEmpty();
            }
        }
        Properties messages = new Properties();
        try (Reader in = Files.newBufferedReader(RESOURCES.resolve("messages.properties"))) {
            messages.load(in);
        }
        assertThat(offending(messages.values().stream().map(Object::toString).toList(), banned))
                .isEmpty();
    }

    /** Labels that the code itself says: a whole text in quotation marks that begins like a label. */
    @Test
    void noLabelOfTheCodeIsCalledSoEither() throws IOException {
        Set<String> banned = banned();
        for (Path sources : List.of(Path.of("src/main/java"), Path.of("../core/src/main/java"))) {
            try (Stream<Path> files = Files.walk(sources)) {
                for (Path file :
                        files.filter(one -> one.toString().endsWith(".java")).toList()) {
                    List<String> said = QUOTED.matcher(
                                    COMMENT.matcher(Files.readString(file)).replaceAll(""))
                            .results()
                            .map(quoted -> quoted.group(1))
                            .toList();
                    assertThat(offending(said, banned)).as(file.toString()).isEmpty();
                }
            }
        }
    }
}
