package openbloom.app;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Dialog;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Drives the pages in Chromium as the demonstration's owner; nothing the browser complains of is let pass. */
@DemoServer
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class BrowserTest {
    /** A machine that does other work beside the tests is slow now and then. */
    private static final double SLOWEST_ANSWER_MS = 30_000;

    /** Letters whose contrast was looked at already, by whichever walk. */
    private static final Set<String> LETTERS_SEEN = new HashSet<>();

    private static final String BARS = """
            (lies) => {
              const bars = [...document.querySelectorAll('body *')].filter((one) => ['sticky', 'fixed'].includes(getComputedStyle(one).position));
              bars.forEach((one) => one.setAttribute('data-bar', ''));
              const sheet = new CSSStyleSheet();
              sheet.replaceSync(lies ? '[data-bar] { position: static !important }' : '');
              document.adoptedStyleSheets = [sheet];
            }""";

    /** Of lines built alike the first six are looked at: the others stand aside meanwhile. */
    private static final String ASIDE = """
            () => {
              window.aside = [];
              document.querySelectorAll('body *').forEach((list) => {
                if (list.childElementCount <= 6) return;
                const seen = new Map();
                [...list.children].forEach((one) => {
                  const kind = [one.tagName, one.getAttribute('class'), one.getAttribute('role')].join(' ');
                  seen.set(kind, (seen.get(kind) ?? 0) + 1);
                  if (seen.get(kind) > 6 && !one.contains(document.activeElement)) {
                    window.aside.push([list, one, one.nextSibling]);
                    one.remove();
                  }
                });
              });
            }""";

    private static final String BACK =
            "() => window.aside.reverse().forEach(([list, one, next]) => list.insertBefore(one, next))";

    private static final String AXE = """
            async (contrast) => {
              const rules = { 'target-size': { enabled: true }, 'color-contrast': { enabled: contrast } };
              const { violations } = await axe.run(document, { resultTypes: ['violations'], rules });
              return violations.map((rule) => `${rule.id} at ${rule.nodes[0].html}`);
            }""";

    private static final String NOBODY = "{\"cookies\":[],\"origins\":[]}";

    @LocalServerPort
    private int port;

    private Playwright playwright;
    private Browser browser;
    /** What a browser that has signed in knows: one sign-in is enough for a class. */
    private String signedIn = NOBODY;

    protected BrowserContext context;
    protected Page page;
    protected final List<String> complaints = new ArrayList<>();

    @BeforeAll
    void start() {
        PlaywrightAssertions.setDefaultAssertionTimeout(SLOWEST_ANSWER_MS);
        playwright = Chromium.playwright();
        browser = Chromium.launchedBy(playwright);
    }

    @AfterAll
    void stop() {
        playwright.close();
    }

    @BeforeEach
    void signIn() {
        complaints.clear();
        context = browser.newContext(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setStorageState(signedIn));
        context.setDefaultTimeout(2 * SLOWEST_ANSWER_MS);
        page = context.newPage();
        page.onConsoleMessage(message -> {
            if (message.type().equals("error")
                    && !message.text().contains("htmx:")
                    && !message.text().contains("422")) {
                complaints.add(message.text());
            }
        });
        page.onPageError(complaints::add);
        page.onDialog(Dialog::accept);
        open("/");
        if (page.getByLabel("Password").isVisible()) {
            page.getByLabel("Email").fill("ines@boathouse.example");
            page.getByLabel("Password").fill("tarnmouth-demo");
            page.getByRole(AriaRole.BUTTON, named("Sign in")).click();
            assertThat(heading("Today")).isVisible();
            signedIn = context.storageState();
        }
        assertThat(heading("Today")).isVisible();
        page.waitForLoadState();
        // From its second page on a tab has the studio's own letters from the start.
        assertThat(page.locator("html")).hasClass("has-letters");
    }

    @AfterEach
    void leave() {
        context.close();
        assertThat(complaints).as("what the browser complained of").isEmpty();
    }

    /** Presses a button that sends a form there, and waits for the answer: a page that is left at once takes its form along. */
    protected void sent(Locator button, String there) {
        page.waitForResponse(
                answer ->
                        answer.request().method().equals("POST") && answer.url().endsWith(there),
                button::click);
    }

    protected int port() {
        return port;
    }

    protected void open(String path) {
        page.navigate("http://localhost:" + port + path);
    }

    /** How its letters are styled, by scheme, element and class. Contrast takes most of the time and is the same where these are. */
    @SuppressWarnings("unchecked")
    private List<String> letters() {
        return (List<String>)
                page.evaluate(
                        "() => { const dark = matchMedia('(prefers-color-scheme: dark)').matches;"
                                + " return [...new Set([...document.querySelectorAll('body *')]"
                                + ".filter((one) => [...one.childNodes].some((child) => child.nodeType === 3 && child.data.trim()))"
                                + ".map((one) => [dark, one.tagName, one.className, one.parentElement.tagName, one.parentElement.className].join(' ')))]; }");
    }

    /** No finding of axe on the page as it stands. */
    @SuppressWarnings("unchecked")
    protected void look() {
        page.waitForLoadState();
        // A bar that stays in view covers what lies below it, until the page is scrolled on: it lies at its own place
        // meanwhile.
        page.evaluate(BARS, true);
        page.evaluate(ASIDE);
        if (!(Boolean) page.evaluate("() => 'axe' in window")) {
            page.evaluate(AxeBuilder.getAxeScript());
        }
        List<String> findings = (List<String>) page.evaluate(AXE, LETTERS_SEEN.addAll(letters()));
        page.evaluate(BACK);
        page.evaluate(BARS, false);
        assertThat(findings).as(page.url()).isEmpty();
    }

    /** A woman of one's own, well, ten months after a birth. Walks share a studio: each uses a name of its own. */
    protected void keepAWoman(String name) {
        open("/people/new");
        page.getByLabel("Name", exactly()).fill(name);
        page.getByLabel("Year of birth").fill("1990");
        page.getByText("after birth", new Page.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("Born on").fill(TestDay.TODAY.minusDays(300).toString());
        page.getByLabel("Kind of birth").selectOption("VAGINAL");
        page.getByLabel("Previous births").fill("1");
        page.getByLabel("Tear").selectOption("NONE");
        page.getByLabel("Wound closed?").selectOption("YES");
        page.getByLabel("Given on").fill(TestDay.TODAY.minusDays(240).toString());
        page.getByLabel("by", exactly()).fill("family doctor");
        page.getByRole(AriaRole.BUTTON, named("Save").setExact(true)).click();
        assertThat(page.locator(".strip")).containsText(name);
    }

    /** The place is written by the runner itself: once it stands there, the runner hears keys. */
    protected void teaching() {
        assertThat(page.locator("#place")).containsText("1 of ");
        page.waitForLoadState();
    }

    protected Locator heading(String name) {
        return page.getByRole(AriaRole.HEADING, named(name)).first();
    }

    protected Locator link(String name) {
        return page.getByRole(AriaRole.LINK, named(name)).first();
    }

    protected static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    protected static Page.GetByLabelOptions exactly() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    protected static Locator.GetByTextOptions exactText() {
        return new Locator.GetByTextOptions().setExact(true);
    }
}
