package openbloom.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.WaitUntilState;
import java.util.List;
import openbloom.core.screening.WarningSign;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.TestPropertySource;

/**
 * A first visit from intake to a taught session and its response, with every check of her stage, and a returning one; by pointer
 * and by keys alone. A press is a tap, a key, or a field that is filled; they are counted and printed. On an instance of its own.
 */
@DirtiesContext
@TestPropertySource(properties = "spring.application.name=A visit")
class VisitWalkTest extends BrowserTest {
    private static final int FIRST_VISIT = 45;
    private static final int RETURNING_VISIT = 8;

    private int presses;
    private int pages;

    @BeforeEach
    void countFromNothing() {
        presses = 0;
        pages = 0;
    }

    private void tap(Locator what) {
        what.click();
        presses++;
    }

    private void tap(String selector) {
        tap(page.locator(selector).first());
    }

    private void key(String key) {
        // Keys are heard once the scripts of the page have run.
        page.waitForLoadState();
        page.keyboard().press(key);
        presses++;
    }

    private void fill(String field, String text) {
        page.locator("#" + field).fill(text);
        presses++;
    }

    private void arrived(String heading) {
        assertThat(heading(heading)).isVisible();
        page.waitForLoadState();
        pages++;
    }

    private void next(String heading) {
        key(".");
        arrived(heading);
    }

    private void save() {
        tap(".form-end button");
        page.waitForLoadState();
        pages++;
    }

    @Test
    void takesAFirstVisitInFortyFivePressesAndAReturningOneInEight() {
        open("/people/new");
        arrived("New woman");
        fill("name", "Petra Quay");
        fill("birthYear", "1991");
        fill("births", "1");
        tap("label[for=situation-AFTER_BIRTH]");
        fill("birthDate", TODAY.minusDays(110).toString());
        page.locator("#birthKind").selectOption("VAGINAL");
        page.locator("#tear").selectOption("NONE");
        page.locator("#woundClosed").selectOption("YES");
        presses += 3;
        tap("#noCondition");
        fill("clearedOn", TODAY.minusDays(60).toString());
        fill("clearedBy", "family doctor");
        tap(".form-end button");
        arrived("Safety check");
        tap("input[name=noSign]");
        tap("input[name=noSymptom]");
        tap(".form-end button");
        arrived("Gap check");
        page.locator("#width-LIFT-ABOVE-45").focus();
        for (String one : "2 1 2 n 2 1 2 n 1 1 2 n".split(" ")) {
            key(one);
        }
        key("Enter");
        arrived("Opening check");
        tap("input[name=training][value=LIGHT]");
        tap(".form-end button");
        arrived("Breath");
        tap("label[for=zone-BACK_RIBS-SOME]");
        tap("label[for=zone-BELLY-FULL]");
        tap(".form-end button");
        arrived("Connect");
        tap("label[for=cue-HIP_BONES-YES]");
        tap(".form-end button");
        arrived("Pelvic floor check");
        fill("holdSeconds", "6");
        fill("holdRepetitions", "5");
        fill("flicks", "7");
        tap("label[for=letsGo-FULL]");
        tap(".form-end button");
        arrived("Programme");
        tap(page.getByRole(AriaRole.BUTTON, named("Make her programme")));
        page.waitForURL("**/program");
        assertThat(page.locator(".block-grid")).isVisible();
        tap(page.getByRole(AriaRole.BUTTON, named("Build today")));
        assertThat(page.locator(".session-items")).isVisible();
        key(".");
        teaching();
        pages += 3;
        tap(page.getByRole(AriaRole.BUTTON, named("Finish")));
        tap("#all-in-all [value=RIGHT]");
        arrived("Session feedback");
        System.out.printf("First visit with every check of her stage: %d presses, %d pages%n", presses, pages);
        assertThat(presses).isLessThanOrEqualTo(FIRST_VISIT);
        key(".");
        page.waitForURL("**/journey#on");
        look();

        presses = 0;
        pages = 0;
        open("/");
        tap(page.locator(".lane-do a").first());
        arrived("Safety check");
        tap("input[name=noSign]");
        tap("input[name=noSymptom]");
        save();
        tap(page.getByRole(AriaRole.BUTTON, named("Build session")));
        assertThat(page.locator(".session-items")).isVisible();
        tap(page.getByRole(AriaRole.LINK, named("Teach it")));
        teaching();
        System.out.printf("Returning visit, from Today to teaching: %d presses, %d pages%n", presses, pages + 3);
        assertThat(presses).isLessThanOrEqualTo(RETURNING_VISIT);
    }

