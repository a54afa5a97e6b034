package openbloom.app.share;

import java.util.Locale;
import java.util.Optional;
import openbloom.app.api.fhir.FhirText.FhirFormat;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.core.Enums;
import openbloom.core.letter.LetterKind;
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
    private final FhirRecords records;

    FhirShareController(FhirRecords records) {
        this.records = records;
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
        String bundle = records.written(me, woman, kind, wanted);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/fhir+" + format))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"fhir-" + woman.id() + "." + format + "\"")
                .body(bundle);
    }
}
