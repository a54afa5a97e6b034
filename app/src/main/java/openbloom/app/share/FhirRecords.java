package openbloom.app.share;

import java.time.LocalDate;
import java.util.List;
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
import openbloom.core.letter.LetterKind;
import openbloom.core.review.GoalOutcome;
import org.springframework.stereotype.Service;

/** A woman's record as a bundle for other systems. */
@Service
public class FhirRecords {
    private final LetterDrafts letters;
    private final Sessions sessions;
    private final StudioDay day;

    FhirRecords(LetterDrafts letters, Sessions sessions, StudioDay day) {
        this.letters = letters;
        this.sessions = sessions;
        this.day = day;
    }

    /** @param letter for a letter with what it rests on; a collection without one */
    public String written(SignedIn me, Woman woman, Optional<LetterKind> letter, FhirFormat format) {
        return FhirText.write(FhirWriter.write(subject(me, woman, letter)), format);
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
