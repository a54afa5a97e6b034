package openbloom.app.share;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import openbloom.app.home.HomeLink;
import openbloom.app.home.HomeLinks;
import openbloom.app.language.HerLanguage;
import openbloom.app.language.HerWords;
import openbloom.app.moves.Catalogues;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormKeys;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.Enums;
import openbloom.core.moves.Move;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** What a woman takes away: her links, her language, paper, and her calendar. */
@Controller
@RequestMapping("/people/{womanId}/share")
class ShareController {

    private final HomeLinks links;
    private final HandOuts handOuts;
    private final LanguageChecks checks;
    private final Catalogues catalogues;
    private final FormPages forms;
    private final StudioDay day;

    ShareController(
            HomeLinks links,
            HandOuts handOuts,
            LanguageChecks checks,
            Catalogues catalogues,
            FormPages forms,
            StudioDay day) {
        this.links = links;
        this.handOuts = handOuts;
        this.checks = checks;
        this.catalogues = catalogues;
        this.forms = forms;
        this.day = day;
    }

    /** A link as it is listed. */
    record LinkRow(HomeLink link, boolean isOpen) {}

    @GetMapping
    ModelAndView show(@AuthenticationPrincipal SignedIn me, Woman woman) {
        return page(me, woman);
    }

    private ModelAndView page(SignedIn me, Woman woman) {
        HerLanguage language = links.page(woman.id()).language();
        return new ModelAndView("share/share")
                .addObject(
                        "links",
                        links.of(woman.id()).stream()
                                .map(link -> new LinkRow(link, link.isOpenOn(day.today(me))))
                                .toList())
                .addObject("languages", HerLanguage.values())
                .addObject("language", language)
                .addObject(
                        "unconfirmed",
                        language.isSecond()
                                && checks.latest(me.studioId(), language).isEmpty())
                .addObject("untold", untold(woman, language))
                .addObject(
                        "kinds",
                        Arrays.stream(HandOutKind.values())
                                .filter(kind -> kind.isHers() && kind.letter().isEmpty())
                                .toList())
                .addObject("given", handOuts.of(woman))
                .addObject("zone", me.zone());
    }

    /** The studio’s own exercises, which nobody has told in her language. */
    private List<String> untold(Woman woman, HerLanguage language) {
        HerWords words = HerWords.in(language);
        return catalogues.of(woman.studioId()).moves().stream()
                .filter(move -> !words.isTold(move))
                .map(Move::name)
                .toList();
    }

    @Idempotent
    @PostMapping("/links")
    String make(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @RequestParam(defaultValue = "HOME") String purpose,
            @RequestParam(defaultValue = "") String formKey,
            RedirectAttributes told) {
        HomeLink.LinkPurpose wanted =
                Enums.named(HomeLink.LinkPurpose.class, purpose).orElse(HomeLink.LinkPurpose.HOME);
        String token = links.make(woman, wanted, me.account(), day.today(me), formKey);
        String end = wanted == HomeLink.LinkPurpose.CALENDAR ? ".ics" : "";
        String address = here() + wanted.path() + token + end;
        told.addFlashAttribute("made", address);
        told.addFlashAttribute("madeCode", Papers.code(address));
        told.addFlashAttribute("madeFor", wanted.name());
        return Saved.address(toShare(woman), "saved.link");
    }

    private static String here() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }

    @PostMapping("/links/{linkId:\\d{1,18}}/take-back")
    String takeBack(Woman woman, @PathVariable long linkId) {
        links.takeBack(woman, linkId);
        return Saved.address(toShare(woman), "saved.linkEnded");
    }

    @PostMapping("/language")
    ModelAndView speak(
            @AuthenticationPrincipal SignedIn me, Woman woman, @RequestParam(defaultValue = "") String language) {
        FormReader typed = new FormReader();
        Optional<HerLanguage> chosen = Enums.named(HerLanguage.class, language);
        if (chosen.isEmpty()) {
            typed.refuse("language", "home.language");
            return forms.refused(page(me, woman), typed);
        }
        links.speak(woman.id(), chosen.get());
        return Saved.then(toShare(woman), "saved.language");
    }

    private static String toShare(Woman woman) {
        return "redirect:/people/" + woman.id() + "/share";
    }

    /** The draft, every word of which can be changed. */
    @GetMapping("/paper/{kind}")
    ModelAndView draft(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable String kind,
            @RequestParam(required = false) List<String> cards) {
        HandOutKind wanted = kindOf(kind);
        return draftPage(me, woman, wanted, handOuts.draft(me, woman, wanted, chosen(cards)), chosen(cards), Map.of());
    }

    private static List<String> chosen(List<String> cards) {
        return Objects.requireNonNullElse(cards, List.of());
    }

    private static HandOutKind kindOf(String typed) {
        return Enums.named(HandOutKind.class, typed)
                .filter(HandOutKind::isHers)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private ModelAndView draftPage(
            SignedIn me, Woman woman, HandOutKind kind, Draft draft, List<String> cards, Map<String, String> typed) {
        Map<String, Object> shown = new HashMap<>();
        shown.put("kind", kind);
        shown.put("draft", draft);
        shown.put("typed", typed);
        List<Drafts.CardChoice> offered = kind == HandOutKind.CARE ? handOuts.cards(me, woman) : List.of();
        shown.put("cards", offered);
        shown.put("chosen", cards.isEmpty() ? handOuts.usualCards(me, woman) : cards);
        shown.put("hw", handOuts.words(woman, kind));
        return new ModelAndView("share/draft", shown);
    }

    @PostMapping("/paper/{kind}")
    Object print(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable String kind,
            @RequestParam Map<String, String> typed,
            @RequestParam(required = false) List<String> cards,
            @RequestParam(defaultValue = "") String formKey) {
        HandOutKind wanted = kindOf(kind);
        Optional<Long> before = handOuts.madeFrom(me, formKey);
        if (before.isPresent()) {
            return "redirect:/people/" + woman.id() + "/share/given/" + before.get() + ".pdf";
        }
        HandOutForm form = new HandOutForm(typed);
        FormReader problems = new FormReader();
        Draft draft = handOuts.draft(me, woman, wanted, chosen(cards));
        Draft said = form.over(draft, problems);
        if (!FormKeys.isKey(formKey)) {
            problems.refuse("title", "handOut.key");
        }
        if (!problems.isClean()) {
            return forms.refused(draftPage(me, woman, wanted, draft, chosen(cards), typed), problems);
        }
        Optional<String> address =
                wanted == HandOutKind.HOME_PROGRAM && form.wantsCode() ? Optional.of(here()) : Optional.empty();
        return pdf(
                handOuts.make(me, woman, said, new HandOuts.Making(wanted, form.isLarge(), address, formKey)), wanted);
    }

    static ResponseEntity<byte[]> pdf(byte[] paper, HandOutKind kind) {
        String name = kind.words().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-");
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header("Content-Disposition", "inline; filename=\"" + name + ".pdf\"")
                .body(paper);
    }

    /** A paper as it was given out. */
    @GetMapping("/given/{id:\\d{1,18}}.pdf")
    ResponseEntity<byte[]> given(@AuthenticationPrincipal SignedIn me, Woman woman, @PathVariable long id) {
        return handOuts.pdf(me, woman.id(), id)
                .map(paper -> ResponseEntity.ok()
                        .contentType(MediaType.APPLICATION_PDF)
                        .body(paper))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
