package openbloom.app.home;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import openbloom.app.moves.Catalogues;
import openbloom.app.moves.MoveFigures;
import openbloom.app.people.RecordReader;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.app.studio.Accounts;
import openbloom.app.system.FormKeys;
import openbloom.app.system.OwnTransaction;
import openbloom.app.system.StudioDay;
import openbloom.app.system.UnreadableRecord;
import openbloom.core.moves.Move;
import openbloom.core.record.Occasion;
import openbloom.core.record.PainSite;
import openbloom.core.session.Side;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;

/** Her own pages: whoever has the address has opened them; there is no account. */
@Controller
class HomeController {
    private static final Logger LOG = LoggerFactory.getLogger(HomeController.class);
    private static final MediaType PLAIN = new MediaType("text", "plain", StandardCharsets.UTF_8);

    private final HomeLinks links;
    private final HomePages pages;
    private final ScriptWords scriptWords;
    private final HomeAnswers answers;
    private final Sessions sessions;
    private final RecordReader records;
    private final Catalogues catalogues;
    private final MoveFigures figures;
    private final Accounts accounts;
    private final StudioDay day;
    private final String version;

    HomeController(
            HomeLinks links,
            HomePages pages,
            ScriptWords scriptWords,
            HomeAnswers answers,
            Sessions sessions,
            RecordReader records,
            Catalogues catalogues,
            MoveFigures figures,
            Accounts accounts,
            StudioDay day,
            @Value("${bloom.version}") String version) {
        this.accounts = accounts;
        this.version = version;
        this.links = links;
        this.pages = pages;
        this.scriptWords = scriptWords;
        this.answers = answers;
        this.sessions = sessions;
        this.records = records;
        this.catalogues = catalogues;
        this.figures = figures;
        this.day = day;
    }

    @OwnTransaction
    @GetMapping("/home/{token:[A-Za-z0-9_-]+}")
    ModelAndView open(@PathVariable String token, HttpServletRequest request) {
        return opened(token, request).map(her -> page(her, token, "")).orElseGet(HomeLinks::gone);
    }

    /** By the script of her page or by a form of it: then the page comes again. */
    @OwnTransaction
    @PostMapping("/home/{token:[A-Za-z0-9_-]+}")
    Object answer(@PathVariable String token, AnswerForm form, HttpServletRequest request) {
        Optional<HomeVisitor> her = opened(token, request);
        boolean isForm =
                Objects.toString(request.getHeader(HttpHeaders.ACCEPT), "").contains("text/html");
        if (her.isEmpty()) {
            return isForm ? HomeLinks.gone() : ResponseEntity.notFound().build();
        }
        Optional<String> refused = answers.keep(her.get(), form);
        if (isForm) {
            return refused.isEmpty()
                    ? new ModelAndView("redirect:/home/" + token)
                    : page(her.get(), token, refused.get());
        }
        return refused.map(why ->
                        ResponseEntity.unprocessableContent().contentType(PLAIN).body(why))
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    /** The steps of one of her exercises, of her week. */
    @OwnTransaction
    @GetMapping("/home/{token:[A-Za-z0-9_-]+}/figures/{session:\\d{1,18}}/{line:\\d{1,3}}")
    ResponseEntity<List<String>> figure(
            @PathVariable String token,
            @PathVariable long session,
            @PathVariable int line,
            HttpServletRequest request) {
        return opened(token, request)
                .flatMap(her -> sessions.find(her.woman(), session)
                        .filter(practice -> practice.stored().occasion() == Occasion.HOME)
                        .filter(practice -> line < practice.plan().items().size())
                        .flatMap(practice -> frames(her, practice, line)))
                .map(frames ->
                        ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(frames))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    private Optional<List<String>> frames(HomeVisitor her, Sessions.ComposedFor practice, int line) {
        SessionLine item = practice.plan().items().get(line);
        return catalogues
                .of(her.woman().studioId())
                .find(item.moveId())
                .map(move -> figures.frames(seen(her, move, item)));
    }

    private MoveFigures.FigureSeen seen(HomeVisitor her, Move move, SessionLine item) {
        return MoveFigures.FigureSeen.changed(
                records.clientOn(her.woman(), day.today(her)).bodyOn(day.today(her)),
                item.side() == Side.LEFT,
                move,
                MoveFigures.changesIn(item.version()),
                catalogues.of(her.woman().studioId()));
    }

    /** A record that cannot be read is no reason to practise, and none to name her. */
    @ExceptionHandler
    ModelAndView unreadable(UnreadableRecord broken) {
        LOG.error("A home page cannot be shown: {}", broken.getMessage(), broken.getCause());
        return HomeLinks.plain("broken", HttpStatus.UNPROCESSABLE_CONTENT);
    }

    private Optional<HomeVisitor> opened(String token, HttpServletRequest request) {
        return links.open(HomeLink.LinkPurpose.HOME, token, request.getRemoteAddr());
    }

    private ModelAndView page(HomeVisitor her, String token, String refused) {
        Map<String, Object> shown = new HashMap<>();
        shown.put("w", her.words());
        shown.put("lang", her.words().locale().getLanguage());
        shown.put("own", her.link().id());
        shown.put("at", "/home/" + token);
        shown.put("view", pages.of(her, token));
        shown.put("numbers", accounts.numbersOf(her.studio().id()));
        shown.put("version", version);
        shown.put("refused", refused);
        shown.put("places", PainSite.values());
        shown.put("stopsAbove", pages.stopsAbove());
        shown.put("say", scriptWords.of(her));
        shown.put("keys", new FormKeys());
        return new ModelAndView(
                "home/home", shown, refused.isEmpty() ? HttpStatus.OK : HttpStatus.UNPROCESSABLE_CONTENT);
    }
}
