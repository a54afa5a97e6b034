package openbloom.app.classes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.app.session.SessionDocument;
import openbloom.app.studio.SignedIn;
import openbloom.core.classes.TakesPart;
import org.springframework.stereotype.Component;

/** A class sheet as whoever prints it reads it: what is called out, and who does it otherwise. */
@Component
public class ClassPapers {
    private final Classes classes;
    private final ClassSheets sheets;

    ClassPapers(Classes classes, ClassSheets sheets) {
        this.classes = classes;
        this.sheets = sheets;
    }

    /** A sheet of a class. */
    public record PrintedSheet(
            String name, LocalDate on, List<String> women, List<SheetLine> lines, List<String> watch) {}

    /**
     * A line of it.
     *
     * @param otherwise who does it in another way, or rests
     */
    public record SheetLine(int number, String moveId, String name, String dose, String cue, List<String> otherwise) {}

    /** One of the studio’s own; empty for everybody else’s, and for one that cannot be read. */
    public Optional<PrintedSheet> sheet(SignedIn me, long teachingId) {
        return sheets.find(me, teachingId)
                .flatMap(kept -> Optional.ofNullable(kept.teaching().classId())
                        .flatMap(id -> classes.find(me, id))
                        .map(in -> sheet(in, kept)));
    }

    private static PrintedSheet sheet(StudioClass in, ClassSheets.KeptSheet kept) {
        ClassSheetDocument sheet = kept.sheet();
        List<SheetLine> lines = new ArrayList<>();
        for (SessionDocument.SessionRow row : sheet.called().rows()) {
            lines.add(new SheetLine(
                    lines.size() + 1,
                    row.item().moveId(),
                    row.item().name(),
                    row.doseAndSides(),
                    row.item().taught().cue(),
                    otherwise(sheet, row.at())));
        }
        return new PrintedSheet(
                in.name(),
                kept.teaching().plannedOn(),
                sheet.members().stream().map(ClassPapers::woman).toList(),
                lines,
                sheet.watch().stream()
                        .map(one -> one.clock() + " " + one.name() + ": " + one.what())
                        .toList());
    }

    private static String woman(ClassSheetDocument.MemberLine member) {
        String cautions = String.join(", ", member.cautions());
        return member.name() + ", " + member.where() + (cautions.isEmpty() ? "" : ": " + cautions);
    }

    private static List<String> otherwise(ClassSheetDocument sheet, int line) {
        List<String> otherwise = new ArrayList<>();
        for (int column = 0; column < sheet.members().size(); column++) {
            ClassSheetDocument.CellTold cell = sheet.cells().get(line).get(column);
            String does = cell.how() == TakesPart.RESTS ? "rests" : cell.words();
            if (!does.isEmpty()) {
                otherwise.add(sheet.members().get(column).name() + ": " + does
                        + (cell.dose().isEmpty() ? "" : ", " + cell.dose()));
            }
        }
        return otherwise;
    }
}
