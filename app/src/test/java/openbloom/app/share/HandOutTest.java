package openbloom.app.share;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.program.Programs;
import openbloom.core.program.Rhythm;
import openbloom.core.record.Goal;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Paper read back as whoever gets it reads it: the words in order, the fonts in it, a code that leads somewhere. */
class HandOutTest extends PageTest {
    @Autowired
    private Programs programs;

    private Woman planned() throws Exception {
        Woman woman = askedWoman("Paperwork Ann");
        programs.make(
                ines,
                woman,
                TODAY,
                List.of(Goal.KEEP_ACTIVE),
                new Rhythm(
                        1,
                        Set.of(DayOfWeek.TUESDAY, DayOfWeek.THURSDAY),
                        10,
                        List.of(new Rhythm.PlannedVisit(TODAY.plusDays(1), 45))),
                key());
        return woman;
    }

    private static String draft(Woman woman, String kind) {
        return "/people/" + woman.id() + "/share/paper/" + kind;
    }

    private byte[] made(MockHttpServletRequestBuilder form) throws Exception {
        MockHttpServletResponse answer = send(form);
        assertThat(answer.getContentType()).isEqualTo("application/pdf");
        return answer.getContentAsByteArray();
    }

    private byte[] made(Woman woman, String kind) throws Exception {
        return made(rendered(draft(woman, kind), draft(woman, kind)));
    }

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument paper = Loader.loadPDF(pdf)) {
            PDFTextStripper reader = new PDFTextStripper();
            reader.setSortByPosition(true);
            return reader.getText(paper).replaceAll("\\s+", " ");
        }
    }

    /** The size most letters of a paper have, in points. */
    private static int largestBody(byte[] pdf) throws Exception {
        Map<Integer, Integer> sizes = new HashMap<>();
        try (PDDocument paper = Loader.loadPDF(pdf)) {
            new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition letter) {
                    sizes.merge(Math.round(letter.getFontSizeInPt()), 1, Integer::sum);
                }
            }.getText(paper);
        }
        return sizes.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
    }

    /** What the code on a paper says, read from its pages as they are seen; empty where there is none. */
    private static String code(byte[] pdf) throws Exception {
        try (PDDocument paper = Loader.loadPDF(pdf)) {
            for (int page = 0; page < paper.getNumberOfPages(); page++) {
                BufferedImage seen = new PDFRenderer(paper).renderImageWithDPI(page, 110);
                int[] dots = seen.getRGB(0, 0, seen.getWidth(), seen.getHeight(), null, 0, seen.getWidth());
                try {
                    return new QRCodeReader()
                            .decode(new BinaryBitmap(new HybridBinarizer(
                                    new RGBLuminanceSource(seen.getWidth(), seen.getHeight(), dots))))
                            .getText();
                } catch (com.google.zxing.ReaderException none) {
                    // the next page, then
                }
            }
            return "";
        }
    }

    @ParameterizedTest
    @CsvSource({
        "HOME_PROGRAM, 'Home practice', 'Stop the exercise and tell your instructor if', 3",
        "SESSION, 'Your exercises', 'Stop and call', 3",
        "GYM_CARD, 'Card for the gym', 'Stop and call', 2",
        "REVIEW, 'What has changed', 'What comes next', 1",
        "STOPS, 'When to stop, and whom to call', 'Call 000 now', 1",
        "CARE, 'For your days', 'Coughing and sneezing', 2"
    })
    void everyKindIsATaggedPaperWithItsFontsAndHerFirstNameAlone(String kind, String title, String part, int most)
            throws Exception {
        Woman woman = planned();
        byte[] pdf = made(woman, kind);
        assertThat(text(pdf))
                .startsWith(title + " For Paperwork · Given on 1 Jul 2027 by Ines, The Boathouse Rooms")
                .contains(part, "It does not diagnose")
                .doesNotContain("Ann");
        try (PDDocument paper = Loader.loadPDF(pdf)) {
            assertThat(paper.getNumberOfPages()).isLessThanOrEqualTo(most);
            assertThat(paper.getDocumentInformation().getTitle()).isEqualTo(title);
            assertThat(paper.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(paper.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(fonts(paper)).isNotEmpty().allMatch(PDFont::isEmbedded);
        }
    }

    private static List<PDFont> fonts(PDDocument paper) throws Exception {
        List<PDFont> fonts = new ArrayList<>();
        for (PDPage page : paper.getPages()) {
            for (COSName name : page.getResources().getFontNames()) {
                fonts.add(page.getResources().getFont(name));
            }
        }
        return fonts;
    }

    /** Exercise by exercise: its name, how much, how to set up, in the order of the draft. */
    @Test
    void isReadInTheOrderOfItsDraft() throws Exception {
        Woman woman = planned();
        List<String> headings =
                Jsoup.parse(page(draft(woman, "HOME_PROGRAM")))
                        .select("input[name^=heading-]")
                        .eachAttr("value")
                        .stream()
                        .filter(heading -> !heading.isEmpty())
                        .toList();
        String text = text(made(woman, "HOME_PROGRAM"));
        int at = 0;
        for (String heading : headings) {
            assertThat(text.indexOf(heading, at)).as(heading).isGreaterThanOrEqualTo(at);
            at = text.indexOf(heading, at) + heading.length();
        }
        assertThat(headings).hasSizeGreaterThan(6);
        assertThat(text)
                .contains("1 Jul 2027 to 13 Jul 2027", "What it is for: stay active.", "1 Jul 6 Jul 8 Jul 13 Jul");
    }

    @Test
    void theCodeLeadsToANewHomePageAndTheKeptCopyHasNone() throws Exception {
        Woman woman = planned();
        byte[] given = made(woman, "HOME_PROGRAM");
        String address = code(given);
        assertThat(address).matches("http://localhost(:\\d+)?/home/[A-Za-z0-9_-]{22}");
        assertThat(mvc.perform(get(address.substring(address.indexOf("/home/"))))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("Paperwork");
        String share = "/people/" + woman.id() + "/share";
        String kept = Jsoup.parse(page(share)).selectFirst("a[href$=.pdf]").attr("href");
        byte[] copy = send(get(kept)).getContentAsByteArray();
        assertThat(code(copy)).isEmpty();
        assertThat(text(copy)).contains("A code to her home page stood here");
        assertThat(as(stranger(), get(kept)).getStatus()).isEqualTo(404);
        Woman other = askedWoman("Other");
        assertThat(send(get(kept.replace("/people/" + woman.id(), "/people/" + other.id())))
                        .getStatus())
                .isEqualTo(404);
    }

    @Test
    void everyWordIsHersToChangeAndKeptAsItWasGivenOut() throws Exception {
        Woman woman = planned();
        String draft = draft(woman, "STOPS");
        MockHttpServletRequestBuilder form = rendered(draft, draft);
        int last = Jsoup.parse(page(draft)).select("textarea[name^=lines-]").size() - 1;
        set(form, "title", "Für Notfälle – “call”");
        set(form, "heading-0", "");
        set(form, "lines-0", "");
        set(form, "heading-" + last, "From me");
        set(form, "lines-" + last, "Ring me on Friday.\n\nBring the stroller.");
        set(form, "large", "yes");
        byte[] large = made(form);
        assertThat(largestBody(large)).isEqualTo(18);
        assertThat(largestBody(made(woman, "STOPS"))).isBetween(10, 11);
        String text = text(large);
        assertThat(text)
                .startsWith("Für Notfälle – “call” For Paperwork")
                .contains("From me Ring me on Friday. Bring the stroller.")
                .doesNotContain("Call 000 now");
        String share = page("/people/" + woman.id() + "/share");
        assertThat(Jsoup.parse(share).select("a[href*=/share/given/]").eachText())
                .as("the latest first")
                .hasSize(2)
                .last()
                .isEqualTo("Für Notfälle – “call”");
        assertThat(send(form).getRedirectedUrl()).contains("/share/given/");
    }

    @Test
    void refusesWhatDoesNotFitAndKeepsWhatWasTyped() throws Exception {
        Woman woman = planned();
        String draft = draft(woman, "STOPS");
        MockHttpServletRequestBuilder form = rendered(draft, draft);
        set(form, "title", "x".repeat(201));
        set(form, "lines-1", "y".repeat(2_001));
        String refused = body(form);
        assertThat(Jsoup.parse(refused).selectFirst("#problem-title").text())
                .contains("At most 200 characters; this has 201");
        assertThat(Jsoup.parse(refused).selectFirst("#problem-lines-1").text()).contains("At most 2000 characters");
        assertThat(refused).contains("y".repeat(2_001));
        MockHttpServletRequestBuilder stale = rendered(draft, draft);
        assertThat(body(set(stale, "parts", "3"))).contains("has changed while you were typing");
        assertThat(send(get(draft(woman, "NOTHING"))).getStatus()).isEqualTo(404);
        assertThat(send(get(draft(woman, "CLASS_SHEET"))).getStatus()).isEqualTo(404);
        assertThat(as(stranger(), post(draft).param("formKey", key())).getStatus())
                .isEqualTo(404);
    }

    @Test
    void isInHerLanguageFromTheFirstWordToTheLast() throws Exception {
        Woman woman = planned();
        send(post("/people/" + woman.id() + "/share/language").param("language", "GERMAN"));
        String text = text(made(woman, "HOME_PROGRAM"));
        assertThat(text)
                .startsWith("Üben zu Hause Für Paperwork · Mitgegeben am 1. Juli 2027 von Ines")
                .contains(
                        "Hör mit der Übung auf",
                        "Wofür: aktiv bleiben.",
                        "Kreuze jeden Tag an",
                        "Sie stellt keine Diagnose")
                .doesNotContain("breathe", "your ", "Stop ");
        assertThat(text(made(woman, "STOPS"))).contains("Sofort anrufen: 000", "Fieber ab 38 °C");
    }
}
