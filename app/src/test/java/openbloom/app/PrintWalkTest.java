package openbloom.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Media;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Every page that is printed: her name, the studio and the day on it, every value under its own heading, and nothing to press. */
class PrintWalkTest extends BrowserTest {
    private static final String WRONG_COLUMNS = """
            () => [...document.querySelectorAll('main table')].flatMap((table) => {
              const shown = (cell) => getComputedStyle(cell).display !== 'none';
              const width = (row) => [...row.cells].filter(shown).reduce((sum, cell) => sum + cell.colSpan, 0);
              const head = table.tHead?.rows[0];
              if (!head || !shown(table) || !shown(table.tHead)) return [];
              return [...table.tBodies].flatMap((body) => [...body.rows]).filter(shown).filter((row) => width(row) !== width(head))
                .map((row) => row.innerText.slice(0, 60));
            })""";
    private static final String PRESSED = """
            () => [...document.querySelectorAll('button, .btn, input[type=submit]')]
              .filter((one) => one.offsetParent !== null && getComputedStyle(one).visibility !== 'hidden').map((one) => one.innerText)""";
    private static final String SHUT = """
            () => [...document.querySelectorAll('main details:not([open])')].filter((one) => one.offsetParent !== null
              && [...one.children].some((part) => part.tagName !== 'SUMMARY' && part.getClientRects().length === 0
                && !part.matches('.screen-only, form, button') && part.innerText !== '')).map((one) => one.innerText.slice(0, 60))""";

    @Test
    @SuppressWarnings("unchecked")
    void everyPrintedPageSaysWhoseItIsAndPutsValuesUnderTheirHeadings() {
        open("/people?q=Rhona");
        String her = page.locator("main a[href$=journey]")
                .first()
                .getAttribute("href")
                .replace("/journey", "");
        for (String path : List.of("/program", "/review", "/session", "/checks", "/floor", "/journey", "/held")) {
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
            open(her + path);
            page.waitForLoadState();
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            page.evaluate("() => window.dispatchEvent(new Event('beforeprint'))");
            String text = page.locator("body").innerText();
            assertThat(text)
                    .as(path)
                    .contains("Rhona Vale", "The Boathouse Rooms", "1 Jul 2027", "It does not diagnose");
            assertThat((List<String>) page.evaluate(WRONG_COLUMNS))
                    .as("columns of " + path)
                    .isEmpty();
            assertThat((List<String>) page.evaluate(PRESSED))
                    .as("buttons on " + path)
                    .isEmpty();
            assertThat((List<String>) page.evaluate(SHUT)).as("shut on " + path).isEmpty();
        }
    }

    /** Eight women and twenty exercises on one page of A4: 190 by 277 mm of it are printed on. */
    @Test
    @SuppressWarnings("unchecked")
    void theSheetOfAClassIsOnePage() {
        open("/classes");
        page.locator("main td a").first().click();
        page.locator("main a[href^='/teachings/']").first().click();
        page.waitForURL("**/teachings/*");
        String sheet = page.url();
        page.setViewportSize(718, 1047);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator("body").innerText())
                .contains("everybody", "The Boathouse Rooms", "It does not diagnose");
        assertThat((Integer) page.evaluate("() => document.body.scrollHeight")).isLessThanOrEqualTo(1047);
        assertThat((Integer) page.evaluate("() => document.body.scrollWidth")).isLessThanOrEqualTo(718);
        assertThat((List<String>) page.evaluate(PRESSED)).as(sheet).isEmpty();
        assertThat((List<String>) page.evaluate(WRONG_COLUMNS)).as(sheet).isEmpty();
    }

    /** For a coach and for one woman: two sheets of A4 lying at most, every movement on them, no date of a made-up woman. */
    @Test
    void theGymTableIsTwoSheetsAtMost() throws IOException {
        open("/people?q=Linnea");
        String her = page.locator("main a[href$=journey]").first().getAttribute("href");
        for (String path : List.of("/moves/gym", her.replace("/journey", "/gym"))) {
            open(path);
            page.waitForLoadState();
            byte[] printed = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
            try (PDDocument paper = Loader.loadPDF(printed)) {
                assertThat(paper.getNumberOfPages()).as(path).isBetween(1, 2);
                assertThat(paper.getPage(0).getMediaBox().getWidth()).isGreaterThan(800);
                assertThat(new PDFTextStripper().getText(paper))
                        .contains("Squat", "Running", "repetitions", "of 20")
                        .doesNotContain("1 Jan 2026");
            }
        }
    }
}
