package openbloom.app.share;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import openbloom.app.home.HomeLink;
import openbloom.app.home.HomeLinks;
import openbloom.app.home.HomeVisitor;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.OwnTransaction;
import openbloom.app.system.StudioDay;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Her calendar: as a file from her record, and as a feed under an address of its own. */
@Controller
class CalendarController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final Calendars calendars;
    private final HomeLinks links;
    private final StudioDay day;

    CalendarController(Calendars calendars, HomeLinks links, StudioDay day) {
        this.calendars = calendars;
        this.links = links;
        this.day = day;
    }

    @GetMapping("/people/{womanId}/share/calendar.ics")
    ResponseEntity<String> file(@AuthenticationPrincipal SignedIn me, Woman woman) {
        LocalDate today = day.today(me);
        HomeLink none =
                new HomeLink(0, woman.id(), HomeLink.LinkPurpose.CALENDAR, today, today, me.accountId(), null, null);
        HomeVisitor her = new HomeVisitor(none, woman, me.studio(), me.account(), links.page(woman.id()));
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header("Content-Disposition", "attachment; filename=\"calendar.ics\"")
                .body(calendars.of(her));
    }

    /** Asked for again and again by a calendar program; a wrong or ended address gets the plain page of all links. */
    @OwnTransaction
    @GetMapping("/calendar/{token:[A-Za-z0-9_-]+}.ics")
    Object feed(@PathVariable String token, HttpServletRequest request) {
        return links.open(HomeLink.LinkPurpose.CALENDAR, token, request.getRemoteAddr())
                .<Object>map(her -> ResponseEntity.ok()
                        .contentType(CALENDAR)
                        .cacheControl(CacheControl.noStore())
                        .body(calendars.of(her)))
                .orElseGet(HomeLinks::gone);
    }
}
