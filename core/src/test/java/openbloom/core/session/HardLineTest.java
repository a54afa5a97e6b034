package openbloom.core.session;

import static openbloom.core.verdict.Women.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.screening.WarningSign;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.KnownWomen;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The hard lines one by one: sequences an instructor might put together, each breaking the line it is written for. */
class HardLineTest {
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();
    private static final Judgement WELL =
            Judgement.of(CATALOGUE, KnownWomen.well().build(), TODAY);
    private static final Judgement PREGNANT =
            Judgement.of(CATALOGUE, KnownWomen.at(30).build(), TODAY);

    private static Move move(String id) {
        return CATALOGUE.find(id).orElseThrow();
    }

    private static Outline outline(Judgement judgement, String moves) {
        return new Outline(
                Arrays.stream(moves.split(" "))
                        .map(id -> Edited.entry(judgement, move(id), Edited.partOf(move(id))))
                        .toList(),
                Format.of(Format.FormatKind.SETS));
    }

    /** {@code LINE at} of what is broken, in order. */
    private static String broken(Judgement judgement, Outline outline) {
        return Edited.of(outline, judgement).broken().stream()
                .map(one -> one.line() + " " + one.at())
                .collect(Collectors.joining(", "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "squat bridge march-lying                                              |''",
                "support-full-20 squat                                                 |LIGHT_FIRST 0",
                "squat support-chair support-kneeling                                  |''",
                "squat support-chair support-kneeling support-full-10 support-wall     |WRISTS 3",
                "squat support-chair bridge support-kneeling                           |''"
            })
    void findsWhatOneWhoMayDoEverythingBreaks(String moves, String lines) {
        assertThat(broken(WELL, outline(WELL, moves))).isEqualTo(lines);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"squat support-wall              |''", "squat support-wall support-counter |ONE_FRONT_SUPPORT 2"})
    void allowsOneFrontSupportWhileSheIsPregnant(String moves, String lines) {
        assertThat(broken(PREGNANT, outline(PREGNANT, moves))).isEqualTo(lines);
    }

    /** 60 s are kept, 61 s are not. */
    @ParameterizedTest
    @CsvSource({"60, ''", "61, FULL_SUPPORT 1"})
    void holdsAFullFrontSupportForAMinuteAtMost(int seconds, String lines) {
        Outline outline = outline(WELL, "squat support-full-20");
        Dose held = new Dose(1, 1, seconds, 0, 0, false);
        assertThat(broken(WELL, outline.dosed(1, held))).isEqualTo(lines);
    }

    /** Ten holds and ten quick lifts are prescribed to this floor, three times a day: 60 lifts, and never one more. */
    @Test
    void neverGoesOverThePrescribedLiftsWhateverTheReason() {
        int most = WELL.facts()
                .pelvicPractice(WELL.facts().client().checks().pelvicFloor())
                .contractionsPerDay();
        Move quick = move("flick-ten");
        List<Outline.OutlineLine> entries = List.of(
                new Outline.OutlineLine(quick, Part.WORK, new Dose(1, most / 2, 0, 0, 0, false), 0, "", "asked for it"),
                new Outline.OutlineLine(quick, Part.WORK, new Dose(1, most - most / 2, 0, 0, 0, false), 0, "", ""));
        Outline within = new Outline(entries, Format.of(Format.FormatKind.SETS));
        assertThat(broken(WELL, within)).isEmpty();
        Outline over = within.dosed(1, new Dose(1, most - most / 2 + 1, 0, 0, 0, false))
                .because(1, "she wants to");
        Edited edited = Edited.of(over, WELL);
        assertThat(edited.broken()).singleElement().satisfies(one -> {
            assertThat(one.line()).isEqualTo(HardLine.FLOOR_LIFTS);
            assertThat(one.shut()).isTrue();
        });
        assertThat(edited.open()).hasSize(1);
    }

    /** Impact after the middle of the session is late; a reason opens that, and nothing opens a warning sign. */
    @Test
    void opensWithAReasonWhatMayBeOpened() {
        String impact = CATALOGUE.moves().stream()
                .filter(one -> one.isImpact() && WELL.of(one).passes())
                .map(Move::id)
                .findFirst()
                .orElseThrow();
        Outline late = outline(WELL, "squat bridge march-lying hinge " + impact);
        assertThat(broken(WELL, late)).isEqualTo("IMPACT_EARLY 4");
        assertThat(Edited.of(late.because(4, "the way she likes it"), WELL).open())
                .isEmpty();
        Judgement stopped = Judgement.of(
                CATALOGUE,
                KnownWomen.well()
                        .warningSigns(TODAY, Set.of(WarningSign.values()[0]))
                        .build(),
                TODAY);
        Outline asked = outline(stopped, "squat").because(0, "she feels fine");
        assertThat(Edited.of(asked, stopped).open())
                .extracting(Edited.Broken::line)
                .contains(HardLine.WHAT_PASSES);
    }

    @Test
    void standsInTheDocumentationInTheSameWords() throws IOException {
        String page = Files.readString(Path.of("../docs/sessions.md"));
        String part = page.substring(page.indexOf("## Hard lines"), page.indexOf("## How it is solved"));
        List<String> listed = part.lines()
                .filter(line -> line.startsWith("- "))
                .map(line -> line.substring(2))
                .toList();
        assertThat(listed)
                .containsExactlyElementsOf(
                        Arrays.stream(HardLine.values()).map(HardLine::words).toList());
    }
}
