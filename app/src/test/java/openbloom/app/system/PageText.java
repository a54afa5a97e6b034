package openbloom.app.system;

import java.util.Set;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.NodeVisitor;

/** What a page says, line by line: words, where links lead, what its fields hold, what its pictures are called. */
final class PageText implements NodeVisitor {
    private static final Set<String> IN_LINE = Set.of(
            "a",
            "abbr",
            "b",
            "button",
            "code",
            "em",
            "i",
            "input",
            "label",
            "mark",
            "option",
            "select",
            "small",
            "span",
            "strong",
            "sub",
            "sup",
            "textarea",
            "time",
            "tspan",
            "use");
    private static final Set<String> UNSEEN = Set.of("script", "style", "template", "defs");
    private static final int OPTIONS_TOLD = 12;

    private final StringBuilder lines = new StringBuilder();
    private int unseen;

    private PageText() {}

    static String of(String html) {
        Document page = Jsoup.parse(html);
        PageText text = new PageText();
        text.line();
        text.lines.append("# ").append(page.title());
        page.select(".strip, main").stream()
                .filter(part -> part.parents().stream()
                        .noneMatch(above -> above.normalName().equals("main")))
                .forEach(part -> part.traverse(text));
        if (page.selectFirst("main") == null) {
            page.body().traverse(text);
        }
        return text.lines
                .toString()
                .lines()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .collect(Collectors.joining("\n"));
    }

    private void line() {
        lines.append('\n');
    }

    private void say(String words) {
        if (unseen == 0 && !words.isBlank()) {
            lines.append(' ').append(words.strip().replaceAll("\\s+", " "));
        }
    }

    @Override
    public void head(Node node, int depth) {
        if (node instanceof TextNode text) {
            if (node.parent() instanceof Element parent && !parent.normalName().matches("option|textarea")) {
                say(text.text());
            }
            return;
        }
        if (!(node instanceof Element one)) {
            return;
        }
        if (UNSEEN.contains(one.normalName())) {
            unseen++;
        }
        if (!IN_LINE.contains(one.normalName())) {
            line();
        }
        say(one.hasAttr("aria-label") ? "{" + one.attr("aria-label") + "}" : "");
        say(one.hasAttr("title") ? "{" + one.attr("title") + "}" : "");
        switch (one.normalName()) {
            case "input" -> input(one);
            case "select" -> choice(one);
            case "textarea" ->
                say("[" + one.attr("name") + "=" + one.wholeText().strip() + "]");
            case "button" -> say(one.hasAttr("disabled") ? "<off:" : "<");
            case "details" -> say(one.hasAttr("open") ? "v" : ">");
            case "form" -> say("(" + one.attr("method") + " " + one.attr("action") + ")");
            default -> {
                // Says nothing by itself.
            }
        }
        say(one.hasAttr("aria-pressed") && one.attr("aria-pressed").equals("true") ? "pressed" : "");
        say(one.hasAttr("aria-current") ? "here" : "");
    }

    private void input(Element field) {
        String type = field.attr("type");
        String name = field.attr("name");
        if (type.equals("checkbox") || type.equals("radio")) {
            say((field.hasAttr("checked") ? "[x " : "[ ") + name + "=" + field.attr("value") + "]");
        } else if (!name.equals("formKey") && !name.equals("_csrf") && !type.equals("password")) {
            say("[" + name + "=" + field.attr("value") + (field.hasAttr("disabled") ? ", off]" : "]"));
        }
    }

    private void choice(Element field) {
        var options = field.select("option");
        Element chosen = field.select("option[selected]").first();
        String all = options.size() > OPTIONS_TOLD
                ? options.size() + " to choose from"
                : options.stream().map(Element::text).collect(Collectors.joining(" | "));
        say("[" + field.attr("name") + ": " + (chosen == null ? "" : chosen.text()) + " of " + all + "]");
    }

    @Override
    public void tail(Node node, int depth) {
        if (!(node instanceof Element one)) {
            return;
        }
        if (one.normalName().equals("a") && one.hasAttr("href")) {
            say("→" + one.attr("href"));
        } else if (one.normalName().equals("button")) {
            say((one.hasAttr("formaction") ? "→" + one.attr("formaction") : "") + ">");
        }
        if (UNSEEN.contains(one.normalName())) {
            unseen--;
        }
        if (!IN_LINE.contains(one.normalName())) {
            line();
        }
    }
}