    /** From where one is after the task before: presses and pages of each. */
    @Test
    void takesTheOtherTasksOfADayInFewPresses() {
        page.onFrameNavigated(frame -> pages++);
        keepAWoman("Sunniva Quay");
        String her = page.url().replaceAll("/(journey|safe|checks).*", "");
        page.navigate(her + "/safe");

        countFromNothing();
        tap("input[name=noSign]");
        tap("input[name=noSymptom]");
        tap(".form-end button");
        page.waitForLoadState();
        told("Nothing to tell in a safety check", 3, 1);

        page.navigate(her + "/journey");
        countFromNothing();
        key("e");
        assertThat(heading("One exercise")).isVisible();
        fill("named", "full front support");
        key("Enter");
        assertThat(page.locator(".answer-panel h2")).containsText("Full front support");
        told("May she do one exercise", 3, 2);

        page.navigate(her + "/program");
        countFromNothing();
        tap(page.getByRole(AriaRole.BUTTON, named("Make her programme")));
        assertThat(page.locator(".block-grid")).isVisible();
        told("Her programme is made", 1, 1);

        countFromNothing();
        tap(page.getByText("move a day or leave it out"));
        page.locator("#from").selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(1));
        presses++;
        fill("to", TODAY.plusDays(6).toString());
        tap(page.getByRole(AriaRole.BUTTON, named("Move").setExact(true)));
        page.waitForLoadState();
        assertThat(page.locator("[role=status]").first()).isVisible();
        told("A day of her programme moved", 5, 1);

        countFromNothing();
        key("c");
        assertThat(page.locator(".session-items")).isVisible();
        told("Today's session built from her programme", 1, 1);

        countFromNothing();
        tap(link("Change it"));
        List<String> before = page.locator(".edit-what strong").allTextContents();
        tap("#line-4 [data-swap]");
        tap(page.locator(".edit-others button").first());
        assertThat(page.locator(".versions li").first()).containsText("instead of " + before.get(4));
        assertThat(page.locator(".edit-what strong").nth(4)).not().hasText(before.get(4));
        told("One exercise of a session exchanged", 4, 1);

        page.navigate(page.url().replace("/edit", "/teach"));
        teaching();
        countFromNothing();
        key("p");
        tap("#where [data-place=BACK]");
        tap("[data-pain='4']");
        assertThat(page.locator("#last")).containsText("hurt");
        told("Pain noted with its place and its number while teaching", 3, 0);

        countFromNothing();
        tap(page.getByRole(AriaRole.BUTTON, named("Finish")));
        tap("#all-in-all [value=RIGHT]");
        arrived("Session feedback");
        pages--;
        told("A session finished", 2, 1);

        page.navigate(her + "/share");
        countFromNothing();
        tap(link("Home programme"));
        assertThat(heading("Home programme")).isVisible();
        paperIsMade();
        told("Her home programme on paper", 2, 2);

        page.navigate(her + "/share");
        countFromNothing();
        tap(link("Letters to her clinician"));
        assertThat(heading("Letters to her clinician")).isVisible();
        tap(link("Handing over"));
        assertThat(page.locator("#title")).isVisible();
        paperIsMade();
        told("A letter that hands over", 3, 3);

