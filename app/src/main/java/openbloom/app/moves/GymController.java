package openbloom.app.moves;

import java.time.LocalDate;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.session.GymTable;
import openbloom.core.session.Place;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The movements of the gym for a coach: by stage, and for one woman today. */
@Controller
class GymController {
    private final Catalogues catalogues;
    private final Judgements judgements;
    private final StudioDay day;

    GymController(Catalogues catalogues, Judgements judgements, StudioDay day) {
        this.catalogues = catalogues;
        this.judgements = judgements;
        this.day = day;
    }

    @GetMapping("/moves/gym")
    String byStage(@AuthenticationPrincipal SignedIn me, Model model) {
        model.addAttribute("table", GymTable.of(catalogues.of(me.studioId())));
        return "moves/gym";
    }

    @GetMapping("/people/{womanId}/gym")
    String forHer(@AuthenticationPrincipal SignedIn me, Woman woman, Model model) {
        LocalDate today = day.today(me);
        model.addAttribute("table", GymTable.of(woman.name(), judgements.of(woman, today, Place.STUDIO)));
        model.addAttribute("today", today);
        return "moves/gym";
    }
}
