package openbloom.app.share;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import openbloom.app.api.fhir.FhirSubject;
import openbloom.app.api.fhir.FhirText;
import openbloom.app.api.fhir.FhirText.FhirFormat;
import openbloom.app.api.fhir.FhirWriter;
import openbloom.app.people.Woman;
import openbloom.app.session.SessionDocument;
import openbloom.app.session.Sessions;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.Enums;
import openbloom.core.letter.LetterKind;
import openbloom.core.review.GoalOutcome;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** Her record for other systems: a collection, or a letter with what it rests on. */
@Controller
@RequestMapping("/people/{womanId}/share")
class FhirShareController {
    private final LetterDrafts letters;
    private final Sessions sessions;
    private final StudioDay day;

    FhirShareController(LetterDrafts letters, Sessions sessions, StudioDay day) {
        this.letters = letters;
        this.sessions = sessions;
        this.day = day;
    }

    @GetMapping("/fhir.{format:json|xml}")
    ResponseEntity<String> written(
            @AuthenticationPrincipal SignedIn me,
            Woman woman,
            @PathVariable String format,
            @RequestParam(defaultValue = "") String letter) {
        Optional<LetterKind> kind = Enums.named(LetterKind.class, letter);
        if (kind.isEmpty() && !letter.isEmpty()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        FhirFormat wanted = FhirFormat.valueOf(format.toUpperCase(Locale.ROOT));
        String bundle = FhirText.write(FhirWriter.write(subject(me, woman, kind)), wanted);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/fhir+" + format))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"fhir-" + woman.id() + "." + format + "\"")
                .body(bundle);
    }

    private FhirSubject subject(SignedIn me, Woman woman, Optional<LetterKind> kind) {
        LocalDate today = day.today(me);
        LetterDrafts.Known known = letters.known(me, woman, today);
        return new FhirSubject(
                me.studioId() + " " + woman.id(),
                Optional.of(woman.name()),
                Optional.ofNullable(woman.about().birthYear()),
                Optional.of(
                        new FhirSubject.Author(me.account().name(), me.studio().name())),
                today,
                day.instant(),
                known.facts().now().facts().client(),
                known.facts().gap().now(),
                known.facts().done().aims().stream().map(GoalOutcome::aim).toList(),
                doing(woman),
                kind.map(known::letter));
    }

    /** Exercises of her latest session, each once. */
    private List<String> doing(Woman woman) {
        return sessions
                .latest(woman.id())
                .flatMap(id -> sessions.find(woman, id))
                .map(Sessions.ComposedFor::plan)
                .map(SessionDocument::rows)
                .orElse(List.of())
                .stream()
                .map(row -> row.item().name())
                .distinct()
                .toList();
    }
}
