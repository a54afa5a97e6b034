package openbloom.app.reasons;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.evidence.Source;
import openbloom.core.verdict.Rule;
import openbloom.core.verdict.RuleBook;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Every rule with its two sentences and its source, searchable. */
@Controller
class ReasonsController {
    @GetMapping("/reasons")
    String all(
            @RequestParam(defaultValue = "") String q,
            @RequestHeader(name = "HX-Request", required = false) boolean fragment,
            Model model) {
        String part = q.strip().toLowerCase(Locale.ROOT);
        Set<String> seen =
                new HashSet<>(RuleBook.rules().stream().map(Rule::code).toList());
        List<ReasonsChapter> chapters = RuleBook.chapters().stream()
                .map(chapter -> new ReasonsChapter(
                        chapter.title(),
                        chapter.rules().stream()
                                .filter(rule -> speaksOf(rule, part))
                                .map(rule -> new RuleLine(rule, newGroups(rule.code(), seen)))
                                .toList()))
                .filter(chapter -> !chapter.lines().isEmpty())
                .toList();
        model.addAttribute("q", q);
        model.addAttribute("chapters", chapters);
        model.addAttribute("lists", PublishedLists.all());
        model.addAttribute(
                "sources",
                Arrays.stream(Source.values())
                        .map(source -> new SourceLine(source, rulesOf(source)))
                        .filter(line -> line.speaksOf(part))
                        .toList());
        return fragment ? "reasons/list :: found" : "reasons/list";
    }

    /** A rule with the anchors of the groups that begin with it, so that {@code #PREG-SUP} leads to its first rule. */
    record RuleLine(Rule rule, List<String> anchors) {}

    /** Rules of one kind that speak of what is looked for. */
    record ReasonsChapter(String title, List<RuleLine> lines) {}

    /** {@code PREG} and {@code PREG-SUP} for {@code PREG-SUP-NONE}, each the first time it is met. */
    private static List<String> newGroups(String code, Set<String> seen) {
        List<String> groups = new ArrayList<>();
        for (int at = code.indexOf('-'); at > 0; at = code.indexOf('-', at + 1)) {
            String group = code.substring(0, at);
            if (seen.add(group)) {
                groups.add(group);
            }
        }
        return groups;
    }

    /** A source with the codes of the rules that rest on it. */
    record SourceLine(Source source, List<String> rules) {
        private boolean speaksOf(String part) {
            String numbers = source.numbers().stream()
                    .map(number -> number.amount() + " " + number.unit() + " " + number.meaning())
                    .collect(Collectors.joining(" "));
            String all = String.join(
                    " ",
                    source.key(),
                    source.citation(),
                    String.valueOf(source.year()),
                    source.supports(),
                    source.doesNotSay(),
                    numbers,
                    String.join(" ", rules));
            return all.toLowerCase(Locale.ROOT).contains(part);
        }
    }

    private static List<String> rulesOf(Source source) {
        return RuleBook.rules().stream()
                .filter(rule -> rule.source() == source)
                .map(Rule::code)
                .toList();
    }

    private static boolean speaksOf(Rule rule, String part) {
        String all = rule.code() + " " + rule.client() + " " + rule.instructor() + " "
                + rule.source().key() + " " + rule.source().citation() + " "
                + rule.question().map(asked -> asked + " " + asked.words()).orElse("");
        return all.toLowerCase(Locale.ROOT).contains(part);
    }
}
