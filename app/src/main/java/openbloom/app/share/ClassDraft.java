package openbloom.app.share;

import java.util.ArrayList;
import java.util.List;
import openbloom.app.classes.ClassPapers;
import openbloom.app.language.HerWords;

/** A class sheet as a draft: line by line what is called out, and who does it otherwise. */
final class ClassDraft {
    private ClassDraft() {}

    static Draft of(ClassPapers.PrintedSheet sheet, HerWords words) {
        List<Draft.DraftPart> parts = new ArrayList<>();
        parts.add(Draft.DraftPart.of(words.of("paper.class.women"), sheet.women()));
        sheet.lines().forEach(line -> {
            List<String> lines = new ArrayList<>(List.of(line.dose(), line.cue()));
            lines.addAll(line.otherwise());
            parts.add(new Draft.DraftPart(
                    line.number() + ". " + line.name(),
                    lines,
                    new Draft.Pictured(line.moveId(), false, "", line.name()),
                    List.of(),
                    Draft.Look.PLAIN));
        });
        if (!sheet.watch().isEmpty()) {
            parts.add(Draft.DraftPart.boxed(words.of("paper.class.watch"), sheet.watch()));
        }
        return new Draft(words.of("paper.class.title", sheet.name(), words.fullDay(sheet.on())), List.of(), parts);
    }
}