        open("/");
        countFromNothing();
        tap(page.getByRole(AriaRole.LINK, named("This week")));
        assertThat(page.locator("main")).containsText("due");
        told("What is due this week", 1, 1);
    }

    private void paperIsMade() {
        var paper = page.waitForDownload(() -> tap(page.getByRole(AriaRole.BUTTON, named("Make the PDF"))));
        assertThat(paper.suggestedFilename()).endsWith(".pdf");
    }

    private void told(String task, int mostPresses, int mostPages) {
        System.out.printf("%s: %d presses, %d pages%n", task, presses, pages);
        assertThat(presses).as(task + ", presses").isLessThanOrEqualTo(mostPresses);
        assertThat(pages).as(task + ", pages").isLessThanOrEqualTo(mostPages);
    }

    /** The same first visit without a pointer; nothing takes more than fifteen keys to reach. */
    @Test
    void leadsThroughAFirstVisitByKeysAlone() {
        open("/people/new");
        arrived("New woman");
        reach("name");
        page.keyboard().type("Quilla Strand");
        reach("birthYear");
        page.keyboard().type("1990");
        reachNamed("situation");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        reach("noCondition");
        key("Space");
        key("Enter");
        arrived("Safety check");
        reachNamed("noSign");
        key("Space");
        reachNamed("noSymptom");
        key("Space");
        key("Enter");
        arrived("Gap check");
        reach("width-LIFT-ABOVE-45");
        for (String one : "2 1 2 n 2 1 2 n 1 1 2 n".split(" ")) {
            key(one);
        }
        key("Enter");
        for (String check : List.of("Opening check", "Breath", "Connect", "Pelvic floor check")) {
            arrived(check);
            // There Space times a hold until one has gone to an answer.
            reachBy("document.activeElement.type === 'radio'", "an answer");
            key("Space");
            key("Enter");
        }
        arrived("Programme");
        reach("visitsPerWeek");
        key("Enter");
        assertThat(page.locator(".block-grid")).isVisible();
        key("c");
        assertThat(page.locator(".session-items")).isVisible();
        page.waitForLoadState();
        key(".");
        teaching();
        key("End");
        key("Enter");
        arrived("Session feedback");
        System.out.printf("First visit by keys alone: %d keys beside typing%n", presses);
    }

    /** Found by a part of her name, asked, planned and taught again, and one exercise asked about: never a pointer. */
    @Test
    void leadsThroughAReturningVisitAndOneExerciseByKeysAlone() {
        keepAWoman("Romola Quay");
        open("/");
        key("/");
        page.keyboard().type("romola");
        key("Enter");
        arrived("People");
        key("Enter");
        page.waitForURL("**/journey");
        key(".");
        arrived("Safety check");
        key("Space");
        for (int box = WarningSign.askedOf(false).size(); box >= 0; box--) {
            key("Tab");
        }
        key("Space");
        key("Enter");
        arrived("Gap check");
        System.out.printf(
                "Returning visit by keys alone, from Today to what is next: %d keys beside typing%n", presses);
        assertThat(presses).isLessThanOrEqualTo(RETURNING_BY_KEYS);

        presses = 0;
        open("/");
        key("/");
        page.keyboard().type("romola");
        key("Enter");
        arrived("People");
        key("Enter");
        page.waitForURL("**/journey");
        key("e");
        arrived("One exercise");
        page.keyboard().type("plank");
        key("Enter");
        assertThat(page.locator(".answer-panel h2")).containsText("Full front support");
        System.out.printf("One exercise for one woman by keys alone: %d keys beside typing%n", presses);
        assertThat(presses).isLessThanOrEqualTo(ONE_EXERCISE_BY_KEYS);
    }

    private static final int RETURNING_BY_KEYS = 30;
    private static final int ONE_EXERCISE_BY_KEYS = 8;

    private static final int FURTHEST = 15;

    /** At 200 % a screen is half as high; what is two screens high at 100 % is four then. */
    private static final int MOST_HEIGHT = 1_620;

    private void reach(String id) {
        reachBy("document.activeElement.id === '" + id + "'", id);
    }

    private void reachNamed(String name) {
        reachBy("document.activeElement.name === '" + name + "'", name);
    }

    private void reachBy(String there, String what) {
        int keys = 0;
        while (!(Boolean) page.evaluate(there)) {
            key("Tab");
            keys++;
            assertThat(keys).as("keys to " + what).isLessThanOrEqualTo(FURTHEST);
        }
    }

    /**
     * Ten tasks on a tablet in the dark and on a phone: every page two screens high at most, none wider than its screen, no letters too
     * small to read, axe finds nothing.
     */
    @Test
    void showsTheTenTasksOnATabletAndOnAPhone() {
        open("/people?q=linnea");
        link("Linnea").click();
        page.waitForLoadState();
        page.navigate(page.url().replaceAll("/journey.*", "/safe"));
        page.locator("input[name=noSign]").check();
        page.locator("input[name=noSymptom]").check();
        page.locator(".form-end button").click();
        page.waitForLoadState();
        String her =
                page.url().replaceAll("/(journey|program|checks|plan).*", "").replaceAll("http://localhost:\\d+", "");
        page.navigate("http://localhost:" + port() + her + "/program");
        page.keyboard().press("c");
        page.waitForURL("**/sessions/*");
        String session = page.url().replaceAll("http://localhost:\\d+", "");
        List<String> tasks = List.of(
                "/",
                "/people",
                "/people/new",
                her + "/journey",
                her + "/safe",
                her + "/checks",
                her + "/checks/gap",
                her + "/checks/breath",
                her + "/checks/pelvic-floor",
                her + "/checks/posture",
                her + "/program",
                her + "/exercise-check",
                her + "/can?wish=PLANKS",
                session,
                session + "/edit",
                her + "/response",
                her + "/review",
                her + "/share/spreadsheets",
                her + "/letters/evidence/ASKING",
                her + "/approach",
                her + "/edit",
                her + "/floor",
                "/moves",
                "/moves/bridge",
                "/moves/own",
                "/moves/gym",
                "/moves/bridge/words",
                her + "/gym",
                "/explained",
                "/reasons",
                "/reasons/grid",
                "/studio");
        for (String task : tasks) {
            if (!isForReading(task)) {
                page.setViewportSize(1024, 768);
                page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
                visit(task);
                fits(task);
                look();
                page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
            }
            page.setViewportSize(390, 844);
            visit(task);
            fits(task);
            // Letters of twice the size.
            page.setViewportSize(640, 400);
            fits(task);
            page.setViewportSize(390, 844);
            look();
            unfolds(task, session);
        }
    }

    private void visit(String task) {
        Page.NavigateOptions laidOut = new Page.NavigateOptions().setWaitUntil(WaitUntilState.DOMCONTENTLOADED);
        assertThat(page.navigate("http://localhost:" + port() + task, laidOut).status())
                .as(task)
                .isEqualTo(200);
    }

    /** Letters smaller than 14 px as they are drawn, in a picture too; half a pixel may go to rounding. */
    private static final String SMALL_LETTERS = """
            () => [...document.querySelectorAll('body *')]
              .filter((one) => [...one.childNodes].some((child) => child.nodeType === 3 && child.data.trim()))
              .filter((one) => one.checkVisibility() && !one.closest('.visually-hidden, option, script, title'))
              .map((one) => {
                const drawn = one.ownerSVGElement ? one.getScreenCTM() : { a: 1, b: 0, c: 0, d: 1 };
                const scale = Math.sqrt(Math.abs(drawn.a * drawn.d - drawn.b * drawn.c));
                return [parseFloat(getComputedStyle(one).fontSize) * scale, one.textContent.trim()];
              })
              .filter(([size]) => size < 13.5)
              .map(([size, words]) => `${size.toFixed(1)} px: ${words}`)""";

    private void fits(String task) {
        int wide = page.viewportSize().width;
        int width = (Integer) page.evaluate("() => document.documentElement.scrollWidth");
        int height = (Integer) page.evaluate("() => document.documentElement.scrollHeight");
        System.out.printf("%d %s: %d x %d px%n", wide, task, width, height);
        assertThat(width).as(task + " at " + wide).isLessThanOrEqualTo(wide);
        assertThat((List<?>) page.evaluate(SMALL_LETTERS))
                .as(task + " at " + wide)
                .isEmpty();
        if (!isForReading(task)) {
            assertThat(height)
                    .as(task + " at " + wide)
                    .isLessThanOrEqualTo(Math.max(2 * page.viewportSize().height, MOST_HEIGHT));
        }
    }

    /** A page one reads rather than works through may be longer than two screens. */
    private static boolean isForReading(String task) {
        return task.endsWith("/program")
                || task.endsWith("/review")
                || task.startsWith("/moves")
                || task.endsWith("/journey")
                || task.contains("/evidence/")
                || task.endsWith("/gym")
                || task.endsWith("/exercise-check")
                || task.startsWith("/reasons")
                || task.equals("/explained");
    }

    /** On paper everything stands; a line of the editor shows its buttons when it is opened. */
    private void unfolds(String task, String session) {
        if (task.equals(session)) {
            Locator folded = page.locator(".session-items tbody tr[hidden]");
            assertThat(folded).not().hasCount(0);
            page.evaluate("() => dispatchEvent(new Event('beforeprint'))");
            assertThat(folded).hasCount(0);
            page.evaluate("() => dispatchEvent(new Event('afterprint'))");
            assertThat(folded).not().hasCount(0);
        } else if (task.equals(session + "/edit")) {
            Locator line = page.locator("#line-1");
            assertThat(line.locator(".edit-acts")).isHidden();
            line.locator(".edit-open").click();
            assertThat(line.locator(".edit-acts")).isVisible();
            look();
        }
    }
}
