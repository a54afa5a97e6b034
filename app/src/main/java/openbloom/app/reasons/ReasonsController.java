package openbloom.app.reasons;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
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
        List<Rule> rules =
                RuleBook.rules().stream().filter(rule -> speaksOf(rule, part)).toList();
        model.addAttribute("q", q);
        model.addAttribute("rules", rules);
        model.addAttribute("sources", Arrays.asList(Source.values()));
        return fragment ? "reasons/list :: found" : "reasons/list";
    }

    private static boolean speaksOf(Rule rule, String part) {
        String all = rule.code() + " " + rule.client() + " " + rule.instructor() + " "
                + rule.source().key() + " " + rule.source().citation();
        return all.toLowerCase(Locale.ROOT).contains(part);
    }
}
