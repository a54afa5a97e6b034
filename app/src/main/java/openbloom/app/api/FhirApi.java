package openbloom.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import openbloom.app.api.fhir.FhirRead;
import openbloom.app.api.fhir.FhirReader;
import openbloom.app.api.fhir.FhirSubject;
import openbloom.app.api.fhir.FhirText;
import openbloom.app.api.fhir.FhirText.FhirFormat;
import openbloom.app.api.fhir.FhirWriter;
import openbloom.app.moves.Catalogues;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.Outcome;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.letter.Letter;
import openbloom.core.letter.LetterFacts;
import openbloom.core.letter.LetterKind;
import openbloom.core.record.Client;
import openbloom.core.record.Goal;
import openbloom.core.review.ReviewPeriod;
import openbloom.core.verdict.Judgement;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A woman as a FHIR R4 bundle, and a bundle as a described woman. Nothing is kept by these calls. */
@RestController
@RequestMapping("/api/v1/fhir")
class FhirApi {
    private static final int LONGEST_NAME = 200;

    private final Catalogues catalogues;
    private final StudioDay day;
    private final JsonMapper withoutNulls;

    FhirApi(Catalogues catalogues, StudioDay day, JsonMapper json) {
        this.catalogues = catalogues;
        this.day = day;
        this.withoutNulls = json.rebuild()
                .changeDefaultPropertyInclusion(usual -> usual.withValueInclusion(JsonInclude.Include.NON_NULL))
                .build();
    }

    /**
     * What {@code POST /api/v1/fhir} takes.
     *
     * @param letter its kind; with one the answer is a document, without it a collection
     */
    record FhirRequest(
            @Nullable ClientRequest client,
            @Nullable LocalDate onDate,
            @Nullable String name,
            @Nullable Integer bornIn,
            @Nullable List<String> doing,
            @Nullable LetterKind letter) {}

    @PostMapping
    ResponseEntity<String> write(
            @AuthenticationPrincipal SignedIn me,
            @RequestBody FhirRequest request,
            @RequestHeader(name = HttpHeaders.ACCEPT, defaultValue = "") String accept) {
        JsonFieldReader reading = new JsonFieldReader();
        LocalDate on = reading.required("onDate", request.onDate()).orElse(LocalDate.EPOCH);
        if (request.name() != null && request.name().length() > LONGEST_NAME) {
            reading.refuse("name", "typed.long", LONGEST_NAME, request.name().length());
        }
        reading.orRefuse();
        Client client = ClientReader.read(request.client(), on, reading);
        FhirFormat format = accept.contains("xml") ? FhirFormat.XML : FhirFormat.JSON;
        String bundle = FhirText.write(FhirWriter.write(subject(me, request, client, on)), format);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(
                        format == FhirFormat.XML ? "application/fhir+xml" : "application/fhir+json"))
                .body(bundle);
    }

    private FhirSubject subject(SignedIn me, FhirRequest request, Client client, LocalDate on) {
        List<Goal> aims = request.client() == null || request.client().wishes().aims() == null
                ? List.of()
                : request.client().wishes().aims().stream()
                        .filter(Objects::nonNull)
                        .toList();
        Optional<Measured> gap = measured(request, client);
        Optional<Letter> letter = Optional.ofNullable(request.letter())
                .map(kind -> Letter.draft(
                        kind,
                        new LetterFacts(
                                me.account().name() + ", " + me.studio().name(),
                                Optional.ofNullable(request.name()).orElse("She"),
                                Optional.ofNullable(request.bornIn()),
                                Judgement.of(catalogues.of(me.studioId()), client, on),
                                new LetterFacts.GapFound(
                                        Optional.empty(),
                                        gap,
                                        ReviewPeriod.GapSeen.working(Optional.empty(), gap)
                                                .ofSite()),
                                new LetterFacts.FloorFound(Optional.empty(), Optional.empty()),
                                new LetterFacts.Done(on, 0, 0, List.of(), List.of()))));
        return new FhirSubject(
                client + " " + request.name(),
                Optional.ofNullable(request.name()),
                Optional.ofNullable(request.bornIn()),
                Optional.of(
                        new FhirSubject.Author(me.account().name(), me.studio().name())),
                on,
                day.instant(),
                client,
                gap,
                aims,
                request.doing() == null ? List.of() : request.doing(),
                letter);
    }

    /** With who measured and how, where that is told. */
    private static Optional<Measured> measured(FhirRequest request, Client client) {
        ClientRequest.GapTold told =
                request.client() == null ? null : request.client().checks().gap();
        if (told == null || told.method() == null || told.by() == null) {
            return Optional.empty();
        }
        Method method = told.method();
        return client.checks().gap().map(check -> new Measured(check, method, new Measured.Examiner(0, told.by())));
    }

    /** What {@code POST /api/v1/fhir/read} answers. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record FhirReadResponse(
            @Nullable String name,
            @Nullable Integer bornIn,
            List<String> read,
            List<String> notUnderstood,
            JsonNode client) {}

    @PostMapping("/read")
    FhirReadResponse read(@RequestBody String bundle) {
        JsonFieldReader reading = new JsonFieldReader();
        Outcome<FhirRead> read = FhirReader.read(bundle);
        reading.refuseAll(read.problems());
        reading.orRefuse();
        FhirRead said = read.value();
        return new FhirReadResponse(
                said.name().orElse(null),
                said.bornIn().orElse(null),
                said.read(),
                said.notUnderstood(),
                withoutNulls.valueToTree(said.client()));
    }
}
