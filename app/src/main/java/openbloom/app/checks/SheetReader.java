package openbloom.app.checks;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;
import openbloom.core.moves.Catalogue;
import openbloom.core.verdict.Facts;

/** Reads, draws and tells the sheets of one kind. */
interface SheetReader {
    /**
     * What a sheet is read beside.
     *
     * @param ageYears her age in completed years on the day; empty where it was not told
     * @param facts everything else that is known of her on the day
     */
    record SheetContext(LocalDate day, OptionalInt ageYears, boolean pregnant, Catalogue catalogue, Facts facts) {}

    /** One sentence with its heading. */
    record FindingLine(String heading, String text) {}

    /**
     * A sheet as it is shown.
     *
     * @param picture an SVG drawing
     */
    record SheetView(String picture, List<FindingLine> lines) {}

    SheetKind kind();

    /** Tells every slip to the problems of the answers; whether anything was found that can be kept. */
    boolean examine(SheetAnswers answers, SheetContext beside);

    SheetView view(SheetAnswers answers, SheetContext beside);

    /** What was found, in one line. */
    String words(SheetAnswers answers);
}
