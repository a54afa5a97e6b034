package openbloom.app.api.fhir;

import java.util.Date;
import java.util.List;
import openbloom.core.letter.Letter;
import openbloom.core.letter.LetterSentence;
import org.hl7.fhir.r4.model.Bundle;
import org.hl7.fhir.r4.model.Composition;
import org.hl7.fhir.r4.model.Narrative;
import org.hl7.fhir.r4.model.Reference;
import org.springframework.web.util.HtmlUtils;

/** A letter as the first entry of a document: a section for each part, and one for what it rests on. */
final class FhirLetter {
    private static final String CONSULT_NOTE = "11488-4";

    private FhirLetter() {}

    /** @param found every other entry of the document */
    static Composition of(
            FhirSubject subject, Reference patient, Reference author, List<Bundle.BundleEntryComponent> found) {
        Letter letter = subject.letter().orElseThrow();
        Composition composition = new Composition();
        composition.setStatus(Composition.CompositionStatus.FINAL);
        composition.setType(FhirWriter.loinc(CONSULT_NOTE, "Consult note"));
        composition.setSubject(patient);
        composition.setDate(Date.from(subject.at()));
        composition.addAuthor(author);
        composition.setTitle(letter.subject());
        letter.parts().forEach(part -> {
            Composition.SectionComponent section = composition.addSection();
            section.setTitle(part.heading().isEmpty() ? "Signed" : part.heading());
            section.setText(narrative(part.sentences()));
        });
        Composition.SectionComponent data = composition.addSection();
        data.setTitle("What it rests on");
        found.stream()
                .filter(entry -> !entry.getFullUrl().equals(patient.getReference()))
                .forEach(entry -> data.addEntry(new Reference(entry.getFullUrl())));
        return composition;
    }

    private static Narrative narrative(List<LetterSentence> sentences) {
        StringBuilder text = new StringBuilder("<div xmlns=\"http://www.w3.org/1999/xhtml\">");
        sentences.forEach(sentence -> text.append("<p>")
                .append(HtmlUtils.htmlEscape(sentence.dated(), "UTF-8"))
                .append("</p>"));
        Narrative narrative = new Narrative();
        narrative.setStatus(Narrative.NarrativeStatus.GENERATED);
        narrative.setDivAsString(text.append("</div>").toString());
        return narrative;
    }
}
