package openbloom.app.classes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.app.session.SessionDocument;
import openbloom.core.classes.ClassCell;
import openbloom.core.classes.ClassOutline;
import openbloom.core.classes.ClassSheet;
import openbloom.core.classes.ClassVersion;
import openbloom.core.classes.TakesPart;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import openbloom.core.session.Outline;
import org.jspecify.annotations.Nullable;

/**
 * A class sheet in words, as it is kept: it can be shown a year later whatever the catalogue says then.
 *
 * @param called what is called out, line by line
 * @param members who takes part, in the order of the columns
 * @param cells for each line how each of them does it
 * @param score in quarters of a point
 * @param gap by how much a better one might exceed the score at most; null where none is better
 */
public record ClassSheetDocument(
        int version,
        int minutes,
        SessionDocument called,
        List<MemberLine> members,
        List<List<CellTold>> cells,
        List<WatchTold> watch,
        List<CannotTold> cannotCome,
        List<UnservedTold> unserved,
        int score,
        @Nullable Integer gap) {
    static final int VERSION = 1;

    /** Stands for a sheet that is written in a way this version does not understand. */
    static final ClassSheetDocument UNREADABLE = new ClassSheetDocument(
            VERSION,
            0,
            SessionDocument.calledOut(
                    List.of(),
                    0,
                    "This sheet cannot be read: it was kept in a way this version does not understand. Build a new one."),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            0,
            null);

    /** A woman who takes part, where she is, and with which side she begins; empty where neither is weaker. */
    public record MemberLine(long womanId, String name, String where, String begins, List<String> cautions) {}

    /**
     * How she does a line.
     *
     * @param words at most four, as they are called out; empty as written
     * @param dose hers, where it differs from the one called out; else empty
     * @param isWatched whether something is to be watched in it
     * @param line number of the line in her own session; null where she rests
     * @param moveId the exercise she does; absent where she rests, and in sheets kept before this was
     */
    public record CellTold(
            TakesPart how,
            String words,
            String dose,
            boolean isWatched,
            @Nullable Integer line,
            @Nullable String moveId) {}

    /** Whom to watch, for what, and when, in seconds. */
    public record WatchTold(String name, String what, int at) {
        public String clock() {
            return at / 60 + ":" + (at % 60 < 10 ? "0" : "") + at % 60;
        }
    }

    /** Who cannot come, why, and what she could do by herself. */
    public record CannotTold(String name, String why, List<String> instead) {}

    /** A goal that nothing in it serves. */
    public record UnservedTold(String name, String goal) {}

    static ClassSheetDocument of(ClassSheet sheet, int minutes, List<MemberLine> members) {
        return new ClassSheetDocument(
                VERSION,
                minutes,
                SessionDocument.calledOut(sheet.lines(), sheet.changes(), sheet.note()),
                members,
                cells(sheet),
                sheet.watch().stream()
                        .map(one -> new WatchTold(one.name(), one.what(), one.at()))
                        .toList(),
                sheet.cannotCome().stream()
                        .map(one -> new CannotTold(one.name(), one.why(), one.instead()))
                        .toList(),
                sheet.unserved().stream()
                        .map(one -> new UnservedTold(one.name(), one.goal().words()))
                        .toList(),
                sheet.score(),
                sheet.gap().isPresent() ? sheet.gap().getAsInt() : null);
    }

    /** In how many exercises a woman rested; 0 where she took no part. */
    int restsOf(long womanId) {
        for (int column = 0; column < members.size(); column++) {
            if (members.get(column).womanId() == womanId) {
                int at = column;
                return (int) called.rows().stream()
                        .filter(row -> cells.get(row.at()).get(at).how() == TakesPart.RESTS)
                        .count();
            }
        }
        return 0;
    }

    /** The same as it was changed: what was written beside each line, and still who cannot come. */
    ClassSheetDocument changed(ClassOutline outline, List<CannotTold> cannot) {
        Outline notes = new Outline(
                outline.lines().stream()
                        .map(line -> new Outline.OutlineLine(
                                line.move(), line.part(), line.dose(), 0, line.note(), line.because()))
                        .toList(),
                called.format());
        return new ClassSheetDocument(
                version, minutes, called.written(notes), members, cells, watch, cannot, unserved, score, gap);
    }

    /**
     * Its exercises, to be changed; those that are no longer in the catalogue are left out. Of a sheet kept before the exercises
     * stood in the cells only who does the one called out is known.
     */
    ClassOutline outline(Catalogue catalogue) {
        List<ClassOutline.ClassLine> lines = new ArrayList<>();
        for (SessionDocument.SessionRow row : called.rows()) {
            catalogue.find(row.item().moveId()).ifPresent(move -> lines.add(line(row, move, catalogue)));
        }
        return new ClassOutline(lines);
    }

    private ClassOutline.ClassLine line(SessionDocument.SessionRow row, Move move, Catalogue catalogue) {
        Outline.OutlineLine entry = row.item().entry(move);
        List<Optional<Move>> does = cells.get(row.at()).stream()
                .map(cell -> cell.how().isItself()
                        ? Optional.of(move)
                        : Optional.ofNullable(cell.moveId()).flatMap(catalogue::find))
                .toList();
        return new ClassOutline.ClassLine(move, entry.part(), entry.dose(), entry.note(), entry.because(), does);
    }

    private static List<List<CellTold>> cells(ClassSheet sheet) {
        int[] lines = new int[sheet.members().size()];
        List<List<CellTold>> cells = new ArrayList<>();
        for (int line = 0; line < sheet.lines().size(); line++) {
            List<CellTold> row = new ArrayList<>();
            for (int member = 0; member < lines.length; member++) {
                ClassVersion version = sheet.itemOf(line).of(member);
                ClassCell cell = sheet.cell(line, member);
                boolean rests = version.how() == TakesPart.RESTS;
                row.add(new CellTold(
                        cell.how(),
                        cell.called(),
                        dose(sheet, line, version),
                        cell.isWatched(),
                        rests ? null : lines[member]++,
                        version.pick().map(pick -> pick.move().id()).orElse(null)));
            }
            cells.add(List.copyOf(row));
        }
        return cells;
    }

    private static String dose(ClassSheet sheet, int line, ClassVersion version) {
        String called = sheet.lines().get(line).dose().oneSide().words();
        String hers = version.pick().map(pick -> pick.dose().oneSide().words()).orElse(called);
        return hers.equals(called) ? "" : hers;
    }
}
